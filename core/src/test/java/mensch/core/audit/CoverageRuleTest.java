package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.formation.Snap;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every receiver and every area has somebody. */
class CoverageRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    /** A half safety at 25 is no half safety; a hair nearer than the limit he is. */
    @Test
    void aDeepManFarBehindHisPartIsNoHelp() {
        var convention = Snaps.LIBRARY.vocabulary().convention();
        double most =
                convention.drops().landmark().half() + convention.jobs().deep().behind();
        for (double depth : new double[] {25, most + 0.01, most - 0.01}) {
            String sentence = "align deep half @ " + String.format(java.util.Locale.ROOT, "%.2f", depth);
            Subject subject = RULES.subject(RULES.call("anvil-fog", "weak", sentence), RULES.snap("doubles-gun"));
            assertThat(RULES.titles(subject, Rule.COVERAGE, Severity.WEAK)
                            .contains("weak safety stands too deep for his part."))
                    .as("%s yd", depth)
                    .isEqualTo(depth > most);
        }
    }

    /** What is promised deep and given to nobody is a bust, by its part; nobody deep at all is told as that. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        anvil-drizzle | free    | pass hook           | doubles-gun | Nobody has the deep middle third.
        anvil-drizzle | free    | pass hole           | trips-open  | Nobody has the deep middle third.
        anvil-drizzle | corner  | pass flat           | doubles-gun | Nobody has the deep outside third left.
        anvil-fog     | weak    | pass hook           | doubles-gun | Nobody has the deep half left.
        anvil-fog     | weak    | pass rush           | doubles-gun | Nobody has the deep half left.
        anvil-frost   | free    | pass hook           | doubles-gun | Nobody has the deep inside quarter right.
        anvil-squall  | free    | pass hole           | doubles-gun | Nobody is deep.
        anvil-squall  | free    | pass rush           | twins-i     | Nobody is deep.
        anvil-sleet   | weak    | pass flat           | doubles-gun | Nobody has the deep half left.
        """)
    void aPromisedPartThatNobodyHasIsABust(String call, String role, String sentence, String formation, String title) {
        Subject subject = RULES.subject(RULES.call(call, role, sentence), RULES.snap(formation));
        assertThat(RULES.titles(subject, Rule.COVERAGE, Severity.BUST)).contains(title);
        assertThat(RULES.titles(RULES.subject(RULES.call(call), RULES.snap(formation)), Rule.COVERAGE, Severity.BUST))
                .isEmpty();
    }

    @Test
    void bothHalvesBlitzingLeaveNobodyDeep() {
        Call call = RULES.call("anvil-fog", "weak", "pass rush", "free", "pass rush");
        assertThat(RULES.titles(RULES.subject(call, RULES.snap("doubles-gun")), Rule.COVERAGE, Severity.BUST))
                .contains("Nobody is deep.");
    }

    /** Where nobody is deep by the call, a zone underneath is nobody's: each eligible man has a man or a lane. */
    @Test
    void aCallWithoutDeepHelpNeedsAManForEverybody() {
        Call call = RULES.call("anvil-thunder", "weak", "pass curl-flat");
        assertThat(RULES.titles(RULES.subject(call, RULES.snap("doubles-gun")), Rule.COVERAGE, Severity.BUST))
                .contains("Nobody has H (#2 left).");
    }

    /** Up to three yards beside his leverage a man covers, up to six he chases, farther he has nobody. */
    @ParameterizedTest
    @CsvSource({"3.99,,", "4.01,WEAK,nickel chases TE (#2 right).", "7.01,BUST,nickel cannot cover TE (#2 right)."})
    void aManIsAsNearAsHisLeverageAsks(double outside, Severity severity, String title) {
        String sentence = "align outside end man " + String.format(java.util.Locale.ROOT, "%.2f", outside) + " x 5";
        Subject subject = RULES.subject(RULES.call("anvil-squall", "nickel", sentence), RULES.snap("pro-i"));
        for (Severity one : List.of(Severity.BUST, Severity.WEAK)) {
            assertThat(RULES.titles(subject, Rule.COVERAGE, one).contains(String.valueOf(title)))
                    .isEqualTo(one == severity);
        }
    }

    /** Routes go to men who can be there: a man moved away has his area, and the route is nobody's. */
    @Test
    void aRouteIsNobodysWhenItsManCannotBeThere() {
        var snap = RULES.snap("doubles-open");
        Call away = RULES.call("anvil-drizzle", "nickel", "align landmark middle @ 5");
        assertThat(RULES.subject(away, snap).passes())
                .filteredOn(d -> d.pass().name().equals("Quick outs"))
                .anySatisfy(d -> assertThat(d.open()).anySatisfy(r -> {
                    assertThat(r.late()).isTrue();
                    assertThat(r.tooLate()).extracting(c -> c.job().id()).contains("nickel");
                }));
        assertThat(RULES.titles(RULES.subject(away, snap), Rule.COVERAGE, Severity.FACT))
                .anyMatch(t -> t.startsWith("The ball is there before") && t.contains("nickel"));
    }

    /** Lanes lie where the receivers are: each man has his own receiver's hitch. */
    @Test
    void lanesFollowTheReceivers() {
        for (String formation : List.of("doubles-open", "doubles-tight", "doubles-stack")) {
            Snap snap = Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 4 1&4");
            Subject subject = RULES.subject(Snaps.LIBRARY.call("anvil-rime"), snap);
            assertThat(subject.areas().rows())
                    .filteredOn(r -> r.area().lane())
                    .hasSize(7)
                    .allSatisfy(r -> assertThat(r.landmark().x())
                            .isEqualTo(r.owner().feet().x()));
            subject.passes().stream()
                    .filter(d -> d.pass().name().equals("Hitches"))
                    .forEach(d -> assertThat(d.open()).as(formation).isEmpty());
        }
    }

    @Test
    void aLinemanOnASplitReceiverIsABust() {
        Call call = RULES.call("anvil-squall", "end-away", "pass man #2 else rush");
        assertThat(RULES.titles(RULES.subject(call, RULES.snap("doubles-open")), Rule.COVERAGE, Severity.BUST))
                .isEmpty();
        Call alone = RULES.call("anvil-squall", "end-away", "pass man #2", "weak", "pass hook");
        assertThat(RULES.titles(RULES.subject(alone, RULES.snap("doubles-gun")), Rule.COVERAGE, Severity.BUST))
                .contains("end away cannot cover H (#2 left).");
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
                .contains("Nobody has lane 4.", "Two men, one lane 3: will and mike.");
        assertThat(RULES.titles(
                        RULES.subject(RULES.call("anvil-rime", "mike", "pass lane 3"), snap.mirror()),
                        Rule.COVERAGE,
                        Severity.WEAK))
                .contains("Nobody has lane 4.");
    }
}
