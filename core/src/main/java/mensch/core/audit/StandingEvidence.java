package mensch.core.audit;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger.Under;
import mensch.core.lineup.Job;
import mensch.core.rung.Numbers;

/**
 * Standing facts of a call: what it gives by design, and what it leans on. One sentence a cause; a coach knows them and
 * changes nothing because of them.
 */
final class StandingEvidence {
    private StandingEvidence() {}

    /** Sides on which fewer than three are underneath. */
    record Shared(List<Under> sides) implements Evidence {
        @Override
        public About about() {
            return About.of("shared");
        }

        @Override
        public String title() {
            return "Underneath "
                    + Said.and(sides.stream()
                            .map(u -> (u.men().size() == 1 ? "one" : "two") + " for three on the "
                                    + u.side().words())
                            .toList())
                    + ".";
        }

        @Override
        public String reason() {
            return sides.stream()
                            .map(u -> "On the " + u.side().words() + " " + Said.names(u.men())
                                    + (u.men().size() == 1
                                            ? " has flat, curl and hook"
                                            : " share flat, curl and hook: " + how(u)))
                            .collect(Collectors.joining(". "))
                    + ".";
        }

        private static String how(Under under) {
            return under.shared().isEmpty()
                    ? "one of them has two areas, one man short there"
                    : "the " + Said.and(under.shared()) + " is shared by two, inside and outside";
        }
    }

    /** Areas that the coverage gives. */
    record Conceded(List<Under> sides) implements Evidence {
        @Override
        public About about() {
            return About.of("conceded");
        }

        @Override
        public String title() {
            return "This coverage gives "
                    + Said.and(sides.stream()
                            .map(u -> "the " + Said.and(u.unowned()) + " on the "
                                    + u.side().words())
                            .toList())
                    + ".";
        }

        @Override
        public String reason() {
            return "By design: nobody drops there, and whoever is next breaks on the throw and tackles.";
        }
    }

    /** Men near the run against blockers, where the coverage leaves them fewer. */
    record LightBox(int support, int blockers, boolean quarterbackRuns) implements Evidence {
        @Override
        public About about() {
            return About.of("outnumbered");
        }

        @Override
        public String title() {
            return support < blockers ? "Light in the box by one." : "Every man in the run can be blocked.";
        }

        @Override
        public String reason() {
            return blockers + " can block" + (quarterbackRuns ? ", the quarterback runs too" : "") + "; " + support
                    + " are in the box or force beside it. The free man comes from the safeties.";
        }
    }

    /** Bodies that do not fit what the offence has on the field. */
    record Bodies(int backs, int backers, int split, int runners, boolean heavy) implements Evidence {
        @Override
        public About about() {
            return About.of("bodies");
        }

        @Override
        public String title() {
            return heavy ? "Heavy for this offence." : "Light for this offence.";
        }

        @Override
        public String reason() {
            return backers + (backers == 1 ? " backer and " : " backers and ") + backs + " backs against " + split
                    + " men split out and "
                    + (runners == 0 ? "no back" : runners == 1 ? "one back" : runners + " backs")
                    + (heavy
                            ? ": a backer covers a receiver; look at the nickel or dime call."
                            : ": a back plays a backer's gap; look at the base call.");
        }
    }

    /** A man of the line in coverage. */
    record LinemanDrops(Job job, String area, double depth, double deepest) implements Evidence {
        @Override
        public About about() {
            return About.of("drops", job.id());
        }

        @Override
        public String title() {
            return job.words() + (depth > deepest ? " is asked to drop too deep." : " drops.");
        }

        @Override
        public String reason() {
            return "A man of the line has the " + area + ", " + Numbers.words(depth) + " yd deep; he is asked "
                    + Numbers.words(deepest) + " at the most.";
        }
    }

    /** Force from so wide that a lane is left inside it. */
    record WideForce(Job job, Side side, double yards) implements Evidence {
        @Override
        public About about() {
            return About.of("wide", job.id());
        }

        @Override
        public String title() {
            return job.words() + " is force from " + Numbers.words(Math.round(yards)) + " yd outside.";
        }

        @Override
        public String reason() {
            return "A wide lane is left inside him on the " + side.words() + ": the next man inside runs it down.";
        }
    }
}
