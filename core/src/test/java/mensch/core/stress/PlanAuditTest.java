package mensch.core.stress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.TreeSet;
import mensch.core.Snaps;
import mensch.core.audit.Audit;
import mensch.core.audit.Severity;
import mensch.core.call.Call;
import mensch.core.call.CallReader;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.TeachingLoad;
import mensch.core.rung.RungId;
import mensch.core.stress.PlanAudit.Cell;
import mensch.core.stress.PlanAudit.Motions;
import org.junit.jupiter.api.Test;

class PlanAuditTest {
    private static final String SPOT = "hs m 50 1&10";
    private static final Call SOUND = Snaps.LIBRARY.call("anvil-drizzle");

    private static Call broken(String role, String sentence) {
        return CallReader.read(
                SOUND.written().put(new RungId("anvil-drizzle", role, "broken"), sentence),
                0,
                Snaps.LIBRARY.vocabulary());
    }

    private static Cell cell(Call call, String formation, Motions motions) {
        return PlanAudit.row(call, List.of(Snaps.LIBRARY.formation(formation)), SPOT, motions)
                .get(0);
    }

    /** A cell says what the board says for that snap, whichever phase it names. */
    @Test
    void aCellIsTheBoardsAuditOfThePhaseItNames() {
        for (Call call : List.of(SOUND, broken("will", "when 1 receivers on my side: run none"))) {
            for (Cell cell : PlanAudit.row(call, Snaps.ELEVEN_MAN, SPOT, Motions.ALL)) {
                var findings = Audit.of(Lineup.of(
                        call, Snaps.LIBRARY.formation(cell.formation()).snap(cell.motion(), false, SPOT)));
                assertThat(findings.stream().filter(f -> f.severity() == Severity.BUST))
                        .hasSize(cell.busts());
                assertThat(cell.standing() == Standing.BREAKS).isEqualTo(cell.busts() > 0);
                if (cell.worst() != null) {
                    assertThat(findings).contains(cell.worst());
                }
            }
        }
    }

    /** A bust before weak findings, and either dearer where the call is meant to be played; nothing costs nothing. */
    @Test
    void theWorstCostsMost() {
        Cell holds = cell(SOUND, "pro-i", Motions.NONE);
        assertThat(holds.cost()).isEqualTo(holds.weak());
        Call openSide = broken("will", "when not tight end on my side: run none");
        Cell breaks = cell(openSide, "pro-i", Motions.NONE);
        assertThat(breaks.meant()).isTrue();
        assertThat(breaks.cost()).isEqualTo(10 * (10 * breaks.busts() + breaks.weak()));
        Cell elsewhere = new Cell("x", Standing.BREAKS, null, null, breaks.busts(), breaks.weak(), 1, false);
        assertThat(elsewhere.cost()).isPositive().isLessThan(breaks.cost());
        Cell leaks = new Cell("x", Standing.LEAKS, null, null, 0, 3, 1, true);
        assertThat(leaks.cost()).isPositive().isLessThan(breaks.cost());
        assertThat(new Cell("x", Standing.UNKNOWN, null, null, 0, 0, 1, false).cost())
                .isPositive();
    }

    @Test
    void aCallHoldsWhatItIsMeantForAndBreaksWhereItsRungIsBroken() {
        assertThat(PlanAudit.row(SOUND, Snaps.ELEVEN_MAN, SPOT, Motions.NONE))
                .filteredOn(Cell::meant)
                .extracting(Cell::standing)
                .doesNotContain(Standing.BREAKS);
        Call openSide = broken("will", "when not tight end on my side: run none");
        assertThat(cell(openSide, "pro-i", Motions.NONE).standing()).isEqualTo(Standing.BREAKS);
        assertThat(cell(openSide, "pro-i", Motions.NONE).worst().evidence().title())
                .isEqualTo("Nobody has the B gap left.");
        assertThat(cell(SOUND, "pro-i", Motions.NONE).worst()).isNull();
    }

    /**
     * After every motion of the formations it is meant for no shipped call breaks; and as set no two of its men stand
     * on one spot.
     */
    @Test
    void noShippedCallBreaksAfterAMotion() {
        var broken = new TreeSet<String>();
        for (Call call : Snaps.LIBRARY.calls()) {
            for (LibraryFormation formation : Snaps.LIBRARY.formationsFor(call)) {
                if (call.front().players() == 11
                        && (call.meantFor().isEmpty() || call.meantFor().contains(formation.id()))) {
                    formation.motions().stream()
                            .filter(m -> Audit.of(Lineup.of(call, formation.snap(m.id(), false, SPOT))).stream()
                                    .anyMatch(f -> f.severity() == Severity.BUST))
                            .forEach(m -> broken.add(call.ref().id() + " " + m.id()));
                    Audit.of(Lineup.of(call, formation.snap(null, false, SPOT))).stream()
                            .filter(f -> f.check().id().equals("one-spot"))
                            .forEach(f -> broken.add(call.ref().id() + " " + formation.id() + ": "
                                    + f.evidence().title()));
                }
            }
        }
        assertThat(broken).isEmpty();
    }

    /** A fault that only a motion brings out is found, and the cell names the motion. */
    @Test
    void aFaultAfterAMotionIsFoundAndItsMotionNamed() {
        Call afterTrade = broken("weak", "when motion trade and tight end on my side: run alley");
        assertThat(cell(afterTrade, "pro-i", Motions.NONE).standing()).isNotEqualTo(Standing.BREAKS);
        Cell cell = cell(afterTrade, "pro-i", Motions.ALL);
        assertThat(cell.standing()).isEqualTo(Standing.BREAKS);
        assertThat(cell.motion()).isEqualTo("trade");
        assertThat(cell.asked())
                .isEqualTo(1 + Snaps.LIBRARY.formation("pro-i").motions().size());
    }

    @Test
    void aCallAddsOnlyWhatNobodyHadToKnowBefore() {
        var snap = Snaps.LIBRARY.formation("pro-i").snap(null, false, SPOT);
        TeachingLoad load = TeachingLoad.of(List.of(SOUND, Snaps.LIBRARY.call("anvil-fog"), SOUND), snap);
        assertThat(load.added())
                .extracting(TeachingLoad.Added::call)
                .containsExactly("anvil-drizzle", "anvil-fog", "anvil-drizzle");
        assertThat(load.added().get(0).men()).isZero();
        assertThat(load.added().get(1).rungs())
                .isPositive()
                .isLessThan(load.added().get(0).rungs());
        assertThat(load.added().get(1).men()).isBetween(1, 10);
        assertThat(load.added().get(2)).isEqualTo(new TeachingLoad.Added("anvil-drizzle", 0, 0, 0));
        assertThat(load.byRole().values().stream().mapToInt(Integer::intValue).sum())
                .isEqualTo(load.added().stream()
                        .mapToInt(TeachingLoad.Added::rungs)
                        .sum());
        TeachingLoad one = TeachingLoad.of(List.of(SOUND, broken("mike", "when gun: key centre")), snap);
        assertThat(one.added().get(1)).isEqualTo(new TeachingLoad.Added("anvil-drizzle", 1, 1, 0));
        assertThat(TeachingLoad.of(List.of(), snap).added()).isEmpty();
    }
}
