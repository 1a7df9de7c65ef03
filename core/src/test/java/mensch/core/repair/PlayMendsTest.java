package mensch.core.repair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.audit.Severity;
import mensch.core.call.Call;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.simulation.Outcome;
import mensch.core.simulation.Playable;
import org.junit.jupiter.api.Test;

class PlayMendsTest {
    private static final PlayMends MENDS = new PlayMends(Snaps.LIBRARY, Snaps.LIBRARY.plays());
    private static final Call DRIZZLE = Snaps.LIBRARY.call("anvil-drizzle");
    private static final Snap PRO_I =
            Notation.place(Snaps.LIBRARY.formation("pro-i").formation(), "hs m 50 1&10");

    /** What is offered is run again here, with the call as it would be saved. */
    @Test
    void aPlayThatHurtsIsHeldBetterWithTheSmallestChange() {
        PlayMends.Offer offer = MENDS.offer(DRIZZLE, PRO_I, "power", Side.RIGHT).orElseThrow();
        assertThat(offer.tried()).isGreaterThan(50);
        assertThat(offer.mends()).isNotEmpty().hasSizeLessThanOrEqualTo(3);
        assertThat(offer.mends().get(0).men()).isEqualTo(1);
        var changed = new Changed(Snaps.LIBRARY, new Checks(Snaps.LIBRARY));
        var plays = new Playable(Snaps.LIBRARY.plays());
        var power = plays.named("power").orElseThrow();
        for (PlayMends.Mend mend : offer.mends()) {
            Lineup with = Lineup.of(changed.by(DRIZZLE, mend.steps()).orElseThrow(), PRO_I);
            Outcome again = Outcome.of(
                    plays.at(with, power, Side.RIGHT, List.of()).orElseThrow(),
                    offer.before().gains().size());
            assertThat(again.gains()).isEqualTo(mend.with().gains());
            assertThat(offer.before().over(again).clear()).isTrue();
            assertThat(again.holds()).isGreaterThan(offer.before().holds());
            assertThat(mend.costs()).noneMatch(f -> f.severity() == Severity.BUST);
            assertThat(mend.others()).isGreaterThan(offer.others() - 0.05);
        }
    }

    @Test
    void whatCannotBeRunIsNotMended() {
        assertThat(MENDS.offer(DRIZZLE, PRO_I, "snag-four", Side.RIGHT)).isEmpty();
        assertThat(MENDS.offer(DRIZZLE, PRO_I, "no-such-play", Side.RIGHT)).isEmpty();
    }
}
