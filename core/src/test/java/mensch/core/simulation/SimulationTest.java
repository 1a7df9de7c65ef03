package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import mensch.core.Snaps;
import mensch.core.document.RefusedException;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.play.Pass;
import mensch.core.play.Run;
import org.junit.jupiter.api.Test;

/** A snap is a pure function of play, line-up, settings, faults and seed, and stays on the field. */
class SimulationTest {
    private static String told(Unfolding snap) {
        var text = new StringBuilder(String.valueOf(snap.gain()));
        snap.tracks().forEach(track -> text.append(Arrays.hashCode(track)).append(' '));
        snap.happenings().forEach(text::append);
        return text.toString();
    }

    @Test
    void theSameSeedIsTheSameSnapInAnyOrderAndThread() {
        Simulation power = Plays.of("pro-i", "anvil-drizzle", "power");
        List<String> forward =
                IntStream.range(0, 200).mapToObj(i -> told(power.snap(i))).toList();
        List<String> backward = new ArrayList<>(IntStream.range(0, 200)
                .map(i -> 199 - i)
                .mapToObj(i -> told(power.snap(i)))
                .toList());
        java.util.Collections.reverse(backward);
        assertThat(backward).isEqualTo(forward);
        assertThat(IntStream.range(0, 200)
                        .parallel()
                        .mapToObj(i -> told(power.snap(i)))
                        .toList())
                .isEqualTo(forward);
    }

    @Test
    void aPassIsTheSameInAnyOrderAndThread() {
        Simulation smash = Plays.thrown("doubles-gun", "anvil-eel", "smash");
        List<String> forward =
                IntStream.range(0, 200).mapToObj(i -> told(smash.snap(i))).toList();
        assertThat(IntStream.range(0, 200)
                        .parallel()
                        .mapToObj(i -> told(smash.snap(i)))
                        .toList())
                .isEqualTo(forward);
        assertThat(told(Plays.thrown("doubles-gun", "anvil-eel", "smash").snap(77)))
                .isEqualTo(forward.get(77));
    }

    /** A play to the left at the mirrored call is the same snap, every place mirrored. */
    @Test
    void aMirroredPlayIsTheMirroredSnap() {
        Lineup lineup = Plays.lineup("pro-i", Snaps.LIBRARY.call("anvil-fog"), "hs l 30 2&6");
        mirrored(Plays.of(lineup, "inside-zone", Side.RIGHT), Plays.of(lineup.mirror(), "inside-zone", Side.LEFT));
    }

    @Test
    void aMirroredPassIsTheMirroredSnap() {
        for (String call : List.of("anvil-fog", "anvil-gudgeon", "anvil-swift", "anvil-frost", "anvil-squall")) {
            Lineup lineup = Plays.lineup("doubles-gun", Snaps.LIBRARY.call(call), "hs l 30 2&6");
            for (String pass : List.of("smash", "post-cross", "mesh", "back-screen")) {
                mirrored(
                        Plays.thrown(lineup, Plays.pass(pass), Side.RIGHT),
                        Plays.thrown(lineup.mirror(), Plays.pass(pass), Side.LEFT));
            }
        }
    }

    private static void mirrored(Simulation right, Simulation left) {
        for (int seed = 0; seed < 50; seed++) {
            Unfolding one = right.snap(seed);
            Unfolding other = left.snap(seed);
            assertThat(other.gain()).isEqualTo(one.gain());
            assertThat(other.ending()).isEqualTo(one.ending());
            for (int man = 0; man < one.men().size(); man++) {
                for (int tick = 0; tick < one.ticks(); tick++) {
                    assertThat(other.at(man, tick)).isEqualTo(one.at(man, tick).mirror());
                }
            }
        }
    }

    /** Every run of the library at three calls from every formation that can run it: nobody is lost. */
    @Test
    void nobodyLeavesTheFieldAndNoFigureIsMissing() {
        for (String call : List.of("anvil-drizzle", "bellows-drizzle", "wedge-ice")) {
            for (var formation : Snaps.ELEVEN_MAN) {
                Lineup lineup = Plays.lineup(formation.id(), Snaps.LIBRARY.call(call), "hs l 25 1&10");
                for (Run run : Snaps.LIBRARY.plays().runs()) {
                    for (Side play : Side.values()) {
                        Optional<Simulation> simulation = Simulation.of(lineup, run, play, List.of());
                        simulation.ifPresent(s -> sound(s.snap(1), call + " " + formation.id() + " " + run.id()));
                    }
                }
            }
        }
    }

    /** Every pass from every formation that can throw it, at a call by turns. */
    @Test
    void nobodyIsLostOnAPassEither() {
        List<String> calls = List.of("anvil-frost", "anvil-eel", "bellows-drizzle", "anvil-thunder", "wedge-ice");
        int turn = 0;
        for (var formation : Snaps.ELEVEN_MAN) {
            String call = calls.get(turn++ % calls.size());
            Lineup lineup = Plays.lineup(formation.id(), Snaps.LIBRARY.call(call), "hs l 25 1&10");
            for (Pass pass : Snaps.LIBRARY.plays().passes()) {
                Simulation.of(lineup, Snaps.LIBRARY.plays(), pass, Side.LEFT, List.of())
                        .ifPresent(s -> sound(s.snap(1), call + " " + formation.id() + " " + pass.id()));
            }
        }
    }

    private static void sound(Unfolding snap, String what) {
        assertThat(snap.gain()).as(what).isBetween(-20.0, 25.0);
        assertThat(snap.ticks()).as(what).isGreaterThan(10);
        for (float[] track : snap.tracks()) {
            for (float value : track) {
                if (!(Math.abs(value) < 80)) {
                    throw new AssertionError(what + ": " + value);
                }
            }
        }
    }

    @Test
    void aFaultOfNobodyIsRefusedWithThoseThereAre() {
        assertThatThrownBy(() -> Plays.of("pro-i", "anvil-drizzle", "power", Plays.fault("sam:late:3")))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("nobody is called \"sam\"")
                .hasMessageContaining("mike");
        assertThatThrownBy(() -> Plays.of("pro-i", "anvil-drizzle", "power", Plays.fault("TB:slow read:3")))
                .as("what would change nothing is not taken")
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("can only be late");
        assertThat(Plays.of("pro-i", "anvil-drizzle", "power", Plays.fault("TB:late:3"))
                        .snap(1)
                        .gain())
                .isNotEqualTo(
                        Plays.of("pro-i", "anvil-drizzle", "power").snap(1).gain());
        assertThatThrownBy(() -> Plays.of("pro-i", "anvil-drizzle", "power", Plays.fault("mike:deep:-6")))
                .as("nobody lines up behind the offence's line")
                .hasMessageContaining("mike cannot stand there");
        assertThatThrownBy(() -> Plays.fault("will:sleeps:3")).hasMessageContaining("man:kind:amount");
        assertThatThrownBy(() -> Plays.fault("will:late:soon")).hasMessageContaining("is no number");
    }
}
