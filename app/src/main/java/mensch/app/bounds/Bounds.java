package mensch.app.bounds;

/** The most that a request may hold. A coach never meets these; a broken or hostile client does. */
public final class Bounds {
    /** Characters of a name that somebody gives, or of an id. */
    public static final int NAME = 80;
    /** Characters of a sentence of the rung language. */
    public static final int SENTENCE = 600;
    /** Characters of a note or a reason. */
    public static final int NOTE = 400;
    /** Characters of a rung's address, document/seat/name. */
    public static final int RUNG = 3 * NAME;
    /** Characters of a formation in the notation. */
    public static final int MEN = 400;
    /** Unsaved sentences on top of a call. */
    public static final int EDITS = 200;
    /** Men put somewhere by hand. */
    public static final int HANDS = 22;
    /** Sets of edits that were offered as repairs before. */
    public static final int SEEN = 100;
    /** Layers of a call. */
    public static final int LAYERS = 30;
    /** Calls or formations named in one request. */
    public static final int LISTED = 500;
    /** Facets of one man on one play. */
    public static final int FACETS = 8;
    /** Clicks on known places, or on men, or moments, of one play on one reel. */
    public static final int CLICKS = 600;
    /** Points of one thing drawn over a picture. */
    public static final int STROKE = 400;
    /** Players of a roster, and lines of its chart. */
    public static final int PLAYERS = 400;
    /** Items of one page of a list that grows. */
    public static final int PAGE = 50;
    /** The last page anybody may ask for. */
    public static final int LAST_PAGE = 1_000_000;
    /** Settings chosen. */
    public static final int SETTINGS = 100;
    /** Figures measured by otherwise than they ship. */
    public static final int FIGURES = 1000;
    /** Documents of one import. */
    public static final int DOCUMENTS = 2000;
    /** Characters of an import. */
    public static final int IMPORT = 4_000_000;

    private Bounds() {}
}
