package mensch.camera;

import java.util.List;
import mensch.core.geometry.Point;

/**
 * A man of a simulated snap: where he stands at the snap and how he moves after it.
 *
 * @param name the offence's name or the defender's job id
 * @param number on his jersey
 * @param at feet at the snap, play frame yards
 * @param way where he has come to from there, yards, one for each tick after the snap
 * @param crouched in a three-point stance until the snap
 */
public record Body(String name, int number, boolean defence, Point at, List<Point> way, boolean crouched) {
    /** Seconds of a tick. */
    static final double TICK = 0.05;
    /** A stride, yards. */
    private static final double STRIDE = 1.5;

    private static final double HALF = 0.35;

    /** Feet so many seconds after the snap; before it he stands, after the whistle where he stood then. */
    public Point feet(double secondsAfterSnap) {
        double tick = Math.max(0, Math.min(way.size() - 1, secondsAfterSnap / TICK));
        int before = (int) Math.floor(tick);
        Point one = way.get(before);
        Point two = way.get(Math.min(way.size() - 1, before + 1));
        double part = tick - before;
        return new Point(at.x() + one.x() + part * (two.x() - one.x()), at.y() + one.y() + part * (two.y() - one.y()));
    }

    /** Where his left and his right foot are: they part along his way as he strides, and are level as he stands. */
    List<Point> bothFeet(double seconds) {
        Point here = feet(seconds);
        double ran = ran(seconds);
        Point before = feet(seconds - TICK);
        double step = here.distance(before);
        double swing = step < 0.02 ? 0 : HALF * Math.sin(Math.PI * ran / STRIDE) / step;
        double x = swing * (here.x() - before.x());
        double y = swing * (here.y() - before.y());
        double beside = step < 0.02 ? 0.2 : 0.1;
        return List.of(new Point(here.x() - beside + x, here.y() + y), new Point(here.x() + beside - x, here.y() - y));
    }

    /** How far he has run, yards. */
    private double ran(double seconds) {
        double ran = 0;
        for (double t = TICK; t <= seconds; t += TICK) {
            ran += feet(t).distance(feet(t - TICK));
        }
        return ran;
    }
}
