package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.formation.Shape;
import mensch.core.formation.Shape.Flank;
import mensch.core.front.Role;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Part;
import mensch.core.rung.Task;

/** Bodies against bodies: backs enough for the receivers, weight enough for the ends; a lineman who drops. */
final class PersonnelCheck implements Check {
    static final CheckId PERSONNEL = CheckId.of("personnel", Rule.COUNT, Part.PASS);

    private static final Point IN_THE_BOX = new Point(0, 5);
    /** A secondary is two men more than the receivers split out; so many beside that is told. */
    private static final int MORE_THAN_RECEIVERS = 2;

    private static final int APART = 3;
    private static final int BACKERS = 4;
    private static final int FOUR_RUSH = 4;

    @Override
    public List<CheckId> finds() {
        return List.of(PERSONNEL);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        var findings = new ArrayList<Finding>();
        bodies(lineup, findings);
        drops(subject, findings);
        return findings;
    }

    private static void bodies(Lineup lineup, List<Finding> findings) {
        Shape shape = lineup.features().shape();
        int split = 0;
        for (Side side : Side.values()) {
            Flank flank = shape.flank(side);
            split += (int)
                    flank.receivers().stream().filter(m -> !flank.attached(m)).count();
        }
        int backs = count(lineup, Role.Body.DB);
        int backers = count(lineup, Role.Body.LB);
        int apart = backs - (split + MORE_THAN_RECEIVERS);
        boolean heavy = apart <= -APART || backers >= BACKERS && shape.backs().isEmpty();
        if (heavy || apart >= APART) {
            findings.add(new Finding(
                    PERSONNEL,
                    Severity.NOTE,
                    IN_THE_BOX,
                    List.of(),
                    new StandingEvidence.Bodies(
                            backs, backers, split, shape.backs().size(), heavy)));
        }
    }

    private static int count(Lineup lineup, Role.Body body) {
        return (int) lineup.jobs().stream().filter(j -> j.role().body() == body).count();
    }

    /** In a creeper that is the point of it: a second-level man comes for him, and four rush all the same. */
    private static void drops(Subject subject, List<Finding> findings) {
        Lineup lineup = subject.lineup();
        List<Job> rushers = subject.rush().rushers();
        double deepest = lineup.convention().jobs().drop().lineman();
        boolean creeper = rushers.size() <= FOUR_RUSH
                && rushers.stream().anyMatch(j -> !j.role().lineman());
        for (Job job : lineup.jobs()) {
            if (!job.role().lineman() || !(job.passTask() instanceof Task.Cover cover)) {
                continue;
            }
            double depth = cover.landmark(lineup.view(job)).y();
            if (!creeper || depth > deepest) {
                findings.add(new Finding(
                        PERSONNEL,
                        depth > deepest ? Severity.WEAK : Severity.NOTE,
                        job.feetOr(IN_THE_BOX),
                        List.of(job),
                        new StandingEvidence.LinemanDrops(job, cover.words(), depth, deepest)));
            }
        }
    }
}
