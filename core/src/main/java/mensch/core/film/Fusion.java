package mensch.core.film;

import java.util.List;
import mensch.core.geometry.Point;

/**
 * One man seen from several sides at one time. Each view tells one direction better than the other: the place is their
 * mean, weighed by the inverse of their covariances (the best linear unbiased estimate of views whose errors have
 * nothing to do with each other). Views that lie farther apart than their doubt explains are not averaged away.
 */
public record Fusion(Measured measured, double sigmasApart, double yardsApart) {
    /** Views farther apart than this show different places. <em>Model.</em> */
    public static final double MOST_SIGMAS = 3;

    /** @param views of one man, at least one */
    public static Fusion of(List<Measured> views) {
        var weight = new Covariance(0, 0, 0);
        var sum = new Point(0, 0);
        double sigmas = 0;
        double yards = 0;
        for (Measured view : views) {
            Covariance its = view.covariance().weight();
            Point weighed = its.times(view.feet());
            weight = weight.plus(its);
            sum = new Point(sum.x() + weighed.x(), sum.y() + weighed.y());
            for (Measured other : views) {
                Covariance both = view.covariance().plus(other.covariance());
                sigmas = Math.max(sigmas, both.sigmasApart(view.feet(), other.feet()));
                yards = Math.max(yards, view.feet().distance(other.feet()));
            }
        }
        Covariance covariance = weight.weight();
        return new Fusion(
                new Measured(covariance.times(sum), covariance, views.stream().allMatch(Measured::insideHull)),
                sigmas,
                yards);
    }

    /** Whether the views may well show the same place. */
    public boolean agrees() {
        return sigmasApart <= MOST_SIGMAS;
    }
}
