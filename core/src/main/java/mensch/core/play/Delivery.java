package mensch.core.play;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mensch.core.convention.RouteLimits;
import mensch.core.document.RefusedException;
import mensch.core.geometry.Point;
import mensch.core.rung.View;
import org.jspecify.annotations.Nullable;

/**
 * How the ball comes out: from where, after which fake, behind whom, to whom first.
 *
 * @param from the place he throws from, by rule when the play says nothing
 * @param fake the run it looks like first, or null
 * @param protection id of the protection it is thrown behind, or null when any will do
 * @param progression whom the quarterback looks for, in order
 * @param screen linemen who let the rush go and lead the ball
 */
public record Delivery(
        Launch launch,
        Optional<Behind> from,
        @Nullable Fake fake,
        @Nullable String protection,
        List<Who> progression,
        List<Who> screen) {

    /** Where the quarterback throws from. */
    public enum Launch {
        /** Where he sets up. */
        SET("set"),
        /** He goes to the play side after a fake, with nobody in front of him. */
        BOOT("boot"),
        /** He goes to the play side at once, behind his blockers. */
        SPRINT("sprint");

        private final String words;

        Launch(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** In a sentence: it is thrown from there. */
        public String said() {
            return switch (this) {
                case SET -> "where he sets up";
                case BOOT -> "a boot to the play side";
                case SPRINT -> "a sprint to the play side";
            };
        }

        static Launch of(String words) {
            return Arrays.stream(values())
                    .filter(l -> l.words.equals(words))
                    .findFirst()
                    .orElseThrow(() -> new RefusedException(
                            "\"" + words + "\" is no place to throw from; say set, boot or sprint"));
        }
    }

    /** A run that is shown and not run; {@code other} when it goes away from the play side. */
    public record Fake(Run run, boolean other) {
        /** Until when it looks like that run, seconds after the snap: he has, or has not, given the ball. */
        public double until(View view) {
            return run.meshSeconds(view);
        }
    }

    /**
     * Where the ball leaves the hand, play frame: where the play says, else behind the ball, or out to the play side on
     * a boot or sprint.
     *
     * @param play the sign of the play side
     * @param under whether the quarterback takes the snap under centre
     */
    public Point from(RouteLimits.Passer passer, int play, boolean under) {
        if (from.isPresent()) {
            return from.get().at(play);
        }
        return launch == Launch.SET
                ? new Point(0, -(under ? passer.under() : passer.gun()))
                : new Behind(passer.rollAcross(), passer.rollDeep()).at(play);
    }

    public Delivery {
        progression = List.copyOf(progression);
        screen = List.copyOf(screen);
    }

    /** Thrown from the pocket, no fake. */
    static Delivery plain(List<Who> progression) {
        return new Delivery(Launch.SET, Optional.empty(), null, null, progression, List.of());
    }
}
