package mensch.core.simulation;

import java.util.ArrayList;
import java.util.List;
import mensch.core.convention.SnapModel;
import mensch.core.field.Field;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.geometry.Vector;

/**
 * Bodies on the ground: where each man is, how fast he moves, and where he wants to be. Speed follows v += (V - v)(1 -
 * exp(-dt / k)), so that a straight run from rest takes the time of his {@link mensch.core.convention.Gait}; what he
 * can brake and turn in a tick is bounded. Squared distances; exp only in tables made once.
 */
final class Ground {
    /** Who is slower than this turns as he likes, yards a second. */
    private static final double SLOW = 1.0;
    /** Who is so near to where he wants to be is there, yards. */
    private static final double THERE = 0.05;

    final double[] x;
    final double[] y;
    final double[] vx;
    final double[] vy;
    /** Where he wants to be. */
    final double[] aimX;

    final double[] aimY;
    /** How fast he wants to go, yards a second. */
    final double[] pace;
    /** Whether he wants to stand there, or to run through. */
    final boolean[] stops;
    /** The tick from which he may move. */
    final int[] from;

    final double[] top;
    private final double[] build;
    private final double[] gains;
    private final double braking;
    private final double grip;
    private final double sharp;
    private final double reverses;
    private final int men;
    private final double left;
    private final double right;
    /** Where everybody was at every tick so far, x and y in turn. */
    private final List<float[]> past = new ArrayList<>();

    Ground(Cast cast, SnapModel model, Luck luck) {
        men = cast.size();
        x = new double[men];
        y = new double[men];
        vx = new double[men];
        vy = new double[men];
        aimX = new double[men];
        aimY = new double[men];
        pace = new double[men];
        stops = new boolean[men];
        from = new int[men];
        top = new double[men];
        build = new double[men];
        gains = new double[men];
        braking = model.body().braking();
        grip = model.body().grip() * Clock.TICK;
        sharp = model.route().plants();
        reverses = model.route().reverses();
        Field field = cast.lineup.snap().field();
        left = field.sidelineX(Side.LEFT);
        right = field.sidelineX(Side.RIGHT);
        for (Actor actor : cast.actors) {
            int i = actor.index();
            x[i] = aimX[i] = actor.start().x();
            y[i] = aimY[i] = actor.start().y();
            top[i] = actor.gait().topSpeed();
            build[i] = actor.gait().build();
            gains[i] = 1 - Math.exp(-Clock.TICK / build[i]);
            Vector moves = cast.moves(actor);
            vx[i] = moves.x();
            vy[i] = moves.y();
            // who is moving at the snap goes on; everybody else has to start
            double delay = moves.x() == 0 && moves.y() == 0
                    ? actor.gait().delay() + luck.about(model.body().starts(), actor.luck(), Luck.What.STARTS, 0)
                    : 0;
            from[i] = (int) Math.round(delay / Clock.TICK);
        }
    }

    /** Writes down where everybody is at this tick. */
    void remember() {
        float[] frame = new float[2 * men];
        for (int i = 0; i < men; i++) {
            frame[2 * i] = (float) x[i];
            frame[2 * i + 1] = (float) y[i];
        }
        past.add(frame);
    }

    List<float[]> past() {
        return past;
    }

    /** Across, so many ticks ago; at the snap when that is earlier. */
    double xBefore(int man, int ticks) {
        return past.get(Math.max(0, past.size() - 1 - ticks))[2 * man];
    }

    double yBefore(int man, int ticks) {
        return past.get(Math.max(0, past.size() - 1 - ticks))[2 * man + 1];
    }

    /**
     * How much of his top speed a turn leaves a man, by its angle: all of it straight on, the least on the way back.
     *
     * @param cosine of the angle between his way so far and his way from now on
     */
    double keeps(double cosine) {
        return cosine >= 0 ? sharp + (1 - sharp) * cosine : sharp * (1 + reverses * cosine);
    }

    /**
     * Yards on one way in a time, from one speed to another as he gathers it.
     *
     * @param from how fast he goes that way now, yards a second
     * @param to how fast he wants to go
     */
    double covers(int man, double from, double to, double seconds) {
        return seconds <= 0 ? 0 : to * seconds - (to - from) * build[man] * (1 - Math.exp(-seconds / build[man]));
    }

    /** A foot in the ground: his speed goes a new way, as much of it as the angle leaves him. */
    void cuts(int man, double wayX, double wayY) {
        double now = speed(man);
        double way = length(wayX, wayY);
        if (now < 1e-9 || way < 1e-9) {
            return;
        }
        double cosine = (vx[man] * wayX + vy[man] * wayY) / (now * way);
        double speed = Math.min(now, top[man] * keeps(cosine));
        vx[man] = speed * wayX / way;
        vy[man] = speed * wayY / way;
    }

    /** He stops dead and stands for a while: a foot in the ground to go the other way. */
    void plants(int man, int until) {
        vx[man] = 0;
        vy[man] = 0;
        from[man] = Math.max(from[man], until);
    }

    Point at(int man) {
        return new Point(x[man], y[man]);
    }

    /** Where he wants to be from now on; nobody wants to be off the field. */
    void aim(int man, double toX, double toY, double speed, boolean arrives) {
        aimX[man] = Math.max(left, Math.min(right, toX));
        aimY[man] = toY;
        pace[man] = Math.min(speed, top[man]);
        stops[man] = arrives;
    }

    void stand(int man) {
        aim(man, x[man], y[man], 0, true);
    }

    static double length(double dx, double dy) {
        return Math.sqrt(dx * dx + dy * dy);
    }

    double squared(int a, int b) {
        double dx = x[a] - x[b];
        double dy = y[a] - y[b];
        return dx * dx + dy * dy;
    }

    double distance(int a, int b) {
        return Math.sqrt(squared(a, b));
    }

    double distance(int man, double toX, double toY) {
        double dx = x[man] - toX;
        double dy = y[man] - toY;
        return Math.sqrt(dx * dx + dy * dy);
    }

    double speed(int man) {
        return Math.sqrt(vx[man] * vx[man] + vy[man] * vy[man]);
    }

    /** How fast he may go across so that he can still stop before the sideline he goes to. */
    private double stopsInside(int man, double wantX) {
        double room = wantX > 0 ? right - x[man] : x[man] - left;
        double most = Math.sqrt(2 * braking * Math.max(0, room));
        return Math.max(-most, Math.min(most, wantX));
    }

    /** One tick of a man who is on nobody's block. */
    void move(int man, int tick) {
        if (tick < from[man]) {
            return;
        }
        double dx = aimX[man] - x[man];
        double dy = aimY[man] - y[man];
        double away = Math.sqrt(dx * dx + dy * dy);
        double wanted = pace[man];
        if (stops[man]) {
            wanted = away < THERE ? 0 : Math.min(wanted, Math.sqrt(2 * braking * away));
        }
        double wantX = away < 1e-9 ? 0 : stopsInside(man, wanted * dx / away);
        double wantY = away < 1e-9 ? 0 : wanted * dy / away;
        double now = speed(man);
        double changeX = (wantX - vx[man]) * gains[man];
        double changeY = (wantY - vy[man]) * gains[man];
        if (now > SLOW) {
            double alongX = vx[man] / now;
            double alongY = vy[man] / now;
            double along = changeX * alongX + changeY * alongY;
            double across = changeY * alongX - changeX * alongY;
            // who wants to go slower brakes as hard as he can, he does not fade to his new speed
            double slower = wanted < now ? Math.min(along, wanted - now) : along;
            double lessAlong = Math.max(slower, -braking * Clock.TICK);
            double lessAcross = Math.max(-grip, Math.min(grip, across));
            changeX = lessAlong * alongX - lessAcross * alongY;
            changeY = lessAlong * alongY + lessAcross * alongX;
        }
        // the way of a tick as the curve of the gait has it, for whatever change of speed was possible
        double wayX = vx[man] * Clock.TICK + changeX * (Clock.TICK / gains[man] - build[man]);
        double wayY = vy[man] * Clock.TICK + changeY * (Clock.TICK / gains[man] - build[man]);
        if (stops[man] && wayX * wayX + wayY * wayY > away * away && away < THERE * 4) {
            wayX = dx;
            wayY = dy;
        }
        x[man] += wayX;
        y[man] += wayY;
        vx[man] += changeX;
        vy[man] += changeY;
    }
}
