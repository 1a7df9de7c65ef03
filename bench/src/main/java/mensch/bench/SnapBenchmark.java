package mensch.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.play.Plays;
import mensch.core.simulation.Outcome;
import mensch.core.simulation.Simulation;
import mensch.core.simulation.Unfolding;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One simulated snap of a run or a pass, and the range over two hundred, on one thread. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 4, time = 4)
@Fork(1)
public class SnapBenchmark {
    private static final int SEEDS = 200;
    private static final String SPOT = "hs m 50 1&10";

    @Param({"quarterback-sneak", "inside-zone", "outside-zone", "hitches", "four-verticals"})
    private String play;

    private Simulation simulation;
    private long seed;

    /** Line-up and blocks are made once for a play. */
    @Setup
    public void lineUp() {
        Library library = Library.shipped();
        Lineup lineup = Lineup.of(
                library.call("anvil-drizzle"), library.formation("doubles-ace").snap(null, false, SPOT));
        Plays plays = library.plays();
        simulation = plays.runs().stream()
                .filter(r -> r.id().equals(play))
                .findFirst()
                .flatMap(run -> Simulation.of(lineup, run, Side.RIGHT, List.of()))
                .or(() -> plays.passes().stream()
                        .filter(p -> p.id().equals(play))
                        .findFirst()
                        .flatMap(pass -> Simulation.of(lineup, plays, pass, Side.RIGHT, List.of())))
                .orElseThrow();
    }

    @Benchmark
    public Unfolding oneSnap() {
        return simulation.snap(seed++);
    }

    @Benchmark
    public Outcome range() {
        return Outcome.of(simulation, SEEDS);
    }
}
