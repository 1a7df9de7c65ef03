package mensch.core.convention;

/**
 * How a body gets going from rest: x(t) = V (t' - k (1 - e^(-t'/k))), t' = t - delay (handbook 9, speeds;
 * <em>model</em>).
 *
 * @param topSpeed V, yards per second
 * @param build k, seconds
 * @param delay seconds before he moves
 */
public record Gait(double topSpeed, double build, double delay) {
    private static final double FINE = 1e-6;

    /** Yards after so many seconds. */
    public double distance(double seconds) {
        double t = Math.max(0, seconds - delay);
        return topSpeed * (t - build * (1 - Math.exp(-t / build)));
    }

    /**
     * Seconds for so many yards, 0 for none. By Newton's way from the time he would need were he at speed after k: from
     * there the curve is convex, so each step comes down to the answer and none goes past it.
     */
    public double time(double yards) {
        if (yards <= 0) {
            return 0;
        }
        double t = yards / topSpeed + build;
        double step = t;
        while (step > FINE) {
            double still = Math.exp(-t / build);
            step = (t - build * (1 - still) - yards / topSpeed) / (1 - still);
            t -= step;
        }
        return delay + t;
    }
}
