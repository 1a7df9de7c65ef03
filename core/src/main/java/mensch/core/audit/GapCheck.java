package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.coverage.CoverSeat;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.front.Role;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.GapLedger.Row;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.RushCount;
import mensch.core.possible.Ability;
import mensch.core.possible.RunAbility;
import mensch.core.rung.Gap;
import mensch.core.rung.Move;
import mensch.core.rung.Part;
import mensch.core.rung.Steps;
import mensch.core.rung.Task;

/** Each gap exactly one primary owner. */
final class GapCheck implements Check {
    static final CheckId GAPS = CheckId.of("gaps", Rule.GAPS, Part.RUN, Part.MOVE);
    static final CheckId EXCHANGE = CheckId.of("exchange", Rule.GAPS, Part.RUN, Part.MOVE);

    static final CheckId IDLE = CheckId.of("run-idle", Rule.JOBS, Part.RUN);

    /** Gaps A to C; against empty the only runner is the quarterback, so one of them open is weak, not bust. */
    private static final int INSIDE_GAPS = 3;

    @Override
    public List<CheckId> finds() {
        return List.of(GAPS, EXCHANGE, IDLE);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        var findings = new ArrayList<Finding>();
        boolean conceded = lineup.inForce().coverage().gives("run", true);
        boolean empty = lineup.features().ask(Feature.EMPTY, Side.LEFT) == Answer.YES;
        GapLedger ledger = subject.gaps();
        for (Row row : conceded ? List.<Row>of() : ledger.rows()) {
            check(lineup, row, empty && row.gap().index() < INSIDE_GAPS, findings);
        }
        ledger.edges().forEach(edge -> crossed(lineup, ledger, edge, findings));
        twoGappers(ledger, findings);
        idle(lineup, findings);
        List<RunEvidence.GapExchanged> exchanged = subject.rush().rushes().stream()
                .flatMap(r -> exchanged(r, ledger).stream())
                .toList();
        if (!exchanged.isEmpty()) {
            findings.add(new Finding(
                    EXCHANGE,
                    Severity.FACT,
                    exchanged.get(0).job().feetOr(new Point(0, 1)),
                    exchanged.stream()
                            .flatMap(g -> Stream.concat(Stream.of(g.job()), g.now().stream()))
                            .distinct()
                            .toList(),
                    new PlayStandingEvidence.Exchanged(exchanged)));
        }
        for (Job job : ledger.beyond()) {
            Point where = job.feetOr(new Point(0, 1));
            findings.add(new Finding(
                    GAPS,
                    Severity.WEAK,
                    where,
                    List.of(job),
                    new RunEvidence.GapNotThere(job, job.runTask().words())));
        }
        return findings;
    }

    /** A corner may stay with his receiver; everybody else has something to do when the ball is run. */
    private static void idle(Lineup lineup, List<Finding> findings) {
        List<Job> idle = lineup.jobs().stream()
                .filter(j -> j.cover() != CoverSeat.CORNER)
                .filter(j -> {
                    Steps run = j.after().run().orNull();
                    return run != null && run.steps().size() == 1 && run.first() instanceof Task.None;
                })
                .toList();
        if (!idle.isEmpty()) {
            findings.add(new Finding(
                    IDLE,
                    Severity.NOTE,
                    idle.get(0).feetOr(new Point(0, 1)),
                    idle,
                    new RunEvidence.NothingOnARun(idle)));
        }
    }

    /** A man whom the movement takes out of the gap he stands in: who has it now. Nobody is told by the gap itself. */
    private static Optional<RunEvidence.GapExchanged> exchanged(RushCount.Rush rush, GapLedger ledger) {
        Move move = rush.job().after().move().orNull();
        Gap shown = rush.shown();
        Gap rushed = rush.rushed();
        if (move == null || move.verb() == null || shown == null || rushed == null || shown.equals(rushed)) {
            return Optional.empty();
        }
        return ledger.rows().stream()
                .filter(r -> r.gap().equals(shown))
                .findFirst()
                .filter(left -> !left.owners().isEmpty() && !left.owners().contains(rush.job()))
                .map(left -> new RunEvidence.GapExchanged(rush.job(), shown, rushed, left.owners()));
    }

    /** An owner who cannot be there owns nothing; each is told once, and then the gap is asked of those who can. */
    private static void check(Lineup lineup, Row row, boolean empty, List<Finding> findings) {
        var able = new ArrayList<Job>();
        var ability = new RunAbility(lineup);
        for (Job owner : row.owners()) {
            Ability can = ability.gap(owner, row.gap());
            if (can.can()) {
                able.add(owner);
                over(lineup, row, owner, findings);
                continue;
            }
            Severity severity =
                    AbilityEvidence.severity(can, lineup.convention().jobs());
            boolean had = row.owners().size() > 1 || !row.twoGappers().isEmpty() || empty;
            findings.add(new Finding(
                    GAPS,
                    had ? Severity.WEAK : severity,
                    row.at(),
                    List.of(owner),
                    new AbilityEvidence.NotHisGap(owner, row, can, severity)));
        }
        if (able.size() > 1) {
            findings.add(new Finding(GAPS, Severity.WEAK, row.at(), able, new RunEvidence.TwoOwners(row, able)));
        } else if (row.owners().isEmpty() && row.twoGappers().isEmpty()) {
            findings.add(new Finding(
                    GAPS,
                    empty ? Severity.WEAK : Severity.BUST,
                    row.at(),
                    List.of(),
                    new RunEvidence.NoOwner(row, empty)));
        }
    }

    /** A backer in the box stands over his gap, unless a move takes him there. */
    private static void over(Lineup lineup, Row row, Job owner, List<Finding> findings) {
        Point feet = owner.feet();
        Move move = owner.after().move().orNull();
        if (feet == null
                || owner.role().body() != Role.Body.LB
                || feet.y() > lineup.convention().limits().box().depth()
                || move != null && move.verb() != null) {
            return;
        }
        double beside = Math.abs(feet.x() - row.at().x());
        if (beside > lineup.convention().jobs().gap().over()) {
            findings.add(new Finding(
                    GAPS, Severity.NOTE, feet, List.of(owner), new PlaceEvidence.NotOverHisGap(owner, row, beside)));
        }
    }

    /** Who has a gap on a side stands inside the man who turns the ball in there, unless a move brings him in. */
    private static void crossed(Lineup lineup, GapLedger ledger, GapLedger.Edge edge, List<Finding> findings) {
        double second = lineup.convention().blocks().level().second();
        double beside = lineup.convention().blocks().threat().over();
        for (Job turns : edge.forces()) {
            Point corner = turns.feet();
            if (corner == null || corner.y() > second) {
                continue;
            }
            for (Row row : ledger.rows()) {
                for (Job owner : row.gap().side() == edge.side() ? row.owners() : List.<Job>of()) {
                    Point feet = owner.feetOr(corner);
                    double outside = edge.side().sign() * (feet.x() - corner.x());
                    Move move = owner.after().move().orNull();
                    if (outside > beside && feet.y() <= second && (move == null || move.verb() == null)) {
                        findings.add(new Finding(
                                GAPS,
                                Severity.WEAK,
                                feet,
                                List.of(owner, turns),
                                new RunEvidence.OutsideHisForce(owner, row, turns, outside)));
                    }
                }
            }
        }
    }

    /** Two-gappers are told once, with every gap that hangs on one of them alone. */
    private static void twoGappers(GapLedger ledger, List<Finding> findings) {
        List<Row> rows = ledger.rows().stream()
                .filter(row -> row.owned() == GapLedger.Owned.TWO_GAPPED)
                .toList();
        if (!rows.isEmpty()) {
            List<Job> men = rows.stream()
                    .flatMap(r -> r.twoGappers().stream())
                    .distinct()
                    .toList();
            findings.add(
                    new Finding(GAPS, Severity.NOTE, rows.get(0).at(), men, new RunEvidence.OnlyTwoGappers(rows, men)));
        }
    }
}
