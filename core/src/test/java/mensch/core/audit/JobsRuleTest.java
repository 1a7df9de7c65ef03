package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every job is whole and has a place of its own. */
class JobsRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    /** Two men need a little more than half a yard. */
    @ParameterizedTest
    @CsvSource({"0.55,false", "0.54,true"})
    void twoMenOnOneSpot(double apart, boolean told) {
        Subject subject = RULES.subject(
                RULES.call(
                        "anvil-drizzle",
                        "mike",
                        "align stack centre @ 4",
                        "will",
                        "align stack centre @ " + (4 + apart)),
                RULES.snap("pro-i"));
        assertThat(RULES.titles(subject, Rule.JOBS, Severity.WEAK).stream()
                        .anyMatch(t -> t.endsWith(" stand on one spot.")))
                .isEqualTo(told);
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-drizzle"), RULES.snap("pro-i")), Rule.JOBS, Severity.WEAK))
                .isEmpty();
    }
}
