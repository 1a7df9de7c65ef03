package mensch.core.simulation;

import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;

/** Who gets the carrier down: by reach, angle and closing speed, then drawn. */
final class Tackles {

    private final SnapDetails.Tackles figures;
    private final double behind;
    private final double headOn;
    private final Cast cast;
    private final Ground ground;
    private final Contests contests;
    private final SnapModel model;
    private final Luck luck;
    private final Story story;
    private final int[] again;
    private final int[] tries;

    Tackles(Cast cast, Ground ground, Contests contests, SnapModel model, Luck luck, Story story) {
        this.cast = cast;
        this.figures = cast.details.tackles();
        this.behind = Math.cos(Math.toRadians(figures.behind()));
        this.headOn = Math.cos(Math.toRadians(figures.headOn()));
        this.ground = ground;
        this.contests = contests;
        this.model = model;
        this.luck = luck;
        this.story = story;
        this.again = new int[cast.size()];
        this.tries = new int[cast.size()];
    }

    /** @return who brought him down, -1 for nobody yet */
    int tick(int ball, int tick) {
        for (int d = cast.defence; d < cast.size(); d++) {
            if (tick < again[d]) {
                continue;
            }
            boolean held = contests.engaged(d);
            boolean dives = !held && ground.speed(d) > figures.dives();
            double reach = held
                    ? model.tackle().engaged()
                    : dives ? model.tackle().dive() : model.tackle().reach();
            if (ground.squared(d, ball) > reach * reach || held && !contests.armFree(d, ground.x[ball])) {
                continue;
            }
            boolean lunges = ground.squared(d, ball)
                    > model.tackle().reach() * model.tackle().reach();
            if (lunges && !closest(d, ball)) {
                continue;
            }
            double drawn = luck.of(cast.actors.get(d).luck(), Luck.What.TACKLES, tries[d]++);
            if (drawn < (lunges ? model.tackle().lunges() : chance(d, ball, held))) {
                return d;
            }
            again[d] = tick + Clock.ticks(model.tackle().broken());
            ground.vx[ball] *= figures.broken();
            ground.vy[ball] *= figures.broken();
            if (!held) {
                ground.from[d] = tick + Clock.ticks(model.tackle().broken() / 2);
                ground.vx[d] = 0;
                ground.vy[d] = 0;
            }
            story.tell(Happening.What.MISSED, d, ball, tick, held ? "one arm" : "");
        }
        return -1;
    }

    /** Whether he comes no nearer: who still gains on the carrier does not dive. */
    private boolean closest(int defender, int ball) {
        double dx = ground.x[ball] - ground.x[defender];
        double dy = ground.y[ball] - ground.y[defender];
        return dx * (ground.vx[ball] - ground.vx[defender]) + dy * (ground.vy[ball] - ground.vy[defender]) >= 0;
    }

    private double chance(int defender, int ball, boolean held) {
        if (held) {
            return model.tackle().oneArm();
        }
        if (helped(defender)) {
            return model.tackle().second();
        }
        double speed = Math.max(0.5, ground.speed(ball));
        double dx = ground.x[defender] - ground.x[ball];
        double dy = ground.y[defender] - ground.y[ball];
        double apart = Math.max(1e-6, Math.sqrt(dx * dx + dy * dy));
        double ahead = (dx * ground.vx[ball] + dy * ground.vy[ball]) / (apart * speed);
        if (ahead < -behind) {
            return model.tackle().behind();
        }
        return ahead > headOn && speed > figures.space()
                ? model.tackle().space()
                : model.tackle().insideOut();
    }

    private boolean helped(int defender) {
        double near = model.tackle().near() * model.tackle().near();
        for (int d = cast.defence; d < cast.size(); d++) {
            if (d != defender && !contests.engaged(d) && ground.squared(d, defender) < near) {
                return true;
            }
        }
        return false;
    }

    /** How far the ball goes on in a tackle, yards along its way. */
    double forward(int tackler, int ball) {
        double drawn =
                luck.of(model.tackle().forward(), cast.actors.get(tackler).luck(), Luck.What.FALLS, tries[tackler]);
        double speed = ground.speed(ball);
        return drawn * Math.min(1, speed / figures.fallsForward());
    }
}
