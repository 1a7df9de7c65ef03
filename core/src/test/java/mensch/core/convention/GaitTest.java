package mensch.core.convention;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A body from rest: nothing before its delay, never over its top speed, and time and distance undo each other. */
class GaitTest {
    private static final Gait BACK = Convention.standard().speeds().of("DB");

    @ParameterizedTest
    @ValueSource(doubles = {0.01, 0.5, 3, 7.3, 14, 40})
    void timeUndoesDistance(double yards) {
        for (String body : new String[] {"E", "T", "LB", "DB"}) {
            Gait gait = Convention.standard().speeds().of(body);
            assertThat(gait.distance(gait.time(yards))).as(body).isCloseTo(yards, within(2e-3));
            assertThat(gait.time(yards)).isGreaterThan(gait.delay() + yards / gait.topSpeed());
        }
    }

    @Test
    void nobodyMovesBeforeHisDelayOrFasterThanHeRuns() {
        assertThat(BACK.distance(BACK.delay())).isZero();
        assertThat(BACK.time(0)).isZero();
        assertThat(BACK.time(-1)).isZero();
        for (double t = BACK.delay(); t < 6; t += 0.1) {
            double stride = (BACK.distance(t + 0.01) - BACK.distance(t)) / 0.01;
            assertThat(stride).isBetween(0.0, BACK.topSpeed());
        }
        assertThat((BACK.distance(8) - BACK.distance(7.9)) / 0.1)
                .as("at last he runs")
                .isCloseTo(BACK.topSpeed(), within(0.01));
    }

    /** Handbook 9, speeds: ten yards of a defensive back from his stance, by the formula written out. */
    @Test
    void tenYardsOfADefensiveBackByTheFormula() {
        double t = BACK.time(10) - 0.20;
        assertThat(8.4 * (t - 0.75 * (1 - Math.exp(-t / 0.75)))).isCloseTo(10, within(2e-3));
    }
}
