package mensch.core.audit;

import java.util.List;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.rung.Area;
import mensch.core.rung.Numbers;

/** Facts about who covers what: areas, lanes, deep parts, receivers. */
final class CoverageEvidence {
    private CoverageEvidence() {}

    /** A backer man to man on a man split out. */
    record Mismatch(Job job, String man, String number) implements Evidence {
        @Override
        public About about() {
            return About.of("mismatch", job.id(), number);
        }

        @Override
        public String title() {
            return Said.names(List.of(job)) + " has " + man + " (" + number + ") man to man.";
        }

        @Override
        public String reason() {
            return "A backer on a man split out: look at size and speed before you call it.";
        }
    }

    record AreaUnowned(Side side, List<String> areas, int men) implements Evidence {
        @Override
        public About about() {
            return About.of("unowned", side.words(), String.join("+", areas));
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody drops to the " + String.join(" and ", areas) + " on the " + side.words() + ".";
        }

        @Override
        public String reason() {
            return men + (men == 1 ? " man is" : " men are")
                    + " underneath on that side for three areas: flat, curl, hook.";
        }
    }

    record EligibleAlone(String man, String number) implements Evidence {
        @Override
        public About about() {
            return About.of("alone", number);
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody has " + man + " (" + number + ").";
        }

        @Override
        public String reason() {
            return "No man job names him and no zone of this call covers where he stands.";
        }
    }

    /** One of two men who bracket a receiver is missing. */
    record HalfABracket(Job job, String man, String number, boolean inside) implements Evidence {
        @Override
        public About about() {
            return About.of("half a bracket", man);
        }

        @Override
        public String title() {
            return "Half of the bracket on " + man + " (" + number + ") is missing.";
        }

        @Override
        public String reason() {
            return Said.names(List.of(job)) + " has only what goes "
                    + (inside
                            ? "in and deep; nobody has what stays short or goes out."
                            : "short or out; nobody has what goes in and deep.")
                    + " Give the other half, or let him have the man everywhere.";
        }
    }

    /** A man who neither rushes nor covers. */
    record NothingToDo(Job job) implements Evidence {
        @Override
        public About about() {
            return About.of("nothing", job.id());
        }

        @Override
        public String title() {
            return Said.names(List.of(job)) + " has nothing to do against the pass.";
        }

        @Override
        public String reason() {
            return "He neither rushes nor covers, so the others are one short; give him a rush lane, an area or a man.";
        }
    }

    /** A goal-line lane without a man. */
    record LaneUnowned(Area lane) implements Evidence {
        @Override
        public About about() {
            return About.of("lane", lane.words());
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody has " + lane.words() + ".";
        }

        @Override
        public String reason() {
            return "Seven lanes want seven men, counted from the sideline away from the passing strength; an in-breaking "
                    + "route is taken by the next lane, and there is none.";
        }
    }

    /** Two men told one deep part, or one lane. */
    record OnePart(List<Job> men, String area) implements Evidence {
        @Override
        public About about() {
            return About.of("one part", About.men(men), area);
        }

        @Override
        public String title() {
            return "Two men, one " + area + ": " + Said.names(men) + ".";
        }

        @Override
        public String reason() {
            return "One of them is missing elsewhere.";
        }
    }

    record OneLandmark(Job first, Job second, double apart) implements Evidence {
        @Override
        public About about() {
            return About.of("one landmark", About.men(List.of(first, second)));
        }

        @Override
        public String title() {
            return "Two men, one landmark: " + Said.names(List.of(first, second)) + ".";
        }

        @Override
        public String reason() {
            return "They drop to points " + Numbers.tenth(apart)
                    + " yd apart at the same level; choose another rule for one of them.";
        }
    }

    record AcrossTheBall(Job job, double yards) implements Evidence {
        @Override
        public About about() {
            return About.of("across", job.id());
        }

        @Override
        public String title() {
            return Said.names(List.of(job)) + " drops across the ball.";
        }

        @Override
        public String reason() {
            return "His landmark lies " + Numbers.tenth(yards) + " yd to the other side of where he stands.";
        }
    }
}
