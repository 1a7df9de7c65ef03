package mensch.core.lineup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import mensch.core.Snaps;
import mensch.core.audit.Audit;
import mensch.core.audit.Evidence;
import mensch.core.audit.Severity;
import mensch.core.call.Call;
import mensch.core.call.CallAssembly;
import mensch.core.call.CallDocument;
import mensch.core.call.CallReader;
import mensch.core.call.MotionAnswer;
import mensch.core.document.Document;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.possible.WayAbility;
import mensch.core.rung.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Facts are recomputed on every motion; the answer decides the seats. */
class MotionTest {
    private static final Call DRIZZLE = Snaps.LIBRARY.call("anvil-drizzle");

    private static Snap trade() {
        return Snap.of(
                Snaps.LIBRARY.formation("pro-i").phases("trade"),
                Notation.snap(WorkedTableTest.PRO_I).field(),
                Notation.snap(WorkedTableTest.PRO_I).situation(),
                Side.RIGHT);
    }

    private static Call answering(String answer) {
        var body = new LinkedHashMap<>(DRIZZLE.document().body());
        body.put("motion", List.of(answer));
        return CallReader.read(CallDocument.of(Document.of(body)), 1, Snaps.LIBRARY.vocabulary());
    }

    /** Heron checks to squall, squall answers motion with a check of its own: in heron it does not check again. */
    @Test
    void aCallThatWasCheckedToAnswersMotionWithoutCheckingAgain() {
        Call heron = Snaps.LIBRARY.call("anvil-heron");
        assertThat(Snaps.LIBRARY.call("anvil-squall").motion()).anyMatch(m -> m.kind() == MotionAnswer.Kind.CHECK);
        assertThat(heron.checked("anvil-squall").motion())
                .isNotEmpty()
                .noneMatch(m -> m.kind() == MotionAnswer.Kind.CHECK);
        var body = new LinkedHashMap<>(heron.document().body());
        body.remove("checked");
        assertThatThrownBy(() -> CallReader.read(CallDocument.of(Document.of(body)), 0, Snaps.LIBRARY.vocabulary()))
                .hasMessageContaining("lacks the call \"anvil-squall\"");
    }

    /** A check that hangs on a split nobody marked: told, not passed over. */
    @Test
    void aCheckNobodyCanDecideIsAFindingAndTheCallStands() {
        Call asked = Snaps.LIBRARY.call("anvil-drizzle");
        var body = new LinkedHashMap<>(asked.document().body());
        body.put("checks", List.of("when plus split on either side: check anvil-fog, mike"));
        Call call = CallReader.read(
                CallAssembly.whole(Document.of(body), (kinds, id) -> Snaps.LIBRARY.named(kinds, id)),
                0,
                Snaps.LIBRARY.vocabulary());
        Snap known = Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 | hs l 50 1&10");
        Snap blind = new Snap(
                known.phases(),
                known.field(),
                known.situation(),
                known.declared(),
                known.shift(),
                known.pace(),
                Set.of(Feature.PLUS));
        Lineup told = Lineup.of(call, blind);
        assertThat(told.check()).isNull();
        assertThat(told.open())
                .singleElement()
                .satisfies(o -> assertThat(o.missing()).containsExactly(Feature.PLUS));
        assertThat(Audit.of(told))
                .filteredOn(f -> f.evidence() instanceof Evidence.CannotTell)
                .singleElement()
                .satisfies(f -> assertThat(f.evidence().reason()).contains("check anvil-fog"));
        assertThat(Lineup.of(call, known).open()).isEmpty();
    }

    @Test
    void aTradeReseatsTheFrontAndChangesTheJobsOfTheMenWhoHoldTheirSeats() {
        Lineup before = Lineup.of(DRIZZLE, trade().before());
        Lineup after = Lineup.of(DRIZZLE, trade());
        for (String role : List.of("end-call", "tackle", "mike")) {
            assertThat(after.job(role).seat()).isEqualTo(Side.LEFT);
        }
        for (String role : List.of("end-away", "nose", "will")) {
            assertThat(after.job(role).seat()).isEqualTo(Side.RIGHT);
        }
        Job weak = after.job("weak");
        assertThat(weak.seat()).isEqualTo(Side.LEFT);
        assertThat(weak.feet().x()).isCloseTo(-7.0, within(0.005));
        assertThat(weak.after().run().orNull().words()).isEqualTo("D gap, force");
        assertThat(weak.before().key().orNull().words()).startsWith("tight end");
        assertThat(after.job("nickel").feet().x()).isCloseTo(5.67, within(0.005));
        List<Change> changes = Change.between(before, after);
        assertThat(changes)
                .filteredOn(c ->
                        c.is().role().id().equals("free") || c.is().role().id().equals("corner"))
                .isEmpty();
        Change run = changes.stream()
                .filter(c -> c.is().id().equals("weak") && c.part() == Part.RUN)
                .findFirst()
                .orElseThrow();
        assertThat(run.because())
                .extracting(f -> f.feature() + " " + f.side() + " " + f.answer())
                .containsExactly("TIGHT_END LEFT YES");
    }

    @Test
    void staysCostIsTheUnownedGapOnTheNewSide() {
        Lineup stayed = Lineup.of(answering("stay"), trade());
        assertThat(Audit.of(stayed)).anySatisfy(f -> {
            assertThat(f.check().id()).isEqualTo("gaps");
            assertThat(f.severity()).isEqualTo(Severity.BUST);
            assertThat(f.evidence().title()).contains("D gap left");
        });
        assertThat(Audit.of(Lineup.of(DRIZZLE, trade()))).noneMatch(f -> f.severity() == Severity.BUST);
    }

    /** Each answer shows a line-up that differs from the others on the same motion. */
    @ParameterizedTest
    @CsvSource({
        "bump,RIGHT,RIGHT,RIGHT",
        "'reseat mike, nickel',LEFT,LEFT,RIGHT",
        "travel nickel,RIGHT,LEFT,RIGHT",
        "rotate,RIGHT,RIGHT,RIGHT",
        "stay,RIGHT,RIGHT,RIGHT"
    })
    void answersDecideTheSeats(String answer, Side mike, Side nickel, Side free) {
        Lineup after = Lineup.of(answering(answer), trade());
        assertThat(after.job("mike").seat()).isEqualTo(mike);
        assertThat(after.job("nickel").seat()).isEqualTo(nickel);
        assertThat(after.job("free").seat()).isEqualTo(free);
        assertThat(after.answer().words()).isEqualTo(answer);
    }

    /** Safeties stay on their sides and exchange jobs; nobody crosses the formation. */
    @Test
    void safetiesWhoRotateStayOnTheirSidesAndTakeEachOthersSeats() {
        Lineup before = Lineup.of(DRIZZLE, trade().before());
        Lineup after = Lineup.of(answering("rotate"), trade());
        for (String role : List.of("free", "weak")) {
            assertThat(after.job(role).seat()).isEqualTo(before.job(role).seat());
            assertThat(after.job(role).cover()).isNotEqualTo(before.job(role).cover());
        }
        assertThat(after.job("free").passTask().words()).isEqualTo("curl-flat");
        assertThat(after.job("weak").passTask().words()).isEqualTo("deep middle third");
        for (String call : List.of("anvil-fog", "anvil-frost", "anvil-sleet", "anvil-thaw")) {
            for (String formation : List.of("doubles-open", "doubles-gun", "trips-open")) {
                var snap = Snaps.LIBRARY.formation(formation).snap("across", false, "hs m 50 1&10");
                Lineup crossed = Lineup.of(Snaps.LIBRARY.call(call), snap);
                Lineup set = Lineup.of(Snaps.LIBRARY.call(call), snap.before());
                for (String role : List.of("free", "weak")) {
                    assertThat(crossed.job(role).seat())
                            .as("%s %s %s", call, formation, role)
                            .isEqualTo(set.job(role).seat());
                }
            }
        }
    }

    /** A strength that only the back decides does not send anybody across when he moves. */
    @Test
    void aBackWhoChangesSidesMovesNobody() {
        for (Call call : Snaps.LIBRARY.calls()) {
            if (call.front().players() != 11 || !call.meantFor().contains("doubles-open")) {
                continue;
            }
            var snap = Snaps.LIBRARY.formation("doubles-open").snap("back", false, "hs m 50 1&10");
            Lineup after = Lineup.of(call, snap);
            Lineup set = Lineup.of(call, snap.before());
            assertThat(after.sides().cover().side())
                    .isEqualTo(set.sides().cover().side());
            assertThat(Audit.of(after)).noneMatch(f -> f.check().id().equals("way") && f.severity() != Severity.NOTE);
        }
    }

    /** The line does not cross the formation because a receiver does; the front's words stay with its men. */
    @Test
    void theFrontStaysWhenAReceiverCrosses() {
        for (Call call : Snaps.LIBRARY.calls()) {
            if (call.front().players() != 11 || !call.meantFor().contains("doubles-open")) {
                continue;
            }
            var snap = Snaps.LIBRARY.formation("doubles-open").snap("across", false, "hs m 50 1&10");
            Lineup set = Lineup.of(call, snap.before());
            Lineup.of(call, snap).jobs().stream()
                    .filter(j -> j.role().lineman())
                    .forEach(j -> assertThat(j.seat())
                            .as("%s %s", call.ref().id(), j.id())
                            .isEqualTo(set.job(j.id()).seat()));
        }
    }

    /** Who answers nothing bumps; but three receivers who come together take the coverage with them. */
    @ParameterizedTest
    @CsvSource({
        "doubles-gun,across,RIGHT,RIGHT",
        "doubles-open,across,RIGHT,LEFT",
        "doubles-stack,across,RIGHT,LEFT",
        "doubles-open,back,LEFT,LEFT",
        "empty-3x2,across,RIGHT,RIGHT"
    })
    void withoutAnAnswerTheCoverageGoesWithThreeReceivers(String formation, String motion, Side nickel, Side before) {
        Call silent = Snaps.LIBRARY.compose(CallAssembly.named("silent", "Silent", List.of("anvil", "drizzle")));
        var snap = Snaps.LIBRARY.formation(formation).snap(motion, false, "hs m 50 1&10");
        assertThat(Lineup.of(silent, snap.before()).job("nickel").seat()).isEqualTo(before);
        Lineup after = Lineup.of(silent, snap);
        assertThat(after.job("nickel").seat()).isEqualTo(nickel);
        for (String safety : List.of("free", "weak")) {
            assertThat(after.job(safety).seat())
                    .as("%s stays on his side", safety)
                    .isEqualTo(Lineup.of(silent, snap.before()).job(safety).seat());
        }
    }

    @Test
    void bumpAndStayDifferInTheJobs() {
        assertThat(Lineup.of(answering("bump"), trade())
                        .job("weak")
                        .after()
                        .run()
                        .orNull()
                        .words())
                .isEqualTo("D gap, force");
        assertThat(Lineup.of(answering("stay"), trade())
                        .job("weak")
                        .after()
                        .run()
                        .orNull()
                        .words())
                .isEqualTo("outside, force");
    }

    @ParameterizedTest
    @CsvSource({
        "pro-i,short,MOTION_SHORT",
        "pro-i,trade,MOTION_TRADE",
        "trips-open,back,MOTION_BACK",
        "doubles-gun,trade,MOTION_TRADE"
    })
    void theKindOfMotionIsDerivedFromWhereMenStand(String formation, String motion, Feature kind) {
        Snap snap = Snap.of(
                Snaps.LIBRARY.formation(formation).phases(motion), trade().field(), trade().situation(), Side.RIGHT);
        Lineup lineup = Lineup.of(DRIZZLE, snap);
        assertThat(lineup.features().ask(kind, Side.LEFT)).isEqualTo(Answer.YES);
    }

    /**
     * A check puts another call in force on the picture after the motion; a check before the snap names who makes it.
     */
    @Test
    void checkAnswersWithAnotherCallAltogether() {
        Call checks = Snaps.LIBRARY.compose(CallAssembly.named("checks", "Checks", List.of("anvil", "drizzle"))
                .with("motion", List.of("when motion trade: check anvil-fog", "bump")));
        Lineup checked = Lineup.of(checks, trade());
        assertThat(checked.call().id()).isEqualTo("anvil-fog");
        assertThat(checked.answer().words()).isEqualTo("when motion trade: check anvil-fog");
        assertThat(checked.jobs())
                .as("as that call itself answers the trade")
                .isEqualTo(Lineup.of(Snaps.LIBRARY.call("anvil-fog"), trade()).jobs());
        assertThat(checked.job("mike").seat()).isEqualTo(Side.LEFT);
        assertThat(Lineup.of(answering("bump"), trade()).job("mike").seat()).isEqualTo(Side.RIGHT);
    }

    /** A jet leaves the defence less time than a walk across: the same way, another speed. */
    @Test
    void aFasterMotionLeavesLessTime() {
        Call call = Snaps.LIBRARY.call("anvil-fog");
        Snap jet = Snaps.LIBRARY.formation("doubles-gun").snap("jet", false, "hs m 50 1&10");
        assertThat(jet.pace()).isEqualTo(7);
        double fast = WayAbility.of(Lineup.of(call, jet)).orElseThrow().seconds();
        double usual =
                WayAbility.of(Lineup.of(call, jet.moving(0))).orElseThrow().seconds();
        assertThat(fast).isCloseTo(usual * 4.5 / 7, within(1e-9));
        assertThat(jet.mirror().pace()).isEqualTo(7);
    }
}
