package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import mensch.core.Snaps;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.simulation.Cause.Blame;
import mensch.core.simulation.Cause.Link;
import org.junit.jupiter.api.Test;

/** Every snap has a cause that names a place, a man, a moment and a measure. */
class CauseTest {
    @Test
    void everyLinkNamesWhatItMeasuresAtATickOfTheSnap() {
        Simulation power = Plays.of("pro-i", "anvil-drizzle", "power");
        for (int seed = 0; seed < 100; seed++) {
            Unfolding snap = power.snap(seed);
            Cause cause = power.cause(snap);
            assertThat(cause.links()).as("seed " + seed).isNotEmpty();
            assertThat(cause.links()).allSatisfy(link -> {
                assertThat(link.tick()).isBetween(0, snap.ticks() - 1);
                assertThat(link.said()).endsWith(".").doesNotContain("null");
            });
            boolean held = Outcome.held(snap, power.situation(), power.yardsToGoal());
            assertThat(cause.to() == Blame.HELD).isEqualTo(held);
        }
    }

    /** A gap that nobody has is the call's, whoever stands near. */
    @Test
    void aGapThatNobodyHasPointsAtTheCall() {
        Lineup open = Plays.lineup("pro-i", Snaps.hand("anvil-drizzle", "mike", "run none"), "hs m 50 1&10");
        Simulation zone = Plays.of(open, "inside-zone", Side.RIGHT);
        List<Cause> causes =
                IntStream.range(0, 100).mapToObj(i -> zone.cause(zone.snap(i))).toList();
        assertThat(causes)
                .filteredOn(c -> c.links().stream().map(Link::said).anyMatch("Nobody has the A gap right."::equals))
                .hasSizeGreaterThan(20)
                .allMatch(c -> c.to() == Blame.CALL);
    }

    /** A man whose rules give him no place is not on the field, and it is the call's. */
    @Test
    void aManWithoutAPlaceIsTheCalls() {
        Lineup nowhere = Plays.lineup(
                "trips-open", Snaps.hand("anvil-drizzle", "mike", "align outside tight end 6 x 4"), "hs m 50 1&10");
        assertThat(nowhere.placed()).hasSize(10);
        Simulation zone = Plays.of(nowhere, "inside-zone", Side.RIGHT);
        assertThat(IntStream.range(0, 100).mapToObj(i -> zone.cause(zone.snap(i))))
                .filteredOn(c -> c.links().stream().anyMatch(l -> l.said().startsWith("mike has it, and his rules")))
                .isNotEmpty()
                .allMatch(c -> c.to() == Blame.CALL);
    }

    @Test
    void theFaultPutInIsNamedWhenItIsHisGap() {
        Simulation slow = Plays.of("pro-i", "anvil-drizzle", "inside-zone", Fault.of("mike:slow read:8"));
        assertThat(IntStream.range(0, 60).mapToObj(i -> slow.cause(slow.snap(i))))
                .filteredOn(c -> c.to() == Blame.FAULT)
                .isNotEmpty()
                .allMatch(c -> c.man().equals("mike"))
                .allMatch(c -> c.links().stream().anyMatch(l -> l.said().equals("Put in: slow read by 8.")));
    }
}
