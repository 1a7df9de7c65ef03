package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.matchup.Sights;

/** Keys that somebody stands before, threats that nobody reads. */
final class SightCheck implements Check {
    @Override
    public List<Finding> in(Subject subject) {
        Sights sights = subject.sights();
        var findings = new ArrayList<Finding>();
        for (Sights.Hidden one : sights.hidden()) {
            findings.add(new Finding(
                    CheckId.KEY,
                    one.only() ? Severity.WEAK : Severity.NOTE,
                    one.eyes(),
                    List.of(one.job()),
                    new PlayEvidence.KeyHidden(one.job(), one.key(), one.before(), one.only())));
        }
        if (!sights.unread().isEmpty()) {
            findings.add(new Finding(
                    CheckId.KEY,
                    Severity.NOTE,
                    sights.unread().get(0).feet(),
                    List.of(),
                    new PlayEvidence.Unread(sights.unread())));
        }
        return findings;
    }
}
