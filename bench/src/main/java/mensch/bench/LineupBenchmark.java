package mensch.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.call.Call;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.library.Library;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.EligibleLedger;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Lineup;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

/** One line-up from features to jobs, with its ledgers, and with the whole audit. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class LineupBenchmark {
    private final Call call = Library.shipped().call("anvil-drizzle");
    private final Snap snap = Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 | hs l 38 2&7");

    @Benchmark
    public Lineup lineup() {
        return Lineup.of(call, snap);
    }

    @Benchmark
    public void lineupWithLedgers(Blackhole hole) {
        Lineup lineup = Lineup.of(call, snap);
        AreaLedger areas = AreaLedger.of(lineup);
        hole.consume(GapLedger.of(lineup));
        hole.consume(areas);
        hole.consume(EligibleLedger.of(lineup, areas));
    }

    @Benchmark
    public List<Finding> audit() {
        return Audit.of(Lineup.of(call, snap));
    }
}
