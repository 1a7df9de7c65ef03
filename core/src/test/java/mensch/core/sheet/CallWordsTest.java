package mensch.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
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
                "anvil-drizzle | cover 3  | 4-2-5, three deep in thirds, four under, four rush, spot drop, weak safety down",
                "anvil-fog     | cover 2  | 4-2-5, two deep in halves, five under, four rush, spot drop",
                "anvil-frost   | quarters | 4-2-5, four deep in quarters, three under, four rush, match",
                "anvil-squall  | cover 1  | ",
                "anvil-thunder | zero     | ",
                "anvil-hail    | trap     | 4-2-5, four deep in quarters, three under, four rush, trap",
                "awl-blizzard  | quarters | 3-3-5, four deep in quarters, four under, three rush, spot drop",
            })
    void aCallIsSaidAndFoundByWhatItIs(String call, String kind, String words) {
        CallWords said = CallWords.of(Snaps.LIBRARY.call(call), Snaps.LIBRARY).orElseThrow();
        assertThat(said.kinds()).as(said.words()).contains(kind);
        if (words != null) {
            assertThat(said.words()).isEqualTo(words);
        }
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
