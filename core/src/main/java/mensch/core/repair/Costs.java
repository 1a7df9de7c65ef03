package mensch.core.repair;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.core.audit.Finding;
import mensch.core.audit.FindingKey;
import mensch.core.audit.Severity;

/** What a change costs: findings that were not there before. */
final class Costs {
    private Costs() {}

    static Set<FindingKey> keys(List<Finding> findings) {
        return findings.stream().map(Finding::key).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Those that are not facts and were not there. */
    static List<Finding> of(List<Finding> is, Set<FindingKey> was) {
        return is.stream()
                .filter(f -> f.severity() != Severity.FACT && !was.contains(f.key()))
                .toList();
    }

    static long weak(List<Finding> findings) {
        return findings.stream().filter(f -> f.severity() == Severity.WEAK).count();
    }

    /** A bust, or a job that its man cannot do: no change is worth it. */
    static boolean breaks(Finding finding) {
        return finding.severity() == Severity.BUST
                || finding.severity().mendable() && finding.evidence().impossible();
    }
}
