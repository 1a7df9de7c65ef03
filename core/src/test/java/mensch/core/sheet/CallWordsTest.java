package mensch.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

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
                "anvil-drizzle | cover 3  | 4-2-5, three deep in thirds, four under, four rush",
                "anvil-fog     | cover 2  | 4-2-5, two deep in halves, five under, four rush",
                "anvil-frost   | quarters | 4-2-5, four deep in quarters, three under, four rush",
                "anvil-squall  | cover 1  | ",
                "anvil-thunder | zero     | ",
                "awl-blizzard  | quarters | 3-3-5, four deep in quarters, four under, three rush",
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
}
