package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.event.Whose;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import mensch.core.matchup.Sights;
import mensch.core.rung.Key;
import mensch.core.rung.Part;

/** Keys that somebody stands before, threats that nobody reads. */
final class SightCheck implements Check {
    static final CheckId SECOND = CheckId.of("second-key", Rule.KEYS, Part.KEY, Part.READS);
    static final CheckId KEY = CheckId.of("key", Rule.KEYS, Part.KEY, Part.ALIGN);

    private static final Point BEHIND_THE_BALL = new Point(0, 6);

    @Override
    public List<CheckId> finds() {
        return List.of(KEY, SECOND);
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
        List<Job> one = subject.lineup().jobs().stream()
                .filter(SightCheck::secondMissing)
                .toList();
        if (!one.isEmpty()) {
            findings.add(new Finding(
                    SECOND, Severity.NOTE, one.get(0).feetOr(BEHIND_THE_BALL), one, new TellEvidence.NoSecondKey(one)));
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

    /** His table has rows for the man behind his key, and he is told one man to watch. */
    private static boolean secondMissing(Job job) {
        Key key = job.before().key().orNull();
        return key != null
                && key.men().size() == 1
                && job.after().reactions().stream().anyMatch(r -> r.whose() == Whose.SECOND && r.taught());
    }
}
