package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.formation.Man;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.possible.Ability;
import mensch.core.possible.RunAbility;
import mensch.core.rung.Part;
import mensch.core.rung.Task;

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
        var ability = new RunAbility(lineup);
        for (GapLedger.Edge edge : subject.gaps().edges()) {
            List<Job> forces = edge.forces();
            List<Job> able = forces.stream()
                    .filter(j -> ability.force(j, edge.side()).can())
                    .toList();
            if (forces.isEmpty()) {
                findings.add(
                        new Finding(EDGE, Severity.BUST, edge.at(), List.of(), new RunEvidence.NoForce(edge.side())));
            }
            for (Job force : forces) {
                Ability can = ability.force(force, edge.side());
                if (!can.can()) {
                    findings.add(new Finding(
                            EDGE,
                            able.isEmpty()
                                    ? AbilityEvidence.severity(
                                            can, lineup.convention().jobs())
                                    : Severity.WEAK,
                            edge.at(),
                            List.of(force),
                            new AbilityEvidence.NoForceMan(force, edge.side(), can)));
                }
            }
            if (able.size() > 1) {
                findings.add(new Finding(
                        EDGE,
                        Severity.WEAK,
                        edge.at(),
                        able,
                        new RunEvidence.TwoForces(
                                edge.side(),
                                able,
                                able.stream()
                                        .map(j -> ability.comesFrom(j, edge.side()))
                                        .toList())));
            }
            if (able.size() == 1) {
                fromDeep(lineup, edge, able.get(0), findings);
                wide(lineup, edge, able.get(0), findings);
            }
        }
        return findings;
    }

    /** From so wide he turns in only what comes to him. */
    private static void wide(Lineup lineup, GapLedger.Edge edge, Job force, List<Finding> findings) {
        Point feet = force.feet();
        double end = lineup.features().shape().flank(edge.side()).endMan().x();
        double yards = feet == null ? 0 : edge.side().sign() * (feet.x() - end);
        var limits = lineup.convention().jobs().force();
        // beside a receiver, or between two, he is out there for the pass; else nothing holds him
        Flank flank = lineup.features().shape().flank(edge.side());
        boolean apart = yards > limits.apart() && !split(flank) && !beside(lineup, force, flank);
        if (apart || yards > limits.wide()) {
            findings.add(new Finding(
                    EDGE,
                    apart ? Severity.WEAK : Severity.FACT,
                    edge.at(),
                    List.of(force),
                    new StandingEvidence.WideForce(force, edge.side(), yards)));
        }
    }

    /** Beside a receiver over whom nobody else stands. */
    private static boolean beside(Lineup lineup, Job force, Flank flank) {
        Point feet = force.feet();
        double covers = lineup.convention().jobs().man().covers();
        return feet != null
                && flank.receivers().stream()
                        .anyMatch(m -> Math.abs(m.x() - feet.x()) <= covers && !had(lineup, force, m));
    }

    /** Whether another man stands over a receiver. */
    private static boolean had(Lineup lineup, Job force, Man receiver) {
        return lineup.placed().stream()
                .anyMatch(p -> p.job() != force
                        && !p.job().role().lineman()
                        && Math.abs(p.feet().x() - receiver.x())
                                <= lineup.convention().jobs().man().covers()
                        && p.feet().y() <= lineup.convention().jobs().force().deep());
    }

    /** Whether two receivers or more of a side stand away from the line. */
    private static boolean split(Flank flank) {
        return flank.receivers().stream().filter(m -> !flank.attached(m)).count() > 1;
    }

    /** From deep he is in time only behind an end who keeps contain (handbook 9, quarters). */
    private static void fromDeep(Lineup lineup, GapLedger.Edge edge, Job force, List<Finding> findings) {
        var limits = lineup.convention().jobs().force();
        boolean contained = lineup.jobs().stream()
                .anyMatch(j -> j.passTask() instanceof Task.Rush rush && rush.contain() && j.seat() == edge.side());
        if (force.feet() != null && force.feet().y() > (contained ? limits.deepest() : limits.deep())) {
            findings.add(new Finding(
                    EDGE,
                    Severity.WEAK,
                    edge.at(),
                    List.of(force),
                    new PlaceEvidence.ForceFromDeep(
                            force, edge.side(), force.feet().y())));
        }
    }
}
