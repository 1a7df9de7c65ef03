package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mensch.core.Snaps;
import mensch.core.convention.Gait;
import mensch.core.convention.SnapModel;
import mensch.core.geometry.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Bodies move as their gaits say, brake and turn within what a body can do. */
class GroundTest {
    private static final SnapModel MODEL =
            Snaps.LIBRARY.vocabulary().convention().snap();
    private final Cast cast =
            new Cast(Plays.lineup("pro-i", Snaps.LIBRARY.call("anvil-drizzle"), "hs m 50 1&10"), Side.RIGHT);
    private final Ground ground = new Ground(cast, MODEL, new Luck(1));
    private final int back = cast.named("TB");

    /** One clock for the ledgers and for the snap. */
    @ParameterizedTest
    @ValueSource(doubles = {2, 5, 10, 20})
    void aStraightRunFromRestTakesTheTimeOfTheGait(double yards) {
        for (Actor actor : cast.actors) {
            Gait gait = actor.gait();
            int man = actor.index();
            ground.aim(man, actor.start().x(), actor.start().y() + 100, 99, false);
            int ticks = 0;
            while (ground.y[man] < actor.start().y() + yards) {
                ticks++;
                ground.move(man, ground.from[man] + ticks);
            }
            double took = Clock.seconds(ticks) + gait.delay();
            assertThat(took).as(actor.id()).isCloseTo(gait.time(yards), within(Clock.TICK));
        }
    }

    @Test
    void whoStopsAtAPlaceStandsThere() {
        ground.aim(back, 6, -3, 99, true);
        for (int tick = 1; tick < 100; tick++) {
            ground.move(back, tick + 10);
        }
        assertThat(ground.at(back).distance(new mensch.core.geometry.Point(6, -3)))
                .isLessThan(0.3);
        assertThat(ground.speed(back)).isLessThan(0.5);
    }

    /** Nobody turns at full speed on the spot: sideways he changes no more than his grip allows. */
    @Test
    void aTurnIsBoundedByGripAndBraking() {
        ground.aim(back, 0, 100, 99, false);
        for (int tick = 1; tick < 80; tick++) {
            ground.move(back, tick + 10);
        }
        assertThat(ground.speed(back)).isGreaterThan(7.5);
        ground.aim(back, 100, ground.y[back], 99, false);
        double before = ground.vx[back];
        double up = ground.vy[back];
        ground.move(back, 200);
        assertThat(ground.vx[back] - before).isLessThanOrEqualTo(MODEL.body().grip() * Clock.TICK + 1e-9);
        assertThat(up - ground.vy[back]).isLessThanOrEqualTo(MODEL.body().braking() * Clock.TICK + 1e-9);
    }
}
