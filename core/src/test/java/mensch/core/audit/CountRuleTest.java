package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Men enough against the run. */
class CountRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    /**
     * Eight near the run against seven blockers and a back: one is free. Seven or six: what a shell with two deep
     * costs, a standing fact. Five: outnumbered.
     */
    @ParameterizedTest
    @CsvSource({"8,", "7,FACT", "6,FACT", "5,WEAK"})
    void countOfTheRun(int support, Severity severity) {
        Call call = support == 8
                ? RULES.call("anvil-drizzle")
                : support == 7
                        ? RULES.call("anvil-drizzle", "weak", "align landmark hash @ 12")
                        : support == 6
                                ? RULES.call(
                                        "anvil-drizzle",
                                        "weak",
                                        "align landmark hash @ 12",
                                        "will",
                                        "align stack tackle @ 9")
                                : RULES.call(
                                        "anvil-drizzle",
                                        "weak",
                                        "align landmark hash @ 12",
                                        "will",
                                        "align stack tackle @ 9",
                                        "mike",
                                        "align stack guard @ 9");
        Subject subject = RULES.subject(call, RULES.snap("pro-i"));
        assertThat(subject.box().support()).hasSize(support);
        var found = Audit.of(subject).stream()
                .filter(f -> f.check() == CountCheck.COUNT)
                .toList();
        if (severity == null) {
            assertThat(found).isEmpty();
        } else {
            assertThat(found).extracting(Finding::severity).containsExactly(severity);
        }
    }
}
