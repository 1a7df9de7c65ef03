package mensch.core.lineup;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.rung.FitRole;
import mensch.core.rung.Task;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Who is force and who owns the gap outside an end, by coverage behind one front: the trade's table, mirrored too. */
class ForceTest {
    @ParameterizedTest(name = "{0} {1}: force p {2}, force o {3}, D {4}")
    @CsvSource({
        "anvil-fog,      pro-i,         corner, corner, nickel",
        "anvil-fog,      trips-nub,     corner, corner, corner",
        "anvil-fog,     ace-twin-ends, corner, corner, nickel",
        "anvil-drizzle,  pro-i,         nickel, weak,   nickel",
        "anvil-drizzle,  trips-nub,     nickel, weak,   weak",
        "anvil-drizzle, ace-twin-ends, nickel, weak,   nickel",
        "anvil-monsoon,  pro-i,         nickel, weak,   nickel",
        "anvil-monsoon,  trips-nub,     nickel, weak,   weak",
        "anvil-frost,    pro-i,         nickel, weak,   nickel",
        "anvil-frost,    trips-nub,     nickel, weak,   weak",
        "anvil-sleet,    pro-i,         nickel, corner, nickel",
        "anvil-sleet,    trips-nub,     nickel, corner, corner",
        "anvil-dew,      pro-i,         nickel, weak,   nickel",
        "anvil-dew,      trips-nub,     nickel, corner, corner",
        "anvil-thaw,     pro-i,         corner, corner, nickel",
        "anvil-thaw,     trips-nub,     corner, corner, corner",
        "anvil-breeze,   pro-i,         nickel, will,   nickel",
        "anvil-mist,     pro-i,         corner, end-away, nickel",
        "chisel-gale,    pro-i,         strong, end-away, sam",
        "anvil-thunder,  pro-i,         nickel, weak,   nickel"
    })
    void byCoverage(String call, String formation, String onCover, String away, String ownsD) {
        for (boolean mirrored : new boolean[] {false, true}) {
            Snap snap = Snaps.LIBRARY.formation(formation).snap(null, mirrored, "hs m 50 1&10");
            Lineup lineup = Lineup.of(Snaps.LIBRARY.call(call), snap);
            Side cover = lineup.sides().cover().side();
            for (GapLedger.Edge edge : GapLedger.of(lineup).edges()) {
                assertThat(edge.forces())
                        .as("force %s", edge.side())
                        .extracting(j -> j.role().id())
                        .containsExactly(edge.side() == cover ? onCover : away);
            }
            Side call2 = lineup.sides().call().side();
            assertThat(GapLedger.of(lineup).rows())
                    .filteredOn(r -> r.gap().side() == call2 && r.gap().index() == 3)
                    .singleElement()
                    .satisfies(r -> assertThat(r.owners())
                            .extracting(j -> j.role().id())
                            .containsExactly(ownsD));
        }
    }

    /** A corner who waits for the crack is no force before it. */
    @ParameterizedTest
    @CsvSource({"anvil-drizzle,corner-left,false", "anvil-fog,corner-left,true"})
    void aWaitingCornerIsNotForceYet(String call, String job, boolean force) {
        Lineup lineup = Lineup.of(
                Snaps.LIBRARY.call(call), Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10"));
        assertThat(lineup.job(job).fit() instanceof Task.Fit fit && fit.role() == FitRole.FORCE)
                .isEqualTo(force);
    }
}
