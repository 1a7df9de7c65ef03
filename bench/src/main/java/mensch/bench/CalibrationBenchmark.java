package mensch.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import mensch.core.convention.Convention;
import mensch.core.film.Calibration;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPoint;
import mensch.core.geometry.Point;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Solving a view from 24 known points. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class CalibrationBenchmark {
    private final List<KnownPoint> points = new ArrayList<>();

    public CalibrationBenchmark() {
        for (double x : new double[] {-19, -17, -9, 9, 17, 19}) {
            for (double y : new double[] {-5, 0, 5, 10}) {
                double w = 1 + 0.012 * y + 0.0005 * x;
                double off = ((points.size() * 7) % 5 - 2) * 0.8;
                points.add(new KnownPoint(
                        x + " " + y,
                        new Point(x, y),
                        new ImagePoint((40 * x + 2 * y + 960) / w + off, (0.5 * x - 12 * y + 700) / w - off)));
            }
        }
    }

    @Benchmark
    public Calibration.Outcome solve() {
        return Calibration.of(points, Convention.standard().film());
    }
}
