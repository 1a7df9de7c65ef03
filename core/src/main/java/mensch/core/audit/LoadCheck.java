package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.front.Role;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import mensch.core.matchup.TeachingLoad;

/** How many sentences of the call can speak for one role. */
final class LoadCheck implements Check {
    static final CheckId LOAD = CheckId.of("load", Rule.LOAD);

    @Override
    public List<CheckId> finds() {
        return List.of(LOAD);
    }

    @Override
    public Asked asked() {
        return Asked.AGAINST_PLAYS;
    }

    @Override
    public List<Finding> in(Subject subject) {
        var findings = new ArrayList<Finding>();
        int limit = subject.lineup().convention().limits().sentencesPerRole();
        for (Role role : subject.lineup().inForce().front().roles()) {
            int sentences = TeachingLoad.sentences(subject.lineup().inForce(), role);
            if (sentences > limit) {
                List<Job> men = subject.lineup().jobs().stream()
                        .filter(j -> j.role().equals(role))
                        .toList();
                Point at = men.isEmpty() || men.get(0).feet() == null
                        ? new Point(0, 6)
                        : men.get(0).feet();
                findings.add(new Finding(
                        LOAD, Severity.NOTE, at, men, new TellEvidence.TooMuch(role.words(), sentences, limit)));
            }
        }
        return findings;
    }
}
