package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One force a side. */
class EdgeRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    /** From deeper than eight yards force wants an end inside it who keeps contain. */
    @ParameterizedTest
    @CsvSource({"8,rush,false", "8.1,rush,true", "8.1,rush contain,false"})
    void forceFromDeepWantsAnEndWhoContains(double depth, String end, boolean told) {
        Subject subject = RULES.subject(
                RULES.call("anvil-drizzle", "weak", "align outside end man 3 x " + depth, "end-away", "pass " + end),
                RULES.snap("pro-i"));
        assertThat(RULES.titles(subject, Rule.EDGE, Severity.WEAK)
                        .contains("Force on the left comes from " + depth + " yd deep."))
                .isEqualTo(told);
    }
}
