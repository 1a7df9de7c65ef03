package mensch.core.field;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.formation.Notation;
import mensch.core.geometry.Side;
import org.junit.jupiter.api.Test;

/** What is painted where, ten yards from their goal line. */
class PaintTest {
    private static final Field FIELD = Notation.field("hs m 10 1&10");

    private final Paint paint = new Paint(FIELD);

    @Test
    void linesAreEveryFiveYardsAndNotWithinTheEndZones() {
        assertThat(paint.lines(-7, 21)).containsExactlyInAnyOrder(-5, 0, 5, 10, 20);
        for (double y : new double[] {-5, 0, 5, 10, 20}) {
            assertThat(paint.at(10, y, 0)).as("depth " + y).isTrue();
        }
        for (double y : new double[] {-4, 1, 15, 16}) {
            assertThat(paint.at(10, y, 0)).as("depth " + y).isFalse();
        }
    }

    @Test
    void ticksAreOnTheHashesBetweenTheGoalLines() {
        double hash = Code.HIGH_SCHOOL.widthYards() / 2 - Code.HIGH_SCHOOL.hashYards();
        assertThat(paint.at(hash, 3, 0)).isTrue();
        assertThat(paint.at(hash + 0.3, 3, 0)).isTrue();
        assertThat(paint.at(hash + 1, 3, 0)).isFalse();
        assertThat(paint.at(hash, 13, 0)).isFalse();
        // a line is crossed by its hash
        assertThat(paint.at(hash, 5.3, 0)).isTrue();
    }

    @Test
    void aFlagFieldHasNeitherHashesNorNumbers() {
        var flag = new Paint(Notation.field("flag5 m 25 1&10"));
        assertThat(flag.numbered(Code.FLAG_5.widthYards() / 2 - 8, -5)).isFalse();
        assertThat(flag.at(0, 3, 0)).isFalse();
        assertThat(paint.numbered(FIELD.sidelineX(Side.RIGHT) - 8, 0)).isTrue();
    }
}
