package mensch.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import mensch.core.Snaps;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.play.Block.Finds;
import mensch.core.play.Block.LetsGo;
import mensch.core.play.Block.Meets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A verb is one row: whom, the way, how, and until when. */
class BlockTest {
    private static final Point GUARD = new Point(-1.3, -1);
    private static final Point POINT = new Point(5, 0);

    @Test
    void aPullerRunsAlongBehindTheLineAndIsThereLaterThanStraight() {
        double straight = GUARD.distance(POINT);
        double pulled = Block.PULL_LEAD.yards(GUARD, new Point(4, 4.5), POINT);
        assertThat(pulled).isGreaterThan(straight);
        assertThat(Block.PULL_LEAD.way(GUARD, POINT, 1).get(1).y()).isLessThan(GUARD.y());
    }

    @Test
    void whoSiftsRunsToTheEdgeHeIsSentToAndNotToTheBall() {
        Point edge = new Point(-4, 0.9);
        assertThat(Block.KICK_BACK_EDGE.yards(new Point(4, -1.5), edge, POINT)).isGreaterThan(8);
    }

    @Test
    void aLineBlockGoesToItsManALeadToThePoint() {
        Point backer = new Point(-1, 4);
        assertThat(Block.CLIMB.yards(GUARD, backer, POINT)).isEqualTo(GUARD.distance(backer));
        Point fullback = new Point(0, -4.5);
        assertThat(Block.LEAD.yards(fullback, backer, POINT)).isEqualTo(fullback.distance(POINT));
    }

    @Test
    void theKickOfTheBackEdgeIsDrawnToThatEdge() {
        Snap snap = Snaps.LIBRARY.formation("gun-two-backs").snap(null, false, "hs m 50 1&10");
        var view = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap).viewFrom(Side.RIGHT);
        Run split = Snaps.LIBRARY.plays().runs().stream()
                .filter(r -> r.told().stream().anyMatch(t -> t.block() == Block.KICK_BACK_EDGE))
                .findFirst()
                .orElseThrow();
        assertThat(split.goal(Block.KICK_BACK_EDGE, view).x()).isNegative();
        assertThat(split.goal(Block.LEAD, view)).isEqualTo(split.crosses(view));
    }

    @ParameterizedTest
    @EnumSource(Block.class)
    void everyVerbDrawsAWayAndReadsBack(Block block) {
        assertThat(block.way(GUARD, POINT, 1)).hasSizeGreaterThan(1).startsWith(GUARD);
        assertThat(Block.of(block.words())).isEqualTo(block);
        if (block.letsGo() == LetsGo.CLIMBS) {
            assertThat(block.finds().turn()).as("only the line doubles").isEqualTo(Block.Turn.LINE);
        }
        if (block.pulls()) {
            assertThat(block.meets()).isNotIn(Meets.AS_HE_STANDS, Meets.SEALS_IN);
        }
    }

    @Test
    void nobodyLooksForASecondOfTheSameThing() {
        assertThat(Arrays.stream(Finds.values())
                        .filter(finds -> Arrays.stream(Block.values()).noneMatch(b -> b.finds() == finds)))
                .as("a target no verb has")
                .isEmpty();
    }
}
