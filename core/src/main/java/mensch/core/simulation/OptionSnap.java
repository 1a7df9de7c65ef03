package mensch.core.simulation;

import java.util.List;
import java.util.Optional;
import mensch.core.convention.SnapDetails;
import mensch.core.lineup.Job;
import mensch.core.matchup.Blocking;
import mensch.core.play.RunPass;
import mensch.core.simulation.Unfolding.Ending;

/**
 * One snap of a run-pass option: the line blocks the run, receivers run their routes, and the quarterback throws when
 * the man he reads comes down for the run, else he gives.
 */
final class OptionSnap extends RunSnap {

    private final SnapDetails.OptionSnap figures;
    private final Routes routes;
    private final Passer passer;
    private final Air air;
    private final OptionRead read;
    private final List<Integer> order;
    private final int leaves;
    private boolean asked;
    private boolean throwing;

    /** @param key whom he reads */
    OptionSnap(Stage stage, RunPass option, Blocking blocking, Job key, Routes.Rehearsed alone, long seed) {
        super(stage, option.run(), blocking, seed);
        this.figures = cast.details.optionSnap();
        this.routes = new Routes(cast, ground, model, option.pass(), alone);
        this.order = option.pass().told().stream()
                .flatMap(told -> told.who().in(cast.view).stream())
                .map(cast::of)
                .distinct()
                .toList();
        order.forEach(blockers::runsARoute);
        double throwSeconds = option.pass().throwSeconds();
        this.passer = new Passer(cast, ground, contests, model, routes, story, quarterback, order, throwSeconds);
        this.air = new Air(cast, ground, contests, covering, model, luck, story, quarterback);
        this.read = new OptionRead(
                cast.details.optionRead(),
                ground,
                luck,
                model.runner().misreads(),
                cast.actors.get(quarterback),
                cast.actors.get(cast.named(cast.idOf(key))));
        double release = cast.lineup.convention().speeds().passer().release();
        this.leaves = Math.max(Clock.ticks(throwSeconds), meshTick + Clock.ticks(release));
    }

    @Override
    void aim(int tick) {
        super.aim(tick);
        for (int man : order) {
            if (man != ball && !contests.engaged(man)) {
                routes.aim(man, tick);
            }
        }
        air.flight().filter(in -> routes.broken(in.to())).ifPresent(in -> {
            ground.aim(in.to(), in.off().x(), in.off().y(), ground.top[in.to()], true);
        });
        air.rally(tick);
        if (throwing && ball == quarterback) {
            ground.stand(quarterback);
        }
    }

    /** He reads his man at the mesh, once. */
    @Override
    boolean gives(int tick) {
        if (!asked && tick >= meshTick + Clock.ticks(figures.rides())) {
            asked = true;
            throwing = comesDown() != read.misreads();
            if (throwing) {
                story.tell(Happening.What.BALL_PULLED, quarterback, read.man(), tick, read.said());
                minds.faked(tick);
            }
        }
        return asked && !throwing;
    }

    /** Whether the man he reads is on his way to where the run goes. */
    private boolean comesDown() {
        int man = read.man();
        double toX = (mesh.x() + blocking.point().x()) / 2 - ground.x[man];
        double toY = (mesh.y() + blocking.point().y()) / 2 - ground.y[man];
        double away = Math.max(1e-6, Ground.length(toX, toY));
        return (toX * ground.vx[man] + toY * ground.vy[man]) / away > figures.comes();
    }

    @Override
    Optional<Ending> meet(int tick) {
        if (!throwing || ball != quarterback) {
            return super.meet(tick);
        }
        Optional<Ending> ended = super.meet(tick);
        if (air.flight().isPresent()) {
            return flies(tick);
        }
        Optional<Ending> sacked = sacked(tick);
        if (sacked.isPresent()) {
            return sacked;
        }
        if (tick >= leaves) {
            int to = best();
            air.leaves(to, passer.open(to, 0), false, tick);
        }
        return ended;
    }

    private Optional<Ending> flies(int tick) {
        Optional<Ending> ended = air.flies(tick);
        air.caughtBy().ifPresent(man -> runner = runsOn(man, tick));
        return ended;
    }

    /** The first of his receivers who is open, else the one who is most so. */
    private int best() {
        int best = order.get(0);
        double most = Double.NEGATIVE_INFINITY;
        for (int man : order) {
            double yards = passer.open(man, 0).yards();
            if (yards >= model.passer().open()) {
                return man;
            }
            if (yards > most) {
                most = yards;
                best = man;
            }
        }
        return best;
    }

    @Override
    double ballX() {
        return air.flight().map(f -> f.x(ground.past().size())).orElseGet(super::ballX);
    }

    @Override
    double ballY() {
        return air.flight().map(f -> f.y(ground.past().size())).orElseGet(super::ballY);
    }
}
