package mensch.core.audit;

import java.util.List;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.EligibleLedger;
import mensch.core.lineup.Lineup;

/** Every eligible man has somebody. */
final class EligibleCheck implements Check {
    @Override public List<Finding> in(Lineup lineup) {
        return EligibleLedger.of(lineup, AreaLedger.of(lineup)).entries().stream().filter(EligibleLedger.Entry::alone)
            .map(e -> new Finding(CheckId.ELIGIBLES, Severity.BUST, e.man().feet(), List.of(), new Evidence.EligibleAlone(e.man().name(), e.number())))
            .toList();
    }
}
