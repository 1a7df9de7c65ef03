package mensch.core.simulation;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.LongFunction;
import mensch.core.convention.SnapDetails;
import mensch.core.document.RefusedException;
import mensch.core.field.Situation;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Blocking;
import mensch.core.matchup.Distribution;
import mensch.core.matchup.PassRush;
import mensch.core.matchup.Pickup;
import mensch.core.matchup.Pressures;
import mensch.core.play.Pass;
import mensch.core.play.Plays;
import mensch.core.play.Run;
import mensch.core.play.RunPass;

/**
 * A play at a line-up, ready to be run with any seed. The same line-up, play, faults, settings and seed give the same
 * snap to the byte.
 */
public final class Simulation {
    /** What differs by less than this is the same, yards. */
    private static final double SAME = 0.05;

    private final Stage stage;
    private final boolean pass;
    private final LongFunction<Snap> snaps;
    private final BiFunction<Unfolding, List<Fault>, Cause> causes;
    private final Function<List<Fault>, Optional<Simulation>> again;

    /**
     * @param causes why a snap went so, as far as some faults are to blame
     * @param again the same with other faults
     */
    private Simulation(
            Stage stage,
            boolean pass,
            LongFunction<Snap> snaps,
            BiFunction<Unfolding, List<Fault>, Cause> causes,
            Function<List<Fault>, Optional<Simulation>> again) {
        this.stage = stage;
        this.pass = pass;
        this.snaps = snaps;
        this.causes = causes;
        this.again = again;
        known(stage, pass);
    }

    /** @param thrown whether receivers run routes in it */
    private static void known(Stage stage, boolean thrown) {
        stage.faults().forEach(f -> known(stage.cast(), f, thrown));
    }

    private static void known(Cast cast, Fault fault, boolean thrown) {
        if (cast.named(fault.man()) < 0) {
            throw new RefusedException("nobody is called \"" + fault.man() + "\" here; there are "
                    + String.join(", ", cast.actors.stream().map(Actor::id).toList()));
        }
        boolean offence = cast.named(fault.man()) < cast.defence;
        if (offence && fault.kind().whose() == Fault.Whose.DEFENCE) {
            throw new RefusedException(fault.man() + " is told no key to read and no first step here: a man of the"
                    + " offence can only be late or run another route; place him with O");
        }
        if (!offence && !fault.kind().suits(cast.job(cast.named(fault.man())))) {
            throw new RefusedException(fault.man()
                    + switch (fault.kind()) {
                        case TURNS_EARLY -> " has no man to run with in this call: he cannot turn too soon";
                        case SHOWS -> " shows no other place than his own in this call: nothing he can be caught in";
                        default -> " is a defender and runs no route; name a receiver";
                    });
        }
        if (fault.kind() == Fault.Kind.ROUTE && !thrown) {
            throw new RefusedException("nobody runs a route that could be another in a run; choose a pass");
        }
    }

    /**
     * A run. None when the formation cannot run it to that side.
     *
     * @throws RefusedException when a fault names nobody who is there
     */
    public static Optional<Simulation> of(Lineup lineup, Run run, Side play, List<Fault> faults) {
        Stage stage = Stage.of(lineup, play, faults);
        return stage.blocking(run, Side.RIGHT)
                .map(blocking -> new Simulation(
                        stage,
                        false,
                        seed -> new RunSnap(stage, run, blocking, seed),
                        (snap, blamed) -> Causes.of(stage.asked(), snap, blamed, held(stage, snap)),
                        other -> of(lineup, run, play, other)));
    }

    /**
     * A pass behind the protection it is thrown behind. None when the formation cannot run it to that side or has no
     * protection for it; small-sided football has none and needs none.
     *
     * @param plays where its protection stands
     * @throws RefusedException when a fault names nobody who is there
     */
    public static Optional<Simulation> of(Lineup lineup, Plays plays, Pass pass, Side play, List<Fault> faults) {
        Stage stage = Stage.of(lineup, play, faults);
        known(stage, true);
        return stage.matchup()
                .distribution(stage.instead(pass), Side.RIGHT)
                .flatMap(d -> Behind.of(stage, plays, d)
                        .map(behind -> pass(stage, d, behind, other -> of(lineup, plays, pass, play, other))));
    }

    /**
     * What a pass is thrown behind.
     *
     * @param pickups who protects against whom
     * @param hot the route that is thrown at once because a free man is there before the ball is out
     */
    private record Behind(List<Pickup> pickups, Optional<Distribution.Row> hot) {
        static Optional<Behind> of(Stage stage, Plays plays, Distribution pass) {
            return stage.flag()
                    ? Optional.of(new Behind(List.of(), Optional.empty()))
                    : PassRush.of(new Pressures(stage.cast().lineup), plays, pass)
                            .map(rush -> new Behind(rush.pressure().pickups(), rush.hot()));
        }
    }

    /**
     * A run-pass option. None when the formation cannot run it to that side, or the man it reads is not there.
     *
     * @throws RefusedException when a fault names nobody who is there
     */
    public static Optional<Simulation> of(Lineup lineup, RunPass option, Side play, List<Fault> faults) {
        Stage stage = Stage.of(lineup, play, faults);
        return stage.matchup()
                .conflict(option, Side.RIGHT)
                .flatMap(c -> Optional.ofNullable(c.key()))
                .filter(key -> stage.cast().named(stage.cast().idOf(key)) >= 0)
                .flatMap(key -> stage.matchup()
                        .blocking(option.run(), Side.RIGHT)
                        .flatMap(blocking -> stage.matchup()
                                .distribution(option.pass(), Side.RIGHT)
                                .map(routes -> option(
                                        stage,
                                        option,
                                        key,
                                        blocking,
                                        routes,
                                        other -> of(lineup, option, play, other)))));
    }

    private static Simulation option(
            Stage stage,
            RunPass option,
            Job key,
            Blocking blocking,
            Distribution routes,
            Function<List<Fault>, Optional<Simulation>> again) {
        var alone = Routes.Rehearsed.of(stage.cast(), stage.model(), option.pass());
        return new Simulation(
                stage,
                false,
                seed -> new OptionSnap(stage, option, blocking, key, alone, seed),
                (snap, blamed) -> {
                    boolean thrown = snap.happenings().stream()
                            .anyMatch(h -> h.what() == Happening.What.THROWN || h.what() == Happening.What.SACKED);
                    return thrown
                            ? PassCauses.of(stage, routes, snap, blamed, held(stage, snap))
                            : Causes.of(stage.asked(), snap, blamed, held(stage, snap));
                },
                again);
    }

    private static Simulation pass(
            Stage stage, Distribution routes, Behind behind, Function<List<Fault>, Optional<Simulation>> again) {
        var alone = Routes.Rehearsed.of(stage.cast(), stage.model(), routes.pass());
        return new Simulation(
                stage,
                true,
                seed -> new PassSnap(stage, routes, behind.pickups(), behind.hot(), alone, seed),
                (snap, blamed) -> PassCauses.of(stage, routes, snap, blamed, held(stage, snap)),
                again);
    }

    private static boolean held(Stage stage, Unfolding snap) {
        return Outcome.held(stage.model().details().outcome(), snap, stage.situation(), stage.yardsToGoal());
    }

    /** One snap. */
    public Unfolding snap(long seed) {
        return snaps.apply(seed).unfold();
    }

    /** One snap, the same to the byte, with who was open when. */
    public Unfolding watched(long seed) {
        Snap snap = snaps.apply(seed);
        snap.watched = true;
        return snap.unfold();
    }

    /** Whether it is a pass. */
    public boolean pass() {
        return pass;
    }

    /** From where a play counts as what. */
    SnapDetails.Outcome figures() {
        return stage.model().details().outcome();
    }

    /** Down and distance it is run on. */
    public Situation situation() {
        return stage.situation();
    }

    public int yardsToGoal() {
        return stage.yardsToGoal();
    }

    /** Why a snap went as it did. What was put in is to blame only where the same snap gains less without it. */
    public Cause cause(Unfolding snap) {
        return cause(snap, stage.faults());
    }

    private Cause cause(Unfolding snap, List<Fault> blamed) {
        Cause cause = causes.apply(snap, blamed);
        return cause.to() != Cause.Blame.FAULT || costs(snap, cause.man())
                ? cause
                : cause(snap, without(cause.man(), blamed));
    }

    private boolean costs(Unfolding snap, String man) {
        return again.apply(without(man, stage.faults()))
                .map(sound -> sound.snap(snap.seed()).gain() < snap.gain() - SAME)
                .orElse(true);
    }

    private static List<Fault> without(String man, List<Fault> faults) {
        return faults.stream().filter(f -> !f.man().equals(man)).toList();
    }
}
