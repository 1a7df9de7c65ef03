package mensch.core.formation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import mensch.core.document.RefusedException;
import mensch.core.field.BallSpot;
import mensch.core.geometry.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ByHandTest {
    private static final Formation PRO = Notation.formation("Pro", "ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7");

    @ParameterizedTest(name = "{0} at {1}, {2}: {3}")
    @CsvSource({
        "FL, -9.1, -1.4, FL-9/1.5",
        "FL, 6.3, -0.6, FL6.5",
        "FL, 6.2, -1.1, FL6/1.5",
        "TB, -2.1, -4.4, TB-2/4.5",
        "TE, -4, -0.5, TE-4",
        "SE, 3, 2, SE3"
    })
    void aManStandsInHalfYardsOnTheLineOrClearlyOffIt(String man, double x, double y, String word) {
        String placed = Notation.print(ByHand.placed(PRO, man, new Point(x, y)));
        assertThat(placed.split(" ")).contains(word).hasSize(7);
        for (Man other : PRO.men()) {
            if (!other.name().equals(man)) {
                assertThat(Notation.formation("placed", placed)
                                .man(other.name())
                                .feet())
                        .isEqualTo(other.feet());
            }
        }
    }

    @Test
    void linemenStayAndWhoIsNotThereIsSaid() {
        assertThatThrownBy(() -> ByHand.placed(PRO, "LT", new Point(3, -1)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("stand by their splits");
        assertThatThrownBy(() -> ByHand.placed(PRO, "T", new Point(3, -1)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("nobody is called T in Pro");
    }

    @ParameterizedTest
    @CsvSource({"4, our 4", "50, midfield", "62, their own 38"})
    void aSpotIsSaidAsTheDefenceSaysIt(int toGoal, String words) {
        assertThat(BallSpot.middle(toGoal).words()).isEqualTo(words);
    }
}
