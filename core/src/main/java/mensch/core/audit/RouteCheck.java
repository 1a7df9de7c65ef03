package mensch.core.audit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import mensch.core.matchup.Distribution;
import mensch.core.rung.Part;

/**
 * Every pass concept handed out by rule: what nobody has, what one man has twice, what two men have, leverage lost and
 * traffic; each told once a man with the concepts it happens on.
 */
final class RouteCheck implements Check {
    static final CheckId ROUTES = CheckId.of("routes", Rule.COVERAGE, Part.PASS);

    private static final int LISTED = 6;

    @Override
    public List<CheckId> finds() {
        return List.of(ROUTES, LeverageCheck.LEVERAGE, LeverageCheck.PICK);
    }

    @Override
    public Asked asked() {
        return Asked.AGAINST_PLAYS;
    }

    @Override
    public List<Finding> in(Subject subject) {
        var findings = new ArrayList<Finding>();
        open(subject, findings);
        overloads(subject, findings);
        doubled(subject, findings);
        lost(subject, findings);
        rubs(subject, findings);
        return findings;
    }

    /** What is told of one man, at the first place where it happens. */
    private record Told(String man, Point where, List<String> what) {}

    private static String on(Distribution ledger, Distribution.Row row) {
        return "the " + row.route().id().replace('-', ' ') + " by " + row.man().name() + " on "
                + ledger.pass().name() + " to the " + ledger.play().words();
    }

    private static void open(Subject subject, List<Finding> findings) {
        Map<String, Told> byMan = new LinkedHashMap<>();
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Row row : ledger.open()) {
                byMan.computeIfAbsent(row.man().name(), man -> new Told(man, onField(row.caught()), new ArrayList<>()))
                        .what()
                        .add(on(ledger, row));
            }
        }
        byMan.values()
                .forEach(told -> findings.add(new Finding(
                        ROUTES,
                        Severity.WEAK,
                        told.where(),
                        List.of(),
                        new PlayEvidence.RoutesGiven(told.man(), listed(told.what()), null))));
    }

    private static void overloads(Subject subject, List<Finding> findings) {
        Map<Job, List<String>> byJob = new LinkedHashMap<>();
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Overload one : ledger.overloads()) {
                byJob.computeIfAbsent(one.job(), k -> new ArrayList<>())
                        .add(ledger.pass().name() + " to the " + ledger.play().words());
            }
        }
        byJob.forEach((job, what) -> findings.add(new Finding(
                ROUTES,
                Severity.NOTE,
                at(job),
                List.of(job),
                new PlayEvidence.RoutesGiven(job.id(), listed(what), job))));
    }

    /** Two on one costs only where another route is nobody's. */
    private static void doubled(Subject subject, List<Finding> findings) {
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Row row : ledger.doubled()) {
                List<Distribution.Row> open = ledger.open();
                List<Job> men =
                        row.owners().stream().map(Distribution.Cover::job).toList();
                if (!open.isEmpty()
                        && findings.stream()
                                .noneMatch(f -> f.evidence() instanceof PlayEvidence.TwoOnOne t
                                        && t.men().equals(men))) {
                    findings.add(new Finding(
                            ROUTES,
                            Severity.WEAK,
                            onField(row.caught()),
                            men,
                            new PlayEvidence.TwoOnOne(on(ledger, row), men, on(ledger, open.get(0)))));
                }
            }
        }
    }

    private static void lost(Subject subject, List<Finding> findings) {
        Map<Job, Map<String, List<String>>> byJob = new LinkedHashMap<>();
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Row row : ledger.rows()) {
                Distribution.Lost lost = row.lost();
                if (lost != null) {
                    byJob.computeIfAbsent(lost.job(), k -> new LinkedHashMap<>())
                            .computeIfAbsent(lost.leverage(), k -> new ArrayList<>())
                            .add(row.route().id().replace('-', ' ') + " on "
                                    + ledger.pass().name());
                }
            }
        }
        byJob.forEach((job, byLeverage) -> byLeverage.forEach((leverage, what) -> findings.add(new Finding(
                LeverageCheck.LEVERAGE,
                Severity.NOTE,
                at(job),
                List.of(job),
                new PlayEvidence.LeverageLost(job, leverage, listed(what))))));
    }

    private static void rubs(Subject subject, List<Finding> findings) {
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Row row : ledger.rows()) {
                Distribution.Rub rub = row.rub();
                if (rub != null
                        && findings.stream()
                                .noneMatch(f -> f.evidence() instanceof PlayEvidence.RubRisk r
                                        && r.job().equals(rub.job()))) {
                    findings.add(new Finding(
                            LeverageCheck.PICK,
                            Severity.NOTE,
                            at(rub.job()),
                            List.of(rub.job()),
                            new PlayEvidence.RubRisk(
                                    rub.job(),
                                    rub.by().name(),
                                    ledger.pass().name() + " to the "
                                            + ledger.play().words(),
                                    rub.yards(),
                                    rub.seconds())));
                }
            }
        }
    }

    private static List<String> listed(List<String> what) {
        return what.stream().distinct().limit(LISTED).toList();
    }

    private static Point at(Job job) {
        return job.feetOr(new Point(0, 8));
    }

    private static Point onField(Point caught) {
        return new Point(caught.x(), Math.max(1, caught.y()));
    }
}
