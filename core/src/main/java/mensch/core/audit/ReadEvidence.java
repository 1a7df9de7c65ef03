package mensch.core.audit;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.geometry.Side;
import mensch.core.matchup.Reacted.Turn;

/** Facts behind findings about what read tables make of a line-up on a play. */
final class ReadEvidence {
    private ReadEvidence() {}

    private static String rows(List<Turn> turns) {
        return Said.each(turns, t -> t.job().words() + " (row " + t.words() + ")");
    }

    private static About about(String what, Side side, List<Turn> turns) {
        return About.of(
                what,
                side.words(),
                turns.stream().map(t -> t.job().id()).sorted().collect(Collectors.joining("+")),
                turns.stream().map(t -> t.shown().message().words()).sorted().collect(Collectors.joining("+")));
    }

    /** The force man's row takes him inside and nobody is outside him. */
    record EdgeLeft(Side side, List<Turn> turns, List<String> plays) implements Evidence {
        @Override
        public About about() {
            return ReadEvidence.about("edge left", side, turns);
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "A read takes the force off the " + side.words() + ".";
        }

        @Override
        public String reason() {
            return "On " + Said.few(plays) + ": " + rows(turns)
                    + ". Nobody is force outside him then; let him box it, or name another force man.";
        }
    }

    /** Whoever should stay out for the quarterback is taken inside by his row. */
    record BootLeft(Side side, List<Turn> turns, List<String> plays) implements Evidence {
        @Override
        public About about() {
            return ReadEvidence.about("boot left", side, turns);
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody stays out for the boot on the " + side.words() + ".";
        }

        @Override
        public String reason() {
            return "When the ball goes away, as on " + Said.few(plays) + ": " + rows(turns)
                    + ". A boot or a reverse comes back to an empty edge.";
        }
    }

    /** Rows take men away from where the play goes. */
    record GapsLeft(Side side, List<Turn> turns, int missing, List<String> plays) implements Evidence {
        @Override
        public About about() {
            return ReadEvidence.about("gaps left", side, turns);
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return Said.names(turns.stream().map(Turn::job).toList()) + " read" + (turns.size() == 1 ? "s" : "")
                    + " away from " + plays.get(0) + ".";
        }

        @Override
        public String reason() {
            return rows(turns) + ". Then " + missing + (missing == 1 ? " gap has" : " gaps have")
                    + " nobody on the play side"
                    + (plays.size() > 1 ? "; also on " + Said.few(plays.subList(1, plays.size())) : "") + ".";
        }
    }

    /** Keys that lie: a fake brings all deep men up. */
    record DeepLeft(List<Turn> turns, List<String> plays) implements Evidence {
        @Override
        public About about() {
            return ReadEvidence.about("deep left", Side.LEFT, turns);
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Play action brings every deep man up.";
        }

        @Override
        public String reason() {
            return "On " + Said.few(plays) + ": " + rows(turns)
                    + ". Their keys stay in and block; only the ball tells them. Who is deepest stays a count longer.";
        }
    }
}
