package mensch.core.audit;

import java.util.List;

/** The answer to one rule, with the facts behind it. */
public sealed interface Verdict {

    Rule rule();

    /** Findings when it breaks, else none. */
    default List<Finding> findings() {
        return List.of();
    }

    /** Nothing against it; {@code evidence} is what was counted. */
    record Holds(Rule rule, Evidence evidence) implements Verdict {}

    /** What breaks it, worst first. */
    record Breaks(Rule rule, List<Finding> findings) implements Verdict {
        public Breaks {
            findings = List.copyOf(findings);
        }

        /** The worst of its findings. */
        public Severity severity() {
            return findings.get(0).severity();
        }
    }

    /** The answer hangs on something that is not known. */
    record CannotTell(Rule rule, String missing) implements Verdict {}
}
