package mensch.core.formation;

/**
 * A fact about the offence or the spot that a rung may ask for. Side features are held once per side, the others once.
 */
public enum Feature {
    TIGHT_END("tight end", true),
    WING("wing", true),
    H_BACK("H-back", true),
    NUB("nub", true),
    BUNCH("bunch", true),
    STACK("stack", true),
    SLOT("slot", true),
    WIDE_SLOT("wide slot", true),
    OPEN_TRIPS("open trips", true),
    REDUCED("reduced split", true),
    PLUS("plus split", true),
    VERY_WIDE("very wide split", true),
    RECEIVERS_1("1 or more receivers", true),
    RECEIVERS_2("2 or more receivers", true),
    RECEIVERS_3("3 or more receivers", true),
    RECEIVERS_4("4 or more receivers", true),
    SURFACE_3("surface of 3 or more", true),
    SURFACE_4("surface of 4 or more", true),
    SURFACE_5("surface of 5 or more", true),
    BACK_HERE("back", true),
    RUN_STRENGTH("run strength", true),
    PASS_STRENGTH("pass strength", true),
    FIELD("field", true),
    BOUNDARY("boundary", true),
    BACK_SIDE("back side", true),
    MOTION_TO("motion to", true),
    MOTION_FROM("motion from", true),
    DECLARED("declared", true),
    UNBALANCED("unbalanced", true),
    /** A man of the five who stands away from the others. */
    DETACHED_LINEMAN("detached lineman", true),

    /** Somebody else than the quarterback takes the snap. */
    DIRECT_SNAP("direct snap", false),
    UNDER_CENTRE("under centre", false),
    GUN("gun", false),
    PISTOL("pistol", false),
    I("I", false),
    SPLIT_BACKS("split backs", false),
    BACK_BEHIND("back behind", false),
    ONE_BACK("one back", false),
    TWO_BACKS("two backs", false),
    THREE_BACKS("three backs", false),
    EMPTY("empty", false),
    ONE_END("one end", false),
    TWO_ENDS("two ends", false),
    THREE_ENDS("three ends", false),
    MOTION_SHORT("motion short", false),
    MOTION_ACROSS("motion across", false),
    MOTION_TRADE("motion trade", false),
    MOTION_BACK("motion back", false),
    MOTION_EXIT("motion exit", false),
    MOTION_SHIFT("motion shift", false),
    MOTION_JET("motion jet", false),
    MOTION_ORBIT("motion orbit", false),
    MOTION_RETURN("motion return", false),
    SHORT("short", false),
    MEDIUM("medium", false),
    LONG("long", false),
    VERY_LONG("very long", false),
    BACKED_UP("backed up", false),
    OPEN_FIELD("open field", false),
    RED_ZONE("red zone", false),
    INSIDE_10("inside 10", false),
    GOAL_LINE("goal line", false),
    /** Flag, five to seven a side. */
    SMALL_SIDED("small-sided", false);

    private final String words;
    private final boolean bySide;

    Feature(String words, boolean bySide) {
        this.words = words;
        this.bySide = bySide;
    }

    public String words() {
        return words;
    }

    public boolean bySide() {
        return bySide;
    }

    long bit() {
        return 1L << ordinal();
    }

    /** {@code n} or more receivers on a side, n from 1 to 4. */
    public static Feature receiversAtLeast(int n) {
        return switch (n) {
            case 1 -> RECEIVERS_1;
            case 2 -> RECEIVERS_2;
            case 3 -> RECEIVERS_3;
            case 4 -> RECEIVERS_4;
            default -> throw new IllegalArgumentException("receivers on a side are counted from 1 to 4, not " + n);
        };
    }

    /** A surface of {@code n} or more men beyond the centre, n from 3 to 5 (two always stand there). */
    public static Feature surfaceAtLeast(int n) {
        return switch (n) {
            case 3 -> SURFACE_3;
            case 4 -> SURFACE_4;
            case 5 -> SURFACE_5;
            default -> throw new IllegalArgumentException("a surface is counted from 3 to 5, not " + n);
        };
    }
}
