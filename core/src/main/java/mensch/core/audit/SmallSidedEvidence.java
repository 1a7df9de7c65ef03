package mensch.core.audit;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.lineup.Job;
import mensch.core.matchup.FlagRun;
import mensch.core.rung.Numbers;

/** Facts of small-sided football. */
final class SmallSidedEvidence {
    private SmallSidedEvidence() {}

    /** Rules of the eleven-man game that have no meaning here. */
    record NotSmallSided(List<Rule> rules) implements Evidence {
        @Override
        public About about() {
            return About.of("not asked");
        }

        @Override
        public String title() {
            return "Some rules of the audit do not apply to small-sided football.";
        }

        @Override
        public String reason() {
            return "Not asked: " + rules.stream().map(Rule::id).collect(Collectors.joining(", ")) + ".";
        }
    }

    /** Runs and who pulls the flag first. */
    record FirstPull(List<FlagRun> runs) implements Evidence {
        @Override
        public About about() {
            return About.of("first pull");
        }

        @Override
        public String title() {
            double most = runs.stream().mapToDouble(FlagRun::gain).max().orElse(0);
            return "Runs gain up to " + Numbers.words(Math.round(most)) + " yd before the first pull.";
        }

        @Override
        public String reason() {
            return Said.each(runs, FirstPull::said)
                    + " (model: the rusher starts at the snap; the up man, whose zone it is and who is not told to stay"
                    + " home at the hand-off; the others when the ball crosses).";
        }

        static String said(FlagRun run) {
            return run.run().name() + " to the " + run.play().words() + " "
                    + Numbers.words(Math.round(run.gain())) + " yd, "
                    + run.puller().map(Job::words).orElse("nobody");
        }
    }

    /** A run that goes past everybody but the last man. */
    record OnlyTheLastMan(FlagRun run, Job last) implements Evidence {
        @Override
        public About about() {
            return About.of("last man", run.run().id(), run.play().words());
        }

        @Override
        public String title() {
            return run.run().name() + " to the " + run.play().words() + " is left to the last man.";
        }

        @Override
        public String reason() {
            return FirstPull.said(run)
                    + ": nobody is at that edge before him; bring an outside man nearer, or the up man"
                    + " to that side.";
        }
    }

    /** A rusher inside the rush line. */
    record IllegalRusher(Job job, double depth, double rushLine) implements Evidence {
        @Override
        public About about() {
            return About.of("rush line", job.id());
        }

        @Override
        public String title() {
            return Said.names(List.of(job)) + " rushes from inside the rush line.";
        }

        @Override
        public String reason() {
            return "He stands " + Numbers.words(depth) + " yd off; a rusher needs " + Numbers.words(rushLine)
                    + " yd at the snap, and nearer he may not rush before a hand-off.";
        }
    }

    /** More rush than the league lets. */
    record TooManyRushers(List<Job> rushers, int allowed) implements Evidence {
        @Override
        public About about() {
            return About.of("too many");
        }

        @Override
        public String title() {
            return rushers.size() + " rush, the league lets " + allowed + ".";
        }

        @Override
        public String reason() {
            return Said.names(rushers) + " rush; keep " + allowed + " and give the others a zone.";
        }
    }

    /** A pressure without the man who rushes. */
    record NoNamedRusher(String call) implements Evidence {
        @Override
        public About about() {
            return About.of("no rusher");
        }

        @Override
        public String title() {
            return "The pressure names no rusher.";
        }

        @Override
        public String reason() {
            return call + " is incomplete: name the one man who rushes before the snap.";
        }
    }

    /** Man coverage among the young or uneven. */
    record ZoneAdvised(boolean young) implements Evidence {
        @Override
        public About about() {
            return About.of("zone advised");
        }

        @Override
        public String title() {
            return "Zone is advised here.";
        }

        @Override
        public String reason() {
            return (young ? "At this age" : "Without match-ups that were compared and found even")
                    + " man coverage is beaten by speed; choose zone, or compare the speeds first.";
        }
    }
}
