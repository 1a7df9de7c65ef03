package mensch.core.simulation;

import mensch.core.geometry.Point;
import org.jspecify.annotations.Nullable;

/**
 * Something that happened.
 *
 * @param what what it was
 * @param who whose doing
 * @param whom to whom, or null
 * @param tick when, in ticks of 0.05 s after the snap
 * @param place where, play frame
 * @param said more of it, for a message: what was shown; empty when there is nothing more
 */
public record Happening(What what, String who, @Nullable String whom, int tick, Point place, String said) {
    /** What can happen. */
    public enum What {
        BALL_MOVES("ball moves"),
        KEY_SHOWS("sees"),
        TOLD("acts on"),
        CONTACT("blocks"),
        SEALED("is sealed by"),
        CLIMBS("climbs to"),
        SHED("sheds"),
        HANDED_OFF("has the ball from"),
        BALL_PULLED("keeps it and reads"),
        PITCHED("pitches to"),
        BACK_COMMITS("commits"),
        LINE_CROSSED("crosses the line"),
        FAKED("fakes the hand-off to"),
        LOOKS_AT("looks at"),
        IN_THE_WAY("is in the way of"),
        PRESSED("holds up"),
        HURRIED("hurries"),
        THROWN("throws to"),
        CAUGHT("catches it from"),
        OFF_TARGET("misses"),
        DROPPED("does not hold it"),
        DEFENDED("does not get it past"),
        TIPPED("breaks up the throw to"),
        INTERCEPTED("intercepts the throw to"),
        THROWN_AWAY("throws it away"),
        SCRAMBLES("runs"),
        SACKED("sacks"),
        MISSED("misses"),
        TACKLE("tackles"),
        OUT_OF_BOUNDS("is out of bounds"),
        SCORES("scores");

        private final String words;

        What(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Seconds after the snap. */
    public double seconds() {
        return Clock.seconds(tick);
    }

    Happening mirror() {
        return new Happening(what, who, whom, tick, place.mirror(), said);
    }
}
