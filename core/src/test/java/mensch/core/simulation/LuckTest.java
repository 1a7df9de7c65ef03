package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import mensch.core.convention.SnapModel.Spread;
import org.junit.jupiter.api.Test;

/** Chance is counted: it does not hang on the order of asking, and it is even. */
class LuckTest {
    @Test
    void theSameQuestionHasTheSameAnswer() {
        assertThat(new Luck(7).of(3, Luck.What.TACKLES, 2)).isEqualTo(new Luck(7).of(3, Luck.What.TACKLES, 2));
        assertThat(IntStream.range(0, 4 * 5 * 4 * 3)
                        .mapToObj(i -> new Luck(i % 4).of(i / 4 % 5, Luck.What.values()[i / 20 % 4], i / 80)))
                .as("another seed, man, question or count is another draw")
                .doesNotHaveDuplicates();
    }

    @Test
    void drawsAreEvenAndHalfOfASpreadLiesBelowItsMedian() {
        double mean = IntStream.range(0, 20_000)
                .mapToDouble(i -> new Luck(i).of(1, Luck.What.HOLDS, 0))
                .average()
                .orElseThrow();
        assertThat(mean).isCloseTo(0.5, within(0.01));
        var spread = new Spread(1.3, 0.7, 2.1);
        assertThat(IntStream.range(0, 2000).mapToDouble(i -> new Luck(i).of(spread, 1, Luck.What.HOLDS, 0)))
                .allMatch(d -> d >= 0.7 && d <= 2.1)
                .filteredOn(d -> d < 1.3)
                .hasSizeBetween(930, 1070);
    }
}
