package mensch.core.simulation;

import java.util.Optional;
import mensch.core.convention.SnapDetails;
import mensch.core.event.Event;
import mensch.core.geometry.Point;
import mensch.core.matchup.Blocking;
import mensch.core.play.BallPath;
import mensch.core.play.Run;

/** One snap of a run; of a run-pass option as well, as long as the ball is not thrown. */
class RunSnap extends Snap {

    private final SnapDetails.RunSnap figures;
    private final Run run;
    final Blocking blocking;
    final Blockers blockers;
    private final Runner back;
    private final Optional<OptionRead> read;
    private final int carrier;
    final Point mesh;
    final int meshTick;
    private final Optional<Pitch> pitch;
    Runner runner;
    private boolean decided;
    private boolean crossed;

    RunSnap(Stage stage, Run run, Blocking blocking, long seed) {
        super(stage, seed, stage.cast().of(run.carrier(stage.cast().view)));
        this.figures = cast.details.runSnap();
        this.run = run;
        this.blocking = blocking;
        this.blockers = new Blockers(cast, ground, contests, model, story, blocking);
        this.back = new Runner(cast, ground, contests, model, blocking.point().x());
        this.runner = back;
        this.carrier = cast.of(run.carrier(cast.view));
        Point meant = run.mesh(cast.view);
        this.mesh = past(meant) ? flipped() : meant;
        this.meshTick = Clock.ticks(Math.min(run.meshSeconds(cast.view), comesBy()));
        this.read = run.paths().contains(BallPath.DIVE)
                ? blocking.read().stream()
                        .findFirst()
                        .map(job -> new OptionRead(
                                cast.details.optionRead(),
                                ground,
                                luck,
                                model.runner().misreads(),
                                cast.actors.get(quarterback),
                                cast.actors.get(cast.of(job))))
                : Optional.empty();
        this.pitch = blocking.doings().stream()
                .filter(d -> d.does() == Blocking.Does.PITCH_MAN)
                .findFirst()
                .filter(d -> run.paths().contains(BallPath.PITCH))
                .map(d -> new Pitch(cast, ground, contests, model, luck, quarterback, cast.of(d.man())));
    }

    /** Whether a man who is in motion at the snap has gone by the mesh before the quarterback has the ball. */
    private boolean past(Point meant) {
        double toX = meant.x() - ground.x[carrier];
        double toY = meant.y() - ground.y[carrier];
        return toX * ground.vx[carrier] + toY * ground.vy[carrier] < 0;
    }

    /** Where such a man is flipped the ball: on his way, as soon as it can be. */
    private Point flipped() {
        return new Point(
                ground.x[carrier] + figures.snapped() * ground.vx[carrier],
                ground.y[carrier] + figures.snapped() * ground.vy[carrier]);
    }

    /** When a man who is in motion at the snap comes by the mesh, seconds; never for one who stands. */
    private double comesBy() {
        double speed = ground.speed(carrier);
        return speed == 0
                ? Double.MAX_VALUE
                : Math.max(figures.snapped(), ground.distance(carrier, mesh.x(), mesh.y()) / speed);
    }

    @Override
    void aim(int tick) {
        minds.look(tick, ball);
        fits.aim(tick, ball, runner.lane(), carrier, back.lane());
        blockers.aim(tick, runner.lane());
        backfield(tick);
    }

    @Override
    Optional<Unfolding.Ending> meet(int tick) {
        blockers.meet(tick, runner.lane());
        handOff(tick);
        pitch.ifPresent(p -> pitches(p, tick));
        cross(tick);
        if (pitch.isPresent() && pitch.get().flies()) {
            return Optional.empty();
        }
        // who still waits for his man can be had
        boolean waits = tick > meshTick + Clock.ticks(figures.late());
        return ball != quarterback || carrier == quarterback || decided || waits ? down(tick) : over();
    }

    private void backfield(int tick) {
        boolean kept = ball == quarterback && decided;
        boolean given = ball != quarterback || carrier == quarterback && tick >= meshTick;
        boolean carries = kept || given;
        if (carries) {
            if (runner.aim(ball, tick)) {
                story.tell(Happening.What.BACK_COMMITS, ball, tick, "");
                minds.ballGoes(tick, false);
            }
        } else {
            toTheMesh(tick);
        }
        if (kept) {
            // who has not got it runs as if he had
            ground.aim(carrier, blocking.point().x(), 3, ground.top[carrier] * figures.comesOn(), false);
        }
        for (int man = 0; man < cast.defence; man++) {
            if (pitch.isPresent() && man == pitch.get().man() && man != ball) {
                pitch.get().aim(blocking.point().x());
                continue;
            }
            boolean free = man != carrier && !blockers.works(man) && !(carries && man == ball);
            if (free && man == quarterback) {
                boolean has = ball == quarterback;
                // who has handed it off goes the other way, as on a boot
                ground.aim(
                        man,
                        has ? mesh.x() : mesh.x() - 8,
                        has ? mesh.y() - 0.3 : mesh.y() - 2,
                        ground.top[man] * figures.comesOn(),
                        has);
            } else if (free && cast.flag()) {
                // nobody may block: he takes his man up the field
                ground.aim(man, ground.x[man], ground.y[man] + 3, ground.top[man], false);
            } else if (free) {
                ground.aim(man, ground.x[man] + 3, ground.y[man] + 2, ground.top[man], false);
            }
        }
    }

    /** Whether he is a back: who comes from where the receivers stand is on his way at once. */
    private boolean back(int man) {
        return cast.shape.backs().contains(cast.actors.get(man).man());
    }

    private void toTheMesh(int tick) {
        double seconds = Math.max(Clock.TICK, Clock.seconds(meshTick - tick));
        double away = ground.distance(carrier, mesh.x(), mesh.y());
        boolean steps =
                run.ball().first() == Run.First.AWAY && back(carrier) && Clock.seconds(tick) < figures.counterStep();
        if (steps) {
            ground.aim(
                    carrier,
                    ground.x[carrier] - 3,
                    ground.y[carrier] + 1,
                    ground.top[carrier] * figures.counterPace(),
                    false);
        } else if (pitch.isPresent() && carrier == quarterback) {
            // down the line at the man he reads
            double x = blocking.point().x() - Math.signum(blocking.point().x()) * figures.shortOf();
            ground.aim(carrier, x, Math.min(ground.y[carrier], -1), ground.top[carrier] * figures.comesAcross(), false);
        } else if (run.ball().first() == Run.First.PASS && Clock.seconds(tick) < figures.showsPass()) {
            ground.stand(carrier);
        } else {
            ground.aim(
                    carrier,
                    mesh.x(),
                    mesh.y(),
                    Math.max(figures.slowest(), Math.min(ground.top[carrier], away / seconds)),
                    false);
        }
    }

    /** Whether the quarterback is about to give the ball as the run has it, asked at the mesh. */
    boolean gives(int tick) {
        return true;
    }

    private void handOff(int tick) {
        boolean done = ball != quarterback || carrier == quarterback || decided;
        if (done || tick < meshTick - 2 || !gives(tick)) {
            return;
        }
        if (read.isPresent() && tick >= meshTick && read.get().keeps(mesh, blocking.point())) {
            decided = true;
            runner = new Runner(cast, ground, contests, model, read.get().lane());
            story.tell(
                    Happening.What.BALL_PULLED,
                    quarterback,
                    read.get().man(),
                    tick,
                    read.get().said());
            minds.handedOff(tick, blocking.point().x());
            minds.pulled(tick);
            return;
        }
        boolean near = ground.distance(carrier, mesh.x(), mesh.y()) < figures.mesh() && tick >= meshTick;
        boolean beside = ground.distance(carrier, quarterback) < figures.mesh();
        if (near || beside && tick >= meshTick + Clock.ticks(figures.late())) {
            story.tell(Happening.What.HANDED_OFF, carrier, quarterback, tick, "");
            ball = carrier;
            minds.handedOff(tick, blocking.point().x());
        }
    }

    /** Who keeps the ball on an option lets it go when somebody comes at him, as long as he is near the line. */
    private void pitches(Pitch option, int tick) {
        boolean keeps = ball == quarterback && (decided || carrier == quarterback);
        if (option.flies() && option.lands(tick)) {
            ball = option.man();
            runner = new Runner(cast, ground, contests, model, ground.x[ball] + 1);
            minds.ballGoes(tick, false);
        } else if (keeps && !option.flies()) {
            int comes = option.comes();
            if (comes >= 0 && !option.misreads()) {
                option.goes(tick);
                story.tell(
                        Happening.What.PITCHED,
                        quarterback,
                        option.man(),
                        tick,
                        cast.actors.get(comes).id());
            }
        }
    }

    @Override
    double ballX() {
        return pitch.filter(Pitch::flies).map(p -> p.x(ground.past().size())).orElseGet(super::ballX);
    }

    @Override
    double ballY() {
        return pitch.filter(Pitch::flies).map(p -> p.y(ground.past().size())).orElseGet(super::ballY);
    }

    private void cross(int tick) {
        boolean has = ball != quarterback || carrier == quarterback || decided;
        if (!crossed && ground.y[ball] > 0 && has) {
            crossed = true;
            if (ball == quarterback) {
                minds.happens(Event.Seen.QUARTERBACK_CROSSES, tick, d -> true);
            }
            story.tell(Happening.What.LINE_CROSSED, ball, tick, "");
            minds.ballGoes(tick, true);
        }
    }

    /** The quarterback and whom he gives the ball; a blocker and his man keep their own distance. */
    @Override
    boolean together(int a, int b) {
        return a == quarterback && b == carrier || b == quarterback && a == carrier || super.together(a, b);
    }
}
