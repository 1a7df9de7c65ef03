package mensch.core.stress;

import java.util.List;
import mensch.core.audit.Finding;
import mensch.core.audit.Severity;
import mensch.core.document.Worded;

/** How a call stands against one formation, over every phase asked. */
public enum Standing implements Worded {
    /** Nothing worse than a note in any phase. */
    HOLDS,
    /** Something is weak, nothing is a bust. */
    LEAKS,
    /** A bust in any phase. */
    BREAKS,
    /** Something the answer hangs on is not known. */
    UNKNOWN;

    static Standing of(List<Finding> findings) {
        if (has(findings, Severity.BUST)) {
            return BREAKS;
        }
        return has(findings, Severity.CANNOT_TELL) ? UNKNOWN : has(findings, Severity.WEAK) ? LEAKS : HOLDS;
    }

    private static boolean has(List<Finding> findings, Severity severity) {
        return findings.stream().anyMatch(f -> f.severity() == severity);
    }
}
