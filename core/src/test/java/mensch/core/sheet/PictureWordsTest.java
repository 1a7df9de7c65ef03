package mensch.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.lineup.Lineup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The picture is named from where men stand. */
class PictureWordsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        pro-i       | Shows 21 personnel, under centre, I, 1 receiver left and 2 right, tight end right
        trips-bunch | Shows 10 personnel, gun, 1 receiver left and 3 right, bunch right
        empty-end   | Shows 01 personnel, gun, empty
        split-backs | Shows 21 personnel, under centre, split backs
        goal-23     | Shows 23 personnel, under centre, I
        """)
    void aPictureIsNamedFromItsMen(String formation, String words) {
        var snap = Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10");
        var call = Snaps.LIBRARY.call("anvil-drizzle");
        assertThat(PictureWords.of(Lineup.of(call, snap).features())).startsWith(words);
    }

    @Test
    void theMirrorIsNamedTheOtherWayRound() {
        var snap = Snaps.LIBRARY.formation("pro-i").snap(null, true, "hs m 50 1&10");
        assertThat(PictureWords.of(
                        Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap).features()))
                .isEqualTo("Shows 21 personnel, under centre, I, 2 receivers left and 1 right, tight end left");
    }
}
