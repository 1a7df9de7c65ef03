package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.call.Layer;
import mensch.core.document.DocumentRef;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.BoxCount;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Ladder;
import mensch.core.rung.RungId;
import mensch.core.rung.RungReader;
import mensch.core.rung.Task;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Reference cases that ledgers and findings answer, and each check with a way to break it. */
class AuditTest {
    private static final String PRO_I = "ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7";
    private static final Call DRIZZLE = Snaps.LIBRARY.call("anvil-drizzle");
    private static final Call FOG = Snaps.LIBRARY.call("anvil-fog");

    private static Lineup lineup(Call call, String men, String spot) {
        return Lineup.of(call, Notation.snap(men + " | " + spot));
    }

    private static Call hand(Call call, String role, String sentence) {
        var rung = RungReader.read(new RungId("hand", role, "now"), sentence, Snaps.LIBRARY.vocabulary());
        return call.under(
                new Layer(Layer.Kind.HAND, new DocumentRef("hand", 0, ""), Map.of(role, new Ladder(List.of(rung)))));
    }

    private static List<String> titles(Lineup lineup, Severity severity) {
        return Audit.of(lineup).stream()
                .filter(f -> f.severity() == severity)
                .map(f -> f.evidence().title())
                .toList();
    }

    @ParameterizedTest(name = "EV-07 hash {0}")
    @ValueSource(strings = {"l", "m", "r"})
    void ev07TheOpenGapsAreStrongAAndWeakBOwnedByTheBackers(String hash) {
        for (Snap snap : List.of(
                Notation.snap(PRO_I + " | hs " + hash + " 50 1&10"),
                Notation.snap(PRO_I + " | hs " + hash + " 50 1&10").mirror())) {
            GapLedger gaps = GapLedger.of(Lineup.of(DRIZZLE, snap));
            Side strong = snap.formation().man("TE").x() > 0 ? Side.RIGHT : Side.LEFT;
            assertThat(gaps.openToBackers())
                    .extracting(r -> r.gap().letter()
                            + (r.gap().side() == strong ? " strong " : " weak ")
                            + r.owners().get(0).role().id())
                    .containsExactlyInAnyOrder("A strong mike", "B weak will");
            assertThat(gaps.rows()).hasSize(7).allMatch(r -> r.owners().size() == 1);
            assertThat(gaps.edges()).allMatch(e -> e.forces().size() == 1);
        }
    }

    @Test
    void ev12TheBoxCounterOfThreeDeepSaysEight() {
        assertThat(BoxCount.of(lineup(DRIZZLE, PRO_I, "hs m 50 1&10")).support())
                .hasSize(8);
    }

    @Test
    void ev13NickelAndWeakSafetyAreForceOnTheirSides() {
        GapLedger gaps = GapLedger.of(lineup(DRIZZLE, PRO_I, "hs m 50 1&10"));
        assertThat(gaps.edges().get(0).forces()).extracting(Job::id).containsExactly("weak");
        assertThat(gaps.edges().get(1).forces()).extracting(Job::id).containsExactly("nickel");
    }

    @Test
    void ev15BothHookDroppersLandNineteenPointEightFromTheSideline() {
        Lineup lineup = lineup(DRIZZLE, PRO_I, "hs m 50 1&10");
        for (String role : List.of("mike", "will")) {
            var row = AreaLedger.of(lineup).rows().stream()
                    .filter(r -> r.owner().id().equals(role))
                    .findFirst()
                    .orElseThrow();
            assertThat(lineup.snap()
                            .field()
                            .yardsFromSideline(
                                    row.owner().seat(), row.landmark().x()))
                    .isCloseTo(19.8, within(0.05));
        }
    }

    @Test
    void ev16ProfessionalHashesBringTheHookDroppersTogetherAndTheAuditSaysSo() {
        Lineup lineup = lineup(DRIZZLE, PRO_I, "pro m 50 1&10");
        assertThat(titles(lineup, Severity.WEAK)).anyMatch(t -> t.startsWith("Two men, one landmark"));
        assertThat(titles(lineup(DRIZZLE, PRO_I, "hs m 50 1&10"), Severity.WEAK))
                .noneMatch(t -> t.startsWith("Two men, one landmark"));
    }

    @ParameterizedTest(name = "EV-18, EV-19 {0}")
    @CsvSource({
        "corner,RIGHT,flat",
        "nickel,RIGHT,curl",
        "mike,RIGHT,hook",
        "corner,LEFT,flat",
        "will,LEFT,hook-curl",
        "free,RIGHT,deep half",
        "weak,LEFT,deep half"
    })
    void ev18Ev19TwoDeepAreas(String role, Side side, String area) {
        Job job = lineup(FOG, PRO_I, "hs m 50 1&10").job(role, side);
        assertThat(((Task.Cover) job.passTask()).area().words()).isEqualTo(area);
        Snap mirrored = Notation.snap(PRO_I + " | hs m 50 1&10").mirror();
        assertThat(((Task.Cover) Lineup.of(FOG, mirrored)
                                .job(role, side.opposite())
                                .passTask())
                        .area()
                        .words())
                .isEqualTo(area);
    }

    @Test
    void ev19TheWeakSideIsMarkedOneShort() {
        assertThat(titles(lineup(FOG, PRO_I, "hs m 50 1&10"), Severity.FACT))
                .contains("Underneath two for three on the left.");
    }

    @Test
    void sf39NobodyIsDeeperThanTheGoalLineAndTheSqueezeIsTold() {
        Lineup lineup = lineup(DRIZZLE, PRO_I, "hs m 6 1&6");
        assertThat(lineup.jobs()).allMatch(j -> j.feet().y() <= 6);
        assertThat(titles(lineup, Severity.NOTE)).contains("3 men stand closer than told.");
    }

    @Test
    void pa18LandmarksFollowTheFieldProfile() {
        assertThat(landmark("col")).isCloseTo(26.67 - 22.0, within(0.005));
        assertThat(landmark("pro")).isCloseTo(26.67 - 25.58, within(0.005));
    }

    private static double landmark(String code) {
        Lineup lineup = lineup(DRIZZLE, PRO_I, code + " m 50 1&10");
        return AreaLedger.of(lineup).rows().stream()
                .filter(r -> r.owner().id().equals("mike"))
                .findFirst()
                .orElseThrow()
                .landmark()
                .x();
    }

    @Test
    void whoHasAGapStandsInsideHisForceMan() {
        Snap wing = Snaps.LIBRARY.formation("pistol-wing").snap(null, false, "hs m 50 1&10");
        Call crossed = hand(DRIZZLE, "nickel", "align outside tight end 6 x 4");
        assertThat(titles(Lineup.of(crossed, wing), Severity.WEAK)).contains("nickel stands outside his force man.");
    }

    @Test
    void noCallHasABustAgainstTheFormationsItIsMeantFor() {
        int asked = 0;
        for (Call call : Snaps.LIBRARY.calls()) {
            for (String id : call.meantFor()) {
                int players = call.front().players();
                for (String spot : players == 11
                        ? List.of("hs l 50 1&10", "hs m 30 3&8", "col r 50 2&4")
                        : List.of("flag" + players + " m 30 1&10")) {
                    for (boolean mirrored : new boolean[] {false, true}) {
                        Snap snap = Snaps.LIBRARY.formation(id).snap(null, mirrored, spot);
                        assertThat(titles(Lineup.of(call, snap), Severity.BUST))
                                .as("%s %s", call.ref().id(), Notation.print(snap))
                                .isEmpty();
                        asked++;
                    }
                }
            }
        }
        assertThat(asked).isGreaterThan(4000);
    }

    @ParameterizedTest
    @ValueSource(strings = {"hs l 50 1&10", "hs r 50 1&10"})
    void onAHashTheFieldIsToldAsAFactAndNotAsTheCallsFault(String spot) {
        int cells = 0;
        int clean = 0;
        for (Call call : Snaps.LIBRARY.calls()) {
            for (String id : call.front().players() == 11 ? call.meantFor() : Set.<String>of()) {
                var weak = titles(Lineup.of(call, Snaps.LIBRARY.formation(id).snap(null, false, spot)), Severity.WEAK);
                cells++;
                clean += weak.isEmpty() ? 1 : 0;
            }
        }
        assertThat(clean).isGreaterThan(cells * 9 / 10);
        assertThat(titles(lineup(DRIZZLE, PRO_I, spot), Severity.FACT))
                .anyMatch(t -> t.startsWith("The wide side is far"))
                .anyMatch(t -> t.endsWith("share the narrow side."));
    }

    @Test
    void whoWouldBeLateInTheMiddleTooIsLateOnAHash() {
        Call wrong = hand(DRIZZLE, "mike", "align outside end man other side 8 x 3");
        for (String spot : List.of("hs l 50 1&10", "hs m 50 1&10")) {
            assertThat(titles(lineup(wrong, PRO_I, spot), Severity.WEAK)).contains("mike is late to his hook.");
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        will   | run A gap              | BUST | Nobody has the B gap left.
        end-away | align outside end man 7 x 1 | WEAK | end away rushes from too wide.
        end-away | align outside end man 14 x 1 | WEAK | end away rushes from too far.
        free   | align outside end man 8 x 12 | WEAK | free safety stands beside the deep middle third.
        will   | run A gap              | WEAK | 2 men have the A gap left.
        weak   | run alley              | BUST | Nobody is force on the left.
        free   | align outside end man 4 x 8; run outside, force | WEAK | 2 men are force on the right.
        nickel | run E gap, force       | WEAK | nickel is told a gap that is not there.
        nickel | pass man #3            | BUST | nickel: rule gives nobody for pass.
        nickel | pass rush              | WEAK | Nobody drops to the flat and curl on the right.
        mike   | align stack tackle @ 0.5 | BUST | mike is in the neutral zone.
        corner | align outside end man 30 x 7 | BUST | corner right stands beyond the sideline.
        mike   | key wing               | WEAK | mike: rule gives nobody for key.
        """)
    void aBrokenRuleIsFound(String role, String sentence, Severity severity, String title) {
        assertThat(titles(lineup(hand(DRIZZLE, role, sentence), PRO_I, "hs m 50 1&10"), severity))
                .contains(title);
        assertThat(titles(lineup(DRIZZLE, PRO_I, "hs m 50 1&10"), severity)).doesNotContain(title);
    }

    @Test
    void aManWhomNobodyCoversIsFound() {
        Call allRush = hand(DRIZZLE, "everyone", "pass rush");
        assertThat(titles(lineup(allRush, PRO_I, "hs m 50 1&10"), Severity.BUST))
                .contains("Nobody has FL (#1 right).", "Nobody has SE (#1 left).");
    }

    @Test
    void replaceTakesOverTheOtherMansPassJob() {
        assertThat(lineup(hand(DRIZZLE, "mike", "pass replace nose"), PRO_I, "hs m 50 1&10")
                        .job("mike")
                        .after()
                        .pass()
                        .orNull()
                        .words())
                .isEqualTo("rush");
    }

    @Test
    void exchangeAndOpenGapResolveToGapsThatTheLedgerCounts() {
        Call exchange = hand(DRIZZLE, "will", "run exchange with nose");
        Job will = lineup(exchange, PRO_I, "hs m 50 1&10").job("will");
        assertThat(will.after().run().orNull().words()).isEqualTo("A gap");
        Call open = hand(DRIZZLE, "will", "run open gap");
        assertThat(lineup(open, PRO_I, "hs m 50 1&10")
                        .job("will")
                        .after()
                        .run()
                        .orNull()
                        .words())
                .isEqualTo("B gap");
    }

    @Test
    void anIllegalOffenceIsReportedNotRepaired() {
        Lineup lineup = lineup(DRIZZLE, "ol2 TE-4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7", "hs m 50 1&10");
        assertThat(Audit.of(lineup))
                .filteredOn(f -> f.check() == OffenceCheck.OFFENCE)
                .extracting(f -> f.evidence().reason())
                .containsExactly(
                        "TE is covered: a man outside him is on the line too, so he may not go out for a pass.");
    }
}
