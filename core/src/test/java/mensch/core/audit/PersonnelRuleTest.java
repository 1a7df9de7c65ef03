package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Bodies against bodies: told as notes, a lineman in coverage too. */
class PersonnelRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    @ParameterizedTest
    @CsvSource({
        "bellows-drizzle, empty-3x2,  Heavy for this offence.",
        "chisel-drizzle,  empty-3x2,  Heavy for this offence.",
        "shim-fog,        heavy-22-i, Light for this offence.",
        "chisel-drizzle,  pro-i,",
        "anvil-drizzle,   doubles-open,",
        "anvil-drizzle,   heavy-22-i,",
        "shim-fog,        doubles-open,"
    })
    void bodiesThatDoNotFitAreTold(String call, String formation, String title) {
        Subject subject = RULES.subject(Snaps.LIBRARY.call(call), RULES.snap(formation));
        assertThat(RULES.titles(subject, Rule.COUNT, Severity.NOTE).stream()
                        .filter(t -> t.endsWith("for this offence."))
                        .findFirst()
                        .orElse(null))
                .isEqualTo(title);
    }

    /** A lineman who drops is told, not in a creeper; deeper than eight yards it is weak. */
    @Test
    void aLinemanWhoDropsIsToldUnlessAnotherComesForHim() {
        var snap = RULES.snap("doubles-open");
        Call drops = RULES.call("anvil-drizzle", "end-away", "pass curl-flat @ 7", "weak", "pass rush");
        assertThat(RULES.titles(RULES.subject(drops, snap), Rule.COUNT, Severity.NOTE))
                .as("four rush, one of them from behind the line: a creeper")
                .isEmpty();
        Call three = RULES.call("anvil-drizzle", "end-away", "pass curl-flat @ 7");
        assertThat(RULES.titles(RULES.subject(three, snap), Rule.COUNT, Severity.NOTE))
                .contains("end away drops.");
        Call deep = RULES.call("anvil-drizzle", "end-away", "pass curl-flat @ 12", "weak", "pass rush");
        assertThat(RULES.titles(RULES.subject(deep, snap), Rule.COUNT, Severity.WEAK))
                .contains("end away is asked to drop too deep.");
    }

    /** Zero says that nobody is deep and who is alone; man-free who is far from help; zone neither. */
    @Test
    void theRiskOfACallIsToldFirstAmongItsStandingFacts() {
        var snap = RULES.snap("doubles-open");
        assertThat(facts("anvil-thunder", snap))
                .first()
                .isEqualTo("Nobody is deep: 4 men are alone with their receivers.");
        assertThat(facts("anvil-squall", snap)).first().asString().endsWith("alone far from help.");
        assertThat(facts("anvil-drizzle", snap)).noneMatch(t -> t.contains("alone"));
    }

    private static java.util.List<String> facts(String call, mensch.core.formation.Snap snap) {
        return Audit.of(RULES.subject(Snaps.LIBRARY.call(call), snap)).stream()
                .filter(f -> f.severity() == Severity.FACT)
                .map(f -> f.evidence().title())
                .toList();
    }

    /** Corner and safety told one gap on one spot: one cause, one finding; the others say nothing more. */
    @Test
    void twoMenOnOneSpotInOneGapAreOneFinding() {
        Call call = RULES.call(
                "anvil-fog",
                "corner",
                "when tight end on my side: align outside end man 3 x 5; run D gap, force",
                "nickel",
                "align outside end man 3 x 5; run D gap, force");
        var found = Audit.of(RULES.subject(call, RULES.snap("pro-i"))).stream()
                .filter(f -> f.who().stream().anyMatch(j -> j.id().equals("nickel"))
                        && f.who().size() == 2)
                .filter(f -> f.severity() == Severity.WEAK || f.severity() == Severity.BUST)
                .map(f -> f.evidence().title())
                .toList();
        assertThat(found).containsExactly("2 men have the D gap right.");
    }
}
