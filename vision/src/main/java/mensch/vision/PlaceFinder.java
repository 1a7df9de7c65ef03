package mensch.vision;

import boofcv.alg.filter.blur.GBlurImageOps;
import boofcv.struct.image.GrayF32;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mensch.core.field.Field;
import mensch.core.field.Mark;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPlaces.KnownPlace;
import mensch.core.film.KnownPoint;
import mensch.core.film.Look;
import mensch.core.geometry.Point;

/**
 * Known places of the field in a picture: the look at which lines of the field come to lie on paint, then each crossing
 * by itself, near where it must be, so that one that is wrong shows as a wrong click does.
 */
final class PlaceFinder {
    /** How far the look is sought from where it is guessed: yards to either side, and zoomed. */
    private static final double ASIDE = 5;

    private static final double[] ZOOMS = {0.8, 0.835, 0.87, 0.91, 0.95, 1, 1.045, 1.09, 1.14, 1.195, 1.25};
    /** Lines that are laid over the picture: so far before and behind the ball, yards. */
    private static final int BEFORE = 25;

    private static final int BEHIND = 15;
    /** Blur by which lines are found from afar, and near, yards. */
    private static final double FAR = 0.7;

    /** So many looks are begun with, none of them within so few yards of another. */
    private static final int CLIMBED = 16;

    private static final double NEAR = 0.8;
    private static final double LEAST_ALIKE = 0.6;
    /** A crossing is looked for so far around where it must be, and compared so far around itself, yards. */
    private static final double AROUND = 0.5;

    private static final double PATCH = 1.1;
    /** Nearer to the picture's edge than this share of it a crossing is not asked for. */
    private static final double EDGE = 0.06;

    private static final int LEAST_SAMPLES = 40;

    private final Picture picture;
    private final Paint paint;
    private final GrayF32 white;
    private final List<KnownPlace> places;
    private final double[][] on;
    private final double[][] off;

    PlaceFinder(Picture picture, Field field) {
        this.picture = picture;
        this.paint = new Paint(field);
        this.places = KnownPlaces.of(field);
        var painted = new ArrayList<double[]>();
        var bare = new ArrayList<double[]>();
        lay(painted, bare);
        this.on = painted.toArray(double[][]::new);
        this.off = bare.toArray(double[][]::new);
        Turf turf = Turf.of(picture, i -> true);
        this.white = new GrayF32(picture.width(), picture.height());
        for (int i = 0; i < white.data.length; i++) {
            white.data[i] = (float) turf.paintShare(i);
        }
    }

    /** A look and how well lines lie on paint: 1 when all of them do and nothing else. */
    record Laid(Look look, double score) {}

    /** The best looks near a guess, the best first, none of them near another. */
    List<Laid> looks(Look guess, int most) {
        GrayF32 far = blurred(FAR * scale(guess));
        var all = new ArrayList<Laid>();
        for (double zoom : ZOOMS) {
            for (double right = -ASIDE; right <= ASIDE; right += 0.5) {
                for (double up = -ASIDE; up <= ASIDE; up += 0.5) {
                    Look look = guess.moved(right, up, zoom);
                    all.add(new Laid(look, score(far, look)));
                }
            }
        }
        all.sort(Comparator.comparingDouble(Laid::score).reversed());
        var best = new ArrayList<Laid>();
        for (Laid laid : all) {
            if (best.size() < CLIMBED && best.stream().allMatch(b -> apart(b.look(), laid.look()))) {
                best.add(laid);
            }
        }
        var climbed = new ArrayList<Laid>();
        best.stream()
                .map(this::nearer)
                .sorted(Comparator.comparingDouble(Laid::score).reversed())
                .forEach(one -> {
                    if (climbed.size() < most && climbed.stream().allMatch(c -> apart(c.look(), one.look()))) {
                        climbed.add(one);
                    }
                });
        return climbed;
    }

    private boolean apart(Look one, Look other) {
        Optional<Point> a = one.toField(middle());
        Optional<Point> b = other.toField(middle());
        return a.isPresent() && b.isPresent() && a.get().distance(b.get()) > NEAR;
    }

    private ImagePoint middle() {
        return picture.onFilm(picture.width() / 2.0, picture.height() / 2.0);
    }

    /** Climbs by ever smaller steps. */
    private Laid nearer(Laid laid) {
        Laid best = laid;
        for (double blur : new double[] {FAR / 2, FAR / 4}) {
            best = nearer(best.look(), blurred(blur * scale(laid.look())));
        }
        return best;
    }

    private Laid nearer(Look start, GrayF32 map) {
        var best = new Laid(start, score(map, start));
        double step = 0.5;
        while (step > 0.03) {
            Laid next = best;
            for (double[] move : new double[][] {{1, 0, 0}, {-1, 0, 0}, {0, 1, 0}, {0, -1, 0}, {0, 0, 1}, {0, 0, -1}}) {
                Look look = best.look().moved(step * move[0], step * move[1], 1 + 0.06 * step * move[2]);
                double score = score(map, look);
                if (score > next.score()) {
                    next = new Laid(look, score);
                }
            }
            if (next == best) {
                step /= 2;
            } else {
                best = next;
            }
        }
        return best;
    }

    private GrayF32 blurred(double pixels) {
        int radius = (int) Math.max(1, Math.round(pixels));
        return GBlurImageOps.mean(white, null, radius, null, null);
    }

    /** Pixels of a yard where the ball lies, in the direction in which it is shorter. */
    private double scale(Look look) {
        return look.toImage(new Point(0, 0))
                .flatMap(a -> look.toImage(new Point(1, 0))
                        .flatMap(b -> look.toImage(new Point(0, 1)).map(c -> Math.min(pixels(a, b), pixels(a, c)))))
                .orElse(1.0);
    }

    private double pixels(ImagePoint a, ImagePoint b) {
        return Math.hypot(a.xPixels() - b.xPixels(), a.yPixels() - b.yPixels()) / picture.factor();
    }

    private double score(GrayF32 map, Look look) {
        double[] h = look.fieldToImage();
        double sum = 0;
        int seen = 0;
        for (int i = 0; i < on.length; i++) {
            double there = value(map, h, on[i]);
            double beside = value(map, h, off[i]);
            if (there >= 0 && beside >= 0) {
                sum += there - beside;
                seen++;
            }
        }
        return seen < LEAST_SAMPLES ? 0 : sum / seen;
    }

    private double value(GrayF32 map, double[] h, double[] at) {
        double w = h[6] * at[0] + h[7] * at[1] + h[8];
        if (w <= 0) {
            return -1;
        }
        int column = (int) Math.round(picture.fromFilm((h[0] * at[0] + h[1] * at[1] + h[2]) / w));
        int row = (int) Math.round(picture.fromFilm((h[3] * at[0] + h[4] * at[1] + h[5]) / w));
        return map.isInBounds(column, row) ? map.unsafe_get(column, row) : -1;
    }

    /** Where paint is, and beside each such place where none is. */
    private void lay(List<double[]> painted, List<double[]> bare) {
        for (double y = paint.lineAt(-BEHIND); y <= BEFORE; y += 5) {
            for (double x = -paint.half() + 1; x < paint.half(); x += 2) {
                painted.add(new double[] {paint.middle() + x, y});
                bare.add(new double[] {paint.middle() + x, y + 2.5});
            }
        }
        for (int side = -1; side <= 1; side += 2) {
            for (double y = -BEHIND; y <= BEFORE; y += 1) {
                painted.add(new double[] {paint.middle() + side * (paint.half() + 0.5), y + 0.5});
                bare.add(new double[] {paint.middle() + side * (paint.half() - 2), y + 0.5});
            }
        }
        for (KnownPlace place : places) {
            if (place.name().contains(Mark.HASH.words())) {
                for (double tick = -2; tick <= 2; tick += 1) {
                    painted.add(new double[] {place.at().x(), place.at().y() + tick});
                    bare.add(new double[] {place.at().x() + 1.2, place.at().y() + tick + 0.5});
                }
            }
        }
    }

    /** A crossing as the picture shows it; alike from 0.6 to 1. */
    record Crossing(KnownPoint point, double alike) {}

    /**
     * Every crossing that a picture shows near where it must be.
     *
     * @param asked so many should be seen in it, if nobody stood before them
     */
    record Crossings(List<Crossing> found, int asked) {
        List<KnownPoint> points() {
            return found.stream().map(Crossing::point).toList();
        }
    }

    Crossings crossings(Shown shown) {
        var found = new ArrayList<Crossing>();
        int asked = 0;
        for (KnownPlace place : places) {
            Optional<ImagePoint> at = shown.toImage().apply(place.at());
            if (crosses(place) && at.isPresent() && inside(at.get())) {
                asked++;
                crossing(place, at.get(), shown).ifPresent(found::add);
            }
        }
        return new Crossings(List.copyOf(found), asked);
    }

    /** Places where painted lines cross; at the edges of numbers nothing does. */
    private static boolean crosses(KnownPlace place) {
        return place.name().contains(Mark.HASH.words()) || place.name().contains(Mark.SIDELINE.words());
    }

    private boolean inside(ImagePoint at) {
        double x = picture.fromFilm(at.xPixels()) / picture.width();
        double y = picture.fromFilm(at.yPixels()) / picture.height();
        return x > EDGE && x < 1 - EDGE && y > EDGE && y < 1 - EDGE;
    }

    private Optional<Crossing> crossing(KnownPlace place, ImagePoint expected, Shown shown) {
        double column = picture.fromFilm(expected.xPixels());
        double row = picture.fromFilm(expected.yPixels());
        Optional<ImagePoint> right =
                shown.toImage().apply(new Point(place.at().x() + 1, place.at().y()));
        Optional<ImagePoint> up =
                shown.toImage().apply(new Point(place.at().x(), place.at().y() + 1));
        if (right.isEmpty() || up.isEmpty()) {
            return Optional.empty();
        }
        double wide = Math.max(
                        Math.abs(right.get().xPixels() - expected.xPixels()),
                        Math.abs(up.get().xPixels() - expected.xPixels()))
                / picture.factor();
        double high = Math.max(
                        Math.abs(right.get().yPixels() - expected.yPixels()),
                        Math.abs(up.get().yPixels() - expected.yPixels()))
                / picture.factor();
        int halfX = between(8, PATCH * wide, 60);
        int halfY = between(8, PATCH * high, 60);
        int reachX = between(3, AROUND * wide, 40);
        int reachY = between(3, AROUND * high, 40);
        int c = (int) Math.round(column);
        int r = (int) Math.round(row);
        if (c - halfX - reachX < 0
                || r - halfY - reachY < 0
                || c + halfX + reachX >= white.width
                || r + halfY + reachY >= white.height) {
            return Optional.empty();
        }
        int size = 2 * halfX + 1;
        float[] asked = new float[size * (2 * halfY + 1)];
        double sum = 0;
        for (int dy = -halfY; dy <= halfY; dy++) {
            for (int dx = -halfX; dx <= halfX; dx++) {
                // as the crossing would look if it were in the middle of a pixel
                Optional<Point> at = shown.toField().apply(picture.onFilm(column + dx, row + dy));
                float value = at.isPresent() && paint.at(at.get().x(), at.get().y(), 0.02) ? 1 : 0;
                asked[(dy + halfY) * size + dx + halfX] = value;
                sum += value;
            }
        }
        double mean = sum / asked.length;
        double spread = sum * (1 - mean);
        if (spread < 1) {
            return Optional.empty();
        }
        double[][] alike = new double[2 * reachY + 1][2 * reachX + 1];
        int bestX = 0;
        int bestY = 0;
        for (int oy = -reachY; oy <= reachY; oy++) {
            for (int ox = -reachX; ox <= reachX; ox++) {
                double a = alike(asked, mean, spread, size, c + ox - halfX, r + oy - halfY);
                alike[oy + reachY][ox + reachX] = a;
                if (a > alike[bestY + reachY][bestX + reachX]) {
                    bestX = ox;
                    bestY = oy;
                }
            }
        }
        double best = alike[bestY + reachY][bestX + reachX];
        if (best < LEAST_ALIKE || Math.abs(bestX) == reachX || Math.abs(bestY) == reachY) {
            return Optional.empty();
        }
        double subX = peak(alike[bestY + reachY][bestX + reachX - 1], best, alike[bestY + reachY][bestX + reachX + 1]);
        double subY = peak(alike[bestY + reachY - 1][bestX + reachX], best, alike[bestY + reachY + 1][bestX + reachX]);
        ImagePoint at = picture.onFilm(c + bestX + subX, r + bestY + subY);
        return Optional.of(new Crossing(new KnownPoint(place.name(), place.at(), at), best));
    }

    private static int between(int least, double pixels, int most) {
        return (int) Math.round(Math.max(least, Math.min(most, pixels)));
    }

    private static double peak(double before, double at, double after) {
        double bend = before - 2 * at + after;
        return bend >= 0 ? 0 : Math.max(-0.5, Math.min(0.5, 0.5 * (before - after) / bend));
    }

    private double alike(float[] asked, double mean, double spread, int size, int left, int top) {
        double sum = 0;
        double squares = 0;
        double together = 0;
        for (int y = 0; y < asked.length / size; y++) {
            int row = (top + y) * white.width + left;
            for (int x = 0; x < size; x++) {
                double v = white.data[row + x];
                sum += v;
                squares += v * v;
                together += v * asked[y * size + x];
            }
        }
        int n = asked.length;
        double variance = squares - sum * sum / n;
        return variance < 1e-6 ? 0 : (together - sum * mean) / Math.sqrt(variance * spread);
    }
}
