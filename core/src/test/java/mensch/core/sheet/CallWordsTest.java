package mensch.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.Snaps;
import mensch.core.call.Call;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Names that are ours stand beside what a call is wherever the game is played. */
class CallWordsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "anvil-drizzle | cover 3  | 4-2-5 over, three deep in thirds, four under, four rush, spot drop, weak safety down",
                "anvil-fog     | cover 2  | 4-2-5 over, two deep in halves, five under, four rush, spot drop",
                "anvil-frost   | quarters | 4-2-5 over, four deep in quarters, three under, four rush, match, weak safety has #3 of trips",
                "anvil-squall  | cover 1  | ",
                "anvil-thunder | zero     | ",
                "anvil-hail    | trap     | 4-2-5 over, four deep in quarters, three under, four rush, trap, weak safety has #3 of trips",
                "awl-blizzard  | quarters | 3-3-5, four deep in quarters, four under, three rush, spot drop",
            })
    void aCallIsSaidAndFoundByWhatItIs(String call, String kind, String words) {
        CallWords said = CallWords.of(Snaps.LIBRARY.call(call), Snaps.LIBRARY).orElseThrow();
        assertThat(said.kinds()).as(said.words()).contains(kind);
        if (words != null) {
            assertThat(said.words()).isEqualTo(words);
        }
    }

    /** The front by its shades, who comes where, what the line does, and who has the third receiver. */
    @ParameterizedTest
    @CsvSource({
        "chisel-fog, '4-3-4 over, '",
        "rasp-fog, '4-3-4 under, '",
        "tongs-fog, '3-4-4 tite, '",
        "bellows-fog, '3-4-4 two-gap, '",
        "vise-squall, '5-2-4 double eagle, '",
        "anvil-plover, '4-2-5 even, '",
        "mandrel-frost, '4-2-5 over with wide ends, '",
        "anvil-owl, 'six rush with will outside and nickel outside'",
        "anvil-swift, 'five rush with mike through A and nickel outside'",
        "anvil-trout, 'nose crosses to B gap'",
        "anvil-pike, 'end away pinches to B gap'",
        "anvil-eel, 'end call and tackle twist'",
        "anvil-gudgeon, 'tackle and end call twist'",
        "anvil-burbot, 'end call, tackle and nose twist'",
        "bellows-dace, 'line slants to the call side'",
        "bellows-bream, 'line slants away from the call side'",
        "awl-magpie, 'end away slants to B gap, end call slants to B gap'",
        "anvil-swift, 'end away drops'",
        "anvil-lark, 'will and mike bluff'",
        "anvil-jay, 'five rush with corner outside'",
        "anvil-carp-smelt, 'weak safety and corner share #3 of trips'",
        "anvil-thaw, 'spot drop at the line to gain'",
        "anvil-nimbus, 'nickel robs the middle'",
        "anvil-haze, bracket",
        "anvil-smelt, in and out",
        "anvil-carp, 'weak safety has #3 of trips'",
        "anvil-ruffe, 'mike has #3 of trips'",
        "anvil-dory, 'free safety has #3 of trips'"
    })
    void callsThatDifferAreSaidDifferently(String call, String words) {
        assertThat(CallWords.of(Snaps.LIBRARY.call(call), Snaps.LIBRARY)
                        .orElseThrow()
                        .words())
                .contains(words);
    }

    /**
     * Beside our names the words must tell calls apart: no three of them may read the same, but for what is done when.
     */
    @Test
    void namesAloneNeverTellManyCallsApart() {
        var same = Snaps.LIBRARY.calls().stream()
                .collect(Collectors.groupingBy(
                        c -> CallWords.of(c, Snaps.LIBRARY).orElseThrow().words()));
        assertThat(same.values())
                .allSatisfy(calls -> assertThat(calls).as(calls.toString()).hasSizeLessThan(4));
        assertThat(same.size()).isGreaterThan(Snaps.LIBRARY.calls().size() * 9 / 10);
    }

    @Test
    void everyCallIsSaidAndCountsItsMen() {
        for (Call call : Snaps.LIBRARY.calls()) {
            CallWords said = CallWords.of(call, Snaps.LIBRARY).orElseThrow();
            assertThat(said.words()).as(call.name()).contains(" deep").contains(" rush");
            assertThat(said.kinds()).as(call.name()).containsAnyOf("man", "zone");
        }
    }

    /** Deep, under, on men and rushing are all eleven; nobody is left out of what is said. */
    @Test
    void nobodyIsLeftOut() {
        List<String> numbers = List.of("no", "one", "two", "three", "four", "five", "six", "seven");
        for (Call call : Snaps.LIBRARY.calls()) {
            int counted = 0;
            for (String part :
                    CallWords.of(call, Snaps.LIBRARY).orElseThrow().words().split(", ")) {
                counted += Math.max(0, numbers.indexOf(part.split(" ")[0]));
            }
            assertThat(counted).as(call.name()).isEqualTo(call.front().players());
        }
    }

    /** A line of five that comes is a front, not a blitz. */
    @Test
    void onlyAManWhoDoesNotRushByHisSeatMakesABlitz() {
        assertThat(CallWords.of(Snaps.LIBRARY.call("wedge-ice"), Snaps.LIBRARY)
                        .orElseThrow()
                        .kinds())
                .contains("zero")
                .doesNotContain("blitz");
        assertThat(CallWords.of(Snaps.LIBRARY.call("awl-whiteout"), Snaps.LIBRARY)
                        .orElseThrow()
                        .kinds())
                .contains("prevent")
                .doesNotContain("cover 4");
    }

    @Test
    void aPressureIsFoundAsOne() {
        for (Call call : Snaps.LIBRARY.calls()) {
            if (call.pressures() && call.front().players() == 11) {
                assertThat(CallWords.of(call, Snaps.LIBRARY).orElseThrow().kinds())
                        .as(call.name())
                        .contains("pressure");
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"anvil-drizzle, Cover 3", "anvil-frost, Cover 4", "anvil-swift, 'Pressure, cover 3'"})
    void callsOfOneKindStandTogether(String call, String family) {
        assertThat(CallWords.of(Snaps.LIBRARY.call(call), Snaps.LIBRARY)
                        .orElseThrow()
                        .family())
                .isEqualTo(family);
    }
}
