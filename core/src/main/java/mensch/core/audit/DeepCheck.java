package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.convention.JobLimits;
import mensch.core.coverage.Shell;
import mensch.core.geometry.Point;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Job;
import mensch.core.possible.Ability;
import mensch.core.possible.DeepLedger;
import mensch.core.rung.Area;
import mensch.core.rung.Part;

/**
 * Where the call promises deep help, each part of the deep field has a man who stays deeper than the deepest (handbook
 * 4, zones).
 */
final class DeepCheck implements Check {
    static final CheckId DEEP =
            CheckId.of("deep", Rule.COVERAGE, Part.ALIGN, Part.PASS).smallSidedToo();

    private static final double PIN_DEPTH = 14;

    @Override
    public List<CheckId> finds() {
        return List.of(DEEP);
    }

    @Override
    public List<Finding> in(Subject subject) {
        var findings = new ArrayList<Finding>();
        DeepLedger ledger = subject.deep();
        Shell shell = ledger.shell().orElse(Shell.NONE);
        List<DeepLedger.Row> open =
                ledger.rows().stream().filter(r -> !r.held()).toList();
        if (!ledger.rows().isEmpty()
                && subject.areas().deep().isEmpty()
                && open.size() == ledger.rows().size()) {
            findings.add(new Finding(
                    DEEP, Severity.BUST, new Point(0, PIN_DEPTH), List.of(), new AbilityEvidence.NobodyDeep(shell)));
        } else {
            open.forEach(row -> findings.add(new Finding(
                    DEEP, Severity.BUST, middle(row), List.of(), new AbilityEvidence.DeepUnowned(shell, row))));
        }
        JobLimits limits = subject.lineup().convention().jobs();
        ledger.rows().forEach(row -> passed(row, limits, findings));
        subject.areas().deep().forEach(row -> tooDeep(row, limits, findings));
        double lateral = subject.lineup().snap().field().ball().lateralYards();
        ledger.rows().forEach(row -> beside(ledger, row, lateral, limits, findings));
        return findings;
    }

    private static Point middle(DeepLedger.Row row) {
        return new Point((row.extent().xMin() + row.extent().xMax()) / 2, PIN_DEPTH);
    }

    private static void passed(DeepLedger.Row row, JobLimits limits, List<Finding> findings) {
        row.deepest()
                .filter(d -> d.ability() instanceof Ability.Late)
                .ifPresent(d -> findings.add(new Finding(
                        DEEP,
                        AbilityEvidence.severity(d.ability(), limits),
                        middle(row),
                        List.of(d.job()),
                        new AbilityEvidence.Passed(
                                d.job(), d.man().name(), row.part().words(), (Ability.Late) d.ability()))));
    }

    /**
     * With a receiver who can be deep in the part its man stands over it, and no wider than the receivers. With the
     * ball on a hash he lines up by the formation as ever: the part is asked where it lies with the ball in the middle
     * too.
     */
    private static void beside(
            DeepLedger ledger, DeepLedger.Row row, double lateral, JobLimits limits, List<Finding> findings) {
        boolean middle = row.part().area() == Area.DEEP_MIDDLE_THIRD;
        double most = middle ? 0 : limits.deep().beside();
        for (Job owner : row.threats().isEmpty() && !middle ? List.<Job>of() : row.owners()) {
            Point feet = owner.feet();
            if (feet == null) {
                continue;
            }
            double beside = Math.min(outside(row, feet.x(), limits), outside(row, feet.x() - lateral, limits));
            double widest = ledger.rows().stream()
                    .flatMap(r -> r.threats().stream())
                    .filter(t -> t.at().x() * feet.x() > 0)
                    .mapToDouble(t -> Math.abs(t.at().x()))
                    .max()
                    .orElse(0);
            double outside = row.part().area().central()
                    ? 0
                    : Math.abs(feet.x()) - widest - limits.deep().outside();
            if (beside > most || outside > 1e-9) {
                findings.add(new Finding(
                        DEEP,
                        Severity.WEAK,
                        feet,
                        List.of(owner),
                        new PlaceEvidence.BesideHisPart(
                                owner, row.part().words(), Math.max(beside, outside), outside > 1e-9)));
            }
        }
    }

    /** How far outside his part; in the middle third, how far beyond what he may stand beside its middle. */
    private static double outside(DeepLedger.Row row, double x, JobLimits limits) {
        double middle = (row.extent().xMin() + row.extent().xMax()) / 2;
        return row.part().area() == Area.DEEP_MIDDLE_THIRD
                ? Math.abs(x - middle) - limits.deep().central()
                : Math.max(row.extent().xMin() - x, x - row.extent().xMax());
    }

    /** Far behind the depth his part is played at he is no help under him. */
    private static void tooDeep(AreaLedger.Row row, JobLimits limits, List<Finding> findings) {
        Point feet = row.owner().feet();
        if (feet != null && feet.y() > row.landmark().y() + limits.deep().behind()) {
            findings.add(new Finding(
                    DEEP,
                    Severity.WEAK,
                    feet,
                    List.of(row.owner()),
                    new PlaceEvidence.TooDeep(
                            row.owner(), feet.y(), row.landmark().y())));
        }
    }
}
