package mensch.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.Severity;
import mensch.core.audit.Subject;
import mensch.core.call.Call;
import mensch.core.call.Layer;
import mensch.core.convention.Gait;
import mensch.core.document.DocumentRef;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.FlagRun;
import mensch.core.roster.Roster;
import mensch.core.rung.Area;
import mensch.core.rung.Ladder;
import mensch.core.rung.RungId;
import mensch.core.rung.RungReader;
import mensch.core.sheet.PlaySheet;
import mensch.core.sheet.PlaySheetMaker;
import mensch.core.sheet.SheetMaker;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Reference cases of small-sided flag that a line-up answers before the snap, mirrored too. */
class FlagCasesTest {
    private static final String FIVE = "C0 QB0/5 X-11 Z11 Y6/1 | flag5 m 30 1&10";

    private static List<String> busts(Call call, String line) {
        Snap snap = Notation.snap(line);
        List<String> found = titles(Lineup.of(call, snap), Severity.BUST);
        assertThat(titles(Lineup.of(call, snap.mirror()), Severity.BUST)).hasSameSizeAs(found);
        return found;
    }

    private static List<String> titles(Lineup lineup, Severity severity) {
        return Audit.of(lineup).stream()
                .filter(f -> f.severity() == severity)
                .map((Finding f) -> f.evidence().title())
                .toList();
    }

    private static double gain(Call call, String run, Side side) {
        return FlagRun.of(
                        Lineup.of(call, Notation.snap(FIVE)),
                        Snaps.LIBRARY.plays().runs().stream()
                                .filter(r -> r.id().equals(run))
                                .findFirst()
                                .orElseThrow(),
                        side)
                .orElseThrow()
                .gain();
    }

    private static List<Finding> pulls(Call call) {
        return Audit.of(new Subject(Lineup.of(call, Notation.snap(FIVE)), Snaps.LIBRARY.plays(), List.of())).stream()
                .filter(f -> f.check().id().equals("pull"))
                .toList();
    }

    /**
     * A reverse goes until the first flag is pulled; the man near the ball makes the difference, and so does the edge.
     */
    @Test
    void aRunGoesUntilTheFirstPull() {
        double base = gain(Snaps.LIBRARY.call("tack-dawn"), "flag-reverse", Side.RIGHT);
        double back = gain(Snaps.hand("tack-dawn", "up", "align stack centre @ 5"), "flag-reverse", Side.RIGHT);
        double open = gain(
                Snaps.hand("tack-dawn", Map.of("up", "align stack centre @ 5", "wing", "align landmark middle @ 9")),
                "flag-reverse",
                Side.RIGHT);
        assertThat(base).isBetween(0.0, 3.0);
        assertThat(back).isGreaterThanOrEqualTo(base);
        assertThat(open).isGreaterThan(back);
        assertThat(pulls(Snaps.LIBRARY.call("tack-dawn"))).singleElement().satisfies(f -> {
            assertThat(f.severity()).isEqualTo(Severity.FACT);
            assertThat(f.evidence().reason()).contains("Flag reverse to the right");
        });
    }

    /** The board lists runs of small-sided football as it lists others, and shows their ball and who is there first. */
    @Test
    void theBoardHasItsRuns() {
        Lineup lineup = Lineup.of(Snaps.LIBRARY.call("tack-dawn"), Notation.snap(FIVE));
        var maker = new PlaySheetMaker(Snaps.LIBRARY.plays());
        assertThat(maker.of(lineup, List.of()).runs())
                .extracting(PlaySheet.RunLine::id)
                .contains("flag-reverse")
                .allMatch(id -> id.startsWith("flag-"));
        PlaySheet.RunSheet sheet = maker.run(lineup, "flag-reverse", Side.RIGHT).orElseThrow();
        assertThat(sheet.blocks()).isEmpty();
        assertThat(sheet.free())
                .singleElement()
                .satisfies(f -> assertThat(f.seconds()).isGreaterThan(1));
        assertThat(sheet.ball()).contains(sheet.point());
        assertThat(maker.run(lineup, "power", Side.RIGHT)).isEmpty();
    }

    /** An edge that is nobody's zone and that nobody but the last man reaches is told as weak. */
    @Test
    void anEdgeLeftToTheLastManIsWeak() {
        Call call = Snaps.hand(
                "tack-dawn",
                Map.of(
                        "up", "align landmark middle @ 9; reads zone-home",
                        "middle", "align landmark middle @ 9.6; pass hole",
                        "wing", "align landmark middle @ 10.2; pass hole",
                        "deep", "align landmark 3 inside sideline @ 10.5"));
        assertThat(pulls(call))
                .anyMatch(f ->
                        f.severity() == Severity.WEAK && f.evidence().title().endsWith("is left to the last man."));
    }

    /**
     * Small-sided football has plays of its own: no eleven-man play meets it, and none of its plays meets eleven men.
     */
    @Test
    void eachGameHasItsOwnPlays() {
        var flag = new Subject(
                Lineup.of(Snaps.LIBRARY.call("tack-dawn"), Notation.snap(FIVE)), Snaps.LIBRARY.plays(), List.of());
        assertThat(flag.passes()).isNotEmpty().allMatch(d -> d.pass().id().startsWith("flag-"));
        var eleven = new Subject(
                Lineup.of(
                        Snaps.LIBRARY.call("anvil-drizzle"),
                        Snaps.LIBRARY.formation("doubles-open").snap(null, false, "hs m 50 1&10")),
                Snaps.LIBRARY.plays(),
                List.of());
        assertThat(eleven.passes()).noneMatch(d -> d.pass().id().startsWith("flag-"));
        assertThat(eleven.runs()).noneMatch(b -> b.run().id().startsWith("flag-"));
    }

    @ParameterizedTest
    @CsvSource({"6,true", "6.9,true", "7,false", "9,false"})
    void fl01ARusherStandsAtTheRushLineOrBehindIt(String depth, boolean illegal) {
        assertThat(busts(Snaps.hand("tack-sparrow", "up", "align stack centre @ " + depth), FIVE)
                        .contains("up rushes from inside the rush line."))
                .isEqualTo(illegal);
    }

    /** The league draws the line, the width and how many may rush. */
    @Test
    void theLeagueProfileDecidesWhoRushesLegallyAndHowWideAnAreaIs() {
        Library five = Snaps.LIBRARY.choosing(Map.of("flag-rush-line", "five", "flag-rushers", "one"));
        var near = RungReader.read(new RungId("hand", "up", "now"), "align stack centre @ 6", five.vocabulary());
        Call fromSix = five.call("tack-sparrow")
                .under(new Layer(
                        Layer.Kind.HAND, new DocumentRef("hand", 0, ""), Map.of("up", new Ladder(List.of(near)))));
        assertThat(busts(fromSix, FIVE)).isEmpty();
        var second = RungReader.read(
                new RungId("hand", "middle", "now"), "align stack centre @ 8; pass rush", five.vocabulary());
        Call two = five.call("tack-sparrow")
                .under(new Layer(
                        Layer.Kind.HAND,
                        new DocumentRef("hand", 0, ""),
                        Map.of("middle", new Ladder(List.of(second)))));
        assertThat(busts(two, FIVE)).contains("2 rush, the league lets 1.");
        assertThat(busts(Snaps.hand("tack-sparrow", "middle", "align stack centre @ 8; pass rush"), FIVE))
                .doesNotContain("2 rush, the league lets 1.");
        Lineup narrow = Lineup.of(Snaps.LIBRARY.call("tack-dawn"), Notation.snap(FIVE.replace("flag5", "flag5n")));
        assertThat(AreaLedger.of(narrow).rows().stream()
                        .filter(r -> r.area() == Area.ACROSS)
                        .map(r -> r.extent().xMax() - r.extent().xMin()))
                .allSatisfy(w -> assertThat(w).isCloseTo(25 / 3.0, within(1e-9)));
    }

    /** Thirty wide, three across: cones ten yards apart; one of them rushes: fifteen and fifteen. */
    @ParameterizedTest
    @CsvSource({"tack-dawn,'10.0 20.0'", "tack-siskin,15.0"})
    void conesMarkTheBordersOfTheAreas(String call, String across) {
        var sheet = new SheetMaker(Snaps.LIBRARY)
                .of(Lineup.of(Snaps.LIBRARY.call(call), Notation.snap(FIVE)), Roster.EMPTY);
        assertThat(sheet.cones().stream()
                        .filter(c -> c.depth() == 0)
                        .map(c -> String.valueOf(Math.round(c.fromLeft() * 10) / 10.0))
                        .toList())
                .containsExactly(across.split(" "));
        assertThat(new SheetMaker(Snaps.LIBRARY)
                        .of(
                                Lineup.of(
                                        Snaps.LIBRARY.call("anvil-fog"),
                                        Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 | hs m 50 1&10")),
                                Roster.EMPTY)
                        .cones())
                .isEmpty();
    }

    @Test
    void fl03AnUpManAtAYardMayNotBeTheRusher() {
        assertThat(busts(Snaps.hand("tack-dawn", "up", "pass rush"), FIVE))
                .contains("up rushes from inside the rush line.");
        assertThat(busts(Snaps.LIBRARY.call("tack-dawn"), FIVE)).isEmpty();
    }

    @Test
    void fl06APressureWithoutANamedRusherIsIncomplete() {
        assertThat(busts(Snaps.hand("tack-sparrow", "up", "pass spy quarterback"), FIVE))
                .contains("The pressure names no rusher.");
    }

    @Test
    void fl09ZoneIsAdvisedWhenManIsChosenAmongTheUneven() {
        assertThat(titles(Lineup.of(Snaps.LIBRARY.call("tack-noon"), Notation.snap(FIVE)), Severity.WEAK))
                .contains("Zone is advised here.");
    }

    @Test
    void fl10NoWarningOnceMatchUpsAreVerified() {
        Library even = Snaps.LIBRARY.choosing(Map.of("flag-match-ups", "even"));
        assertThat(titles(Lineup.of(even.call("tack-noon"), Notation.snap(FIVE)), Severity.WEAK))
                .doesNotContain("Zone is advised here.");
    }

    @ParameterizedTest
    @CsvSource({"tack-dawn,3,10", "tack-siskin,2,15"})
    void fl13TheMenAcrossShareTheWidthWithoutAGapAndWhenOneRushesTheOthersSlide(String call, int men, double width) {
        Lineup lineup = Lineup.of(Snaps.LIBRARY.call(call), Notation.snap(FIVE));
        var across = AreaLedger.of(lineup).rows().stream()
                .filter(r -> r.area() == Area.ACROSS)
                .map(AreaLedger.Row::extent)
                .sorted((a, b) -> Double.compare(a.xMin(), b.xMin()))
                .toList();
        assertThat(across)
                .hasSize(men)
                .allSatisfy(e -> assertThat(e.xMax() - e.xMin()).isCloseTo(width, within(1e-9)));
        assertThat(across.get(0).xMin()).isEqualTo(-15);
        assertThat(across.get(men - 1).xMax()).isCloseTo(15, within(1e-9));
        for (int i = 1; i < men; i++) {
            assertThat(across.get(i).xMin()).isCloseTo(across.get(i - 1).xMax(), within(1e-9));
        }
    }

    @Test
    void countsEqualTheTeamAndElevenAreTooMany() {
        for (String call : List.of("tack-dawn", "nail-dawn", "rivet-dusk")) {
            int players = Snaps.LIBRARY.call(call).front().players();
            for (var formation : Snaps.LIBRARY.formationsFor(Snaps.LIBRARY.call(call))) {
                Lineup lineup = Lineup.of(
                        Snaps.LIBRARY.call(call), formation.snap(null, true, "flag" + players + " m 30 1&10"));
                assertThat(lineup.jobs()).hasSize(players);
                assertThat(titles(lineup, Severity.BUST)).isEmpty();
                assertThat(titles(lineup, Severity.NOTE))
                        .contains("Some rules of the audit do not apply to small-sided football.");
            }
        }
        assertThat(busts(Snaps.LIBRARY.call("anvil-fog"), FIVE)).contains("11 defenders.");
    }

    @Test
    void aDisguiseThatCostsMoreThanAQuickThrowIsToldWithYardsAndSeconds() {
        Call far = Snaps.hand("rivet-dusk", "deep", "show landmark 1 inside sideline @ 0.6; align deep half @ 14");
        Lineup lineup = Lineup.of(far, Snaps.LIBRARY.formation("flag-seven").snap(null, false, "flag7 m 30 1&10"));
        assertThat(Audit.of(lineup)).anySatisfy(f -> {
            assertThat(f.evidence().title()).startsWith("The disguise costs deep");
            assertThat(f.evidence().reason()).contains(" yd, ").contains(" s at his speed");
        });
        assertThat(titles(Lineup.of(Snaps.LIBRARY.call("rivet-dusk"), lineup.snap()), Severity.WEAK))
                .noneMatch(t -> t.startsWith("The disguise"));
    }

    /**
     * Against the handbook's table of a receiver of nearly the same clock: 10 yd in about 1.95 s, 20 yd in about 3.2 s.
     */
    @Test
    void theClockOfARunningManAgreesWithTheTradesFigures() {
        var receiver = new Gait(8.6, 0.75, 0.10);
        assertThat(receiver.time(10)).isCloseTo(1.95, within(0.06));
        assertThat(receiver.time(20)).isCloseTo(3.2, within(0.06));
        assertThat(receiver.time(0)).isZero();
        assertThat(receiver.distance(receiver.time(8))).isCloseTo(8, within(0.01));
    }

    @Test
    void aFlagFieldHasNoPaintedMarksAndASpotOffItIsRefused() {
        assertThat(Notation.print(Notation.snap(FIVE))).isEqualTo("X-11 C0 QB0/5 Y6/1 Z11 | flag5 m 30 1&10");
        assertThatThrownBy(() -> Notation.snap(FIVE.replace(" m ", " 16 "))).hasMessageContaining("30.0 yd wide");
    }
}
