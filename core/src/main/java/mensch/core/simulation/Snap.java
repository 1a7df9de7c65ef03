package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mensch.core.convention.SnapModel;
import mensch.core.geometry.Side;
import org.jspecify.annotations.Nullable;

/**
 * One snap while it runs: everybody looks, wants to be somewhere, moves from where he is, and meets whom he meets. What
 * the offence does with the ball is told by the play.
 */
abstract class Snap {
    /** No play lasts longer, seconds. */
    private static final double LONGEST = 12;
    /** Two bodies are no nearer to each other than this, yards. */
    private static final double BODIES = 0.6;
    /** Nearer than this there is no telling who stands on which side of whom, yards. */
    private static final double ONE_SPOT = 1e-3;

    final Stage stage;
    final Cast cast;
    final SnapModel model;
    final long seed;
    final Luck luck;
    final Ground ground;
    final Story story;
    final Contests contests;
    final Minds minds;
    final Covering covering;
    final Fits fits;
    final Tackles tackles;
    final int quarterback;
    /** Who has the ball, or had it last. */
    int ball;

    /** Whether it is written down who is open when: only for a snap that is watched. */
    boolean watched;

    private @Nullable GapsHeld gaps;

    private final double[] pushX;
    private final double[] pushY;

    /** @param carries who has the ball when nobody takes the snap for another */
    Snap(Stage stage, long seed, int carries) {
        this.stage = stage;
        this.cast = stage.cast();
        this.model = stage.model();
        this.seed = seed;
        this.luck = new Luck(seed);
        this.ground = new Ground(cast, model, luck);
        this.story = new Story(cast, ground);
        this.contests = new Contests(cast, ground, model, luck, story);
        this.minds = new Minds(cast, ground, contests, model, luck, story, stage);
        this.covering = new Covering(cast, ground, model, minds, stage.areas());
        this.fits = new Fits(cast, ground, contests, minds, covering, model);
        this.tackles = new Tackles(cast, ground, contests, model, luck, story);
        this.pushX = new double[cast.size()];
        this.pushY = new double[cast.size()];
        var taker = cast.shape.quarterback();
        this.quarterback = taker == null ? carries : cast.of(taker);
        this.ball = quarterback;
        for (Fault fault : stage.faults()) {
            int man = cast.named(fault.man());
            switch (fault.kind()) {
                case LATE, SHOWS -> ground.from[man] += (int) Math.round(fault.amount());
                case SLOW_READ -> minds.slower(man, (int) Math.round(fault.amount()));
                case FALSE_STEP -> fits.falseStep(man, fault.amount());
                case BAD_READ -> minds.misled(man, (int) Math.round(fault.amount()));
                case TURNS_EARLY -> covering.turnsEarly(man, fault.amount());
                // he stands there, or runs it, before anybody moves
                case MOVED_RIGHT, MOVED_DEEP, ROUTE -> {}
            }
        }
    }

    /** What everybody wants at this tick. */
    abstract void aim(int tick);

    /** Whether it is run at gaps. */
    boolean runs() {
        return true;
    }

    /** When which receiver could be thrown to; nothing where nobody is looked for. */
    List<Unfolding.Span> windows() {
        return List.of();
    }

    /**
     * What comes of where everybody is now.
     *
     * @return how the play ends at this tick, if it does
     */
    abstract Optional<Unfolding.Ending> meet(int tick);

    /** Two bodies are at one place, the one of the offence first when there is one. */
    void runsInto(int one, int other) {}

    /** Whether two men stand nearer to each other than bodies do. */
    boolean together(int a, int b) {
        return a < cast.defence && contests.on[a] == b;
    }

    /** Where the ball is when nobody has it, across; else where its man is. */
    double ballX() {
        return ground.x[ball];
    }

    double ballY() {
        return ground.y[ball];
    }

    final Unfolding unfold() {
        story.tell(Happening.What.BALL_MOVES, cast.of(cast.shape.snapper()), 0, "");
        var balls = new ArrayList<float[]>();
        gaps = watched && runs() && !cast.flag() ? new GapsHeld(cast, fits, minds) : null;
        remember(balls);
        int last = Clock.ticks(LONGEST);
        for (int tick = 1; tick <= last; tick++) {
            aim(tick);
            for (int man = 0; man < cast.size(); man++) {
                if (!contests.engaged(man)) {
                    ground.move(man, tick);
                }
            }
            contests.move(tick);
            apart();
            Optional<Unfolding.Ending> ended = meet(tick);
            remember(balls);
            if (ended.isPresent()) {
                return done(ended.get(), tick, balls);
            }
        }
        return done(Unfolding.Ending.TACKLED, last, balls);
    }

    private void remember(List<float[]> balls) {
        balls.add(new float[] {(float) ballX(), (float) ballY()});
        if (gaps != null) {
            gaps.look(ground.past().size());
        }
        ground.remember();
    }

    /** Whether the man with the ball is over the goal line or off the field; else who has him down, if anybody has. */
    final Optional<Unfolding.Ending> down(int tick) {
        if (ground.y[ball] < stage.yardsToGoal() && !out()) {
            int tackler = tackles.tick(ball, tick);
            if (tackler >= 0) {
                story.tell(Happening.What.TACKLE, tackler, ball, tick, "");
                return Optional.of(Unfolding.Ending.TACKLED);
            }
        }
        return over();
    }

    /** Who has the quarterback down while he holds the ball, if anybody has. */
    final Optional<Unfolding.Ending> sacked(int tick) {
        int by = tackles.tick(quarterback, tick);
        if (by < 0) {
            return Optional.empty();
        }
        story.tell(Happening.What.SACKED, by, quarterback, tick, "");
        return Optional.of(Unfolding.Ending.SACKED);
    }

    /** Who has caught the ball runs on with it, and everybody can see that. */
    final Runner runsOn(int man, int tick) {
        ball = man;
        minds.ballGoes(tick, true);
        return new Runner(cast, ground, contests, model, ground.x[man]);
    }

    final Optional<Unfolding.Ending> over() {
        return ground.y[ball] >= stage.yardsToGoal()
                ? Optional.of(Unfolding.Ending.SCORED)
                : out() ? Optional.of(Unfolding.Ending.OUT_OF_BOUNDS) : Optional.empty();
    }

    private boolean out() {
        var field = cast.lineup.snap().field();
        return ground.x[ball] < field.sidelineX(Side.LEFT) || ground.x[ball] > field.sidelineX(Side.RIGHT);
    }

    private Unfolding done(Unfolding.Ending ending, int tick, List<float[]> balls) {
        int goal = stage.yardsToGoal();
        double gain = switch (ending) {
            case SCORED -> goal;
            case TACKLED -> Math.min(goal, ground.y[ball] + forward());
            case OUT_OF_BOUNDS, SACKED -> ground.y[ball];
            case INCOMPLETE, THROWN_AWAY, INTERCEPTED -> 0;
        };
        Unfolding.Ending how = gain >= goal ? Unfolding.Ending.SCORED : ending;
        if (how == Unfolding.Ending.SCORED) {
            story.tell(Happening.What.SCORES, ball, tick, "");
        } else if (how == Unfolding.Ending.OUT_OF_BOUNDS) {
            story.tell(Happening.What.OUT_OF_BOUNDS, ball, tick, "");
        }
        var tracks = new ArrayList<float[]>();
        for (int i = 0; i < cast.size(); i++) {
            tracks.add(track(ground.past(), 2 * i));
        }
        List<Happening> told = story.happenings();
        boolean right = stage.play() == Side.RIGHT;
        return new Unfolding(
                seed,
                cast.actors.stream().map(Actor::id).toList(),
                tracks,
                track(balls, 0),
                right ? told : told.stream().map(Happening::mirror).toList(),
                gain,
                how,
                windows(),
                gaps == null ? List.of() : gaps.until(tick, stage.play()));
    }

    /** How far the ball goes on when its man is brought down, yards up the field. */
    private double forward() {
        Happening last = story.last();
        if (last.what() != Happening.What.TACKLE) {
            return 0;
        }
        double on = tackles.forward(cast.named(last.who()), ball);
        return on * ground.vy[ball] / Math.max(1, ground.speed(ball));
    }

    /** From everybody's places of every tick those of one man, seen as the play really went. */
    private float[] track(List<float[]> frames, int at) {
        float[] track = new float[2 * frames.size()];
        for (int t = 0; t < frames.size(); t++) {
            track[2 * t] = stage.play().sign() * frames.get(t)[at];
            track[2 * t + 1] = frames.get(t)[at + 1];
        }
        return track;
    }

    /** Bodies do not pass through one another; the smaller gives more way. All pairs at once. */
    private void apart() {
        int men = cast.size();
        double[] x = ground.x;
        double[] y = ground.y;
        Arrays.fill(pushX, 0);
        Arrays.fill(pushY, 0);
        for (int a = 0; a < men; a++) {
            for (int b = a + 1; b < men; b++) {
                double dx = x[a] - x[b];
                if (dx >= BODIES || dx <= -BODIES) {
                    continue;
                }
                double dy = y[a] - y[b];
                double squared = dx * dx + dy * dy;
                if (squared < BODIES * BODIES && !together(a, b)) {
                    runsInto(a, b);
                    double apart = Math.sqrt(squared);
                    // two on one spot step aside, the one who comes first in the line of men inside
                    push(a, b, apart < ONE_SPOT ? -ONE_SPOT : dx, dy, Math.max(ONE_SPOT, apart));
                }
            }
        }
        for (int i = 0; i < men; i++) {
            ground.x[i] += pushX[i];
            ground.y[i] += pushY[i];
        }
    }

    private void push(int a, int b, double dx, double dy, double apart) {
        double push = (BODIES - apart) / apart;
        int sizes = cast.actors.get(a).size() + cast.actors.get(b).size() + 2;
        double partA = (double) (cast.actors.get(b).size() + 1) / sizes;
        pushX[a] += dx * push * partA;
        pushY[a] += dy * push * partA;
        pushX[b] -= dx * push * (1 - partA);
        pushY[b] -= dy * push * (1 - partA);
    }
}
