package mensch.vision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.field.Field;
import mensch.core.field.Mark;
import mensch.core.field.Paint;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPlaces.KnownPlace;
import mensch.core.film.Look;
import mensch.core.geometry.Point;

/** How a camera on a known tripod looks: so that the lines of the field come to lie on paint. */
final class LookFinder {
    /** Yards to either side that the ball is usually found within of where it is guessed to be seen. */
    static final double NEAR_BY = 5;
    /** As far as a log that is not corrected yet may have it from where it lies. */
    static final double FAR_OFF = 12;
    /** It is sought in no more steps to either side, none smaller than half a yard; and zoomed. */
    private static final int MOST_STEPS = 16;

    private static final double APART = 0.5;
    private static final double[] ZOOMS = {0.8, 0.835, 0.87, 0.91, 0.95, 1, 1.045, 1.09, 1.14, 1.195, 1.25};
    /** Lines that are laid over the picture: so far before and behind the ball, yards. */
    private static final int BEFORE = 35;

    private static final int BEHIND = 25;
    /** Blur by which lines are felt from afar, yards. */
    private static final double FAR = 0.7;

    /** So many looks are begun with, none of them within so few yards of another. */
    private static final int BEGUN_WITH = 16;

    private static final double NEAR = 0.8;
    /** Climbs end with steps so small, yards; zoom goes by as much with each. */
    private static final double SMALLEST = 0.03;

    private static final double ZOOM_STEP = 0.06;
    private static final double[][] STEPS = {{1, 0, 0}, {-1, 0, 0}, {0, 1, 0}, {0, -1, 0}, {0, 0, 1}, {0, 0, -1}};
    /** With fewer places of lines in the picture nothing can be said. */
    private static final int FEWEST = 40;

    private final PaintMap paint;
    /** By how many pixels. */
    private final Map<Integer, PaintMap> blurred = new HashMap<>();

    private final List<Line> lines = new ArrayList<>();

    /** A place on a line, and one beside it where no paint is. */
    private record Line(double x, double y, double besideX, double besideY) {}

    /** @param score how well lines lie on paint: 1 when all of them do and nothing beside them */
    record Laid(Look look, double score) {}

    LookFinder(PaintMap paint, Field field) {
        this.paint = paint;
        lay(new Paint(field), KnownPlaces.of(field));
    }

    private void lay(Paint field, List<KnownPlace> places) {
        double half = field.half();
        for (double y : field.lines(-BEHIND, BEFORE)) {
            for (double x = field.middle() - half + 1; x < field.middle() + half; x += 2) {
                lines.add(new Line(x, y, x, y + 2.5));
            }
        }
        for (int side = -1; side <= 1; side += 2) {
            for (double y = -BEHIND + 0.5; y <= BEFORE; y += 1) {
                lines.add(new Line(field.middle() + side * (half + 0.5), y, field.middle() + side * (half - 2), y));
            }
        }
        for (KnownPlace place : places) {
            for (double tick = -2; tick <= 2 && place.mark() == Mark.HASH; tick += 1) {
                Point at = place.at();
                lines.add(new Line(at.x(), at.y() + tick, at.x() + 1.2, at.y() + tick + 0.5));
            }
        }
    }

    /**
     * The best looks near a guess, the best first, none of them near another.
     *
     * @param aside how far to either side they are sought, yards
     */
    List<Laid> near(Look guess, double aside, int most) {
        double apart = Math.max(APART, aside / MOST_STEPS);
        PaintMap far = blurred(FAR * yard(guess));
        var all = new ArrayList<Laid>();
        for (double zoom : ZOOMS) {
            for (double right = -aside; right <= aside; right += apart) {
                for (double up = -aside; up <= aside; up += apart) {
                    all.add(laid(far, guess.moved(right, up, zoom)));
                }
            }
        }
        List<Laid> climbed = best(all, BEGUN_WITH).stream().map(this::climbed).toList();
        return best(climbed, most);
    }

    private PaintMap blurred(double pixels) {
        return blurred.computeIfAbsent((int) Math.max(1, Math.round(pixels)), paint::blurred);
    }

    private List<Laid> best(List<Laid> of, int most) {
        var best = new ArrayList<Laid>();
        for (Laid one : of.stream()
                .sorted(Comparator.comparingDouble(Laid::score).reversed())
                .toList()) {
            if (best.size() < most && best.stream().allMatch(b -> apart(b.look(), one.look()))) {
                best.add(one);
            }
        }
        return best;
    }

    private boolean apart(Look one, Look other) {
        Optional<Point> a = one.toField(paint.middle());
        Optional<Point> b = other.toField(paint.middle());
        return a.isPresent() && b.isPresent() && a.get().distance(b.get()) > NEAR;
    }

    /** By ever smaller steps, lines felt from ever nearer. */
    private Laid climbed(Laid laid) {
        double yard = yard(laid.look());
        Laid nearer = climbed(laid.look(), blurred(FAR / 2 * yard));
        return climbed(nearer.look(), blurred(FAR / 4 * yard));
    }

    private Laid climbed(Look start, PaintMap map) {
        Laid best = laid(map, start);
        double step = APART;
        while (step > SMALLEST) {
            Laid next = best;
            for (double[] way : STEPS) {
                Laid tried = laid(map, best.look().moved(step * way[0], step * way[1], 1 + ZOOM_STEP * step * way[2]));
                next = tried.score() > next.score() ? tried : next;
            }
            if (next == best) {
                step /= 2;
            }
            best = next;
        }
        return best;
    }

    private Laid laid(PaintMap map, Look look) {
        double[] view = look.fieldToImage();
        double sum = 0;
        int seen = 0;
        for (Line line : lines) {
            double there = map.at(line.x(), line.y(), view);
            double beside = map.at(line.besideX(), line.besideY(), view);
            if (there >= 0 && beside >= 0) {
                sum += there - beside;
                seen++;
            }
        }
        return new Laid(look, seen < FEWEST ? 0 : sum / seen);
    }

    /** Pixels of a yard where the ball lies, in the direction in which it is shorter. */
    private double yard(Look look) {
        return look.toImage(new Point(0, 0))
                .flatMap(a -> look.toImage(new Point(1, 0))
                        .flatMap(b -> look.toImage(new Point(0, 1)).map(c -> Math.min(pixels(a, b), pixels(a, c)))))
                .orElse(1.0);
    }

    private double pixels(ImagePoint a, ImagePoint b) {
        return Math.hypot(a.xPixels() - b.xPixels(), a.yPixels() - b.yPixels())
                / paint.picture().factor();
    }
}
