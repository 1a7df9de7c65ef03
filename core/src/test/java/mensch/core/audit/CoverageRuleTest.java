package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.formation.Snap;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every receiver and every area has somebody. */
class CoverageRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    /** A deep man is at his landmark two and a half seconds after the snap, or late: to the hundredth of a yard. */
    @ParameterizedTest
    @CsvSource({"0.01,false", "-0.01,true"})
    void aDeepManIsLateFromHisLimitOn(double deeper, boolean late) {
        var convention = Snaps.LIBRARY.vocabulary().convention();
        double depth = convention.drops().landmark().third()
                - convention
                        .speeds()
                        .of("DB")
                        .distance(convention.limits().drop().deepBy())
                + deeper;
        String sentence = "align landmark middle @ " + String.format(java.util.Locale.ROOT, "%.4f", depth)
                + "; pass deep middle third";
        Subject subject = RULES.subject(RULES.call("anvil-drizzle", "weak", sentence), RULES.snap("pro-i"));
        assertThat(RULES.titles(subject, Rule.COVERAGE, Severity.WEAK)
                        .contains("weak safety is late to his deep part."))
                .isEqualTo(late);
    }

    /**
     * Seven lanes, seven men: no flat, curl and hook are asked of lanes; a lane given twice leaves another to nobody.
     */
    @Test
    void goalLineLanesAreCountedAsLanes() {
        for (String id : List.of("anvil-rime", "chisel-rime")) {
            for (String formation : Snaps.LIBRARY.call(id).meantFor()) {
                Snap snap = Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 5 1&5");
                assertThat(RULES.titles(RULES.subject(Snaps.LIBRARY.call(id), snap), Rule.COVERAGE, Severity.WEAK))
                        .as(id + " " + formation)
                        .noneMatch(t -> t.contains("drops to the") || t.contains(" lane "));
            }
        }
        Snap snap = Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 5 1&5");
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-rime", "mike", "pass lane 3"), snap),
                        Rule.COVERAGE,
                        Severity.WEAK))
                .contains("Nobody has lane 4.", "Two men, one lane 3: mike, will.");
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-rime", "mike", "pass lane 3"), snap.mirror()),
                        Rule.COVERAGE,
                        Severity.WEAK))
                .contains("Nobody has lane 4.");
    }
}
