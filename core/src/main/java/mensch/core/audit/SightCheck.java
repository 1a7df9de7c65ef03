package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.matchup.Sights;
import mensch.core.rung.Part;

/** Keys that somebody stands before, threats that nobody reads. */
final class SightCheck implements Check {
    static final CheckId KEY = CheckId.of("key", Rule.KEYS, Part.KEY, Part.ALIGN);

    @Override
    public List<CheckId> finds() {
        return List.of(KEY);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Sights sights = subject.sights();
        var findings = new ArrayList<Finding>();
        for (Sights.Hidden one : sights.hidden()) {
            findings.add(new Finding(
                    KEY,
                    one.only() ? Severity.WEAK : Severity.NOTE,
                    one.eyes(),
                    List.of(one.job()),
                    new TellEvidence.KeyHidden(one.job(), one.key(), one.before(), one.only())));
        }
        if (!sights.unread().isEmpty()) {
            findings.add(new Finding(
                    KEY,
                    Severity.NOTE,
                    sights.unread().get(0).feet(),
                    List.of(),
                    new TellEvidence.Unread(sights.unread())));
        }
        return findings;
    }
}
