package mensch.core.simulation;

import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;
import mensch.core.geometry.Side;

/**
 * The man with the ball: he presses the point, sees lanes as free width at the line, takes one, and runs where he is
 * longest alone.
 */
final class Runner {
    /** Lanes at the line are looked at so far apart, yards. */
    private static final double STEP = 0.5;

    private static final double[] SINES = new double[13];
    private static final double[] COSINES = new double[13];

    static {
        for (int i = 0; i < SINES.length; i++) {
            double angle = Math.toRadians(-90 + 15.0 * i);
            SINES[i] = Math.sin(angle);
            COSINES[i] = Math.cos(angle);
        }
    }

    private final SnapDetails.Runner figures;
    private final Cast cast;
    private final Ground ground;
    private final Contests contests;
    private final SnapModel model;
    private final double point;
    private final double left;
    private final double right;
    private double lane;
    private boolean committed;
    private int way = 6;
    /** He looks anew after as many ticks as it takes him to act on what he sees. */
    private final int looks;
    /** Where everybody was when he looked last: he acts on that. */
    private final double[] seenX;

    private final double[] seenY;

    /** @param point where he is told to go through, across */
    Runner(Cast cast, Ground ground, Contests contests, SnapModel model, double point) {
        this.cast = cast;
        this.figures = cast.details.runner();
        this.ground = ground;
        this.contests = contests;
        this.model = model;
        this.point = point;
        this.lane = point;
        this.looks = Clock.ticks(model.runner().sees());
        this.seenX = ground.x.clone();
        this.seenY = ground.y.clone();
        var field = cast.lineup.snap().field();
        this.left = field.sidelineX(Side.LEFT);
        this.right = field.sidelineX(Side.RIGHT);
    }

    /** Where the ball goes through as far as can be told, across. */
    double lane() {
        return lane;
    }

    /** @return whether he has just made up his mind */
    boolean aim(int man, int tick) {
        if (committed && ground.y[man] > figures.line()) {
            open(man, tick);
            return false;
        }
        if (!committed && tick % 2 == 0) {
            lane = best(man);
        }
        boolean now = !committed && ground.y[man] > -model.runner().commits();
        committed |= now;
        // he runs behind the line until he is before his lane, and turns up there
        double aside = Math.abs(ground.x[man] - lane);
        boolean before = aside < model.runner().lane() + figures.turnsUp() * ground.speed(man);
        double ahead =
                !before ? Math.max(-model.runner().commits(), ground.y[man]) : committed ? figures.line() + 2 : 0;
        ground.aim(man, lane, ahead, ground.top[man], false);
        return now;
    }

    private double best(int man) {
        double best = lane;
        double most = -1e9;
        int count = (int) ((model.runner().cutBack() + model.runner().bounce()) / STEP) + 1;
        double from = point - model.runner().cutBack();
        double run = 0;
        for (int i = 0; i <= count; i++) {
            double x = from + i * STEP;
            boolean field = i < count && x > left + 1 && x < right - 1;
            if (field && passes(man, x) && alone(man, x)) {
                run += STEP;
                continue;
            }
            if (run >= model.runner().lane()) {
                double low = x - run;
                double high = x - STEP;
                double at = Math.max(low + STEP / 2, Math.min(high - STEP / 2, point));
                double worth = Math.min(run, figures.lane()) - model.runner().shifts() * Math.abs(at - point);
                if (worth > most) {
                    most = worth;
                    best = at;
                }
            }
            run = 0;
        }
        return most > -1e9 ? best : point;
    }

    /** Whether the blocks leave a place at the line open until he is there. */
    private boolean passes(int man, double x) {
        double seconds = seconds(man, x);
        for (int i = 0; i < cast.size(); i++) {
            if (i == man) {
                continue;
            }
            double dx = Math.abs(ground.x[i] - x);
            if (i < cast.defence) {
                if (dx < figures.body() && ground.y[i] > -1 && ground.y[i] < figures.freeDeep()) {
                    return false;
                }
            } else if (contests.engaged(i) && ground.y[i] < figures.blockedDeep()) {
                double arm = contests.armFree(i, x) ? model.tackle().engaged() + figures.body() / 2 : figures.body();
                if (dx < arm + contests.closes(i, x) * seconds) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Whether nobody who is free is at a place at the line as soon as he is. */
    private boolean alone(int man, double x) {
        double seconds = seconds(man, x);
        for (int i = cast.defence; i < cast.size(); i++) {
            double reach = model.tackle().reach() + ground.top[i] * figures.closes() * seconds;
            if (!contests.engaged(i) && ground.distance(i, x, figures.line()) < reach) {
                return false;
            }
        }
        return true;
    }

    /** How long a defender has to get to a place at the line before he is there, seconds. */
    private double seconds(int man, double x) {
        return Math.max(
                0,
                ground.distance(man, x, figures.line()) / Math.max(figures.slowest(), ground.speed(man))
                        - figures.fromNow());
    }

    /** Past the line: the way on which he gets farthest before the first free man is there. */
    private void open(int man, int tick) {
        if (tick % looks == 0) {
            double most = -1e9;
            for (int i = 0; i < SINES.length; i++) {
                double gets = gets(man, SINES[i], COSINES[i]) - figures.turns() * Math.abs(i - way);
                if (gets > most) {
                    most = gets;
                    way = i;
                }
            }
        }
        ground.aim(
                man,
                ground.x[man] + 5 * SINES[way],
                ground.y[man] + 5 * COSINES[way],
                ground.top[man] * model.runner().top(),
                false);
    }

    private double gets(int man, double sine, double cosine) {
        double speed =
                Math.max(figures.openFast(), ground.top[man] * model.runner().top());
        double most = figures.horizon();
        double edge = sine > 0
                ? (right - ground.x[man]) / (sine * speed)
                : sine < 0 ? (left - ground.x[man]) / (sine * speed) : most;
        double first = Math.min(most, edge);
        for (int d = cast.defence; d < cast.size(); d++) {
            boolean held = contests.engaged(d);
            double reach = held ? model.tackle().engaged() : model.tackle().reach();
            double pace =
                    held ? figures.heldPace() : ground.top[d] * model.pursuit().top();
            first = Math.min(first, meets(man, d, sine * speed, cosine * speed, pace, reach));
        }
        return first * cosine * speed;
    }

    /** Seconds until a man who runs to meet him is in reach; large when he never is. */
    private double meets(int man, int defender, double vx, double vy, double pace, double reach) {
        double px = ground.x[man] - seenX[defender];
        double py = ground.y[man] - seenY[defender];
        // |p + v t| = reach + pace t
        double a = vx * vx + vy * vy - pace * pace;
        double b = 2 * (px * vx + py * vy - reach * pace);
        double c = px * px + py * py - reach * reach;
        if (c <= 0) {
            return 0;
        }
        double inside = b * b - 4 * a * c;
        if (Math.abs(a) < 1e-9) {
            return b < 0 ? -c / b : 99;
        }
        if (inside < 0) {
            return 99;
        }
        double root = Math.sqrt(inside);
        double one = (-b - root) / (2 * a);
        double other = (-b + root) / (2 * a);
        double low = Math.min(one, other);
        double high = Math.max(one, other);
        return low > 0 ? low : high > 0 ? high : 99;
    }
}
