package mensch.app.film;

import org.jspecify.annotations.Nullable;

/**
 * A stretch or a moment of a play on a reel, as it is taken along and taken in.
 *
 * @param play by its number in the game
 * @param what {@link #CUT}, {@link #OPEN_CUT}, {@link #BALL_MOVES}, or a moment by its words
 * @param man job id of the defender whose moment it is; null for what is the play's
 * @param from seconds of the reel
 * @param to seconds of the reel; null of all but a cut
 */
record Cut(
        int play,
        String what,
        @Nullable String man,
        double from,
        @Nullable Double to) {
    static final String CUT = "cut";
    /** Whose end nobody marked: it lasts to the next. */
    static final String OPEN_CUT = "open cut";

    static final String BALL_MOVES = "ball moves";
}
