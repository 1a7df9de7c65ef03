package mensch.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.convention.Convention;
import mensch.core.convention.FilmLimits;
import mensch.core.film.Feet.Told;
import org.junit.jupiter.api.Test;

/** What several clicks on one who stands still are worth. */
class FeetTest {
    private static final FilmLimits LIMITS = Convention.standard().film();

    private static Feet feet(double x, Told told) {
        return new Feet(new ImagePoint(x, 500), told);
    }

    @Test
    void clicksByHandAreTheSharperTheMoreTheyAre() {
        Feet middle = Feet.middle(List.of(feet(97, Told.SEEN), feet(100, Told.SEEN), feet(103, Told.SEEN)));
        assertThat(middle.at().xPixels()).isEqualTo(100);
        assertThat(middle.doubt("mike", LIMITS)).isEqualTo(LIMITS.feetPixels() / Math.sqrt(3));
    }

    @Test
    void whatThePictureFindsInThreeFramesItFindsAsWrongInEach() {
        Feet middle = Feet.middle(List.of(feet(97, Told.FOUND), feet(100, Told.FOUND), feet(103, Told.FOUND)));
        assertThat(middle.doubt("mike", LIMITS)).isEqualTo(LIMITS.foundPixels());
    }

    @Test
    void whatIsToldMoreSurelyIsAllThatCounts() {
        Feet middle = Feet.middle(List.of(feet(90, Told.FOUND), feet(100, Told.SEEN), feet(130, Told.HIDDEN)));
        assertThat(middle).isEqualTo(feet(100, Told.SEEN));
        assertThat(Feet.middle(List.of(feet(90, Told.FOUND), feet(130, Told.HIDDEN))))
                .isEqualTo(feet(90, Told.FOUND));
    }
}
