package mensch.core.film;

import java.util.List;
import java.util.function.ToDoubleFunction;
import mensch.core.convention.FilmLimits;

/**
 * A click between a man's feet, or the middle of several while he stood still.
 *
 * @param hidden his feet are behind somebody: it is clicked where they must be
 * @param clicks how many it is the middle of, 1 or more; no two of them go wrong together
 */
public record Feet(ImagePoint at, boolean hidden, int clicks) {

    public Feet(ImagePoint at, boolean hidden) {
        this(at, hidden, 1);
    }

    /** The middle of clicks on one who stood still; where some are seen, those that are hidden tell nothing more. */
    static Feet middle(List<Feet> clicks) {
        boolean hidden = clicks.stream().allMatch(Feet::hidden);
        List<Feet> told = clicks.stream().filter(f -> f.hidden() == hidden).toList();
        return new Feet(
                new ImagePoint(mean(told, f -> f.at().xPixels()), mean(told, f -> f.at().yPixels())),
                hidden,
                told.stream().mapToInt(Feet::clicks).sum());
    }

    private static double mean(List<Feet> clicks, ToDoubleFunction<Feet> of) {
        return clicks.stream().mapToDouble(of).average().orElseThrow();
    }

    /** One standard deviation, pixels; the ball is as sharp as paint. */
    double doubt(String who, FilmLimits limits) {
        double one =
                hidden ? limits.hiddenPixels() : who.equals(Places.BALL) ? limits.paintPixels() : limits.feetPixels();
        return one / Math.sqrt(clicks);
    }
}
