package mensch.core.audit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import mensch.core.matchup.Distribution;

/**
 * Every pass concept handed out by rule: what nobody has, what one man has twice, what two men have, leverage lost and
 * traffic; each told once a man with the concepts it happens on.
 */
final class RouteCheck implements Check {
    private static final int LISTED = 6;

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

    private static String on(Distribution ledger, Distribution.Row row) {
        return "the " + row.route().id().replace('-', ' ') + " by " + row.man().name() + " on "
                + ledger.pass().name() + " to the " + ledger.play().word();
    }

    private static void open(Subject subject, List<Finding> findings) {
        Map<String, List<String>> byMan = new LinkedHashMap<>();
        Map<String, Point> where = new LinkedHashMap<>();
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Row row : ledger.open()) {
                byMan.computeIfAbsent(row.man().name(), k -> new ArrayList<>()).add(on(ledger, row));
                where.putIfAbsent(row.man().name(), onField(row.caught()));
            }
        }
        byMan.forEach((man, what) -> findings.add(new Finding(
                CheckId.ROUTES,
                Severity.WEAK,
                where.get(man),
                List.of(),
                new PlayEvidence.RoutesGiven(listed(what), null))));
    }

    private static void overloads(Subject subject, List<Finding> findings) {
        Map<Job, List<String>> byJob = new LinkedHashMap<>();
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Overload one : ledger.overloads()) {
                byJob.computeIfAbsent(one.job(), k -> new ArrayList<>())
                        .add(ledger.pass().name() + " to the " + ledger.play().word());
            }
        }
        byJob.forEach((job, what) -> findings.add(new Finding(
                CheckId.ROUTES,
                Severity.NOTE,
                at(job),
                List.of(job),
                new PlayEvidence.RoutesGiven(listed(what), job))));
    }

    /** Two on one costs only where another route is nobody's. */
    private static void doubled(Subject subject, List<Finding> findings) {
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Row row : ledger.doubled()) {
                Distribution.Row open =
                        ledger.open().isEmpty() ? null : ledger.open().get(0);
                List<Job> men =
                        row.owners().stream().map(Distribution.Cover::job).toList();
                if (open != null
                        && findings.stream()
                                .noneMatch(f -> f.evidence() instanceof PlayEvidence.TwoOnOne t
                                        && t.men().equals(men))) {
                    findings.add(new Finding(
                            CheckId.ROUTES,
                            Severity.WEAK,
                            onField(row.caught()),
                            men,
                            new PlayEvidence.TwoOnOne(on(ledger, row), men, on(ledger, open))));
                }
            }
        }
    }

    private static void lost(Subject subject, List<Finding> findings) {
        Map<Job, List<String>> byJob = new LinkedHashMap<>();
        Map<Job, String> leverage = new LinkedHashMap<>();
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Row row : ledger.rows()) {
                if (row.lost() != null) {
                    byJob.computeIfAbsent(row.lost().job(), k -> new ArrayList<>())
                            .add(row.route().id().replace('-', ' ') + " on "
                                    + ledger.pass().name());
                    leverage.put(row.lost().job(), row.lost().leverage());
                }
            }
        }
        byJob.forEach((job, what) -> findings.add(new Finding(
                CheckId.LEVERAGE,
                Severity.NOTE,
                at(job),
                List.of(job),
                new PlayEvidence.LeverageLost(job, leverage.get(job), listed(what)))));
    }

    private static void rubs(Subject subject, List<Finding> findings) {
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Row row : ledger.rows()) {
                if (row.rub() != null
                        && findings.stream()
                                .noneMatch(f -> f.evidence() instanceof PlayEvidence.RubRisk r
                                        && r.job().equals(row.rub().job()))) {
                    findings.add(new Finding(
                            CheckId.PICK,
                            Severity.NOTE,
                            at(row.rub().job()),
                            List.of(row.rub().job()),
                            new PlayEvidence.RubRisk(
                                    row.rub().job(),
                                    row.rub().by().name(),
                                    ledger.pass().name() + " to the "
                                            + ledger.play().word(),
                                    row.rub().yards(),
                                    row.rub().seconds())));
                }
            }
        }
    }

    private static List<String> listed(List<String> what) {
        return what.stream().distinct().limit(LISTED).toList();
    }

    private static Point at(Job job) {
        return job.feet() == null ? new Point(0, 8) : job.feet();
    }

    private static Point onField(Point caught) {
        return new Point(caught.x(), Math.max(1, caught.y()));
    }
}
