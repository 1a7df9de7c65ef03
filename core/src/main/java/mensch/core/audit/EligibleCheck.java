package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.formation.Man;
import mensch.core.formation.Shape.Flank;
import mensch.core.front.Role;
import mensch.core.geometry.Side;
import mensch.core.lineup.EligibleLedger;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Part;

/** Every eligible man has somebody. */
final class EligibleCheck implements Check {
    static final CheckId ELIGIBLES =
            CheckId.of("eligibles", Rule.COVERAGE, Part.PASS).smallSidedToo();

    @Override
    public List<CheckId> finds() {
        return List.of(ELIGIBLES);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        var findings = new ArrayList<Finding>();
        for (EligibleLedger.Entry e : subject.eligibles().entries()) {
            if (e.alone()) {
                findings.add(new Finding(
                        ELIGIBLES,
                        Severity.BUST,
                        e.man().feet(),
                        List.of(),
                        new CoverageEvidence.EligibleAlone(e.man().name(), e.number())));
            }
            if (splitOut(lineup, e.man())) {
                e.byMan().stream()
                        .filter(j -> j.role().body() == Role.Body.LB)
                        .forEach(j -> findings.add(new Finding(
                                ELIGIBLES,
                                Severity.NOTE,
                                e.man().feet(),
                                List.of(j),
                                new CoverageEvidence.Mismatch(j, e.man().name(), e.number()))));
            }
        }
        return findings;
    }

    private static boolean splitOut(Lineup lineup, Man man) {
        for (Side side : Side.values()) {
            Flank flank = lineup.features().shape().flank(side);
            if (flank.receivers().contains(man) && !flank.attached(man)) {
                return true;
            }
        }
        return false;
    }
}
