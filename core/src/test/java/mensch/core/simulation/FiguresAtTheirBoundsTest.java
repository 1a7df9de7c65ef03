package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;
import mensch.core.Snaps;
import mensch.core.audit.Audit;
import mensch.core.audit.Subject;
import mensch.core.convention.Chosen;
import mensch.core.convention.Figure;
import mensch.core.convention.FigureGroup;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Whatever a programme may set, all at once and each at an end of its bounds, a call lines up, is audited and plays are
 * run at it to their end.
 */
class FiguresAtTheirBoundsTest {
    private record Case(String call, String formation, String spot) {}

    private static final List<Case> CASES = List.of(
            new Case("anvil-drizzle", "pro-i", "hs m 50 1&10"),
            new Case("chisel-drizzle", "doubles-gun", "hs l 20 3&7"),
            new Case("maul-ice", "wing-t", "hs m 3 1&3"),
            new Case("tack-dawn", "flag-spread", "flag5 m 25 1&10"));

    private static Library measuring(long draw) {
        var random = new SplittableRandom(draw);
        var own = new TreeMap<String, Double>();
        for (FigureGroup group :
                Snaps.LIBRARY.vocabulary().convention().figures().groups()) {
            for (Figure figure : group.figures()) {
                boolean most = random.nextBoolean();
                // of a spread the least stays the least
                most = figure.id().endsWith("-most") || most && !figure.id().endsWith("-least");
                own.put(group.id() + "/" + figure.id(), most ? figure.most() : figure.least());
            }
        }
        return Snaps.LIBRARY.choosing(new Chosen(Map.of(), own));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void everythingIsStillComputed(long draw) {
        Library library = measuring(draw);
        var plays = new Playable(library.plays());
        int snaps = 0;
        for (Case at : CASES) {
            Lineup lineup = Lineup.of(
                    library.call(at.call()), library.formation(at.formation()).snap(null, false, at.spot()));
            assertThat(Audit.of(new Subject(lineup, library.plays(), List.of())))
                    .isNotNull();
            for (int i = (int) draw % 2; i < plays.named().size(); i += 2) {
                Optional<Simulation> simulation = plays.at(lineup, plays.named().get(i), Side.RIGHT, List.of());
                if (simulation.isPresent()) {
                    sound(at + " " + plays.named().get(i).id(), simulation.get(), draw);
                    snaps++;
                }
            }
        }
        assertThat(snaps).isGreaterThan(30);
    }

    private static void sound(String as, Simulation simulation, long seed) {
        Unfolding snap = simulation.snap(seed);
        assertThat(snap.gain()).as(as).isBetween(-60.0, 100.0);
        for (float[] track : snap.tracks()) {
            for (float place : track) {
                assertThat(Float.isFinite(place)).as(as).isTrue();
            }
        }
        assertThat(simulation.cause(snap).links()).as(as).isNotEmpty();
    }
}
