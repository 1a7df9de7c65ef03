package mensch.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import mensch.core.convention.FilmLimits;
import mensch.core.geometry.Point;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * Where men and ball were at the moments of a play, put together from all views of it. Each view tells one direction
 * better than the other: the places are the best linear unbiased estimate, weighed by the inverse of each view's
 * covariance, all men at once, since those of one picture share its calibration. Everything is measured on the field;
 * what is asked is asked from the ball, so the ball is taken off with its doubt. Views that lie farther apart than
 * their doubt explains are not averaged away.
 */
public final class Places {
    /** Who the ball is among those who are clicked. */
    public static final String BALL = "ball";
    /** Views farther apart than this show different places. <em>Model.</em> */
    public static final double MOST_SIGMAS = 3;
    /** Variance of an even distribution from -1 to 1. */
    private static final double EVEN = 1.0 / 3;

    private static final Shot BALL_AT_SNAP = Shot.atSnap(BALL);

    private final List<Shot> shots;
    private final RealVector feet;
    private final RealMatrix covariance;
    private final Set<Shot> outside;
    private final Map<Shot, Double> apart;
    private final boolean ballSeen;

    private Places(
            List<Shot> shots,
            RealVector feet,
            RealMatrix covariance,
            Set<Shot> outside,
            Map<Shot, Double> apart,
            boolean ballSeen) {
        this.shots = shots;
        this.feet = feet;
        this.covariance = covariance;
        this.outside = outside;
        this.apart = apart;
        this.ballSeen = ballSeen;
    }

    /**
     * @param sights of one play, from the logged spot of the ball, which is taken for the ball's place as far as logs
     *     are to be believed where nobody clicked it
     */
    public static Places of(List<Sight> sights, FilmLimits limits) {
        var apart = new LinkedHashMap<Shot, Double>();
        var seen = new LinkedHashMap<Shot, List<Measured>>();
        sights.forEach(s -> s.seen()
                .forEach(m ->
                        seen.computeIfAbsent(m.shot(), w -> new ArrayList<>()).add(m.at())));
        seen.forEach((shot, places) -> {
            if (sigmasApart(places) > MOST_SIGMAS) {
                apart.put(shot, yardsApart(places));
            }
        });
        var kept = new ArrayList<>(sights.stream()
                .map(s -> s.without(apart.keySet()))
                .filter(s -> !s.seen().isEmpty())
                .toList());
        boolean ball = kept.stream()
                .anyMatch(s -> s.seen().stream().anyMatch(m -> m.shot().equals(BALL_AT_SNAP)));
        if (!ball) {
            var logged = new Covariance(
                    EVEN * limits.ball().lateral() * limits.ball().lateral(),
                    0,
                    EVEN * limits.ball().depth() * limits.ball().depth());
            kept.add(Sight.of(BALL_AT_SNAP, new Measured(new Point(0, 0), logged, true)));
        }
        return fused(kept, apart, ball);
    }

    private static Places fused(List<Sight> sights, Map<Shot, Double> apart, boolean ball) {
        List<Shot> shots = sights.stream()
                .flatMap(s -> s.seen().stream())
                .map(Sight.Seen::shot)
                .distinct()
                .toList();
        var weight = new Array2DRowRealMatrix(2 * shots.size(), 2 * shots.size());
        var sum = new ArrayRealVector(2 * shots.size());
        var outside = new HashSet<Shot>();
        for (Sight sight : sights) {
            int[] rows = sight.seen().stream()
                    .mapToInt(s -> 2 * shots.indexOf(s.shot()))
                    .flatMap(i -> IntStream.of(i, i + 1))
                    .toArray();
            double[] at = sight.seen().stream()
                    .flatMapToDouble(s ->
                            DoubleStream.of(s.at().feet().x(), s.at().feet().y()))
                    .toArray();
            RealMatrix its = new LUDecomposition(sight.together()).getSolver().getInverse();
            double[] weighed = its.operate(at);
            for (int i = 0; i < rows.length; i++) {
                sum.addToEntry(rows[i], weighed[i]);
                for (int j = 0; j < rows.length; j++) {
                    weight.addToEntry(rows[i], rows[j], its.getEntry(i, j));
                }
            }
            sight.seen().stream().filter(s -> !s.at().insideHull()).forEach(s -> outside.add(s.shot()));
        }
        RealMatrix covariance = new LUDecomposition(weight).getSolver().getInverse();
        return new Places(shots, covariance.operate(sum), covariance, outside, apart, ball);
    }

    private static double sigmasApart(List<Measured> views) {
        double most = 0;
        for (Measured one : views) {
            for (Measured other : views) {
                most = Math.max(most, one.covariance().plus(other.covariance()).sigmasApart(one.feet(), other.feet()));
            }
        }
        return most;
    }

    private static double yardsApart(List<Measured> views) {
        return views.stream()
                .flatMapToDouble(
                        one -> views.stream().mapToDouble(other -> one.feet().distance(other.feet())))
                .max()
                .orElse(0);
    }

    /** Everybody who was measured at the snap, without the ball. */
    public List<String> men() {
        return shots.stream()
                .filter(s -> s.isAtSnap() && !s.equals(BALL_AT_SNAP))
                .map(Shot::who)
                .toList();
    }

    /** Whom the views put at different places at the snap, and how far apart those are, yards: not measured. */
    public Map<String, Double> apart() {
        var men = new LinkedHashMap<String, Double>();
        apart.forEach((shot, yards) -> {
            if (shot.isAtSnap()) {
                men.put(shot.who(), yards);
            }
        });
        return men;
    }

    /** Where somebody was at the snap from the ball. */
    public Optional<Measured> fromBall(String man) {
        return fromBall(Shot.atSnap(man));
    }

    /** Where somebody was at the snap on the field, from the spot that was logged for the ball. */
    public Optional<Measured> onField(String man) {
        return less(Shot.atSnap(man), BALL_AT_SNAP, 0);
    }

    /** Where the ball lies from the spot that was logged, if somebody clicked it. */
    public Optional<Measured> ball() {
        return ballSeen ? onField(BALL) : Optional.empty();
    }

    /** Where a man had come to since the snap, yards; what his clicks have in common falls away. */
    public record Moved(double seconds, Measured by) {}

    /** How a man moved after the snap who was measured at it, in the order of time. */
    public List<Moved> moves(String man) {
        Shot before = Shot.atSnap(man);
        if (!shots.contains(before)) {
            return List.of();
        }
        return shots.stream()
                .filter(s -> s.who().equals(man) && s.seconds() > 0)
                .sorted(Comparator.comparingDouble(Shot::seconds))
                .flatMap(s -> less(s, before, 1).map(by -> new Moved(s.seconds(), by)).stream())
                .toList();
    }

    /** How far one is from another at a moment or two; none where one of them was not measured. */
    public Optional<Measured> between(Shot from, Shot to) {
        return shots.contains(from) ? less(to, from, 1) : Optional.empty();
    }

    /** The moment of a click on somebody that lies nearest to a time, no farther than so many seconds. */
    public Optional<Shot> near(String who, double seconds, double within) {
        return shots.stream()
                .filter(s -> s.who().equals(who) && Math.abs(s.seconds() - seconds) <= within)
                .min(Comparator.comparingDouble(s -> Math.abs(s.seconds() - seconds)));
    }

    /** Where somebody was at a moment, from where the ball lay. */
    public Optional<Measured> fromBall(Shot shot) {
        return less(shot, BALL_AT_SNAP, 1);
    }

    private Optional<Measured> less(Shot shot, Shot other, double share) {
        int i = 2 * shots.indexOf(shot);
        if (i < 0) {
            return Optional.empty();
        }
        int o = 2 * shots.indexOf(other);
        var is = new Covariance(
                less(i, i, o, o, share), less(i, i + 1, o, o + 1, share), less(i + 1, i + 1, o + 1, o + 1, share));
        return Optional.of(new Measured(
                new Point(
                        feet.getEntry(i) - share * feet.getEntry(o),
                        feet.getEntry(i + 1) - share * feet.getEntry(o + 1)),
                is,
                !outside.contains(shot)));
    }

    /** Covariance of two figures each less a share of another's. */
    private double less(int one, int two, int ofOne, int ofTwo, double share) {
        return covariance.getEntry(one, two)
                - share * covariance.getEntry(one, ofTwo)
                - share * covariance.getEntry(ofOne, two)
                + share * share * covariance.getEntry(ofOne, ofTwo);
    }

    /**
     * One standard deviation of a sum of widths at the snap, yards; with what the men of one picture have in common,
     * which falls away between two of them.
     *
     * @param shares of those who are in it; others than the measured count for nothing
     */
    public double sigmaX(Map<String, Double> shares) {
        double variance = 0;
        for (Map.Entry<String, Double> one : shares.entrySet()) {
            for (Map.Entry<String, Double> other : shares.entrySet()) {
                int i = 2 * shots.indexOf(Shot.atSnap(one.getKey()));
                int j = 2 * shots.indexOf(Shot.atSnap(other.getKey()));
                variance += i < 0 || j < 0 ? 0 : one.getValue() * other.getValue() * covariance.getEntry(i, j);
            }
        }
        return Math.sqrt(Math.max(0, variance));
    }
}
