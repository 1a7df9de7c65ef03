package mensch.core.simulation;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.formation.Notation;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.play.Run;

/** Runs of the library at calls of the library. */
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

    static Outcome outcome(Simulation simulation) {
        return Outcome.of(simulation, SEEDS);
    }
}
