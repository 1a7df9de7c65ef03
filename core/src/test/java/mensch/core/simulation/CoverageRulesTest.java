package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.play.Delivery;
import mensch.core.play.Pass;
import mensch.core.simulation.Happening.What;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a rule of a coverage is worth when the ball is thrown where it is kept, or is not. */
class CoverageRulesTest {
    private static final String SPOT = "hs m 50 1&10";

    private static Lineup at(Library library, String formation, String call, String spot) {
        return Lineup.of(library.call(call), library.formation(formation).snap(null, false, spot));
    }

    private static void more(Outcome one, Outcome other, String as) {
        assertThat(one.over(other).clear())
                .as("%s: %.1f and %.1f yd", as, one.mean(), other.mean())
                .isTrue();
    }

    /** The same pass, looking for its receivers in another order. */
    private static Pass looking(Pass pass, int... order) {
        Delivery as = pass.delivery();
        var progression =
                Arrays.stream(order).mapToObj(i -> pass.told().get(i).who()).toList();
        return new Pass(
                pass.id(),
                pass.name(),
                pass.needs(),
                pass.throwSeconds(),
                pass.told(),
                new Delivery(as.launch(), as.from(), as.fake(), as.protection(), progression, as.screen()),
                pass.attacks());
    }

    /**
     * Four to one side, three deep: two men are on the corner route, two on the flat and the settle outside. Where
     * everybody keeps his spot one of the two inside is nobody's; where each slides one out he is not.
     */
    @ParameterizedTest
    @CsvSource({"trips-end, anvil-drizzle", "trips-open, anvil-drizzle", "trips-open, chisel-drizzle"})
    void aPushMendsTheFloodOfFour(String formation, String call) {
        Pass flood = looking(Plays.pass("snag-four"), 2, 3, 0, 1);
        Library spots = Snaps.LIBRARY.choosing(Map.of("zone-push", "spots"));
        more(
                Plays.outcome(Plays.thrown(at(spots, formation, call, SPOT), flood, Side.RIGHT)),
                Plays.outcome(Plays.thrown(at(Snaps.LIBRARY, formation, call, SPOT), flood, Side.RIGHT)),
                "spots kept");
    }

    /** A safety who helps on the crosser takes that away, and is punished as soon as his own man goes deep. */
    @Test
    void aSafetyWhoHelpsOnTheCrosserGivesHisOwnManAway() {
        Call helps = Snaps.hand("anvil-frost", "free", "pass hole");
        Call stays = Snaps.LIBRARY.call("anvil-frost");
        more(of(stays, "drive"), of(helps, "drive"), "the crosser");
        for (String deep : List.of("post-wheel", "double-post", "switch-verticals")) {
            more(of(helps, deep), of(stays, deep), deep);
        }
    }

    private static Outcome of(Call call, String pass) {
        return Plays.outcome(Plays.thrown("doubles-gun", call, Plays.pass(pass)));
    }

    /**
     * Seams run on the hashes: the one deep man between them is late to both where the hashes are wide, and splits them
     * where they are narrow.
     */
    @ParameterizedTest
    @ValueSource(strings = {"anvil-drizzle", "chisel-drizzle"})
    void theSeamIsOpenAsLongAsTheHashesAreWide(String call) {
        double wide = seam(call, "hs m 50 1&10");
        double narrow = seam(call, "pro m 50 1&10");
        assertThat(wide).isBetween(0.5, 1.1);
        assertThat(narrow).isBetween(0.0, 0.6).isLessThan(wide - 0.25);
    }

    /** For how long a seam to the inside receivers can be thrown so that it comes down 14 to 24 yd deep, seconds. */
    private static double seam(String call, String spot) {
        Simulation verticals =
                Plays.thrown(at(Snaps.LIBRARY, "doubles-open", call, spot), Plays.pass("four-verticals"), Side.RIGHT);
        int snaps = 40;
        return LongStream.range(0, snaps)
                        .mapToObj(verticals::watched)
                        .mapToLong(snap -> snap.windows().stream()
                                .filter(w -> w.man().equals("H") || w.man().equals("Y"))
                                .mapToLong(w -> LongStream.range(w.from(), w.to())
                                        .filter(t -> lands(snap, w.man(), (int) t))
                                        .count())
                                .sum())
                        .sum()
                * Clock.TICK
                / snaps
                / 2;
    }

    private static boolean lands(Unfolding snap, String man, int tick) {
        int i = snap.men().indexOf(man);
        double speed = (snap.at(i, tick).y() - snap.at(i, Math.max(0, tick - 2)).y()) / (2 * Clock.TICK);
        double deep = snap.at(i, tick).y() + speed * 1.35;
        return deep >= 14 && deep <= 24;
    }

    /**
     * The fullback's way on a naked boot is the run's until he blocks nobody: the backer who has him comes up, sees him
     * go by, and runs after him. One who is told nothing about the back is with him sooner.
     */
    @Test
    void aNakedBootLeavesTheBackerBehindAFullbackWhoDoesNotBlock() {
        Simulation boot = Plays.thrown("pro-i", "anvil-squall", "boot-flood");
        Unfolding snap = boot.snap(1);
        assertThat(snap.happenings())
                .filteredOn(h -> h.who().equals("mike") && h.what() == What.TOLD)
                .extracting(Happening::said)
                .containsSubsequence("flow to me", "leaks past it");
        assertThat(LongStream.range(0, 40)
                        .mapToObj(boot::snap)
                        .filter(s -> s.gain() > 8)
                        .map(boot::cause)
                        .filter(c -> c.to() == Cause.Blame.READ && c.man().equals("mike"))
                        .count())
                .isGreaterThan(10);
        Outcome late =
                Plays.outcome(Plays.thrown("pro-i", "anvil-squall", "boot-flood", Plays.fault("mike:slow read:8")));
        more(late, Plays.outcome(boot), "later to see that he leaks");
    }
}
