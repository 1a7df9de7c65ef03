package mensch.core.matchup;

import mensch.core.formation.Man;
import mensch.core.lineup.Job;
import org.jspecify.annotations.Nullable;

/**
 * What one man does in a protection.
 *
 * @param rusher whom he has, or null when nobody comes to him: he helps a neighbour
 * @param how what he was told: his gap, his man, the edge
 * @param twist whether his man comes in a twist with another rusher's, and what that asks
 */
public record Pickup(Man blocker, @Nullable Job rusher, How how, Twist twist) {

    /** What a protector is told. */
    public enum How {
        GAP("the gap the line slides to"),
        MAN("man on man"),
        BACKER("the backer who comes, inside first"),
        EDGE("the edge"),
        HINGE("hinges");

        private final String words;

        How(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Two rushers who change places in front of two protectors. */
    public enum Twist {
        NONE(""),
        /** Who slides has a gap and takes whoever comes through it. */
        IN_HIS_GAP("a twist comes into his gap"),
        /** Two neighbours man on man pass the two on. */
        PASSED("passes the twist on to his neighbour"),
        /** No neighbour to pass him to: he has to run with his man behind the others. */
        CARRIED("must run with the twist, nobody beside him to pass it to");

        private final String words;

        Twist(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
