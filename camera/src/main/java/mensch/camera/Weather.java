package mensch.camera;

import java.awt.Color;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import mensch.core.field.Field;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/**
 * What makes a picture harder to read.
 *
 * @param worn share of the lines' length that is gone, 0 to 1; what is left is as much fainter
 * @param shadow whether a stand throws its shadow on a third of the field
 * @param beside how many people stand along each sideline
 */
public record Weather(double worn, boolean shadow, int beside) {
    /** New paint, even light, nobody beside the field. */
    public static final Weather FINE = new Weather(0, false, 0);
    /** An old field late in the day, with both squads on their sidelines. */
    public static final Weather HARD = new Weather(0.2, true, 25);

    private static final long SEED = 41;

    /** Whether a piece of a line is gone; always the same pieces. */
    boolean worn(double x, double y) {
        return new Random(Double.hashCode(Math.rint(10 * x)) * 31L + Double.hashCode(Math.rint(y)) + SEED).nextDouble()
                < worn;
    }

    Color paint(Color fresh) {
        return new Color(fresh.getRed(), fresh.getGreen(), fresh.getBlue(), (int) Math.round(255 * (1 - worn)));
    }

    /** People of both squads who do not play. */
    List<Body> beside(Field field) {
        var random = new Random(SEED);
        var people = new ArrayList<Body>();
        for (Side side : Side.values()) {
            for (int i = 0; i < beside; i++) {
                double off = 2 + 3 * random.nextDouble();
                var at = new Point(field.sidelineX(side) + side.sign() * off, -20 + 50 * random.nextDouble());
                people.add(new Body("beside", 10 + i, side == Side.LEFT, at, List.of(new Point(0, 0)), false));
            }
        }
        return people;
    }
}
