package mensch.core.audit;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.event.Whose;
import mensch.core.formation.Man;
import mensch.core.lineup.Job;
import mensch.core.matchup.Tells;
import mensch.core.rung.Numbers;

/** Facts behind findings about keys, what gives a call away, and what there is to know. */
final class TellEvidence {
    /** Men whose table asks for a second key and who are told one. */
    record NoSecondKey(List<Job> jobs) implements Evidence {
        @Override
        public About about() {
            return About.of("one key", About.men(jobs));
        }

        @Override
        public String title() {
            return Said.names(jobs) + (jobs.size() == 1 ? " watches" : " watch")
                    + " one man, and the table asks for two.";
        }

        @Override
        public String reason() {
            return Said.each(jobs, job -> Said.names(List.of(job)) + " never sees " + Said.and(seconds(job)))
                    + ". Name a second key, or another table.";
        }

        private static List<String> seconds(Job job) {
            return job.after().reactions().stream()
                    .filter(r -> r.whose() == Whose.SECOND && r.taught())
                    .map(r -> r.on().words())
                    .distinct()
                    .toList();
        }
    }

    private TellEvidence() {}

    /** A key behind somebody. */
    record KeyHidden(Job job, Man key, Man before, boolean only) implements Evidence {
        @Override
        public About about() {
            return About.of("hidden", job.id());
        }

        @Override
        public String title() {
            return PlayEvidence.name(job) + " cannot see " + key.name() + ".";
        }

        @Override
        public String reason() {
            return before.name() + " stands before his key" + (only ? ", and he has no second." : "; he has a second.");
        }
    }

    /** A threat nobody looks at. */
    record Unread(List<Man> men) implements Evidence {
        @Override
        public About about() {
            return About.of("unread", men.stream().map(Man::name).collect(Collectors.joining("+")));
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody reads " + men.stream().map(Man::name).collect(Collectors.joining(", ")) + ".";
        }

        @Override
        public String reason() {
            return "No key names " + (men.size() == 1 ? "him" : "them") + "; what "
                    + (men.size() == 1 ? "he shows" : "they show") + " is seen late.";
        }
    }

    /** Calls of the plan that look different before the snap, the plainest first. */
    record GivenAway(List<Tells.Pair> pairs) implements Evidence {
        private static final int NAMED = 3;

        @Override
        public About about() {
            return About.of("tell");
        }

        @Override
        public String title() {
            List<String> calls = pairs.stream().map(Tells.Pair::call).distinct().toList();
            List<String> who =
                    pairs.stream().map(GivenAway::who).distinct().limit(2).toList();
            return (who.size() == 1 ? who.get(0) + " tells" : "The picture tells") + " this from "
                    + (calls.size() > NAMED ? calls.size() + " calls of the plan" : Said.and(calls)) + ".";
        }

        private static String who(Tells.Pair pair) {
            Job by = pair.men() == 0 ? null : pair.by();
            Job stance = pair.stance();
            return by != null
                    ? PlayEvidence.name(by)
                    : stance != null ? PlayEvidence.name(stance) + "'s stance" : "A man";
        }

        @Override
        public String reason() {
            int more = pairs.size() - NAMED;
            return "Before the snap, " + Said.each(pairs.stream().limit(NAMED).toList(), GivenAway::apart)
                    + (more > 0 ? "; and " + more + " more" : "") + ".";
        }

        private static String apart(Tells.Pair pair) {
            return pair.call() + ": "
                    + (pair.men() == 0
                            ? "his stance differs"
                            : pair.men() + (pair.men() == 1 ? " man stands" : " men stand") + " elsewhere, " + who(pair)
                                    + " by " + Numbers.tenth(pair.yards()) + " yd")
                    + (pair.stance() != null && pair.men() > 0 ? ", and a stance differs" : "");
        }
    }

    /** More sentences than a role should have to know in one call. */
    record TooMuch(String role, int sentences, int limit) implements Evidence {
        @Override
        public About about() {
            return About.of("load", role);
        }

        @Override
        public String title() {
            return role + " has much to know.";
        }

        @Override
        public String reason() {
            return sentences + " sentences of this call can speak for him; from more than " + limit + " it is told.";
        }
    }
}
