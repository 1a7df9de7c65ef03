package mensch.core.film;

import mensch.core.convention.FilmLimits;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.hipparchus.distribution.continuous.TDistribution;

/** How unsteady the clicks on known points are. */
final class ClickNoise {
    /** Two-sided 95 % of a normal distribution. */
    static final double Z95 = 1.96;

    private static final double UPPER = 0.975;
    /** Good clicks are taken for wrong ones once in so many sets. */
    private static final double ONCE_IN = 1000;
    /** A hand may be so many times less steady than was said. */
    static final int UNSTEADY = 4;

    private ClickNoise() {}

    /**
     * Whether the noise of clicks explains how far they lie from a view.
     *
     * @param squares of all residuals, each by its noise
     * @param spare how many numbers were clicked more than the view needs
     */
    static boolean explains(double squares, double spare) {
        return squares <= new ChiSquaredDistribution(spare).inverseCumulativeProbability(1 - 1 / ONCE_IN);
    }

    /**
     * One standard deviation per axis, pixels: what is said of it beforehand joined with what the residuals show, and
     * made larger by Student's factor, since neither tells it exactly: 1.96 times it is 95 % with few points too.
     *
     * @param squares of the clicks' ways from where the view puts them, square pixels
     * @param spare how many numbers were clicked more than the view needs
     */
    static double pixels(double squares, double spare, FilmLimits limits) {
        double freedom = limits.paintWorth() + spare;
        double variance = (limits.paintWorth() * limits.paintPixels() * limits.paintPixels() + squares) / freedom;
        return Math.sqrt(variance) * new TDistribution(freedom).inverseCumulativeProbability(UPPER) / Z95;
    }
}
