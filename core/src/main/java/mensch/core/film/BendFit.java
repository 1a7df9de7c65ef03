package mensch.core.film;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import mensch.core.convention.FilmLimits;
import org.hipparchus.exception.MathRuntimeException;

/**
 * How much a lens bends, told by views whose clicks lie on one plane only if it is taken out: over a row of bends the
 * one under which they lie best, and between its neighbours the bottom of the parabola through them. It is said to bend
 * only where that explains the clicks surely better than none.
 */
final class BendFit {
    /** With fewer clicks a bend and a click that is off look the same. */
    static final int LEAST_POINTS = 10;

    /** Told by no more views: those with the most clicks. */
    private static final int VIEWS = 2;

    private static final double COARSE = 0.03;
    private static final double FINE = 0.01;
    /** A click that is off by more, in its noise, weighs no more. */
    private static final double MOST_SIGMAS = 8;
    /** So many squared standard deviations less are no luck: once in some thousand views. */
    private static final double SURELY = 14;

    private final PictureSize picture;
    private final FilmLimits limits;
    private final List<List<KnownPoint>> views;
    private final boolean wrongOnes;
    private final Map<Double, Double> costs = new HashMap<>();

    /** @param wrongOnes whether some of the clicks may be wrong, and are to be left out */
    private BendFit(List<List<KnownPoint>> views, PictureSize picture, FilmLimits limits, boolean wrongOnes) {
        this.wrongOnes = wrongOnes;
        this.views = views;
        this.picture = picture;
        this.limits = limits;
    }

    /** @param views of one lens, clicks of each */
    static Bend of(List<List<KnownPoint>> views, PictureSize picture, FilmLimits limits) {
        List<List<KnownPoint>> telling = views.stream()
                .filter(v -> v.size() >= LEAST_POINTS && Degeneracy.of(v).isEmpty())
                .sorted(Comparator.comparing(List<KnownPoint>::size).reversed())
                .limit(VIEWS)
                .toList();
        if (telling.isEmpty()) {
            return Bend.NONE;
        }
        // where no click is wrong nobody has to be asked which it is, and that takes long
        var plain = new BendFit(telling, picture, limits, false);
        Bend bend = plain.fitted();
        return plain.isExplained(bend.k()) ? bend : new BendFit(telling, picture, limits, true).fitted();
    }

    private Bend fitted() {
        double none = cost(0);
        if (isExplained(0)) {
            return Bend.NONE;
        }
        double coarse = least(0, COARSE, (int) Math.round(Bend.MOST / COARSE));
        double k = least(coarse, FINE, 2);
        double here = cost(k);
        double before = cost(k - FINE);
        double after = cost(k + FINE);
        double curve = before - 2 * here + after;
        return none - here < SURELY || !(curve > 0)
                ? Bend.NONE
                : new Bend(k + FINE * (before - after) / (2 * curve), picture);
    }

    /** Whether the noise of clicks explains how they lie under a bend. */
    private boolean isExplained(double k) {
        int clicks = views.stream().mapToInt(List::size).sum();
        return ClickNoise.explains(cost(k), 2.0 * clicks - HomographyFit.PARAMETERS * (double) views.size());
    }

    /** Of so many steps to either side of a bend the one that costs least. */
    private double least(double around, double step, int each) {
        return IntStream.rangeClosed(-each, each)
                .mapToObj(i -> around + i * step)
                .min(Comparator.comparingDouble(this::cost))
                .orElseThrow();
    }

    /** Squares of all clicks, each by its noise, under a bend. */
    private double cost(double k) {
        return costs.computeIfAbsent(
                k,
                at -> views.stream()
                        .mapToDouble(view -> cost(view, new Bend(at, picture)))
                        .sum());
    }

    private double cost(List<KnownPoint> view, Bend bend) {
        double most = MOST_SIGMAS * MOST_SIGMAS;
        List<KnownPoint> straight = view.stream().map(bend::straight).toList();
        try {
            Homography fitted = wrongOnes
                    ? new Consensus(straight, limits.paintPixels()).fitting().view()
                    : new HomographyFit(straight).solve().fieldToImage();
            return straight.stream()
                    .mapToDouble(p -> Math.pow(Consensus.off(fitted, p) / limits.paintPixels(), 2))
                    .map(square -> Math.min(most, square))
                    .sum();
        } catch (MathRuntimeException e) {
            // no camera sees them like that
            return most * view.size();
        }
    }
}
