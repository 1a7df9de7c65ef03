package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.formation.Snap;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Leverage agrees with help. */
class LeverageRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    /** Outside leverage without help gives the inside away; with a deep middle it does not. */
    @Test
    void leverageWantsHelp() {
        Subject zero = RULES.subject(
                RULES.call("anvil-thunder", "corner", "align over #1, outside, 1 x 7"), RULES.snap("doubles-open"));
        assertThat(RULES.titles(zero, Rule.LEVERAGE, Severity.WEAK))
                .contains("corner left gives the inside away.", "corner right gives the inside away.");
        assertThat(RULES.titles(
                        RULES.subject(
                                RULES.call("anvil-squall", "corner", "align over #1, outside, 1 x 7"),
                                RULES.snap("doubles-open")),
                        Rule.LEVERAGE,
                        Severity.WEAK))
                .isEmpty();
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-thunder"), RULES.snap("doubles-open")),
                        Rule.LEVERAGE,
                        Severity.WEAK))
                .isEmpty();
        assertThat(RULES.verdict(RULES.subject(RULES.call("anvil-fog"), RULES.snap("doubles-open")), Rule.LEVERAGE))
                .isInstanceOf(Verdict.Holds.class);
    }

    /** LN-06: man on a bunch can be picked, lanes cannot; at two depths they cannot either: 1.5 yd apart is enough. */
    @ParameterizedTest(name = "LN-06 {0}")
    @CsvSource({"7,true", "5.6,true", "5.5,false"})
    void ln06PickExposureInABunch(double depth, boolean picked) {
        for (boolean mirrored : new boolean[] {false, true}) {
            Snap bunch = mirrored ? RULES.snap("trips-bunch").mirror() : RULES.snap("trips-bunch");
            Call man = RULES.call(
                    "anvil-squall",
                    "corner",
                    "align over #1, outside, 1 x 7",
                    "nickel",
                    "align over #2, inside, 1 x " + depth);
            List<String> found = Audit.of(RULES.subject(man, bunch)).stream()
                    .filter(f -> f.check() == LeverageCheck.PICK && f.severity() == Severity.WEAK)
                    .map(f -> f.evidence().title())
                    .toList();
            assertThat(found.isEmpty()).as("nickel at %s", depth).isNotEqualTo(picked);
        }
        assertThat(RULES.titles(
                        RULES.subject(
                                Snaps.LIBRARY.call("anvil-rime"),
                                Snaps.LIBRARY.formation("trips-bunch").snap(null, false, "hs m 5 1&5")),
                        Rule.LEVERAGE,
                        Severity.WEAK))
                .isEmpty();
    }
}
