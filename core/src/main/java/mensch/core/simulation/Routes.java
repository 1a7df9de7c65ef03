package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.play.Pass;

/**
 * Receivers on their way: to the break in the time the route is taught at, there as slowly as its angle asks, then at
 * full speed.
 */
final class Routes {
    /** A corner of his way counts as reached within this, yards. */
    private static final double CORNER = 0.6;
    /** So many ticks of a way are known. */
    private static final int REHEARSES = 160;

    private final SnapDetails.Routes figures;
    private final Ground ground;
    private final SnapModel model;
    private final double left;
    private final double right;
    private final double end;
    private final List<List<Point>> ways;
    private final boolean[] runs;
    private final int[] corner;
    private final double[] breaks;
    private final boolean[] settles;
    private final Rehearsed alone;
    /** How far along that he is. */
    private final int[] along;

    /** @param alone of the same play */
    Routes(Cast cast, Ground ground, SnapModel model, Pass pass, Rehearsed alone) {
        this.figures = cast.details.routes();
        this.ground = ground;
        this.model = model;
        var field = cast.lineup.snap().field();
        left = field.sidelineX(Side.LEFT) + figures.inside();
        right = field.sidelineX(Side.RIGHT) - figures.inside();
        end = field.endLineDepth() - figures.inside();
        ways = new ArrayList<>(Collections.nCopies(cast.defence, List.of()));
        runs = new boolean[cast.defence];
        corner = new int[cast.defence];
        breaks = new double[cast.defence];
        settles = new boolean[cast.defence];
        for (Pass.Told told : pass.told()) {
            told.who().in(cast.view).map(cast::of).filter(man -> !runs(man)).ifPresent(man -> {
                ways.set(
                        man,
                        told.route()
                                .points(cast.actors.get(man).start(), told.who().side(cast.view), field));
                runs[man] = true;
                corner[man] = 1;
                breaks[man] = told.route().breaks();
                settles[man] = told.route().settles();
            });
        }
        along = new int[cast.defence];
        this.alone = alone;
    }

    /** Where each receiver of a play would be at every tick if nobody were in his way, x and y in turn. */
    record Rehearsed(List<float[]> tracks) {
        static final Rehearsed NOT_YET = new Rehearsed(List.of());

        /** Everybody's whole way as his legs carry him from an average start. */
        static Rehearsed of(Cast cast, SnapModel model, Pass pass) {
            var ground = new Ground(cast, model, new Luck(0));
            for (Actor actor : cast.actors) {
                if (ground.speed(actor.index()) == 0) {
                    ground.from[actor.index()] = Clock.ticks(actor.gait().delay());
                }
            }
            var routes = new Routes(cast, ground, model, pass, NOT_YET);
            var tracks = new ArrayList<float[]>();
            for (int man = 0; man < cast.defence; man++) {
                tracks.add(routes.runs(man) ? routes.whole(man) : new float[0]);
            }
            return new Rehearsed(List.copyOf(tracks));
        }
    }

    private float[] whole(int man) {
        float[] track = new float[2 * REHEARSES];
        for (int tick = 0; tick < REHEARSES; tick++) {
            track[2 * tick] = (float) ground.x[man];
            track[2 * tick + 1] = (float) ground.y[man];
            aim(man, tick + 1);
            ground.move(man, tick + 1);
        }
        return track;
    }

    /** Whether he is told a route. */
    boolean runs(int man) {
        return runs[man];
    }

    /** Whether he runs straight up without a break and is not yet so deep at such a time after the snap. */
    boolean clears(int man, double seconds, double depth) {
        return breaks[man] == 0 && alone.tracks().get(man)[2 * Clock.ticks(seconds) + 1] < depth;
    }

    /**
     * The tick at which he has to be on his way so that he breaks in time: nought for who goes at once, later for who
     * is given more time than anybody strolls, so that he can block or look like it first.
     */
    int goes(int man) {
        List<Point> way = ways.get(man);
        double leg = way.get(0).distance(way.get(1));
        return leg > figures.strolls() * breaks[man]
                ? 0
                : Clock.ticks(breaks[man] - figures.lateLeg() - leg / ground.top[man]);
    }

    /** One tick of a man on his way. */
    void aim(int man, int tick) {
        goesOn(man);
        List<Point> way = ways.get(man);
        int last = way.size() - 1;
        while (corner[man] < last && there(man, way.get(corner[man]))) {
            Point from = way.get(corner[man]);
            Point to = way.get(corner[man] + 1);
            ground.cuts(man, to.x() - from.x(), to.y() - from.y());
            corner[man]++;
        }
        if (corner[man] >= last) {
            Point to = settles[man] ? way.get(last) : beyond(way);
            double pace = pace(man, tick, to, ground.top[man]);
            double x = inX(to.x());
            double y = inY(to.y());
            // where the field ends he comes to a stand
            ground.aim(man, x, y, pace, settles[man] || x != to.x() || y != to.y());
            return;
        }
        Point to = way.get(corner[man]);
        double slow = ground.top[man] * sharp(way, corner[man]);
        double away = ground.distance(man, to.x(), to.y());
        double brakes = Math.sqrt(slow * slow + 2 * model.body().braking() * away);
        ground.aim(man, to.x(), to.y(), Math.min(brakes, pace(man, tick, to, slow)), false);
    }

    private boolean there(int man, Point corner) {
        return ground.distance(man, corner.x(), corner.y()) < CORNER;
    }

    private double sharp(List<Point> way, int at) {
        Point before = way.get(at - 1);
        Point here = way.get(at);
        Point after = way.get(at + 1);
        double inX = here.x() - before.x();
        double inY = here.y() - before.y();
        double outX = after.x() - here.x();
        double outY = after.y() - here.y();
        double legs = Math.max(1e-6, Math.sqrt((inX * inX + inY * inY) * (outX * outX + outY * outY)));
        return ground.keeps((inX * outX + inY * outY) / legs);
    }

    /**
     * As fast as the time of his break asks, on the way to it; else as fast as he can.
     *
     * @param slow how fast he comes round the corner, yards a second
     */
    private double pace(int man, int tick, Point to, double slow) {
        double left = breaks[man] - Clock.seconds(tick);
        if (corner[man] > 1 || breaks[man] == 0 || left <= 0) {
            return ground.top[man];
        }
        double away = ground.distance(man, to.x(), to.y());
        double even = Math.max(figures.strolls(), away / left);
        // what he loses while he brakes he has to have made good before
        double over = Math.max(0, even - slow);
        double loses = over * over / (2 * model.body().braking() * even);
        return Math.max(figures.strolls(), Math.min(ground.top[man], away / Math.max(Clock.TICK, left - loses)));
    }

    /** Who does not settle runs on the way his last leg leads. */
    private static Point beyond(List<Point> way) {
        Point from = way.get(way.size() - 2);
        Point to = way.get(way.size() - 1);
        double leg = Math.max(1e-6, from.distance(to));
        return new Point(to.x() + 30 * (to.x() - from.x()) / leg, to.y() + 30 * (to.y() - from.y()) / leg);
    }

    private double inX(double x) {
        return Math.max(left, Math.min(right, x));
    }

    private double inY(double y) {
        return Math.min(end, y);
    }

    /** Where he will be in so many seconds when he goes on as he is told. */
    Point ahead(int man, double seconds) {
        float[] track = alone.tracks().get(man);
        int last = REHEARSES - 1;
        int now = along[man];
        int then = Math.min(last, now + (int) Math.round(seconds / Clock.TICK));
        // what he has been pushed off it he makes good on the way
        double keeps = Math.max(0, 1 - seconds);
        double x = track[2 * then] + keeps * (ground.x[man] - track[2 * now]);
        double y = track[2 * then + 1] + keeps * (ground.y[man] - track[2 * now + 1]);
        return new Point(inX(x), inY(y));
    }

    private void goesOn(int man) {
        if (alone == Rehearsed.NOT_YET) {
            return;
        }
        float[] track = alone.tracks().get(man);
        while (along[man] < REHEARSES - 1 && nearer(man, track)) {
            along[man]++;
        }
    }

    private boolean nearer(int man, float[] track) {
        int next = along[man] + 1;
        return ground.distance(man, track[2 * next], track[2 * next + 1])
                <= ground.distance(man, track[2 * next - 2], track[2 * next - 1]);
    }

    /** Whether he has made his break: he is on his last leg, or has none. */
    boolean broken(int man) {
        return corner[man] >= Math.min(2, ways.get(man).size() - 1);
    }
}
