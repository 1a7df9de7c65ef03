package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.formation.Snap;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each gap has one owner. */
class GapsRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    /**
     * A kick-out and a puller bring two gaps: with the alley man and the backside backer they are fitted, without them
     * they are not.
     */
    @Test
    void gapsThatArriveWithThePlay() {
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-drizzle"), RULES.snap("pro-i")), Rule.GAPS, Severity.WEAK))
                .isEmpty();
        Subject without = RULES.subject(
                RULES.call("anvil-drizzle", "free", "run none", "will", "run B gap, chase"), RULES.snap("pro-i"));
        assertThat(RULES.titles(without, Rule.GAPS, Severity.WEAK))
                .anyMatch(t -> t.endsWith("is one gap too many on the right."));
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-drizzle"), RULES.snap("pro-i")), Rule.GAPS, Severity.FACT))
                .anyMatch(t -> t.contains("will must go over when a blocker leaves."));
    }

    /** EV-10: a twist exchanges two gaps: each mover is told with who has the gap he leaves, and no gap is lost. */
    @Test
    void ev10AMovementExchangesGapsAndSaysWhoHasThemNow() {
        Subject twist = RULES.subject(Snaps.LIBRARY.call("anvil-eel"), RULES.snap("pro-i"));
        assertThat(RULES.titles(twist, Rule.GAPS, Severity.FACT))
                .contains("The movement exchanges gaps: tackle to the C gap right and end call to the B gap right.");
        assertThat(RULES.titles(twist, Rule.GAPS, Severity.BUST)).isEmpty();
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-drizzle"), RULES.snap("pro-i")), Rule.GAPS, Severity.FACT))
                .noneMatch(t -> t.contains("exchanges gaps"));
    }

    /** A lineman two and a half yards off is on the line; a tenth more is off it. */
    @ParameterizedTest
    @CsvSource({"2.5,false", "2.6,true"})
    void offTheBallFromItsLimitOn(double depth, boolean told) {
        Subject subject = RULES.subject(
                RULES.call("anvil-drizzle", "tackle", "align stack guard @ " + depth), RULES.snap("pro-i"));
        assertThat(RULES.titles(subject, Rule.GAPS, Severity.WEAK).contains("tackle stands off the ball."))
                .isEqualTo(told);
    }

    /** A lineman plays on the line: from two and a half yards he is off it; a deep man is late from the line on. */
    @Test
    void aLinemanOffTheBallAndADeepManFromTheLineAreTold() {
        Snap snap = RULES.snap("pro-i");
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-drizzle", "tackle", "align below 1 deeper"), snap),
                        Rule.GAPS,
                        Severity.WEAK))
                .isEmpty();
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-drizzle", "tackle", "align below 2 deeper"), snap),
                        Rule.GAPS,
                        Severity.WEAK))
                .contains("tackle stands off the ball.");
        assertThat(RULES.titles(
                        RULES.subject(
                                RULES.call("anvil-drizzle", "tackle", "pass deep middle third", "free", "pass rush"),
                                RULES.snap("doubles-gun")),
                        Rule.COVERAGE,
                        Severity.BUST))
                .anyMatch(t -> t.startsWith("tackle cannot stay over"));
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-drizzle", "tackle", "pass none"), snap),
                        Rule.COVERAGE,
                        Severity.WEAK))
                .contains("tackle has nothing to do against the pass.");
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-drizzle", "nickel", "pass deep middle third"), snap),
                        Rule.COVERAGE,
                        Severity.WEAK))
                .anyMatch(t -> t.startsWith("Two men, one deep middle third"));
    }
}
