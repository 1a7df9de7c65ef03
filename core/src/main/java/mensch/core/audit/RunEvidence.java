package mensch.core.audit;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.geometry.Side;
import mensch.core.lineup.GapLedger.Row;
import mensch.core.lineup.Job;
import mensch.core.rung.Gap;
import mensch.core.rung.Numbers;

/** Facts behind findings about gaps, edges and the rush. */
final class RunEvidence {
    private RunEvidence() {}

    record NoOwner(Row row, boolean empty) implements Evidence {
        @Override
        public About about() {
            return About.of("nobody", row.gap().words());
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody has the " + row.said() + ".";
        }

        @Override
        public String reason() {
            return "No run job of this call names it"
                    + (empty ? "; against empty the quarterback is the only runner." : ".");
        }
    }

    record TwoOwners(Row row, List<Job> owners) implements Evidence {
        @Override
        public About about() {
            return About.of("two", row.gap().words());
        }

        @Override
        public String title() {
            return owners.size() + " men have the " + row.said() + ".";
        }

        @Override
        public String reason() {
            return Said.names(owners) + " are all told to take it; one of them is missing elsewhere.";
        }
    }

    record OutsideHisForce(Job job, Row row, Job force, double yards) implements Evidence {
        @Override
        public About about() {
            return About.of("outside his force", job.id());
        }

        @Override
        public String title() {
            return Said.names(List.of(job)) + " stands outside his force man.";
        }

        @Override
        public String reason() {
            return "The " + row.said() + " is his and " + Said.names(List.of(force))
                    + ", who turns the ball in, stands " + Numbers.tenth(yards)
                    + " yd inside him: they change places, or jobs.";
        }
    }

    record OnlyTwoGappers(List<Row> rows, List<Job> men) implements Evidence {
        @Override
        public About about() {
            return About.of(
                    "two-gappers",
                    About.men(men),
                    rows.stream().map(r -> r.gap().words()).collect(Collectors.joining("+")));
        }

        @Override
        public String title() {
            return Said.names(men) + (men.size() == 1 ? " two-gaps." : " two-gap.");
        }

        @Override
        public String reason() {
            return Said.each(
                            men,
                            m -> m.words() + " answers for the "
                                    + Said.and(rows.stream()
                                            .filter(r -> r.twoGappers().contains(m))
                                            .map(Row::said)
                                            .toList()))
                    + "; the nearest backer fills what he gives up.";
        }
    }

    record GapNotThere(Job job, String gap) implements Evidence {
        @Override
        public About about() {
            return About.of("not there", job.id(), gap);
        }

        @Override
        public String title() {
            return Said.names(List.of(job)) + " is told a gap that is not there.";
        }

        @Override
        public String reason() {
            return "His " + gap + " needs one more man on that surface.";
        }
    }

    /** Before the movement one man's gap, after it another's. */
    record GapExchanged(Job job, Gap from, Gap to, List<Job> now) {}

    record NoForce(Side side) implements Evidence {
        @Override
        public About about() {
            return About.of("nobody", side.words());
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody is force on the " + side.words() + ".";
        }

        @Override
        public String reason() {
            return "No run job turns the ball back in there; a run outside is free.";
        }
    }

    /** How many come is not what the call says. */
    record RushCountOff(int asked, List<Job> rushers) implements Evidence {
        @Override
        public About about() {
            return About.of("another count");
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return rushers.size() + " rush, the pressure says " + asked + ".";
        }

        @Override
        public String reason() {
            return Said.names(rushers) + " rush against this formation.";
        }
    }

    /** A zone pressure whose middle nobody replaces: the hot throw is there. */
    record NobodyInTheMiddle(int rushers) implements Evidence {
        @Override
        public About about() {
            return About.of("middle");
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody replaces the middle.";
        }

        @Override
        public String reason() {
            return rushers + " rush and nobody drops to a hook or the middle: the hot throw inside is open.";
        }
    }

    record TwoForces(Side side, List<Job> forces, List<String> from) implements Evidence {
        @Override
        public About about() {
            return About.of("two", side.words());
        }

        @Override
        public String title() {
            return forces.size() + " men are force on the " + side.words() + ".";
        }

        @Override
        public String reason() {
            return String.join(", ", from) + ": all keep the outside arm free, and the lane inside them is left.";
        }
    }

    /** Men who are told nothing for a run; a corner may be, he stays with his receiver. */
    record NothingOnARun(List<Job> jobs) implements Evidence {
        @Override
        public About about() {
            return About.of("nothing on a run", About.men(jobs));
        }

        @Override
        public String title() {
            return Said.names(jobs) + (jobs.size() == 1 ? " has" : " have") + " nothing to do on a run.";
        }

        @Override
        public String reason() {
            return "Told none: the alley, the cut-back or the quarterback is left to somebody who is told something else.";
        }
    }
}
