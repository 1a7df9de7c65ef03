package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Part;

/** Exactly one force per side. */
final class EdgeCheck implements Check {
    static final CheckId EDGE = CheckId.of("edge", Rule.EDGE, Part.RUN);

    @Override
    public List<CheckId> finds() {
        return List.of(EDGE);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        var findings = new ArrayList<Finding>();
        for (GapLedger.Edge edge : subject.gaps().edges()) {
            if (edge.forces().isEmpty()) {
                findings.add(
                        new Finding(EDGE, Severity.BUST, edge.at(), List.of(), new RunEvidence.NoForce(edge.side())));
            } else if (edge.forces().size() > 1) {
                findings.add(new Finding(
                        EDGE,
                        Severity.WEAK,
                        edge.at(),
                        edge.forces(),
                        new RunEvidence.TwoForces(edge.side(), edge.forces())));
            } else {
                late(lineup, edge, findings);
            }
        }
        return findings;
    }

    private static void late(Lineup lineup, GapLedger.Edge edge, List<Finding> findings) {
        Job force = edge.forces().get(0);
        double limit = lineup.convention().limits().lateForce();
        if (force.feet() != null && force.feet().y() > limit) {
            findings.add(new Finding(
                    EDGE,
                    Severity.WEAK,
                    edge.at(),
                    edge.forces(),
                    new RunEvidence.ForceLate(force, edge.side(), force.feet().y(), limit)));
        }
    }
}
