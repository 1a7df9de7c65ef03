package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.formation.Snap;
import mensch.core.lineup.Lineup;
import mensch.core.play.Plays;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What holds of every rule: each is answered once, with a reason, or cannot be told. */
class EveryRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    @ParameterizedTest
    @EnumSource(Rule.class)
    void everyRuleIsAnsweredOnceInItsOrderWithAReason(Rule rule) {
        for (Snap snap : List.of(
                RULES.snap("pro-i"),
                RULES.snap("trips-open"),
                RULES.snap("empty-3x2"),
                Snaps.LIBRARY.formation("flag-spread").snap(null, false, "flag5 m 30 1&10"))) {
            String call = snap.field().code().flag() ? "tack-siskin" : "anvil-drizzle";
            List<Verdict> verdicts = Audit.verdicts(RULES.subject(Snaps.LIBRARY.call(call), snap));
            assertThat(verdicts).extracting(Verdict::rule).containsExactly(Rule.values());
            Verdict verdict = verdicts.get(rule.ordinal());
            if (verdict instanceof Verdict.Holds holds) {
                assertThat(holds.evidence().reason()).isNotBlank();
            } else if (verdict instanceof Verdict.CannotTell unknown) {
                assertThat(unknown.missing()).isNotBlank();
            } else {
                assertThat(verdict.findings())
                        .isNotEmpty()
                        .allMatch(f -> f.check().rule() == rule
                                && !f.evidence().title().isBlank()
                                && !f.evidence().reason().isBlank());
            }
        }
    }

    /** A verdict's order and words do not hang on how often it is asked. */
    @Test
    void theSameSubjectGivesTheSameFindings() {
        assertThat(Audit.of(RULES.subject(Snaps.LIBRARY.call("anvil-frost"), RULES.snap("trips-bunch"))).stream()
                        .map(f -> f.evidence().title())
                        .toList())
                .isEqualTo(
                        Audit.of(RULES.subject(Snaps.LIBRARY.call("anvil-frost"), RULES.snap("trips-bunch"))).stream()
                                .map(f -> f.evidence().title())
                                .toList());
    }

    @Test
    void whatNobodyKnowsIsCannotTell() {
        Snap film = RULES.snap("pro-i").notKnowing(java.util.Set.of(mensch.core.formation.Feature.TIGHT_END));
        assertThat(RULES.verdict(RULES.subject(Snaps.LIBRARY.call("anvil-drizzle"), film), Rule.JOBS))
                .isInstanceOf(Verdict.CannotTell.class);
        var alone =
                new Subject(Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), RULES.snap("pro-i")), Plays.NONE, List.of());
        assertThat(RULES.verdict(alone, Rule.COUNT)).isEqualTo(new Verdict.CannotTell(Rule.COUNT, "no runs are told"));
        assertThat(RULES.verdict(alone, Rule.CONFLICT)).isInstanceOf(Verdict.CannotTell.class);
        assertThat(RULES.verdict(alone, Rule.TELLS)).isInstanceOf(Verdict.CannotTell.class);
    }

    /**
     * A job that hangs on what nobody knows leaves its rule open; that somebody is missing is then no finding. The load
     * is counted from the call and always known.
     */
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
        GAPS     | anvil-drizzle | will     | run A gap                            | Cannot tell: nobody has the B gap left.
        EDGE     | anvil-drizzle | weak     | run alley                            | Cannot tell: nobody is force on the left.
        COUNT    | anvil-drizzle | weak     | align landmark hash @ 12             |
        COVERAGE | anvil-fog     | nickel   | pass rush                            | Cannot tell: nobody drops to the curl on the right.
        LEVERAGE | anvil-thunder | corner   | align over #1, outside, 1 x 7        |
        CONFLICT | anvil-drizzle | nickel   | run D gap                            |
        PRESSURE | anvil-drizzle | end-call | move pinch to B gap; pass rush B gap |
        KEYS     | anvil-drizzle | mike     | key tailback                         |
        LEGALITY | anvil-drizzle | mike     | align stack tackle @ 0.5             |
        TELLS    | anvil-drizzle | weak     | show landmark middle @ 13            |
        JOBS     | anvil-drizzle | weak     | show landmark middle @ 13            | weak safety: show cannot be told.
        """)
    void whatHangsOnTheUnknownIsNotAnswered(Rule rule, String id, String role, String sentence, String title) {
        Snap known = RULES.snap("pro-i");
        Snap film = known.notKnowing(java.util.Set.of(mensch.core.formation.Feature.STACK));
        Call call = RULES.call(id, role, "when stack on either side: " + sentence);
        Verdict verdict = RULES.verdict(RULES.subject(call, film), rule);
        assertThat(verdict).isInstanceOf(Verdict.CannotTell.class);
        assertThat(((Verdict.CannotTell) verdict).missing()).contains("stack");
        assertThat(RULES.titles(RULES.subject(call, film), rule, Severity.BUST)).isEmpty();
        if (title != null) {
            assertThat(RULES.titles(RULES.subject(call, film), rule, Severity.CANNOT_TELL))
                    .contains(title);
        }
        assertThat(RULES.verdict(RULES.subject(call, known), rule))
                .as("known")
                .isEqualTo(RULES.verdict(RULES.subject(Snaps.LIBRARY.call(id), known), rule));
        assertThat(RULES.verdict(RULES.subject(call, film), Rule.LOAD)).isNotInstanceOf(Verdict.CannotTell.class);
    }

    /** Without protections nobody can say who is free, without runs or options who is short. */
    @Test
    void withoutPlaysTheirRulesCannotBeTold() {
        var alone = new Subject(
                Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), RULES.snap("doubles-gun")), Plays.NONE, List.of());
        assertThat(RULES.verdict(alone, Rule.PRESSURE))
                .isEqualTo(new Verdict.CannotTell(Rule.PRESSURE, "no protections are told"));
        assertThat(RULES.verdict(
                        RULES.subject(Snaps.LIBRARY.call("anvil-drizzle"), RULES.snap("doubles-gun")), Rule.PRESSURE))
                .isInstanceOf(Verdict.Holds.class);
    }
}
