package mensch.core.audit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import mensch.core.lineup.Lineup;

/** All checks over one line-up, worst first; within a severity in the order of the checks, then left to right. */
public final class Audit {
    private static final List<Check> CHECKS =
        List.of(new PartsCheck(), new PlaceCheck(), new GapCheck(), new EdgeCheck(), new AreaCheck(), new EligibleCheck(), new RushCheck(), new SituationCheck(), new OffenceCheck());

    private Audit() {}

    public static List<Finding> of(Lineup lineup) {
        var findings = new ArrayList<Finding>();
        CHECKS.forEach(c -> findings.addAll(c.in(lineup)));
        findings.sort(Comparator.comparing(Finding::severity).thenComparing(Finding::check).thenComparingDouble(f -> f.where().x()));
        return List.copyOf(findings);
    }
}
