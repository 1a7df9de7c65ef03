package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import mensch.core.convention.Convention;
import mensch.core.convention.SnapDetails;
import mensch.core.field.Situation;
import mensch.core.simulation.Unfolding.Ending;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Ranges, shares and differences are arithmetic that can be checked by hand. */
class OutcomeTest {
    private static final SnapDetails.Outcome FIGURES =
            Convention.standard().snap().details().outcome();

    private static Outcome of(Double... gains) {
        List<Long> seeds =
                java.util.stream.LongStream.range(0, gains.length).boxed().toList();
        return new Outcome(List.of(gains), seeds, 0, 0, Map.of(), false, 12, Map.of());
    }

    @Test
    void sharesAreOfWholeYardsAndSumToOne() {
        Outcome outcome = of(-2.0, 0.4, 0.6, 3.4, 4.0, 9.4, 10.0, 11.4, 12.0, 40.0);
        assertThat(outcome.stuffed()).isEqualTo(0.2);
        assertThat(outcome.shares())
                .extracting(Outcome.Share::words)
                .containsExactly("no gain", "1 to 3 yd", "4 to 9 yd", "10 or 11 yd", "12 yd and more");
        assertThat(outcome.shares()).allMatch(share -> share.of() == 0.2);
        assertThat(outcome.explosive()).isEqualTo(0.2);
        assertThat(outcome.mean()).isCloseTo(8.92, within(1e-9));
        assertThat(outcome.quantile(0.5)).isEqualTo(9.4);
        assertThat(List.of(outcome.least(), outcome.typical(), outcome.most())).containsExactly(0L, 5L, 9L);
    }

    /** A pass also ends with nobody, and its shares are one together. */
    @Test
    void sharesOfAPassTellHowItEnds() {
        var outcome = new Outcome(
                List.of(-7.0, 0.0, 0.0, 0.0, 0.3, 2.0, 8.0, 11.0, 20.0, 30.0),
                java.util.stream.LongStream.range(0, 10).boxed().toList(),
                0,
                0,
                Map.of(),
                true,
                16,
                Map.of(Ending.SACKED, 0.1, Ending.INCOMPLETE, 0.2, Ending.INTERCEPTED, 0.1, Ending.TACKLED, 0.6));
        assertThat(outcome.shares())
                .extracting(share -> share.words() + " " + Math.round(100 * share.of()))
                .containsExactly(
                        "sacked 10",
                        "thrown away 0",
                        "incomplete 20",
                        "intercepted 10",
                        "3 yd and less 20",
                        "4 to 9 yd 10",
                        "10 to 15 yd 10",
                        "16 yd and more 20");
    }

    /** What counts as explosive is the programme's word; the shares are called by it. */
    @Test
    void theSharesGoByWhatIsExplosive() {
        for (var said :
                Map.of(11, "10 yd", 12, "10 or 11 yd", 20, "10 to 19 yd").entrySet()) {
            var outcome = new Outcome(
                    List.of(10.0, 18.0, 25.0), List.of(0L, 1L, 2L), 0, 0, Map.of(), false, said.getKey(), Map.of());
            assertThat(outcome.shares().get(3).words()).isEqualTo(said.getValue());
            assertThat(outcome.shares().get(4).words()).isEqualTo(said.getKey() + " yd and more");
            assertThat(outcome.explosive()).isEqualTo(said.getKey() > 18 ? 1.0 / 3 : 2.0 / 3);
        }
    }

    @Test
    void aDifferenceIsClearWhenItsIntervalLeavesNoughtOut() {
        Outcome more = of(4.0, 5.0, 6.0, 5.0);
        Outcome less = of(1.0, 2.0, 3.0, 2.0);
        // variances 2/3, four each: 1.96 times the root of a third
        Outcome.Difference difference = more.over(less);
        assertThat(difference.mean()).isEqualTo(3);
        assertThat(difference.less()).isCloseTo(3 - 1.96 * Math.sqrt(1 / 3.0), within(1e-9));
        assertThat(difference.clear()).isTrue();
        assertThat(more.over(more).clear()).isFalse();
        assertThat(less.over(more).clear()).isFalse();
    }

    /** Four tenths of the way on first down, six on second, all of it later; at the goal any score. */
    @ParameterizedTest
    @CsvSource({
        "1, 10, 50, 3.9, true",
        "1, 10, 50, 4.0, false",
        "2, 5, 50, 2.9, true",
        "2, 5, 50, 3.1, false",
        "3, 4, 50, 3.9, true",
        "4, 1, 50, 1.0, false",
        "1, 10, 4, 1.5, true",
        "1, 10, 4, 1.7, false"
    })
    void aCallHoldsByDownAndDistance(int down, int distance, int toGoal, double gain, boolean held) {
        Unfolding snap = ended(gain, Ending.TACKLED);
        assertThat(Outcome.held(FIGURES, snap, new Situation(down, distance), toGoal))
                .isEqualTo(held);
        Unfolding scored = ended(gain, Ending.SCORED);
        assertThat(Outcome.held(FIGURES, scored, new Situation(down, distance), toGoal))
                .isFalse();
        assertThat(Outcome.held(FIGURES, ended(gain, Ending.INTERCEPTED), new Situation(down, distance), toGoal))
                .isTrue();
    }

    private static Unfolding ended(double gain, Ending ending) {
        return new Unfolding(0, List.of(), List.of(), new float[0], List.of(), gain, ending, List.of(), List.of());
    }
}
