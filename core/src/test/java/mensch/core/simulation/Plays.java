package mensch.core.simulation;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.formation.Notation;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.play.Pass;
import mensch.core.play.Run;

/** Runs and passes of the library at calls of the library. */
final class Plays {
    /** As many seeds as a verdict about football is asked of. */
    static final int SEEDS = 200;

    private static final String SPOT = "hs m 50 1&10";

    private Plays() {}

    static Run run(String id) {
        return Snaps.LIBRARY.plays().runs().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    static Lineup lineup(String formation, Call call, String spot) {
        return Lineup.of(call, Notation.place(Snaps.LIBRARY.formation(formation).formation(), spot));
    }

    static Simulation of(String formation, String call, String run, Fault... faults) {
        return of(lineup(formation, Snaps.LIBRARY.call(call), SPOT), run, Side.RIGHT, faults);
    }

    static Simulation of(Lineup lineup, String run, Side play, Fault... faults) {
        return Simulation.of(lineup, run(run), play, List.of(faults)).orElseThrow();
    }

    static Pass pass(String id) {
        return Snaps.LIBRARY.plays().passes().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** The same pass, thrown so many seconds later. */
    static Pass later(Pass pass, double seconds) {
        return new Pass(
                pass.id(),
                pass.name(),
                pass.needs(),
                pass.throwSeconds() + seconds,
                pass.told(),
                pass.delivery(),
                pass.attacks());
    }

    static Simulation thrown(String formation, Call call, Pass pass, Fault... faults) {
        return thrown(lineup(formation, call, SPOT), pass, Side.RIGHT, faults);
    }

    static Simulation thrown(String formation, String call, String pass, Fault... faults) {
        return thrown(formation, Snaps.LIBRARY.call(call), pass(pass), faults);
    }

    static Simulation thrown(Lineup lineup, Pass pass, Side play, Fault... faults) {
        return Simulation.of(lineup, Snaps.LIBRARY.plays(), pass, play, List.of(faults))
                .orElseThrow();
    }

    static Fault fault(String words) {
        return Fault.of(words, Snaps.LIBRARY.plays().routes());
    }

    static Simulation option(Lineup lineup, String option) {
        return Snaps.LIBRARY.plays().options().stream()
                .filter(o -> o.id().equals(option))
                .findFirst()
                .flatMap(o -> Simulation.of(lineup, o, Side.RIGHT, List.of()))
                .orElseThrow();
    }

    static Outcome outcome(Simulation simulation) {
        return Outcome.of(simulation, SEEDS);
    }
}
