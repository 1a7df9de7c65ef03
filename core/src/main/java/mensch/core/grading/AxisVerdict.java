package mensch.core.grading;

/**
 * One axis of an alignment: outside the region beyond doubt, inside beyond doubt, or neither. Yards. Against a man more
 * is needed than for him.
 */
public sealed interface AxisVerdict {
    /** Two-sided 95 % of a normal distribution. */
    double Z95 = 1.96;
    /** Two-sided 98 %: who stands right on a line is told to be off it once in fifty times, however little is seen. */
    double Z98 = 2.33;

    /**
     * {@code yards} outside the region toward {@code direction} (wide, tight, deep, short), plus or minus
     * {@code uncertainty} at 95 %.
     */
    record Out(double yards, String direction, double uncertainty) implements AxisVerdict {}

    record In(double uncertainty) implements AxisVerdict {}

    /** The region's edge lies within the uncertainty; {@code yards} outside (negative inside). */
    record TooClose(double yards, String direction, double uncertainty) implements AxisVerdict {}

    /**
     * @param low the region's near edge on an axis that grows toward {@code high}'s direction
     * @param sigma one standard deviation of everything that went into the difference
     */
    static AxisVerdict of(double value, double low, double high, double sigma, String below, String above) {
        double uncertainty = Z95 * sigma;
        boolean over = value - high >= low - value;
        double outside = over ? value - high : low - value;
        String direction = over ? above : below;
        if (outside - Z98 * sigma > 0) {
            return new Out(outside, direction, uncertainty);
        }
        return outside + uncertainty <= 0 ? new In(uncertainty) : new TooClose(outside, direction, uncertainty);
    }
}
