package mensch.core.audit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import mensch.core.lineup.Lineup;

/** All checks over one line-up, worst first; within a severity in the order of the checks, then left to right. */
public final class Audit {
    private static final List<Check> CHECKS =
        List.of(new PartsCheck(), new PlaceCheck(), new GapCheck(), new EdgeCheck(), new AreaCheck(), new EligibleCheck(), new RushCheck(), new SituationCheck(), new OffenceCheck());

    private static final List<Check> SMALL_SIDED = List.of(new PartsCheck(), new PlaceCheck(), new EligibleCheck(), new FlagCheck(), new OffenceCheck());

    private Audit() {}

    public static List<Finding> of(Lineup lineup) {
        var findings = new ArrayList<Finding>();
        boolean flag = lineup.snap().field().code().flag();
        (flag ? SMALL_SIDED : CHECKS).forEach(c -> findings.addAll(c.in(lineup)));
        findings.removeIf(f -> flag && FlagCheck.NOT_ASKED.contains(f.check()));
        findings.sort(Comparator.comparing(Finding::severity).thenComparing(Finding::check).thenComparingDouble(f -> f.where().x()));
        return List.copyOf(findings);
    }
}
