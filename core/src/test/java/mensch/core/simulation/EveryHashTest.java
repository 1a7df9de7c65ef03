package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import mensch.core.Snaps;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What breaks from the middle of the field breaks from both hashes as well, and to the other side. */
class EveryHashTest {
    /** What one man does otherwise against one play, and who it is. */
    private record Broken(String formation, String call, String play, String fault) {
        @Override
        public String toString() {
            return play + " at " + call + ", " + fault;
        }
    }

    private static final List<Broken> BROKEN = List.of(
            new Broken("pro-i", "anvil-drizzle", "power", "end-call:right:2"),
            new Broken("ace-h", "anvil-fog", "duo", "mike:slow read:8"),
            new Broken("ace-h", "chisel-drizzle", "outside-zone", "end-call:false step:1.5"),
            new Broken("doubles-gun", "anvil-squall", "four-verticals", "corner-right:slow read:12"),
            new Broken("pro-i", "anvil-drizzle", "power", "nickel:false step:1.5"));

    static Stream<Arguments> everywhere() {
        return BROKEN.stream()
                .flatMap(b -> Stream.of("l", "m", "r").map(hash -> Arguments.of(Named.of(b.toString(), b), hash)));
    }

    @ParameterizedTest(name = "{0} from {1}")
    @MethodSource("everywhere")
    void aFaultCostsFromEveryHashAndToBothSides(Object broken, String hash) {
        var what = (Broken) broken;
        Lineup lineup = Lineup.of(
                Snaps.LIBRARY.call(what.call()),
                Snaps.LIBRARY.formation(what.formation()).snap(null, false, "hs " + hash + " 50 1&10"));
        Outcome sound = outcome(lineup, what.play(), Side.RIGHT, List.of());
        Fault fault = Plays.fault(what.fault());
        Outcome wrong = outcome(lineup, what.play(), Side.RIGHT, List.of(fault));
        assertThat(wrong.over(sound).clear())
                .as("%.1f and %.1f yd", wrong.mean(), sound.mean())
                .isTrue();
        // mirrored, the same to the last digit
        assertThat(outcome(lineup.mirror(), what.play(), Side.LEFT, List.of()).mean())
                .isEqualTo(sound.mean());
    }

    private static Outcome outcome(Lineup lineup, String play, Side side, List<Fault> faults) {
        var plays = new Playable(Snaps.LIBRARY.plays());
        return Outcome.of(
                plays.at(lineup, plays.named(play).orElseThrow(), side, faults).orElseThrow(), 2 * Plays.SEEDS);
    }
}
