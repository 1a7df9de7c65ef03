package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.formation.Snap;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Keys are seen, threats are read. */
class KeysRuleTest {
    private static final String SPOT = "hs m 50 1&10";
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, SPOT);

    /** A key behind a back is seen late; without a second key he sees nothing. */
    @Test
    void keysAreSeen() {
        Snap power = RULES.snap("pro-i");
        Call behind = RULES.call("anvil-drizzle", "mike", "align stack centre @ 4.5; key tailback then guard");
        assertThat(RULES.titles(RULES.subject(behind, power), Rule.KEYS, Severity.NOTE))
                .contains("mike cannot see TB.");
        Call only = RULES.call("anvil-drizzle", "mike", "align stack centre @ 4.5; key tailback");
        assertThat(RULES.titles(RULES.subject(only, power), Rule.KEYS, Severity.WEAK))
                .contains("mike cannot see TB.");
        Call beside = RULES.call("anvil-drizzle", "mike", "align gap C @ 4.5; key tailback");
        assertThat(RULES.titles(RULES.subject(beside, power), Rule.KEYS, Severity.WEAK))
                .isEmpty();
        assertThat(RULES.titles(RULES.subject(RULES.call("anvil-drizzle"), power), Rule.KEYS, Severity.NOTE))
                .contains("Nobody reads TB.");
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-drizzle", "will", "key tailback then guard"), power),
                        Rule.KEYS,
                        Severity.NOTE))
                .doesNotContain("Nobody reads TB.");
    }

    /** SF-49: the pull overrides flow: whoever keys the back reads the guard next, so a pulling guard is somebody's. */
    @Test
    void sf49SomebodyReadsThePullingGuard() {
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-drizzle"), RULES.snap("doubles-gun")),
                        Rule.KEYS,
                        Severity.NOTE))
                .noneMatch(t -> t.contains("LG") || t.contains("RG"));
        Call blind = RULES.call(
                "bellows-drizzle",
                "mike",
                "key near back",
                "will",
                "key near back",
                "nose",
                "key centre",
                "end-call",
                "key tackle",
                "end-away",
                "key tackle");
        assertThat(RULES.titles(RULES.subject(blind, RULES.snap("doubles-gun")), Rule.KEYS, Severity.NOTE))
                .anyMatch(t -> t.contains("LG") && t.contains("RG"));
    }

    /** Over the guard the fullback hides the tailback, over the tackle he does not. */
    @ParameterizedTest
    @CsvSource({"guard,true", "tackle,false"})
    void aKeyIsHiddenWhileAManStandsInTheWay(String over, boolean hidden) {
        Subject subject = RULES.subject(
                RULES.call("anvil-drizzle", "mike", "align stack " + over + " @ 4.5; key tailback then guard"),
                RULES.snap("pro-i"));
        assertThat(RULES.titles(subject, Rule.KEYS, Severity.NOTE).contains("mike cannot see TB."))
                .isEqualTo(hidden);
    }

    /**
     * Behind the ball the line to the tailback runs straight: a fullback four tenths beside it is in it, five
     * hundredths more is not.
     */
    @ParameterizedTest
    @CsvSource({"0.4,true", "0.45,false"})
    void aBodyHidesFourTenthsOfAYard(double beside, boolean hidden) {
        Snap snap =
                mensch.core.formation.Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB" + beside + "/4 TB0/7 | " + SPOT);
        Subject subject = RULES.subject(
                RULES.call("anvil-drizzle", "mike", "align stack centre @ 4.5; key tailback then guard"), snap);
        assertThat(RULES.titles(subject, Rule.KEYS, Severity.NOTE).contains("mike cannot see TB."))
                .isEqualTo(hidden);
    }
}
