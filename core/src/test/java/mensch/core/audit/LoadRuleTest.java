package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** No more to know than a man can. */
class LoadRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    @Test
    void aRoleWithMuchToKnowIsTold() {
        var many = new ArrayList<String>();
        for (int i = 0; i < 22; i++) {
            many.add("mike");
            many.add("when gun: key centre");
        }
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-drizzle", many.toArray(String[]::new)), RULES.snap("pro-i")),
                        Rule.LOAD,
                        Severity.NOTE))
                .contains("mike has much to know.");
        assertThat(RULES.verdict(RULES.subject(RULES.call("anvil-drizzle"), RULES.snap("pro-i")), Rule.LOAD))
                .isInstanceOf(Verdict.Holds.class);
    }

    /** Twenty sentences are not told, twenty-one are. */
    @ParameterizedTest
    @CsvSource({"20,false", "21,true"})
    void theLoadIsToldFromItsLimitOn(int sentences, boolean told) {
        Call base = RULES.call("anvil-drizzle");
        int has = mensch.core.matchup.TeachingLoad.sentences(
                base, base.front().role("mike").orElseThrow());
        var rungs = new ArrayList<String>();
        for (int i = has; i < sentences; i++) {
            rungs.addAll(List.of("mike", "when gun: key centre"));
        }
        assertThat(RULES.titles(
                                RULES.subject(
                                        RULES.call("anvil-drizzle", rungs.toArray(String[]::new)), RULES.snap("pro-i")),
                                Rule.LOAD,
                                Severity.NOTE)
                        .contains("mike has much to know."))
                .isEqualTo(told);
    }
}
