package mensch.core.simulation;

import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/**
 * The third way of an option: a man who keeps his distance from the quarterback, and the ball tossed to him when a
 * defender comes at its carrier.
 */
final class Pitch {
    private static final int NOBODY = -1;

    private final SnapDetails.Pitch figures;
    private final Cast cast;
    private final Ground ground;
    private final Contests contests;
    private final SnapModel model;
    private final Luck luck;
    private final int quarterback;
    private final int man;
    private int left = NOBODY;
    private int lands = NOBODY;
    private Point from = new Point(0, 0);

    Pitch(Cast cast, Ground ground, Contests contests, SnapModel model, Luck luck, int quarterback, int man) {
        this.cast = cast;
        this.figures = cast.details.pitch();
        this.ground = ground;
        this.contests = contests;
        this.model = model;
        this.luck = luck;
        this.quarterback = quarterback;
        this.man = man;
    }

    int man() {
        return man;
    }

    /** Where the man who may get it wants to be, for a run whose point is there. */
    void aim(double point) {
        double side = Math.signum(point - cast.shape.centre().x());
        double x = ground.x[quarterback] + side * figures.outside();
        ground.aim(
                man, x, Math.min(ground.y[quarterback] - figures.behind(), -figures.behind()), ground.top[man], false);
    }

    /** The defender who makes the quarterback let it go, -1 for nobody, or when it cannot be pitched any more. */
    int comes() {
        boolean may =
                ground.y[quarterback] < figures.latest() && ground.y[man] < ground.y[quarterback] + figures.notAhead();
        if (!may) {
            return NOBODY;
        }
        int best = NOBODY;
        double least = figures.near() * figures.near();
        double tackle = Math.abs(
                cast.shape.flank(Side.RIGHT).tackle().x() - cast.shape.centre().x());
        for (int d = cast.defence; d < cast.size(); d++) {
            double away = ground.squared(d, quarterback);
            if (away >= least || contests.engaged(d)) {
                continue;
            }
            double apart = Math.max(1e-6, Math.sqrt(away));
            double dx = ground.x[quarterback] - ground.x[d];
            double dy = ground.y[quarterback] - ground.y[d];
            double closes =
                    (dx * (ground.vx[d] - ground.vx[quarterback]) + dy * (ground.vy[d] - ground.vy[quarterback]))
                            / apart;
            // the man at the edge or outside it, never one of the inside
            boolean outside = Math.abs(ground.x[d] - cast.shape.centre().x()) > tackle;
            if (outside && closes > figures.comes()) {
                least = away;
                best = d;
            }
        }
        return best;
    }

    /** Whether he keeps it although somebody comes. */
    boolean misreads() {
        return luck.of(cast.actors.get(quarterback).luck(), Luck.What.READS, 1)
                < model.runner().misreads();
    }

    void goes(int tick) {
        left = tick;
        from = ground.at(quarterback);
        lands = tick + Math.max(1, Clock.ticks(ground.distance(man, from.x(), from.y()) / figures.flies()));
    }

    /** Whether it is in the air. */
    boolean flies() {
        return left != NOBODY && lands != NOBODY;
    }

    /** Whether it has just come to the man it was tossed to. */
    boolean lands(int tick) {
        boolean there = tick >= lands;
        if (there) {
            lands = NOBODY;
        }
        return there;
    }

    double x(int tick) {
        return from.x() + (ground.x[man] - from.x()) * part(tick);
    }

    double y(int tick) {
        return from.y() + (ground.y[man] - from.y()) * part(tick);
    }

    private double part(int tick) {
        return Math.min(1, (double) (tick - left) / (lands - left));
    }
}
