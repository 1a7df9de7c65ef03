package mensch.core.audit;

import java.util.EnumSet;
import java.util.Set;
import mensch.core.rung.Part;

/**
 * What can be found, described by the check that finds it.
 *
 * @param id the same string in tests, API and screen
 * @param rule the rule of the audit it breaks
 * @param reads the parts of a job it hangs on: while one of them is not known, its rule cannot be answered
 * @param needs what must be told before its rule can be answered
 * @param smallSided whether it is asked of small-sided football
 */
public record CheckId(String id, Rule rule, Set<Part> reads, Set<Need> needs, boolean smallSided) {

    /** What a subject may lack. */
    public enum Need {
        RUNS("no runs are told"),
        OPTIONS("no run-pass options are told"),
        PROTECTIONS("no protections are told"),
        PLAN("no other call of the plan is told");

        private final String missing;

        Need(String missing) {
            this.missing = missing;
        }

        String missing() {
            return missing;
        }

        boolean met(Subject subject) {
            return switch (this) {
                case RUNS -> !subject.plays().runs().isEmpty();
                case OPTIONS -> !subject.plays().options().isEmpty();
                case PROTECTIONS -> !subject.plays().protections().isEmpty();
                case PLAN -> !subject.plan().isEmpty();
            };
        }
    }

    public CheckId {
        reads = Set.copyOf(reads);
        needs = Set.copyOf(needs);
    }

    static CheckId of(String id, Rule rule, Part... reads) {
        Set<Part> parts = EnumSet.noneOf(Part.class);
        parts.addAll(Set.of(reads));
        return new CheckId(id, rule, parts, Set.of(), false);
    }

    CheckId needing(Need need) {
        return new CheckId(id, rule, reads, Set.of(need), smallSided);
    }

    CheckId smallSidedToo() {
        return new CheckId(id, rule, reads, needs, true);
    }
}
