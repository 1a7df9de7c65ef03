package mensch.core.audit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import mensch.core.coverage.Coverage;
import mensch.core.geometry.Point;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Job;
import mensch.core.matchup.Distribution;
import mensch.core.rung.Part;

/**
 * Every pass concept handed out by rule: what nobody has, what one man has twice, what two men have, leverage lost and
 * traffic; each told once a man with the concepts it happens on.
 */
final class RouteCheck implements Check {
    static final CheckId ROUTES = CheckId.of("routes", Rule.COVERAGE, Part.PASS);

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
        windows(subject, findings);
        overloads(subject, findings);
        doubled(subject, findings);
        lost(subject, findings);
        rubs(subject, findings);
        return findings;
    }

    /** What is told of one man, at the first place where it happens. */
    private record Told(String man, Point where, List<String> what) {}

    private static String on(Distribution ledger, Distribution.Row row) {
        return "the " + row.what() + " on " + ledger.pass().name() + " to the "
                + ledger.play().words();
    }

    private static void open(Subject subject, List<Finding> findings) {
        Map<String, Told> byMan = new LinkedHashMap<>();
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Row row : ledger.open()) {
                if (row.late() || conceded(subject, row)) {
                    continue;
                }
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
                        new PlayEvidence.RoutesOpen(told.man(), told.what()))));
    }

    /** Routes that somebody is told and nobody can reach by the throw: what the coverage gives, and to whom. */
    private static void windows(Subject subject, List<Finding> findings) {
        Map<Job, List<String>> byJob = new LinkedHashMap<>();
        Point where = null;
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Row row : ledger.open()) {
                if (row.late()) {
                    where = where == null ? onField(row.caught()) : where;
                    byJob.computeIfAbsent(row.tooLate().get(0).job(), k -> new ArrayList<>())
                            .add(on(ledger, row));
                }
            }
        }
        if (where != null) {
            List<PlayStandingEvidence.Window> men = byJob.entrySet().stream()
                    .map(e -> new PlayStandingEvidence.Window(e.getKey(), e.getValue()))
                    .toList();
            findings.add(new Finding(
                    ROUTES, Severity.FACT, where, List.copyOf(byJob.keySet()), new PlayStandingEvidence.Windows(men)));
        }
    }

    /** Everything in front of the deep men is given by a last-play coverage, and it says so. */
    private static boolean conceded(Subject subject, Distribution.Row row) {
        Coverage coverage = subject.lineup().inForce().coverage();
        boolean under =
                row.caught().y() < subject.lineup().convention().routes().deepFrom();
        return under
                && Stream.of("flat", "curl", "hook").allMatch(a -> coverage.gives(a, true) && coverage.gives(a, false));
    }

    private static void overloads(Subject subject, List<Finding> findings) {
        Map<Job, List<String>> byJob = new LinkedHashMap<>();
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Overload one : ledger.overloads()) {
                byJob.computeIfAbsent(one.job(), k -> new ArrayList<>())
                        .add(ledger.pass().name() + " to the " + ledger.play().words());
            }
        }
        if (byJob.isEmpty()) {
            return;
        }
        List<Job> deep =
                subject.areas().deep().stream().map(AreaLedger.Row::owner).toList();
        List<PlayStandingEvidence.On> men = byJob.entrySet().stream()
                .map(e -> new PlayStandingEvidence.On(e.getKey(), e.getValue(), deep.contains(e.getKey())))
                .toList();
        findings.add(new Finding(
                ROUTES,
                Severity.FACT,
                at(men.get(0).job()),
                men.stream().map(PlayStandingEvidence.On::job).toList(),
                new PlayStandingEvidence.TwoRoutes(men)));
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
        var men = new ArrayList<PlayStandingEvidence.Beaten>();
        byJob.forEach((job, byLeverage) ->
                byLeverage.forEach((leverage, what) -> men.add(new PlayStandingEvidence.Beaten(job, leverage, what))));
        if (!men.isEmpty()) {
            findings.add(new Finding(
                    LeverageCheck.LEVERAGE,
                    Severity.FACT,
                    at(men.get(0).job()),
                    men.stream()
                            .map(PlayStandingEvidence.Beaten::job)
                            .distinct()
                            .toList(),
                    new PlayStandingEvidence.GivesByLeverage(men)));
        }
    }

    private static void rubs(Subject subject, List<Finding> findings) {
        Map<Job, PlayEvidence.RubRisk> byJob = new LinkedHashMap<>();
        for (Distribution ledger : subject.passes()) {
            for (Distribution.Row row : ledger.rows()) {
                Distribution.Rub rub = row.rub();
                if (rub != null) {
                    byJob.putIfAbsent(
                            rub.job(),
                            new PlayEvidence.RubRisk(
                                    rub.job(),
                                    rub.by().name(),
                                    ledger.pass().name() + " to the "
                                            + ledger.play().words(),
                                    rub.yards(),
                                    rub.seconds()));
                }
            }
        }
        if (!byJob.isEmpty()) {
            List<Job> men = List.copyOf(byJob.keySet());
            findings.add(new Finding(
                    LeverageCheck.PICK,
                    Severity.NOTE,
                    at(men.get(0)),
                    men,
                    new PlayStandingEvidence.Traffic(List.copyOf(byJob.values()))));
        }
    }

    private static Point at(Job job) {
        return job.feetOr(new Point(0, 8));
    }

    private static Point onField(Point caught) {
        return new Point(caught.x(), Math.max(1, caught.y()));
    }
}
