package mensch.vision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mensch.core.convention.FilmLimits;
import mensch.core.field.Field;
import mensch.core.film.Calibration;
import mensch.core.film.KnownPoint;
import mensch.core.film.Tripod;

/**
 * Known places that a picture itself shows: those near a view that clicks have solved already, or, where it is known
 * where the camera stands, those of the look under which the field's lines lie on paint. All of them must go together
 * as clicks do, and most that should be seen must be.
 */
public final class PlacesInPicture {
    /** In a wider picture lines are told no better, and slower. */
    private static final int WIDEST_PICTURE = 1920;
    /** Looks that are followed to the end, each way that the offence may go. */
    private static final int LOOKS = 4;
    /** Fewer prove nothing. */
    private static final int FEWEST = 4;
    /** Such a share of those that should be seen. <em>Model.</em> */
    private static final double MOST = 0.5;

    /** Farther from the view of all than this, in the noise of a click, a place is not proposed. */
    private static final double FITS = 2.5;
    /** Nobody can say which it is where another view shows such a share of what the best one does. <em>Model.</em> */
    private static final double AS_WELL = 0.5;

    private final LookFinder looks;
    private final CrossingFinder crossings;
    private final Tripod tripod;
    private final FilmLimits limits;

    private PlacesInPicture(PaintMap paint, Field field, Tripod tripod, FilmLimits limits) {
        this.looks = new LookFinder(paint, field);
        this.crossings = new CrossingFinder(paint, field);
        this.tripod = tripod;
        this.limits = limits;
    }

    /**
     * What a picture tells.
     *
     * @param places those that are found, each by itself; none when the picture does not tell
     * @param eitherWay none are told because another view shows as many: a field looks the same from its other side
     */
    public record Found(List<KnownPoint> places, boolean eitherWay) {}

    /**
     * A view that found places make together.
     *
     * @param share so much of those that should be seen in it
     */
    private record Together(Calibration view, double share) {
        /** The more places, the more of those that should be seen, and the better they go together. */
        double worth() {
            return view.points().size() * share / view.sigmaPixels();
        }

        /** Whether most places of another lie elsewhere in this one. */
        boolean differs(Together other, double pixels) {
            List<KnownPoint> points = other.view.points();
            return points.stream()
                            .filter(p -> view.toImage(p.field()).isEmpty() || view.off(p) > pixels)
                            .count()
                    > points.size() / 2;
        }
    }

    /** @param clicked places that somebody clicked in it: what is found goes with them */
    public static Found find(Picture picture, Field field, Tripod tripod, List<KnownPoint> clicked, FilmLimits limits) {
        var places = new PlacesInPicture(PaintMap.of(picture.within(WIDEST_PICTURE)), field, tripod, limits);
        if (!clicked.isEmpty() && Calibration.of(clicked, tripod, limits) instanceof Calibration.Solved solved) {
            return places.told(
                    places.near(Shown.by(solved.calibration()), clicked).stream()
                            .toList(),
                    clicked);
        }
        List<Together> usual = places.all(clicked, LookFinder.NEAR_BY);
        return places.told(usual.isEmpty() ? places.all(clicked, LookFinder.FAR_OFF) : usual, clicked);
    }

    /** What a picture tells near a view of a frame shortly before it. */
    public static Found near(Picture picture, Field field, Tripod tripod, Calibration before, FilmLimits limits) {
        var places = new PlacesInPicture(PaintMap.of(picture.within(WIDEST_PICTURE)), field, tripod, limits);
        return places.told(places.near(Shown.by(before), List.of()).stream().toList(), List.of());
    }

    /** A view by what a picture tells near a view of the frame before it. */
    static Optional<Calibration> solvedNear(
            Picture picture, Field field, Tripod tripod, Calibration before, FilmLimits limits) {
        var places = new PlacesInPicture(PaintMap.of(picture), field, tripod, limits);
        CrossingFinder.Crossings crossings = places.crossings.near(Shown.by(before));
        return places.solved(crossings.found(), List.of())
                .filter(view -> view.points().size() >= MOST * crossings.asked());
    }

    private List<Together> all(List<KnownPoint> clicked, double aside) {
        return starts(clicked, aside).stream()
                .flatMap(start -> near(start, clicked).stream())
                .toList();
    }

    private Found told(List<Together> views, List<KnownPoint> clicked) {
        Optional<Together> likeliest = views.stream().max(Comparator.comparingDouble(Together::worth));
        if (likeliest.isEmpty()) {
            return new Found(List.of(), false);
        }
        Together best = likeliest.get();
        double pixels = FITS * limits.paintPixels();
        List<KnownPoint> fitting = best.view().points().stream()
                .filter(p -> best.view().off(p) < pixels)
                .toList();
        if (fitting.size() < FEWEST) {
            // a view that few of its own places fit is none
            return new Found(List.of(), false);
        }
        boolean either = views.stream().anyMatch(v -> v.worth() > AS_WELL * best.worth() && best.differs(v, pixels));
        return new Found(
                either
                        ? List.of()
                        : fitting.stream().filter(p -> !clicked.contains(p)).toList(),
                either);
    }

    /** Views to begin with, the likeliest first. */
    private List<Shown> starts(List<KnownPoint> clicked, double aside) {
        return tripod.looks().stream()
                .map(guess -> clicked.isEmpty() ? guess : guess.through(clicked.get(0)))
                .flatMap(look -> looks.near(look, aside, LOOKS).stream())
                .sorted(Comparator.comparingDouble(LookFinder.Laid::score).reversed())
                .map(laid -> Shown.by(laid.look()))
                .toList();
    }

    /** Found near a view, and once more near what the found ones tell. */
    private Optional<Together> near(Shown start, List<KnownPoint> clicked) {
        return solved(crossings.near(start).found(), clicked).flatMap(first -> {
            CrossingFinder.Crossings again = crossings.near(Shown.by(first));
            return solved(again.found(), clicked)
                    .map(view -> new Together(view, (double) view.points().size() / Math.max(1, again.asked())))
                    .filter(set -> set.share() >= MOST);
        });
    }

    private Optional<Calibration> solved(List<KnownPoint> found, List<KnownPoint> clicked) {
        List<KnownPoint> all = new ArrayList<>(clicked);
        found.stream()
                .filter(f -> clicked.stream().noneMatch(c -> c.name().equals(f.name())))
                .forEach(all::add);
        return all.size() >= FEWEST
                        && Calibration.of(all, tripod, limits) instanceof Calibration.Solved solved
                        && solved.calibration().standing() != Calibration.Standing.ELSEWHERE
                        && solved.calibration().points().size() >= FEWEST
                        && solved.calibration().points().containsAll(clicked)
                ? Optional.of(solved.calibration())
                : Optional.empty();
    }
}
