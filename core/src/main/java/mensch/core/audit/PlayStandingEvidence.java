package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.lineup.Job;
import mensch.core.matchup.PassRush;
import mensch.core.rung.Numbers;

/** Standing facts that only plays bring out: what a call gives by design when they are run at it. */
final class PlayStandingEvidence {
    private PlayStandingEvidence() {}

    /** Runs on which every block near the ball is an easy one. */
    record NobodyFree(List<String> runs) implements Evidence {
        @Override
        public About about() {
            return About.of("lost");
        }

        @Override
        public String title() {
            return "Nobody is free on " + (runs.size() == 1 ? runs.get(0) : runs.size() + " runs") + ".";
        }

        @Override
        public String reason() {
            return "Every block near the ball is an easy one and no free man is there in time: " + Said.few(runs) + ".";
        }
    }

    /** Passes whose quarterback is reached by a free man before he throws. */
    record RushBeatsThrow(List<PassRush> beaten) implements Evidence {
        @Override
        public About about() {
            return About.of("hot");
        }

        @Override
        public String title() {
            List<String> names =
                    beaten.stream().map(p -> p.pass().pass().name()).distinct().toList();
            return "A free man is there before "
                    + (names.size() == 1 ? names.get(0) + " is" : names.size() + " passes are") + " thrown.";
        }

        @Override
        public String reason() {
            return Said.each(first(), job -> {
                        List<PassRush> his = beaten.stream()
                                .filter(p -> p.first().filter(job::equals).isPresent())
                                .toList();
                        return Said.names(List.of(job)) + " at "
                                + Numbers.words(his.get(0).seconds()) + " s: "
                                + Said.few(
                                        his.stream().map(RushBeatsThrow::thrown).toList());
                    })
                    + ".";
        }

        List<Job> first() {
            return beaten.stream().flatMap(p -> p.first().stream()).distinct().toList();
        }

        private static String thrown(PassRush one) {
            return one.pass().pass().name() + " to the " + one.pass().play().words() + " ("
                    + Numbers.words(one.pass().pass().throwSeconds()) + " s"
                    + one.hot().map(hot -> ", hot the " + hot.what() + ")").orElse(")");
        }
    }

    /** A man who comes over when the puller takes his gap along. */
    record Over(Job job, List<String> runs) {}

    /** Who must come over, and on what. */
    record ComesOver(List<Over> men) implements Evidence {
        @Override
        public About about() {
            return About.of("must exchange");
        }

        @Override
        public String title() {
            return Said.names(men.stream().map(Over::job).toList()) + " must go over when a blocker leaves.";
        }

        @Override
        public String reason() {
            return "The gap goes with the puller, and the play side needs the man: "
                    + Said.each(men, o -> o.job().words() + " on " + Said.few(o.runs(), men.size()))
                    + ".";
        }
    }

    /** A man on whom two routes come. */
    record On(Job job, List<String> concepts, boolean deep) {}

    /** Concepts that put two routes on one man. */
    record TwoRoutes(List<On> men) implements Evidence {
        @Override
        public About about() {
            return About.of("two routes");
        }

        private List<On> on(boolean deep) {
            return men.stream().filter(o -> o.deep() == deep).toList();
        }

        @Override
        public String title() {
            List<On> deep = on(true);
            return (deep.isEmpty() ? "Two routes on one man underneath: " : "Two deep routes on ")
                    + Said.names(
                            (deep.isEmpty() ? men : deep).stream().map(On::job).toList()) + ".";
        }

        @Override
        public String reason() {
            String deep = told(on(true));
            String underneath = told(on(false));
            return "He can be on one of them; know which one the coverage gives: " + deep
                    + (deep.isEmpty() || underneath.isEmpty() ? "" : ". Underneath the same: ") + underneath + ".";
        }

        private static String told(List<On> men) {
            return Said.each(men, o -> o.job().words() + " on " + Said.few(o.concepts(), men.size()));
        }
    }

    /** Routes in a man's area that he cannot reach by the throw. */
    record Window(Job job, List<String> routes) {}

    /** What is told to somebody and given all the same: the ball is there first. */
    record Windows(List<Window> men) implements Evidence {
        @Override
        public About about() {
            return About.of("windows");
        }

        @Override
        public String title() {
            return "The ball is there before "
                    + Said.names(men.stream().map(Window::job).toList()) + ".";
        }

        @Override
        public String reason() {
            return "Nobody has these in time: "
                    + Said.each(men, w -> "in the area of " + w.job().words() + " " + Said.few(w.routes(), men.size()))
                    + ".";
        }
    }

    /** A leverage and the routes that break away from it. */
    record Beaten(Job job, String leverage, List<String> routes) {}

    /** What man coverage gives by its leverage. */
    record GivesByLeverage(List<Beaten> men) implements Evidence {
        @Override
        public About about() {
            return About.of("lost");
        }

        @Override
        public String title() {
            List<String> inside = by("inside");
            List<String> outside = by("outside");
            var parts = new ArrayList<String>();
            if (!inside.isEmpty()) {
                parts.add("breaks outward on " + Said.and(inside));
            }
            if (!outside.isEmpty()) {
                parts.add("breaks inward on " + Said.and(outside));
            }
            return "Man to man gives " + String.join(", ", parts) + ".";
        }

        private List<String> by(String leverage) {
            return men.stream()
                    .filter(b -> b.leverage().equals(leverage))
                    .map(b -> b.job().words())
                    .distinct()
                    .toList();
        }

        @Override
        public String reason() {
            return "The leverage takes the other way: "
                    + Said.each(
                            men, b -> b.job().words() + ", " + b.leverage() + ": " + Said.few(b.routes(), men.size()))
                    + ".";
        }
    }

    /** Men who run into another receiver, each at his plainest. */
    record Traffic(List<PlayEvidence.RubRisk> men) implements Evidence {
        @Override
        public About about() {
            return About.of("traffic");
        }

        @Override
        public String title() {
            return Said.names(men.stream().map(PlayEvidence.RubRisk::job).toList())
                    + (men.size() == 1 ? " runs" : " run") + " into traffic.";
        }

        @Override
        public String reason() {
            return Said.each(
                            men,
                            r -> r.job().words() + " on " + r.play() + ": " + r.by() + " is "
                                    + Numbers.tenth(r.yards()) + " yd from his way at "
                                    + Numbers.tenth(r.seconds()) + " s")
                    + ". Exchange the two, or go over the top.";
        }
    }

    /** Men asked two things for a moment. */
    record ShortConflicts(List<PlayEvidence.TwoJobs> men) implements Evidence {
        @Override
        public About about() {
            return About.of("two jobs for a moment");
        }

        @Override
        public String title() {
            return Said.names(men.stream().map(PlayEvidence.TwoJobs::man).toList())
                    + (men.size() == 1 ? " has" : " have") + " run and pass for a moment.";
        }

        @Override
        public String reason() {
            return Said.each(
                            men,
                            t -> t.man().words() + " for "
                                    + Numbers.tenth(t.conflict().overlap()) + " s on "
                                    + Said.few(t.plays()))
                    + ": pass first, then the run.";
        }
    }

    /** Who is alone with his man, and how far help is. */
    record Alone(Job job, String man, double yards) {}

    /** What happens when one man loses. */
    record OneOnOne(List<Alone> men, boolean none) implements Evidence {
        @Override
        public About about() {
            return About.of("alone");
        }

        @Override
        public String title() {
            return none
                    ? "Nobody is deep: " + men.size() + (men.size() == 1 ? " man is" : " men are")
                            + " alone with their receivers."
                    : Said.names(men.stream().map(Alone::job).toList()) + (men.size() == 1 ? " is" : " are")
                            + " alone far from help.";
        }

        @Override
        public String reason() {
            return Said.each(
                            men,
                            a -> a.job().words() + " on " + a.man()
                                    + (none ? "" : ", help " + Numbers.words(Math.round(a.yards())) + " yd away"))
                    + ". One missed tackle or one double move is a touchdown.";
        }
    }

    /** Gaps that the movement exchanges. */
    record Exchanged(List<RunEvidence.GapExchanged> gaps) implements Evidence {
        @Override
        public About about() {
            return About.of("exchanged");
        }

        @Override
        public String title() {
            return "The movement exchanges gaps: "
                    + Said.and(gaps.stream()
                            .map(g -> g.job().words() + " to the " + g.to().words())
                            .toList())
                    + ".";
        }

        @Override
        public String reason() {
            return Said.each(
                            gaps,
                            g -> "the " + g.from().words() + " that " + g.job().words() + " leaves is "
                                    + Said.names(g.now()) + "'s")
                    + ".";
        }
    }
}
