package mensch.core.audit;

import java.util.List;
import mensch.core.formation.Legality;
import mensch.core.geometry.Point;
import mensch.core.lineup.Lineup;

/** What the rules have against the offence; reported, never repaired. */
final class OffenceCheck implements Check {
    static final CheckId OFFENCE = CheckId.of("offence", Rule.LEGALITY).smallSidedToo();

    @Override
    public List<CheckId> finds() {
        return List.of(OFFENCE);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        return Legality.problems(lineup.snap(), lineup.convention().thresholds()).stream()
                .map(p -> new Finding(OFFENCE, Severity.NOTE, new Point(0, -2), List.of(), new Evidence.Illegal(p)))
                .toList();
    }
}
