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
    /** With so many nothing else need be looked at. */
    private static final double PLAIN = 0.7;

    private static final Together NONE = new Together(List.of(), 0);

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

    /** Found places, and which share of those that should be seen they are. */
    private record Together(List<KnownPoint> points, double share) {
        double worth() {
            return points.size() * share;
        }
    }

    /**
     * Places that are found, each by itself; none when the picture does not tell.
     *
     * @param clicked places that somebody clicked in it: what is found goes with them
     */
    public static List<KnownPoint> find(
            Picture picture, Field field, Tripod tripod, List<KnownPoint> clicked, FilmLimits limits) {
        var places = new PlacesInPicture(PaintMap.of(picture.within(WIDEST_PICTURE)), field, tripod, limits);
        if (!clicked.isEmpty() && Calibration.of(clicked, tripod, limits) instanceof Calibration.Solved solved) {
            return places.near(Shown.by(solved.calibration()), clicked).points();
        }
        Together usual = places.best(places.starts(clicked, LookFinder.NEAR_BY), clicked);
        return usual == NONE
                ? places.best(places.starts(clicked, LookFinder.FAR_OFF), clicked)
                        .points()
                : usual.points();
    }

    private Together best(List<Shown> starts, List<KnownPoint> clicked) {
        Together best = NONE;
        for (Shown start : starts) {
            Together found = near(start, clicked);
            best = found.worth() > best.worth() ? found : best;
            if (best.share() > PLAIN) {
                return best;
            }
        }
        return best;
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
    private Together near(Shown start, List<KnownPoint> clicked) {
        Optional<Calibration> first = solved(crossings.near(start).found(), clicked);
        if (first.isEmpty()) {
            return NONE;
        }
        CrossingFinder.Crossings again = crossings.near(Shown.by(first.get()));
        return solved(again.found(), clicked)
                .map(view -> new Together(
                        view.points().stream()
                                .filter(p -> !clicked.contains(p) && view.off(p) < FITS * limits.paintPixels())
                                .toList(),
                        (double) view.points().size() / Math.max(1, again.asked())))
                .filter(set -> set.share() >= MOST)
                .orElse(NONE);
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
