package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Legal as it stands. */
class LegalityRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    /**
     * A standing man's helmet is three tenths before his feet, the ball takes three tenths: feet at six tenths are
     * legal.
     */
    @ParameterizedTest
    @CsvSource({"0.6,false", "0.59,true"})
    void theNeutralZoneToTheHundredth(double depth, boolean in) {
        Subject subject = RULES.subject(
                RULES.call("anvil-drizzle", "mike", "align stack tackle @ " + depth), RULES.snap("pro-i"));
        assertThat(RULES.titles(subject, Rule.LEGALITY, Severity.BUST).contains("mike is in the neutral zone."))
                .isEqualTo(in);
    }
}
