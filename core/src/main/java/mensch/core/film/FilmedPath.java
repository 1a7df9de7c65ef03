package mensch.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mensch.core.convention.FilmLimits;
import mensch.core.geometry.Point;
import mensch.core.geometry.Vector;

/**
 * How one man moved through a play who was followed on film: his places weighed by their doubt and by how fast a body
 * changes its speed, from all sides together. Where he was not seen for some time the path has a gap, and nothing is
 * said of it.
 *
 * @param stretches without a gap each, in the order of time
 */
public record FilmedPath(List<Stretch> stretches) {
    public FilmedPath {
        stretches = List.copyOf(stretches);
    }

    /**
     * A man where he was followed to.
     *
     * @param seconds since the ball moved
     */
    public record Look(double seconds, Measured at) {}

    /**
     * Of a path.
     *
     * @param at play frame yards from the logged spot, with its doubt
     * @param velocity yards a second
     * @param velocityDoubt squared yards a second
     */
    public record Step(double seconds, Measured at, Vector velocity, Covariance velocityDoubt) {}

    /** Steps without a gap between them, one or more. */
    public record Stretch(List<Step> steps) {
        public Stretch {
            steps = List.copyOf(steps);
        }

        double from() {
            return steps.get(0).seconds();
        }

        double to() {
            return steps.get(steps.size() - 1).seconds();
        }
    }

    /**
     * How fast he once was.
     *
     * @param yardsASecond on average
     * @param sigma one standard deviation of that
     * @param seconds since the ball moved, in the middle of it
     */
    public record Pace(double yardsASecond, double sigma, double seconds) {

        /** How far off that may be, yards a second, 95 %. */
        public double doubt() {
            return ClickNoise.Z95 * sigma;
        }

        /** So fast he surely was, 97.5 %. */
        public double atLeast() {
            return yardsASecond - doubt();
        }

        /** Faster he hardly was, 97.5 %. */
        public double atMost() {
            return yardsASecond + doubt();
        }
    }

    /** @param looks from any side, in any order */
    public static FilmedPath of(List<Look> looks, FilmLimits limits) {
        List<Look> all =
                looks.stream().sorted(Comparator.comparingDouble(Look::seconds)).toList();
        var stretches = new ArrayList<Stretch>();
        int begin = 0;
        while (begin < all.size()) {
            var filter = new PathFilter(all.get(begin), limits.path());
            int next = begin + 1;
            while (next < all.size() && filter.takes(all, next)) {
                next++;
            }
            stretches.add(new Stretch(filter.smoothed()));
            begin = next;
        }
        return new FilmedPath(stretches);
    }

    /** Where he was; none in a gap, and before and after it. */
    public Optional<Point> at(double seconds) {
        return stretches.stream()
                .filter(s -> s.from() <= seconds && seconds <= s.to())
                .findFirst()
                .map(s -> at(s.steps(), seconds));
    }

    private static Point at(List<Step> steps, double seconds) {
        int after = 0;
        while (steps.get(after).seconds() < seconds) {
            after++;
        }
        Point there = steps.get(after).at().feet();
        if (after == 0) {
            return there;
        }
        Step before = steps.get(after - 1);
        double part = (seconds - before.seconds()) / (steps.get(after).seconds() - before.seconds());
        Point here = before.at().feet();
        return new Point(here.x() + part * (there.x() - here.x()), here.y() + part * (there.y() - here.y()));
    }

    /** The fastest he was, on average over a while; none where he was never seen for so long. */
    public Optional<Pace> fastest(FilmLimits limits) {
        double held = limits.path().held();
        var paces = new ArrayList<Pace>();
        for (Stretch stretch : stretches) {
            List<Step> steps = stretch.steps();
            for (int i = 0; i < steps.size(); i++) {
                int j = i;
                while (j < steps.size() && steps.get(j).seconds() - steps.get(i).seconds() < held) {
                    j++;
                }
                if (j < steps.size()) {
                    paces.add(pace(steps.subList(i, j + 1)));
                }
            }
        }
        return paces.stream().max(Comparator.comparingDouble(Pace::yardsASecond));
    }

    /** On average over steps; neighbours go wrong together, so that many are told no better than one. */
    private static Pace pace(List<Step> steps) {
        double x = 0;
        double y = 0;
        double whole = 0;
        double sigma = 0;
        for (int i = 1; i < steps.size(); i++) {
            Step one = steps.get(i - 1);
            Step other = steps.get(i);
            double lasts = other.seconds() - one.seconds();
            x += lasts * (one.velocity().x() + other.velocity().x()) / 2;
            y += lasts * (one.velocity().y() + other.velocity().y()) / 2;
            sigma += lasts * (along(one) + along(other)) / 2;
            whole += lasts;
        }
        return new Pace(
                Math.hypot(x, y) / whole,
                sigma / whole,
                (steps.get(0).seconds() + steps.get(steps.size() - 1).seconds()) / 2);
    }

    /** One standard deviation of the speed along the way he runs. */
    private static double along(Step step) {
        Vector v = step.velocity();
        Covariance c = step.velocityDoubt();
        double speed = v.length();
        if (speed < 1e-9) {
            return Math.sqrt(Math.max(c.xx(), c.yy()));
        }
        Point weighed = c.times(new Point(v.x() / speed, v.y() / speed));
        return Math.sqrt(Math.max(0, (weighed.x() * v.x() + weighed.y() * v.y()) / speed));
    }
}
