package mensch.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.Severity;
import mensch.core.audit.Subject;
import mensch.core.call.Call;
import mensch.core.formation.Snap;
import mensch.core.library.Library;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Lineup;
import mensch.core.play.Plays;
import mensch.core.repair.Repair;
import mensch.core.repair.Repairs;
import mensch.core.stress.PlanAudit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A snap audited with every play and a plan of eight calls; a search for repairs; a plan of 30 calls by 36 formations
 * by three motions, on one thread.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 4, time = 4)
@Fork(1)
public class AuditBenchmark {
    private static final int CALLS = 30;
    private static final String SPOT = "hs m 50 1&10";
    private final Library library = Library.shipped();
    private final List<Call> calls = library.calls().stream()
            .filter(c -> c.front().players() == 11)
            .limit(CALLS)
            .toList();
    private final List<LibraryFormation> formations = library.formationsFor(calls.get(0));
    private final Snap snap = library.formation("trips-open").snap(null, false, SPOT);
    private final List<Lineup> plan =
            calls.stream().limit(8).map(c -> Lineup.of(c, snap)).toList();
    private final Repairs repairs = new Repairs(library);
    private final Call heron = library.call("anvil-heron");
    private final Finding bust = Audit.of(Lineup.of(heron, snap)).stream()
            .filter(f -> f.severity() == Severity.BUST)
            .findFirst()
            .orElseThrow();

    @Benchmark
    public List<Finding> auditByItself() {
        return Audit.of(Lineup.of(calls.get(0), snap));
    }

    @Benchmark
    public List<Finding> auditWithEveryPlayAndThePlan() {
        return Audit.of(new Subject(Lineup.of(calls.get(0), snap), library.plays(), plan));
    }

    private final Finding conflict =
            Audit.of(new Subject(Lineup.of(calls.get(0), snap), library.plays(), List.of())).stream()
                    .filter(f -> f.check().id().equals("conflict"))
                    .findFirst()
                    .orElseThrow();

    @Benchmark
    public Repair.Offer repairsOfAConflict() {
        return repairs.offer(calls.get(0), snap, conflict, Set.of());
    }

    @Benchmark
    public Repair.Offer repairsOfABust() {
        return repairs.offer(heron, snap, bust, Set.of());
    }

    @Benchmark
    public List<PlanAudit.Cell> planOfThirtyCalls() {
        return plan(Plays.NONE);
    }

    @Benchmark
    public List<PlanAudit.Cell> planOfThirtyCallsWithEveryPlay() {
        return plan(library.plays());
    }

    private List<PlanAudit.Cell> plan(Plays plays) {
        var cells = new ArrayList<PlanAudit.Cell>();
        calls.forEach(c -> cells.addAll(PlanAudit.row(c, formations, SPOT, PlanAudit.Motions.ALL, plays)));
        return cells;
    }
}
