package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.possible.Ability;
import mensch.core.possible.WayAbility;
import mensch.core.rung.Part;

/**
 * The answer to a motion asks nobody to go farther than there is time for. Out of place at the snap is weak, not a
 * bust: he can still do his job late.
 */
final class WayCheck implements Check {
    static final CheckId WAY = CheckId.of("way", Rule.JOBS, Part.ALIGN);

    @Override
    public List<CheckId> finds() {
        return List.of(WAY);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        var findings = new ArrayList<Finding>();
        Optional<WayAbility> way = WayAbility.of(lineup);
        if (way.isEmpty()) {
            return findings;
        }
        double longest = lineup.convention().jobs().way().longest();
        for (Job job : lineup.jobs()) {
            Ability can = way.get().of(job);
            if (can instanceof Ability.Late late) {
                boolean little = late.over() <= lineup.convention().jobs().late();
                findings.add(finding(job, little ? Severity.NOTE : Severity.WEAK, late.yards(), way.get()));
            } else if (way.get().yards(job) > longest) {
                findings.add(finding(job, Severity.NOTE, way.get().yards(job), way.get()));
            }
        }
        return findings;
    }

    private static Finding finding(Job job, Severity severity, double yards, WayAbility way) {
        return new Finding(
                WAY,
                severity,
                job.feetOr(new Point(0, 5)),
                List.of(job),
                new AbilityEvidence.LongWay(job, yards, way.of(job), way.seconds()));
    }
}
