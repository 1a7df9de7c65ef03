package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import mensch.core.Snaps;
import mensch.core.formation.Snap;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Tells;
import mensch.core.play.Plays;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The picture gives nothing away. */
class TellsRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    @ParameterizedTest
    @ValueSource(strings = {"anvil-fog", "anvil-frost"})
    void theOtherCallsOfThePlanTellWhoGivesItAway(String other) {
        Snap snap = RULES.snap("doubles-open");
        Lineup here = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap);
        Tells tells = Tells.of(here, List.of(Lineup.of(Snaps.LIBRARY.call(other), snap), here));
        assertThat(tells.pairs()).hasSize(1);
        assertThat(tells.pairs().get(0).yards()).isGreaterThanOrEqualTo(1.5);
        assertThat(tells.travels()).extracting(t -> t.job().id()).containsExactly("weak");
        assertThat(tells.travels().get(0).yards()).isEqualTo(4);
        assertThat(RULES.verdict(new Subject(here, Plays.NONE, List.of(here)), Rule.TELLS))
                .isInstanceOf(Verdict.Holds.class);
    }

    /** However many calls look different, it is one standing fact that names them. */
    @Test
    void theCallsThatLookDifferentAreToldInOneSentence() {
        Snap snap = RULES.snap("doubles-open");
        Lineup here = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap);
        List<Lineup> plan = Stream.of("anvil-fog", "anvil-frost", "bellows-fog", "anvil-thunder")
                .map(c -> Lineup.of(Snaps.LIBRARY.call(c), snap))
                .toList();
        assertThat(Audit.of(new Subject(here, Plays.NONE, plan)))
                .filteredOn(f -> f.check().id().equals("tell"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.severity()).isEqualTo(Severity.FACT);
                    assertThat(f.evidence().title()).endsWith("tells this from 4 calls of the plan.");
                    assertThat(f.evidence().reason())
                            .contains("Anvil Fog: ", " yd")
                            .endsWith("; and 1 more.");
                });
    }

    /** A disguise from which he is late for a quick throw; at the limit he is not. */
    @Test
    void aDisguiseThatCostsTooMuchIsTold() {
        Snap snap = RULES.snap("doubles-open");
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-drizzle", "weak", "show landmark middle @ 13"), snap),
                        Rule.TELLS,
                        Severity.WEAK))
                .contains("The disguise costs weak safety too much.");
        assertThat(RULES.titles(RULES.subject(RULES.call("anvil-drizzle"), snap), Rule.TELLS, Severity.WEAK))
                .isEmpty();
    }

    /**
     * From 6.4 yd a back is home before a quick throw, from 6.5 yd he is a little late (1.6 s by the clock of a
     * defensive back), from 8.8 yd by three tenths and more.
     */
    @ParameterizedTest
    @CsvSource({"12.4,", "12.5,NOTE", "14.6,NOTE", "14.8,WEAK"})
    void aDisguiseCostsTooMuchFromItsLimitOn(double shown, Severity severity) {
        Subject subject = RULES.subject(
                RULES.call("anvil-drizzle", "weak", "show outside end man 3 x " + shown), RULES.snap("pro-i"));
        for (Severity one : List.of(Severity.WEAK, Severity.NOTE)) {
            assertThat(RULES.titles(subject, Rule.TELLS, one).contains("The disguise costs weak safety too much."))
                    .isEqualTo(one == severity);
        }
    }

    /** One man a yard and a half from where he stands in the other call tells them apart; a tenth less does not. */
    @ParameterizedTest
    @CsvSource({"1.5,1", "1.4,0"})
    void twoPicturesAreToldApartFromTheirLimitOn(double yards, int pairs) {
        Snap snap = RULES.snap("doubles-open");
        Lineup here = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap);
        Lineup other = Lineup.of(RULES.call("anvil-drizzle", "free", "align below " + yards + " deeper"), snap);
        assertThat(Tells.of(here, List.of(other)).pairs()).hasSize(pairs);
    }
}
