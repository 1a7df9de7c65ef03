package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Pressure;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rushers against protectors, both edges kept. */
class PressureRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    /** EV-33: six against six when the back stays, one free when he goes. */
    @Test
    void ev33SixRushersAgainstSixProtectors() {
        for (boolean mirrored : new boolean[] {false, true}) {
            Snap snap = mirrored ? RULES.snap("doubles-gun").mirror() : RULES.snap("doubles-gun");
            Lineup zero = Lineup.of(Snaps.LIBRARY.call("anvil-thunder"), snap);
            Pressure five = Pressure.of(
                            zero, Snaps.LIBRARY.plays().protections().get(0))
                    .orElseThrow();
            Pressure six = Pressure.of(zero, Snaps.LIBRARY.plays().protections().get(1))
                    .orElseThrow();
            assertThat(six.rushers()).hasSize(6);
            assertThat(six.free()).isEmpty();
            assertThat(six.oneOnOne()).isEqualTo(6);
            assertThat(five.free()).hasSize(1);
            assertThat(five.seconds()).isBetween(2.0, 2.2);
            assertThat(six.seconds()).isBetween(3.0, 3.2);
        }
    }

    /**
     * MV-01: four who rush are one on one with nobody free against five, and both edges are kept; an end who goes
     * inside leaves his.
     */
    @Test
    void mv01FourWhoRushKeepBothEdges() {
        Subject four = RULES.subject(Snaps.LIBRARY.call("anvil-drizzle"), RULES.snap("doubles-gun"));
        assertThat(four.protections().get(0).free()).isEmpty();
        assertThat(four.protections().get(0).contain()).containsExactly(Side.LEFT, Side.RIGHT);
        Subject inside = RULES.subject(
                RULES.call("anvil-drizzle", "end-call", "move pinch to B gap; pass rush B gap"),
                RULES.snap("doubles-gun"));
        assertThat(RULES.titles(inside, Rule.PRESSURE, Severity.WEAK))
                .anyMatch(t -> t.startsWith("Nobody keeps the quarterback in on the "));
    }

    /** What a zone pressure leaves is told with the time it has and the throw it gives. */
    @Test
    void aPressureTellsWhatItGives() {
        var found = Audit.of(RULES.subject(Snaps.LIBRARY.call("anvil-swift"), RULES.snap("doubles-open"))).stream()
                .filter(f -> f.check() == PressureCheck.WINDOW)
                .toList();
        assertThat(found).hasSize(1);
        assertThat(found.get(0).evidence().reason()).contains(" s; a quick throw leaves before that: it gives the ");
    }

    /** Three who rush are not asked to keep both edges; four are. */
    @ParameterizedTest
    @CsvSource({"3,false", "4,true"})
    void fourKeepBothEdges(int rushers, boolean told) {
        String[] inside = {"end-call", "move pinch to B gap; pass rush B gap"};
        Call call = rushers == 4
                ? RULES.call("anvil-drizzle", inside)
                : RULES.call("anvil-drizzle", inside[0], inside[1], "tackle", "pass hook");
        Subject subject = RULES.subject(call, RULES.snap("doubles-gun"));
        assertThat(subject.rush().rushers()).hasSize(rushers);
        assertThat(RULES.titles(subject, Rule.PRESSURE, Severity.WEAK).stream()
                        .anyMatch(t -> t.startsWith("Nobody keeps the quarterback in")))
                .isEqualTo(told);
    }

    /**
     * The fourth man of a three-man line is no pressure: what stays open underneath is the coverage's own concession.
     */
    @Test
    void aBaseRushLeavesNoWindowAsAPressureDoes() {
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("bellows-frost"), RULES.snap("gun-two-backs")),
                        Rule.PRESSURE,
                        Severity.FACT))
                .noneMatch(t -> t.startsWith("The pressure leaves"));
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-swift"), RULES.snap("doubles-open")),
                        Rule.PRESSURE,
                        Severity.FACT))
                .anyMatch(t -> t.startsWith("The pressure leaves"));
    }
}
