package mensch.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import mensch.core.call.Call;
import mensch.core.formation.Snap;
import mensch.core.library.Library;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Lineup;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

/**
 * Every library call against every library formation as set, three codes, three hashes: line-ups a second on one core.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Warmup(iterations = 2, time = 5)
@Measurement(iterations = 3, time = 5)
@Fork(1)
public class GridBenchmark {
    private static final int CALLS = 54;
    private static final int SNAPS = 36 * 9;
    private final Library library = Library.shipped();
    private final List<Call> calls =
            library.calls().stream().filter(c -> c.front().players() == 11).toList();
    private final List<Snap> snaps = snaps();

    private List<Snap> snaps() {
        var all = new ArrayList<Snap>();
        for (LibraryFormation formation : Library.shipped().formationsFor(library.call("anvil-fog"))) {
            for (String code : List.of("hs", "col", "pro")) {
                for (String hash : List.of("l", "m", "r")) {
                    all.add(formation.snap(null, false, code + " " + hash + " 50 1&10"));
                }
            }
        }
        if (calls.size() != CALLS || all.size() != SNAPS) {
            throw new IllegalStateException("the library has " + calls.size() + " calls and " + all.size()
                    + " snaps now; correct the constants");
        }
        return all;
    }

    @Benchmark
    @OperationsPerInvocation(CALLS * SNAPS)
    public void grid(Blackhole hole) {
        for (Call call : calls) {
            for (Snap snap : snaps) {
                hole.consume(Lineup.of(call, snap));
            }
        }
    }
}
