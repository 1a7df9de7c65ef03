package mensch.core.film;

import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import mensch.core.convention.FilmLimits;

/**
 * A click between a man's feet, or the middle of several while he stood still.
 *
 * @param told how he was told there
 * @param clicks how many it is the middle of, 1 or more; no two of them go wrong together
 */
public record Feet(ImagePoint at, Told told, int clicks) {

    /** How feet are told in a picture, the surest first. */
    public enum Told {
        /** Seen and clicked. */
        SEEN,
        /** Found by the picture itself, and confirmed. */
        FOUND,
        /** Behind somebody: clicked where they must be. */
        HIDDEN
    }

    public Feet(ImagePoint at, Told told) {
        this(at, told, 1);
    }

    /** Clicked by hand, seen or hidden. */
    public Feet(ImagePoint at, boolean hidden) {
        this(at, hidden ? Told.HIDDEN : Told.SEEN, 1);
    }

    /**
     * The middle of clicks on one who stood still; where some are told more surely, the others tell nothing more. What
     * the picture finds in one frame it finds in the next, and as wrong: many are worth one.
     */
    static Feet middle(List<Feet> clicks) {
        Told best =
                clicks.stream().map(Feet::told).min(Comparator.naturalOrder()).orElseThrow();
        List<Feet> all = clicks.stream().filter(f -> f.told() == best).toList();
        return new Feet(
                new ImagePoint(mean(all, f -> f.at().xPixels()), mean(all, f -> f.at().yPixels())),
                best,
                best == Told.FOUND ? 1 : all.stream().mapToInt(Feet::clicks).sum());
    }

    private static double mean(List<Feet> clicks, ToDoubleFunction<Feet> of) {
        return clicks.stream().mapToDouble(of).average().orElseThrow();
    }

    /** One standard deviation, pixels; the ball is as sharp as paint. */
    double doubt(String who, FilmLimits limits) {
        double one = switch (told) {
            case SEEN -> who.equals(Places.BALL) ? limits.paintPixels() : limits.feetPixels();
            case FOUND -> limits.foundPixels();
            case HIDDEN -> limits.hiddenPixels();
        };
        return one / Math.sqrt(clicks);
    }
}
