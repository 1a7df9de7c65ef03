package mensch.core.simulation;

import java.util.List;
import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;
import mensch.core.formation.Man;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.rung.FitRole;
import mensch.core.rung.Gap;
import mensch.core.rung.Move;
import mensch.core.rung.Task;
import mensch.core.rung.View;

/** Where each defender wants to be: by his technique first, by his job once he knows, by the ball once it declares. */
final class Fits {
    /** A man has reached where his movement takes him within this. */
    private static final double REACHED = 0.6;
    /** So many tenths of a second ahead he looks for where he meets the ball. */
    private static final int MEETINGS = 40;

    private final SnapDetails.Fits figures;
    private final Cast cast;
    private final Ground ground;
    private final Contests contests;
    private final Minds minds;
    private final Covering covering;
    private final SnapModel model;
    private final Point[] moves;
    private final int[] movesFrom;
    /** Who has gone where his movement takes him. */
    private final boolean[] moved;

    private final double left;
    private final double right;
    private final double[] falseStep;
    /** When he looks again for where he meets the ball. */
    private final int[] again;

    Fits(Cast cast, Ground ground, Contests contests, Minds minds, Covering covering, SnapModel model) {
        this.covering = covering;
        this.cast = cast;
        this.figures = cast.details.fits();
        this.ground = ground;
        this.contests = contests;
        this.minds = minds;
        this.model = model;
        this.moves = new Point[cast.size()];
        this.movesFrom = new int[cast.size()];
        this.moved = new boolean[cast.size()];
        this.falseStep = new double[cast.size()];
        this.again = new int[cast.size()];
        var field = cast.lineup.snap().field();
        this.left = field.sidelineX(Side.LEFT) + figures.inside();
        this.right = field.sidelineX(Side.RIGHT) - figures.inside();
        for (int d = cast.defence; d < cast.size(); d++) {
            Job job = cast.job(d);
            Move move = job.after().move().orNull();
            if (move != null && move.verb() != null && move.verb() != Move.Verb.DROP) {
                moves[d] = move.goal(view(d)).orElse(null);
                movesFrom[d] = Clock.ticks(figures.waits() * Math.max(0, move.order() - 1));
            }
        }
    }

    void falseStep(int defender, double yards) {
        falseStep[defender] = yards;
    }

    private View view(int defender) {
        return cast.lineup.view(cast.job(defender));
    }

    /**
     * @param ball who has the ball
     * @param ballX where it goes through as far as can be told
     * @param back who seems to have it for those who are fooled, and where he goes
     */
    void aim(int tick, int ball, double ballX, int back, double backX) {
        for (int d = cast.defence; d < cast.size(); d++) {
            boolean fooled = minds.fooled(d, tick);
            aim(d, tick, fooled ? back : ball, fooled ? backX : ballX);
        }
    }

    private void aim(int defender, int tick, int ball, double ballX) {
        double steps = Clock.seconds(tick - ground.from[defender]);
        if (falseStep[defender] != 0
                && steps < 2 * Math.abs(falseStep[defender]) / model.body().shuffle()) {
            // out and back: as long for each
            double out = steps < Math.abs(falseStep[defender]) / model.body().shuffle() ? -10 : 10;
            ground.aim(
                    defender,
                    ground.x[defender] + out,
                    ground.y[defender],
                    model.body().shuffle(),
                    false);
            return;
        }
        if (minds.knowsBall(defender, tick) && !hasThePitch(defender, ball)) {
            pursue(defender, tick, ball, ballX);
            return;
        }
        Point move = moves[defender];
        if (move != null && tick >= movesFrom[defender]) {
            // who comes from depth and sees the run go away does not come on
            boolean there = ground.distance(defender, move.x(), Math.max(move.y(), -figures.penetrates())) < REACHED
                    || contests.engaged(defender)
                    || !cast.job(defender).role().lineman() && minds.staysBehind(defender);
            if (!there) {
                ground.aim(defender, move.x(), move.y() - figures.penetrates(), ground.top[defender], false);
                return;
            }
            moves[defender] = null;
            moved[defender] = true;
        }
        if (minds.passes(defender) || moved[defender] && !minds.knowsRun(defender) && covering.rushes(defender)) {
            covering.aim(defender, tick);
        } else if (minds.knowsRun(defender) || minds.line(defender) || moved[defender]) {
            fit(defender, tick, minds.run(defender), ball, ballX);
        } else {
            reads(defender, ball);
        }
    }

    /** Whether he is to have whoever the ball may still be pitched to. */
    private boolean hasThePitch(int defender, int ball) {
        return minds.run(defender) instanceof Task.Fit fit
                && fit.role() == FitRole.PITCH
                && cast.actors.get(ball).man() == cast.shape.quarterback()
                && ground.y[ball] < cast.details.pitch().latest();
    }

    /** Before his key has told him anything a backer stands on his toes and slides with the ball a little. */
    private void reads(int defender, int ball) {
        double slides = Math.max(
                -0.5,
                Math.min(0.5, (ground.x[ball] - cast.actors.get(ball).start().x()) / 3));
        ground.aim(
                defender,
                minds.start(defender).x() + slides,
                minds.start(defender).y() - 0.3,
                model.body().shuffle(),
                true);
    }

    private void fit(int defender, int tick, Task task, int ball, double ballX) {
        if (task instanceof Task.TwoGap) {
            twoGaps(defender);
            return;
        }
        if (!(task instanceof Task.Fit fit)) {
            reads(defender, ball);
            return;
        }
        Side side = fit.side(view(defender));
        if (fit.role() == null) {
            gap(defender, fit);
            return;
        }
        role(defender, tick, fit, fit.role(), side, ball, ballX);
    }

    private void gap(int defender, Task.Fit fit) {
        double x = fit.gap() == null
                ? ground.x[defender]
                : fit.gap().in(view(defender)).map(this::now).orElse(ground.x[defender]);
        boolean line = minds.line(defender);
        ground.aim(defender, x, line ? -figures.penetrates() : figures.fills(), ground.top[defender], !line);
    }

    /** Where a gap is now, across: between the men who bound it as far as they are still on the line. */
    double now(Gap gap) {
        Flank flank = cast.shape.flank(gap.side());
        List<Man> surface = flank.surface();
        int inside = Math.min(gap.index(), Gap.count(flank) - 1);
        double in = inside == 0
                ? at(flank.middle())
                : inside - 1 < surface.size() ? at(surface.get(inside - 1)) : gap.innerX(flank);
        double out = !gap.last(flank) && inside < surface.size()
                ? at(surface.get(inside))
                : in + gap.outerX(flank) - gap.innerX(flank);
        return (in + out) / 2;
    }

    /** A man who has left the line for elsewhere bounds his gap where he stood. */
    private double at(Man man) {
        int i = cast.of(man);
        boolean there = Math.abs(ground.y[i]) < figures.bounds() && Math.abs(ground.x[i] - man.x()) < figures.bounds();
        return there ? ground.x[i] : man.x();
    }

    private void twoGaps(int defender) {
        ground.aim(defender, ground.x[defender], figures.twoGaps(), ground.top[defender], false);
    }

    private void role(int defender, int tick, Task.Fit fit, FitRole role, Side side, int ball, double ballX) {
        int sign = side.sign();
        double edge = at(cast.shape.flank(side).endMan());
        double top = ground.top[defender];
        boolean line = minds.line(defender);
        SnapModel.Pursuit pursuit = model.pursuit();
        switch (role) {
            case FORCE -> {
                // from depth he keeps the ball inside of him wherever it goes; who stands near keeps the edge
                double goes = Math.max(sign * ground.x[ball], sign * ballX);
                boolean deep = minds.start(defender).y() > figures.fromDepth();
                double track = (deep ? goes : Math.max(goes, sign * edge)) + pursuit.outside();
                ground.aim(defender, sign * track, line ? -figures.forces() : pursuit.depth(), top, true);
            }
            case SPILL -> ground.aim(defender, edge + sign * figures.spillsOutside(), -figures.spills(), top, false);
            case BOX -> {
                // he boxes it in: nothing goes round him
                double outside = Math.max(sign * edge + pursuit.outside(), sign * ground.x[ball] + figures.body());
                ground.aim(defender, sign * outside, -figures.boxes(), top, true);
            }
            case SQUEEZE ->
                ground.aim(
                        defender,
                        at(cast.shape.flank(side).tackle()) + sign * figures.squeezes(),
                        line ? -figures.behindTheLine() : 1,
                        top,
                        true);
            case ALLEY -> inside(defender, tick, ball, ballX);
            case CUT_BACK, FOLD -> {
                double behind =
                        ballX - Math.signum(ballX - minds.start(defender).x()) * figures.cutBack();
                ground.aim(
                        defender,
                        behind,
                        line ? -figures.behindTheLine() : figures.cutBackDepth(),
                        top * figures.cutBackPace(),
                        true);
            }
            case CHASE ->
                ground.aim(
                        defender,
                        ground.x[ball] - Math.signum(ground.x[ball] - ground.x[defender]) * pursuit.outside(),
                        line ? Math.max(-figures.chases(), ground.y[ball]) : 1.0,
                        top * pursuit.top(),
                        false);
            case DIVE -> {
                if (fit.gap() == null) {
                    ground.aim(defender, ground.x[ball], Math.max(-1, ground.y[ball]), top, false);
                } else {
                    gap(defender, fit);
                }
            }
            case QUARTERBACK -> quarterback(defender, sign, edge);
            case PITCH -> ground.aim(defender, edge + sign * figures.pitchOutside(), figures.pitchDepth(), top, true);
        }
    }

    /** He keeps a yard outside the quarterback, at the line, until that man has shown that he keeps it. */
    private void quarterback(int defender, int sign, double edge) {
        ground.aim(
                defender,
                edge + sign * figures.quarterbackOutside(),
                -figures.quarterbackBehind(),
                ground.top[defender],
                true);
    }

    /**
     * Inside-out to where he meets the ball: the first place on its way that he reaches no later than it does, or the
     * last one looked at when there is none. Where he aims he looks anew every fifth of a second.
     *
     * @return whether he has
     */
    private boolean inside(int defender, int tick, int ball, double ballX) {
        if (tick < again[defender]) {
            return false;
        }
        again[defender] = tick + figures.aimsAgain();
        double pace = ground.top[defender] * figures.pursues();
        double ballPace = Math.max(figures.ballPace(), ground.speed(ball));
        // from near he goes by how the ball moves; from far he counts on it to turn up the field and run
        double far = Math.max(0, Math.min(1, (ground.distance(defender, ball) - figures.near()) / figures.near()));
        // who is slow for a moment, because he has just caught it or turned, will run again
        double slow = ground.y[ball] > 0 ? 1 - ground.speed(ball) / ground.top[ball] : 0;
        double gathers = Math.max(far, slow);
        double runs = Math.max(ground.speed(ball), gathers * ground.top[ball] * figures.runsAgain());
        double across = (1 - far * (1 - figures.drifts())) * ground.vx[ball];
        double turnsUp = ground.y[ball] > 0 ? Math.max(gathers, figures.turnsUp()) : far;
        double upfield = Math.max(ground.vy[ball], turnsUp * Math.sqrt(Math.max(0, runs * runs - across * across)));
        Point at = ground.at(ball);
        for (int i = 1; i < MEETINGS; i++) {
            double seconds = 0.1 * i;
            if (ground.y[ball] >= 0) {
                double goes = ground.x[ball] + across * seconds;
                double x = Math.max(left, Math.min(right, goes));
                // where the field ends he turns up it: what he would have run beyond it he runs along it
                double along = Math.abs(goes - x);
                at = new Point(
                        x,
                        ground.y[ball] + along + ground.covers(ball, ground.vy[ball], Math.max(1, upfield), seconds));
            } else {
                double on = Math.max(0.5, seconds * ballPace - ground.distance(ball, ballX, 0));
                at = new Point(ballX + figures.drifts() * ground.vx[ball] * on / ballPace, on);
            }
            if (seconds(defender, at.x(), at.y(), pace) <= seconds) {
                break;
            }
        }
        double x = Math.max(left, Math.min(right, notPast(defender, ball, at.x())));
        double y = at.y();
        double aside = x - ground.x[defender];
        double away = ground.distance(defender, ball);
        double leverage = Math.min(model.pursuit().leverage(), Math.abs(aside) / 2)
                * Math.max(0, Math.min(1, (away - figures.close()) / figures.close()));
        // who stands before the ball comes to balance there; who chases runs through
        double stops = ground.speed(defender)
                * ground.speed(defender)
                / (2 * model.body().braking());
        boolean before = ground.y[defender] > ground.y[ball] + 1
                && ground.y[ball] > -1
                && away < Math.max(figures.balances(), stops);
        ground.aim(defender, x - Math.signum(aside) * leverage, y, ground.top[defender], before);
        return true;
    }

    /** He does not run past a ball that comes to the line before him: as it goes now it gets there so far across. */
    private double notPast(int defender, int ball, double x) {
        double up = ground.y[defender] - ground.y[ball];
        if (ground.y[ball] > 0 || ground.vy[ball] <= 0 || up <= 0) {
            return x;
        }
        double goes = ground.x[ball] + ground.vx[ball] * up / ground.vy[ball];
        boolean past = (x - goes) * (goes - ground.x[ball]) > 0;
        return past ? goes : x;
    }

    /** What a man needs to a place, with what it costs him to turn his speed there. */
    private double seconds(int defender, double x, double y, double pace) {
        double dx = x - ground.x[defender];
        double dy = y - ground.y[defender];
        double away = Math.max(1e-6, Math.sqrt(dx * dx + dy * dy));
        double changeX = pace * dx / away - ground.vx[defender];
        double changeY = pace * dy / away - ground.vy[defender];
        double change = Math.sqrt(changeX * changeX + changeY * changeY);
        return Math.max(0, away - model.tackle().reach() / 2) / pace
                + change / (2 * model.body().braking());
    }

    /** To where the carrier will be, with the leverage of his job until he is close. */
    private void pursue(int defender, int tick, int ball, double ballX) {
        boolean forces = minds.run(defender) instanceof Task.Fit fit && fit.role() == FitRole.FORCE;
        double away = ground.distance(defender, ball);
        if (away <= figures.close()) {
            double seconds = away / ground.top[defender] + 0.1;
            ground.aim(
                    defender,
                    Math.max(left, Math.min(right, ground.x[ball] + ground.vx[ball] * seconds)),
                    ground.y[ball] + ground.vy[ball] * seconds,
                    ground.top[defender],
                    false);
            return;
        }
        // past the line nobody turns it in any more: he goes to it
        if (inside(defender, tick, ball, ballX) && forces && ground.y[ball] < 0) {
            int sign = ((Task.Fit) minds.run(defender)).side(view(defender)).sign();
            if (sign * (ground.x[defender] - ground.x[ball]) > 0) {
                double x = Math.max(sign * ground.aimX[defender], sign * ground.x[ball])
                        + model.pursuit().outside();
                ground.aim(defender, sign * x, ground.aimY[defender], ground.top[defender], false);
            }
        }
    }
}
