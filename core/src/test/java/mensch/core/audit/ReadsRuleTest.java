package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import mensch.core.Snaps;
import mensch.core.document.Yaml;
import mensch.core.event.Message;
import mensch.core.event.Whose;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.Reaction;
import mensch.core.matchup.Matchup;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The reactions of one play together: what a row opens is told with the row. */
class ReadsRuleTest {
    private static final Library TABLES = Snaps.LIBRARY.with(Yaml.read("tables.yaml", """
            format: 1
            kind: reads
            id: always-spill
            name: spill whoever else is there
            rows:
              - [key down, "close to his hip and spill", "run spill"]
              - [key reach, "become force", "run outside, force"]
            ---
            format: 1
            kind: reads
            id: run-with-the-back
            name: with the back at once
            rows:
              - [key flow to me, "over the top", "run cut-back"]
            ---
            format: 1
            kind: reads
            id: inside-on-flow
            name: with the flow
            rows:
              - [second key flow to me, "set the edge", "run"]
              - [second key flow away, "with the flow", "run cut-back"]
            ---
            format: 1
            kind: reads
            id: always-up
            name: up on every run
            rows:
              - [key run, "up", "run alley"]
            """));
    private static final AuditVerifier RULES = new AuditVerifier(TABLES, "hs m 50 1&10");

    private static List<Finding> of(CheckId check, String call, String... told) {
        return Audit.of(RULES.subject(RULES.call(call, told), RULES.snap("pro-i"))).stream()
                .filter(f -> f.check() == check)
                .toList();
    }

    /** Handbook 3: he may spill only if the same call names another man as force of that side once he spills. */
    @Test
    void aForceManWhoSpillsAloneLeavesTheEdge() {
        List<Finding> left = of(ReadsCheck.EDGE, "anvil-drizzle", "nickel", "reads always-spill");
        assertThat(left).singleElement().satisfies(f -> {
            assertThat(f.severity()).isEqualTo(Severity.BUST);
            assertThat(f.who()).extracting(Job::id).containsExactly("nickel");
            assertThat(f.evidence().reason())
                    .contains("Power to the right", "row key down: close to his hip and spill")
                    .doesNotContain("Outside zone to the right", "to the left");
        });
    }

    @Test
    void withAnotherForceOutsideHimHeMaySpill() {
        assertThat(of(ReadsCheck.EDGE, "anvil-fog", "nickel", "reads always-spill"))
                .isEmpty();
        assertThat(of(ReadsCheck.EDGE, "anvil-drizzle")).isEmpty();
    }

    @Test
    void aRowThatSendsAManAwayFromThePlayOpensAGapThere() {
        assertThat(of(ReadsCheck.GAPS, "anvil-drizzle")).isEmpty();
        assertThat(of(
                        ReadsCheck.GAPS,
                        "anvil-drizzle",
                        "mike",
                        "reads run-with-the-back",
                        "will",
                        "reads run-with-the-back"))
                .isNotEmpty()
                .allSatisfy(f -> {
                    assertThat(f.severity()).isEqualTo(Severity.WEAK);
                    assertThat(f.evidence().reason()).contains("row key flow to me: over the top");
                });
    }

    /** Boot rule: when the ball goes away the force of that side, or the end who contains, stays out for it. */
    @Test
    void whoIsTakenInsideWhenTheBallGoesAwayLeavesTheBoot() {
        assertThat(of(ReadsCheck.BOOT, "anvil-drizzle")).isEmpty();
        assertThat(of(ReadsCheck.BOOT, "anvil-drizzle", "weak", "reads inside-on-flow", "end-away", "pass rush"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.severity()).isEqualTo(Severity.WEAK);
                    assertThat(f.evidence().title()).isEqualTo("Nobody stays out for the boot on the left.");
                    assertThat(f.evidence().reason())
                            .contains("row second key flow away: with the flow", "Iso to the right");
                });
        assertThat(of(ReadsCheck.BOOT, "anvil-drizzle", "weak", "reads inside-on-flow"))
                .as("the end keeps the quarterback in, unless he is kicked out")
                .allSatisfy(f -> assertThat(f.evidence().reason()).doesNotContain("Iso to the right"));
    }

    /**
     * Two half safeties who are never told a pass come up on every fake; with a row for it the fake only holds them.
     */
    @Test
    void safetiesWithoutARowForThePassComeUpOnAFake() {
        List<Finding> fooled = of(ReadsCheck.DEEP, "anvil-fog", "free", "reads always-up", "weak", "reads always-up");
        assertThat(fooled).singleElement().satisfies(f -> {
            assertThat(f.severity()).isEqualTo(Severity.WEAK);
            assertThat(f.evidence().title()).isEqualTo("Play action brings every deep man up.");
            assertThat(f.who()).extracting(Job::id).containsExactlyInAnyOrder("free", "weak");
        });
        assertThat(of(ReadsCheck.DEEP, "anvil-fog"))
                .allSatisfy(f -> assertThat(f.severity()).isEqualTo(Severity.FACT));
        assertThat(of(ReadsCheck.DEEP, "anvil-drizzle", "free", "reads always-up"))
                .as("two corners have thirds and read receivers")
                .isEmpty();
    }

    /** A slanting man reads the man he moves onto, and through him whom he read before. */
    @ParameterizedTest
    @CsvSource({
        "anvil-trout, nose, tackle then guard",
        "bellows-dace, end-call, tight end then tackle",
        "bellows-dace, nose, guard call side then centre",
        "anvil-pike, end-away, guard then tackle"
    })
    void aManOnTheMoveReadsWhomHeMovesOnto(String call, String job, String key) {
        Lineup lineup = Lineup.of(
                Snaps.LIBRARY.call(call), Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10"));
        assertThat(lineup.job(job).before().key().orNull().words()).startsWith(key);
    }

    @Test
    void whoIsToldToIgnoreAManHasNoRowsOfHisAndSeesNothingOfHim() {
        Lineup lineup = Lineup.of(
                RULES.call("anvil-drizzle", "will", "key near back then guard ignore guard"), RULES.snap("pro-i"));
        Job will = lineup.job("will");
        assertThat(will.after().reactions()).extracting(Reaction::whose).doesNotContain(Whose.SECOND);
        assertThat(will.after().reactions()).extracting(Reaction::whose).contains(Whose.KEY);
        var matchup = new Matchup(lineup);
        var power = Snaps.LIBRARY.plays().runs().stream()
                .filter(r -> r.id().equals("power"))
                .findFirst()
                .orElseThrow();
        assertThat(matchup.shown(matchup.blocking(power, Side.RIGHT).orElseThrow()))
                .filteredOn(s -> s.reader().id().equals("will"))
                .extracting(s -> s.message())
                .containsAll(Set.of(Message.FLOW_AWAY))
                .doesNotContain(Message.PULL);
    }
}
