package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One force a side. */
class EdgeRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    /** Force from eight yards is in time, from a step deeper it is late. */
    @ParameterizedTest
    @CsvSource({"8,false", "8.1,true"})
    void forceFromTooDeepIsLate(double depth, boolean late) {
        Subject subject = RULES.subject(
                RULES.call("anvil-drizzle", "weak", "align outside end man 3 x " + depth), RULES.snap("pro-i"));
        assertThat(RULES.titles(subject, Rule.EDGE, Severity.WEAK).contains("Force on the left comes late."))
                .isEqualTo(late);
    }
}
