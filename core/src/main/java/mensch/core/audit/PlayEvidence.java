package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.matchup.Conflict;
import mensch.core.matchup.Pressure;
import mensch.core.play.BallPath;
import mensch.core.rung.Numbers;
import org.jspecify.annotations.Nullable;

/** Facts behind findings that need a play, a protection or another call of the plan. */
final class PlayEvidence {
    private PlayEvidence() {}

    static String name(Job job) {
        return job.words();
    }

    /** Fewer men near the run than it has blockers and a runner. */
    record Outnumbered(int support, int blockers, boolean quarterbackRuns, List<Job> men) implements Evidence {
        @Override
        public About about() {
            return About.of("outnumbered");
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return support < blockers ? "Outnumbered in the run." : "Every man in the run can be blocked.";
        }

        @Override
        public String reason() {
            return blockers + " can block" + (quarterbackRuns ? ", the quarterback runs too" : "") + "; " + support
                    + " are in the box or force beside it, " + (blockers + 1 + (quarterbackRuns ? 1 : 0))
                    + " would leave one free.";
        }
    }

    /** Gaps that arrive with the play and find nobody. */
    record ShortAtTheEdge(Side side, List<String> runs, int gaps, int men, List<Job> exchange) implements Evidence {
        @Override
        public About about() {
            return About.of("short", side.words());
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return runs.get(0) + " is one gap too many on the " + side.words() + ".";
        }

        @Override
        public String reason() {
            return gaps + " gaps after its blockers arrive, " + men + " men fit there"
                    + (exchange.isEmpty() ? "" : ", " + Said.names(exchange) + " come over") + "."
                    + (runs.size() > 1 ? " Also " + String.join(", ", runs.subList(1, runs.size())) + "." : "");
        }
    }

    /** A leverage without the help it leans on. */
    record NoHelp(Job job, String man) implements Evidence {
        @Override
        public About about() {
            return About.of("no help", job.id());
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return name(job) + " gives the inside away.";
        }

        @Override
        public String reason() {
            return "He has " + man + " from outside, and nobody helps inside or behind.";
        }
    }

    /** Two men in man coverage on receivers who can cross in front of each other. */
    record PickExposure(Job first, Job second, Side side, boolean bunch, double yards) implements Evidence {
        @Override
        public About about() {
            return About.of("pick", About.men(List.of(first, second)), side.words());
        }

        @Override
        public String title() {
            return name(first) + " and " + name(second) + " can be picked on the " + side.words() + ".";
        }

        @Override
        public String reason() {
            return "Man to man on a " + (bunch ? "bunch" : "stack") + ", " + Numbers.tenth(yards)
                    + " yd apart in depth: a chaser runs into the other man. Stand at two depths, or let zone take it.";
        }
    }

    /** Another receiver on a man's way. */
    record RubRisk(Job job, String by, String play, double yards, double seconds) {}

    /** Two jobs at one time. */
    record TwoJobs(Job man, Conflict.Demand run, Conflict.Demand pass, Conflict conflict, List<String> also)
            implements Evidence {
        @Override
        public About about() {
            return About.of("two jobs", man.id());
        }

        @Override
        public String title() {
            return name(man) + " is in conflict on " + conflict.name() + " to the "
                    + conflict.play().words() + ".";
        }

        @Override
        public String reason() {
            return "Run: " + run.words() + " from "
                    + seconds(run.from()) + " to "
                    + seconds(run.to()) + "; pass: "
                    + pass.words() + " from "
                    + seconds(pass.from()) + " to "
                    + seconds(pass.to()) + ": both for " + seconds(conflict.overlap())
                    + ". Let him wait in the window, or give one of the two to another man."
                    + (also.isEmpty() ? "" : " Also " + String.join(", ", also) + ".");
        }

        /** Every play on which he is asked both, the worst first. */
        List<String> plays() {
            var plays = new ArrayList<String>();
            plays.add(conflict.name());
            plays.addAll(also);
            return plays;
        }

        private static String seconds(double s) {
            return Numbers.tenth(s) + " s";
        }
    }

    /** A way of the ball that nobody has. */
    record BallPathOpen(String play, Side side, BallPath path, String owned) implements Evidence {
        @Override
        public About about() {
            return About.of("open", play, side.words(), path.name());
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody has the " + path.words() + " on " + play + " to the " + side.words() + ".";
        }

        @Override
        public String reason() {
            return (owned.isEmpty() ? "No man is left for it" : "The others are taken: " + owned)
                    + ". Give a man dive, quarterback or pitch as his run job.";
        }
    }

    /** A rush that leaves the quarterback a way out. */
    record NoContain(Side side, List<Job> rushers) implements Evidence {
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
            return "Nobody keeps the quarterback in on the " + side.words() + ".";
        }

        @Override
        public String reason() {
            return rushers.size() + " rush, none of them outside there: " + Said.names(rushers) + ".";
        }
    }

    /** What a pressure leaves open underneath. */
    record WindowOpen(
            List<Pressure.Window> windows,
            double freeSeconds,
            boolean free,
            @Nullable String conceded) implements Evidence {
        @Override
        public About about() {
            return About.of(
                    "window",
                    windows.stream().map(w -> w.area() + " " + w.side().words()).collect(Collectors.joining("+")));
        }

        @Override
        public String title() {
            return "The pressure leaves "
                    + windows.stream()
                            .map(w -> "the " + w.area() + " on the " + w.side().words())
                            .collect(Collectors.joining(" and "))
                    + ".";
        }

        @Override
        public String reason() {
            return (free
                            ? "A free man is at the quarterback in "
                            : "Nobody is free against six; the quickest is there in ")
                    + Numbers.words(freeSeconds) + " s; a quick throw leaves before that"
                    + (conceded == null ? "." : ": it gives " + conceded + ".");
        }
    }

    /** Routes of a receiver that nobody has. */
    record RoutesOpen(String man, List<String> what) implements Evidence {
        @Override
        public About about() {
            return About.of("nobody", man);
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody has " + what.get(0) + ".";
        }

        @Override
        public String reason() {
            return "No man who is told so can be there by the throw"
                    + (what.size() > 1 ? ". Also " + Said.few(what.subList(1, what.size())) : "") + ".";
        }
    }

    /** Two men on one route while another is nobody's. */
    record TwoOnOne(String route, List<Job> men, String open) implements Evidence {
        @Override
        public About about() {
            return About.of("two on one", About.men(men));
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return Said.names(men) + " both have " + route + ".";
        }

        @Override
        public String reason() {
            return "And nobody has " + open + ": one of them must not wait there too.";
        }
    }
}
