package mensch.core.lineup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.call.Layer;
import mensch.core.document.DocumentRef;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger.Row;
import mensch.core.rung.Gap;
import mensch.core.rung.Ladder;
import mensch.core.rung.RungId;
import mensch.core.rung.RungReader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sums that must come out: gaps per surface, zones across the field, men per eligible. */
class LedgerTest {
    private static final Call DRIZZLE = Snaps.LIBRARY.call("anvil-drizzle");

    private static Call with(String role, String sentence) {
        var rung = RungReader.read(new RungId("hand", role, "now"), sentence, Snaps.LIBRARY.vocabulary());
        return DRIZZLE.under(
                new Layer(Layer.Kind.HAND, new DocumentRef("hand", 0, ""), Map.of(role, new Ladder(List.of(rung)))));
    }

    /** With an unbalanced line the gap between ball and middle man is no gap "left" when it lies right of the ball. */
    @Test
    void aGapIsSaidOnTheSideOfTheBallOnWhichItLies() {
        for (boolean mirrored : new boolean[] {false, true}) {
            var snap = Snaps.LIBRARY.formation("unbalanced-heavy").snap(null, mirrored, "hs m 50 1&10");
            GapLedger ledger = GapLedger.of(Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap));
            assertThat(ledger.rows())
                    .allMatch(r -> Math.abs(r.at().x()) < 1e-9 || r.said().contains(r.at().x() < 0 ? "left" : "right"));
            assertThat(ledger.rows()).extracting(GapLedger.Row::said).doesNotHaveDuplicates();
            assertThat(ledger.rows())
                    .filteredOn(r -> r.said().contains("next to the ball"))
                    .hasSize(1);
        }
    }

    @Test
    void aSideHasOneGapMoreThanMenBeyondTheCentre() {
        for (Snap snap : Snaps.grid()) {
            Lineup lineup = Lineup.of(DRIZZLE, snap);
            int men = 0;
            for (var side : Side.values()) {
                men += Gap.count(lineup.features().shape().flank(side));
            }
            assertThat(GapLedger.of(lineup).rows()).hasSize(men);
            var xs = GapLedger.of(lineup).rows().stream().map(r -> r.at().x()).toList();
            assertThat(xs).isSorted().doesNotHaveDuplicates();
        }
    }

    @Test
    void underneathZonesCoverTheFieldFromSidelineToSidelineWithoutAGap() {
        for (Snap snap : Snaps.grid()) {
            List<Row> under = AreaLedger.of(Lineup.of(DRIZZLE, snap)).rows().stream()
                    .filter(r -> !r.area().deep())
                    .toList();
            double width = under.stream()
                    .mapToDouble(r -> r.extent().xMax() - r.extent().xMin())
                    .sum();
            assertThat(width).isCloseTo(160.0 / 3, within(1e-9));
            for (int i = 1; i < under.size(); i++) {
                assertThat(under.get(i).extent().xMin())
                        .isEqualTo(under.get(i - 1).extent().xMax());
            }
        }
    }

    @Test
    void deepThirdsShareTheFieldAndDoNotMoveWithTheHash() {
        for (String hash : List.of("l", "m", "r")) {
            Lineup lineup = Lineup.of(
                    DRIZZLE, Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 | hs " + hash + " 50 1&10"));
            var deep = AreaLedger.of(lineup).deep();
            assertThat(deep)
                    .hasSize(3)
                    .allSatisfy(r ->
                            assertThat(r.extent().xMax() - r.extent().xMin()).isCloseTo(160.0 / 9, within(1e-9)));
        }
    }

    @Test
    void everyEligibleManIsListedOnceAndZonesHoldWhomTheyFace() {
        for (Snap snap : Snaps.grid()) {
            Lineup lineup = Lineup.of(DRIZZLE, snap);
            var entries = EligibleLedger.of(lineup, AreaLedger.of(lineup)).entries();
            assertThat(entries).hasSize(5).allMatch(e -> !e.alone());
            assertThat(entries).extracting(e -> e.man().name()).doesNotHaveDuplicates();
        }
    }

    @Test
    void aManInManCoverageIsListedByName() {
        Lineup lineup =
                Lineup.of(with("nickel", "pass man #2"), Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7"));
        var end = EligibleLedger.of(lineup, AreaLedger.of(lineup)).entries().stream()
                .filter(e -> e.man().name().equals("TE"))
                .findFirst()
                .orElseThrow();
        assertThat(end.number()).isEqualTo("#2 right");
        assertThat(end.byMan()).extracting(Job::id).containsExactly("nickel");
    }

    @Test
    void aTwoGapperStandsInForBothGapsBesideHisMan() {
        Lineup lineup = Lineup.of(
                with("nose", "align 2 technique; run two-gap"),
                Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7"));
        var rows = GapLedger.of(lineup).rows().stream()
                .filter(r -> r.twoGappers().stream().anyMatch(j -> j.id().equals("nose")))
                .map(r -> r.gap().words())
                .toList();
        assertThat(rows).containsExactly("B gap left", "A gap left");
    }

    @ParameterizedTest
    @CsvSource({
        "align outside end man 0.9 x 6,7",
        "align outside end man 1.1 x 6,6",
        "align outside end man 0.5 x 6.5,6",
        "align gap D @ 6,7"
    })
    void theBoxEndsOneYardOutsideAnEndAndSixDeep(String sentence, int box) {
        Lineup lineup = Lineup.of(with("nickel", sentence), Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7"));
        assertThat(BoxCount.of(lineup).box()).hasSize(box);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        mike   | pass man #3 else hole            | hole
        mike   | pass man #3 else man #2 else hole | man #2 else hole
        will   | pass replace weak                | curl-flat
        nickel | pass man #1                      | man #1
        """)
    void elseAndReplaceAreResolvedToTheTaskThatHolds(String role, String sentence, String words) {
        Lineup lineup = Lineup.of(with(role, sentence), Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7"));
        assertThat(lineup.job(role).after().pass().orNull().words()).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        mike   | align stack nose @ 4    | -0.93
        will   | align mirror mike       | -0.67
        nickel | align over #1, inside, 0.5 x 5 | 13.5
        free   | align landmark 1 outside hash @ 12 | 9.89
        weak   | align gap A other side @ 5 | 0.67
        """)
    void phrasesMayLeanOnOtherDefendersAndOtherSides(String role, String sentence, double x) {
        Lineup lineup = Lineup.of(with(role, sentence), Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7"));
        assertThat(lineup.job(role).feet().x()).isCloseTo(x, within(0.005));
    }

    @Test
    void twoMenWhoLeanOnEachOtherHaveNoPlaceAndTheFindingNamesThem() {
        var mike =
                RungReader.read(new RungId("hand", "mike", "now"), "align stack will @ 4", Snaps.LIBRARY.vocabulary());
        var will =
                RungReader.read(new RungId("hand", "will", "now"), "align stack mike @ 4", Snaps.LIBRARY.vocabulary());
        Call circle = DRIZZLE.under(new Layer(
                Layer.Kind.HAND,
                new DocumentRef("hand", 0, ""),
                Map.of("mike", new Ladder(List.of(mike)), "will", new Ladder(List.of(will)))));
        Lineup lineup = Lineup.of(circle, Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7"));
        assertThat(lineup.job("mike").before().align()).isInstanceOf(Given.Nobody.class);
        assertThat(lineup.job("will").before().align()).isInstanceOf(Given.Nobody.class);
    }
}
