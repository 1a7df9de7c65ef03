package mensch.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.convention.Convention;
import mensch.core.formation.Features;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The picture in words says what is not usual about it. */
class PictureWordsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        direct-snap | Shows 22 personnel, gun, direct snap to HB, 1 receiver left and 3 right, tight end right, wing right
        tackle-out  | Shows 11 personnel, gun, 1 receiver left and 3 right, tight end left, detached lineman right
        pro-i       | Shows 21 personnel, under centre, I, 1 receiver left and 2 right, tight end right
        """)
    void whoTakesTheSnapAndWhoStandsAwayIsSaid(String formation, String words) {
        var snap = Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10");
        assertThat(PictureWords.of(Features.of(snap, Convention.standard()))).isEqualTo(words);
    }
}
