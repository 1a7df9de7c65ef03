package mensch.core.sheet;

import static mensch.core.Snaps.LIBRARY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import mensch.core.call.Call;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stands on the card of a call is said to men, not to the machine. */
class WhenItChangesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "anvil-mist    | Call side and cover side differ, tight end on both sides or empty: mike checks to Anvil Drizzle",
                "anvil-mist    | An end who trades: all but the corners take their sides anew",
                "anvil-mist    | Motion across, motion jet or motion orbit: check to Anvil Drizzle",
                "anvil-drizzle | Anything else: bump, each man keeps his seat and reads his rules again",
            })
    void checksAndAnswersAreSaid(String call, String line) {
        assertThat(WhenItChanges.of(LIBRARY.call(call))).contains(line);
    }

    /** A house that flips its line says so on the card; one that does not leaves the line out. */
    @Test
    void whatTheHouseNeverDoesIsLeftOut() {
        String flips = "An end who trades: all but the corners take their sides anew";
        Library flipping = LIBRARY.choosing(Map.of("line-flip", "flip"));
        Library staying = LIBRARY.choosing(Map.of("line-flip", "stay"));
        assertThat(WhenItChanges.of(flipping.call("anvil-fog"))).contains(flips);
        assertThat(WhenItChanges.of(staying.call("anvil-fog"))).doesNotContain(flips);
    }

    /** Where the line flips, what only the safeties would do on a trade is never reached. */
    @Test
    void whatWasAnsweredBeforeIsNotSaidAgain() {
        String safeties = "An end who trades: free safety, nickel and weak safety take their sides anew";
        Library flipping = LIBRARY.choosing(Map.of("line-flip", "flip"));
        Library staying = LIBRARY.choosing(Map.of("line-flip", "stay"));
        assertThat(WhenItChanges.of(flipping.call("anvil-mist"))).doesNotContain(safeties);
        assertThat(WhenItChanges.of(staying.call("anvil-mist"))).contains(safeties);
        for (Call call : flipping.calls()) {
            assertThat(WhenItChanges.of(call).stream().map(line -> line.split(":")[0]))
                    .as(call.name())
                    .doesNotHaveDuplicates();
        }
    }

    /** What the board says of a motion is what the card says the call does. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "anvil-fog     | pro-i | trade | all but the corners take their sides anew (an end who trades)",
                "anvil-drizzle | doubles-gun | jet | bump, each man keeps his seat and reads his rules again",
            })
    void whatWasDoneIsSaid(String call, String formation, String motion, String done) {
        Lineup lineup =
                Lineup.of(LIBRARY.call(call), LIBRARY.formation(formation).snap(motion, false, "hs m 50 1&10"));
        assertThat(WhenItChanges.done(lineup)).contains(done);
        assertThat(WhenItChanges.done(asSet(lineup))).isEmpty();
    }

    /** A check made before the motion is not what the motion was answered with. */
    @Test
    void aCheckIsSaidInThePhaseItIsMadeIn() {
        Call mist = LIBRARY.call("anvil-mist");
        Lineup moved = Lineup.of(mist, LIBRARY.formation("empty-3x2").snap("short", false, "hs m 50 1&10"));
        assertThat(WhenItChanges.done(asSet(moved)).orElseThrow()).startsWith("mike checks to Anvil Drizzle (");
        assertThat(WhenItChanges.done(moved).orElseThrow()).startsWith("bump");
    }

    private static Lineup asSet(Lineup lineup) {
        return lineup.before().map(WhenItChangesTest::asSet).orElse(lineup);
    }

    @Test
    void nothingIsSaidInTheWordsOfTheMachine() {
        for (Call call : LIBRARY.calls()) {
            assertThat(WhenItChanges.of(call))
                    .as(call.name())
                    .isNotEmpty()
                    .allSatisfy(line -> assertThat(line)
                            .doesNotContain("house", "my side", "reseat", "-")
                            .matches("[A-Z0-9].*: .*"));
        }
    }
}
