package mensch.vision;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.field.Field;
import mensch.core.field.Paint;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPlaces.KnownPlace;
import mensch.core.film.KnownPoint;
import mensch.core.geometry.Point;

/**
 * Crossings of painted lines, each by itself near where it must be, by its likeness to what is painted there
 * (normalised correlation): one that is wrong shows as a wrong click does.
 */
final class CrossingFinder {
    private static final double LEAST_ALIKE = 0.6;
    /** A crossing is looked for so far around where it must be, and compared so far around itself, yards. */
    private static final double AROUND = 0.5;

    private static final double PATCH = 1.1;
    /** Nearer to the picture's edge than this share of it a crossing is not asked for. */
    private static final double EDGE = 0.06;
    /** Paint spreads a little in a picture, yards. */
    private static final double SPREAD = 0.02;

    private final PaintMap map;
    private final Paint paint;
    private final List<KnownPlace> crossings;

    CrossingFinder(PaintMap map, Field field) {
        this.map = map;
        this.paint = new Paint(field);
        this.crossings =
                KnownPlaces.of(field).stream().filter(KnownPlace::crossed).toList();
    }

    /** @param asked so many should be seen, if nobody stood before them */
    record Crossings(List<KnownPoint> found, int asked) {}

    /** Every crossing that a picture shows near where it must be. */
    Crossings near(Shown shown) {
        var found = new ArrayList<KnownPoint>();
        int asked = 0;
        for (KnownPlace place : crossings) {
            Optional<ImagePoint> at = shown.toImage().apply(place.at()).filter(this::inside);
            if (at.isPresent()) {
                asked++;
                crossing(place, at.get(), shown).ifPresent(found::add);
            }
        }
        return new Crossings(List.copyOf(found), asked);
    }

    private boolean inside(ImagePoint at) {
        double x = map.picture().fromFilm(at.xPixels()) / map.share().width;
        double y = map.picture().fromFilm(at.yPixels()) / map.share().height;
        return x > EDGE && x < 1 - EDGE && y > EDGE && y < 1 - EDGE;
    }

    /** How far a yard of the field reaches across the picture and down it, whichever way it lies. */
    private record Yard(double across, double down) {
        static Optional<Yard> of(Point at, ImagePoint here, Shown shown, int factor) {
            return shown.toImage()
                    .apply(new Point(at.x() + 1, at.y()))
                    .flatMap(right -> shown.toImage()
                            .apply(new Point(at.x(), at.y() + 1))
                            .map(up -> new Yard(
                                    most(right.xPixels(), up.xPixels(), here.xPixels()) / factor,
                                    most(right.yPixels(), up.yPixels(), here.yPixels()) / factor)));
        }

        private static double most(double one, double other, double from) {
            return Math.max(Math.abs(one - from), Math.abs(other - from));
        }
    }

    private Optional<KnownPoint> crossing(KnownPlace place, ImagePoint expected, Shown shown) {
        return Yard.of(place.at(), expected, shown, map.picture().factor()).flatMap(yard -> {
            double column = map.picture().fromFilm(expected.xPixels());
            double row = map.picture().fromFilm(expected.yPixels());
            Patch patch = patch(
                    column, row, between(8, PATCH * yard.across(), 60), between(8, PATCH * yard.down(), 60), shown);
            return best(
                            patch,
                            (int) Math.round(column),
                            (int) Math.round(row),
                            between(3, AROUND * yard.across(), 40),
                            between(3, AROUND * yard.down(), 40))
                    .map(at -> new KnownPoint(place.name(), place.at(), at));
        });
    }

    private static int between(int least, double pixels, int most) {
        return (int) Math.round(Math.max(least, Math.min(most, pixels)));
    }

    /** What is painted around a place, as it would look if that lay in the middle of a pixel: 1 paint, 0 grass. */
    private Patch patch(double column, double row, int halfX, int halfY, Shown shown) {
        var patch = new Patch(halfX, halfY, new float[(2 * halfX + 1) * (2 * halfY + 1)]);
        int i = 0;
        for (int dy = -halfY; dy <= halfY; dy++) {
            for (int dx = -halfX; dx <= halfX; dx++) {
                boolean painted = shown.toField()
                        .apply(map.picture().onFilm(column + dx, row + dy))
                        .filter(at -> paint.at(at.x(), at.y(), SPREAD))
                        .isPresent();
                patch.asked()[i++] = painted ? 1 : 0;
            }
        }
        return patch;
    }

    /** Where a patch is most alike, to a part of a pixel; none where it is not, or more so still farther away. */
    private Optional<ImagePoint> best(Patch patch, int column, int row, int reachX, int reachY) {
        if (column - patch.halfX() < reachX
                || row - patch.halfY() < reachY
                || column + patch.halfX() + reachX >= map.share().width
                || row + patch.halfY() + reachY >= map.share().height) {
            return Optional.empty();
        }
        double[][] alike = new double[2 * reachY + 1][2 * reachX + 1];
        int x = reachX;
        int y = reachY;
        for (int j = 0; j < alike.length; j++) {
            for (int i = 0; i < alike[j].length; i++) {
                alike[j][i] = patch.alike(map, column + i - reachX, row + j - reachY);
                if (alike[j][i] > alike[y][x]) {
                    x = i;
                    y = j;
                }
            }
        }
        if (alike[y][x] < LEAST_ALIKE || x == 0 || y == 0 || x == 2 * reachX || y == 2 * reachY) {
            return Optional.empty();
        }
        double partX = peak(alike[y][x - 1], alike[y][x], alike[y][x + 1]);
        double partY = peak(alike[y - 1][x], alike[y][x], alike[y + 1][x]);
        return Optional.of(map.picture().onFilm(column + x - reachX + partX, row + y - reachY + partY));
    }

    /** Of the parabola through three values. */
    private static double peak(double before, double at, double after) {
        double bend = before - 2 * at + after;
        return bend >= 0 ? 0 : Math.max(-0.5, Math.min(0.5, (before - after) / 2 / bend));
    }

    /** What should be seen around a place, row by row. */
    private record Patch(int halfX, int halfY, float[] asked) {

        /** Normalised correlation with the picture around a pixel, -1 to 1. */
        double alike(PaintMap map, int column, int row) {
            double sum = 0;
            double squares = 0;
            double asks = 0;
            double together = 0;
            int i = 0;
            for (int y = row - halfY; y <= row + halfY; y++) {
                int at = y * map.share().width + column - halfX;
                for (int end = at + 2 * halfX; at <= end; at++) {
                    double seen = map.share().data[at];
                    sum += seen;
                    squares += seen * seen;
                    asks += asked[i];
                    together += seen * asked[i];
                    i++;
                }
            }
            double spread = (squares - sum * sum / i) * (asks - asks * asks / i);
            return spread < 1e-6 ? 0 : (together - sum * asks / i) / Math.sqrt(spread);
        }
    }
}
