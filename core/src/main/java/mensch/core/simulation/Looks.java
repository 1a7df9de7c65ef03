package mensch.core.simulation;

import mensch.core.convention.KeyLimits;
import mensch.core.convention.SnapDetails;
import mensch.core.formation.Man;
import mensch.core.reading.Reading;

/** What the offence looks like to those who read none of its men: what nobody on the field can overlook. */
final class Looks {

    private final SnapDetails.Looks figures;
    private final KeyLimits.Line limits;
    private final Cast cast;
    private final Ground ground;
    private final int[] line;
    private final int quarterback;

    Looks(Cast cast, Ground ground) {
        this.cast = cast;
        this.limits = cast.lineup.convention().keys().line();
        this.figures = cast.details.looks();
        this.ground = ground;
        this.quarterback = cast.passer();
        this.line = cast.lineup.snap().formation().men().stream()
                .filter(Man::interior)
                .mapToInt(cast::of)
                .toArray();
    }

    /** @param ball who has it */
    boolean likeAPass(int tick, int ball) {
        return hats() || drops(tick, ball);
    }

    /** Whether most of the line has set back, which nobody can overlook. */
    private boolean hats() {
        int set = 0;
        int left = 0;
        int right = 0;
        for (int man : line) {
            double up = ground.y[man] - cast.actors.get(man).start().y();
            double across = ground.x[man] - cast.actors.get(man).start().x();
            set += Reading.givesGround(limits, across, up) ? 1 : 0;
            left += across < -figures.flows() ? 1 : 0;
            right += across > figures.flows() ? 1 : 0;
        }
        // a line that goes one way together is a wall on the move
        boolean flows = left > figures.hats() || right > figures.hats();
        return set >= figures.hats() && !flows;
    }

    /** Whether the quarterback goes back with the ball and nobody comes to take it. */
    private boolean drops(int tick, int ball) {
        boolean back = ball == quarterback
                && Clock.seconds(tick) >= figures.dropsAfter()
                && ground.y[ball] < cast.actors.get(ball).start().y() - figures.drops();
        for (Man man : cast.shape.backs()) {
            back &= comes(cast.of(man), ball) < figures.comes();
        }
        return back;
    }

    /** How fast one man comes to another, yards a second. */
    private double comes(int man, int other) {
        double dx = ground.x[other] - ground.x[man];
        double dy = ground.y[other] - ground.y[man];
        double away = Math.max(1e-6, Ground.length(dx, dy));
        return (dx * ground.vx[man] + dy * ground.vy[man]) / away;
    }
}
