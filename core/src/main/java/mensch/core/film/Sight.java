package mensch.core.film;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.RealMatrix;

/**
 * Men of one picture. Their places share the doubt of its calibration, so that two who stand near each other are told
 * apart better than each of them is placed.
 *
 * @param seen in the order of {@code together}
 * @param together covariance of all places, square yards: width and depth of the first, of the second, and so on
 */
public record Sight(List<Seen> seen, RealMatrix together) {

    /** One of them; who and when, and where. */
    public record Seen(Shot shot, Measured at) {}

    public Sight {
        seen = List.copyOf(seen);
    }

    /** One alone. */
    public static Sight of(Shot shot, Measured at) {
        Covariance c = at.covariance();
        return new Sight(List.of(new Seen(shot, at)), new Array2DRowRealMatrix(new double[][] {
            {c.xx(), c.xy()}, {c.xy(), c.yy()}
        }));
    }

    /** Without some of them. */
    Sight without(Set<Shot> others) {
        List<Integer> kept = IntStream.range(0, seen.size())
                .filter(i -> !others.contains(seen.get(i).shot()))
                .boxed()
                .toList();
        int[] rows =
                kept.stream().flatMapToInt(i -> IntStream.of(2 * i, 2 * i + 1)).toArray();
        return new Sight(
                kept.stream().map(seen::get).toList(), kept.isEmpty() ? together : together.getSubMatrix(rows, rows));
    }
}
