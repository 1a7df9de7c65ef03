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
    private static final double FINE = 1e-4;

    /** Yards after so many seconds. */
    public double distance(double seconds) {
        double t = Math.max(0, seconds - delay);
        return topSpeed * (t - build * (1 - Math.exp(-t / build)));
    }

    /** Seconds for so many yards, 0 for none; found by halving, to a ten-thousandth. */
    public double time(double yards) {
        if (yards <= 0) {
            return 0;
        }
        double low = 0;
        double high = delay + build + yards / topSpeed + 1;
        while (high - low > FINE) {
            double middle = (low + high) / 2;
            if (distance(middle) < yards) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }
}
