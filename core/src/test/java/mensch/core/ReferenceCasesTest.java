package mensch.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import mensch.core.audit.Audit;
import mensch.core.audit.Severity;
import mensch.core.call.Call;
import mensch.core.document.Document;
import mensch.core.formation.Formation;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.front.Role.Body;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Change;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Given;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.RushCount;
import mensch.core.rung.Task;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Reference cases that a line-up, its ledgers and its findings answer before the snap; every one mirrored and on three
 * hashes.
 */
class ReferenceCasesTest {
    private static final String PRO = "ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7";
    private static final String TWO_BY_TWO = "ol2 TE4 Z16/1.5 H-9/1.5 X-17 QB0/5 TB-1.6/5";
    private static final String TRIPS = "ol2 X-16 Z19 Y12/1.5 H7/1.5 QB0/5 TB-1.6/5";
    private static final String EMPTY = "ol2 Z17 Y12/1.5 H7/1.5 X-17 F-9/1.5 QB0/5";
    private static final String GOAL = "ol1 TE3 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/6";
    private static final String HASHES = "l,m,r";

    /** A line-up looked at from the offence that was written: in the mirrored one sides and x are turned back. */
    private record Seen(Lineup lineup, boolean mirrored) {
        Job job(String id) {
            String turned = id.endsWith("-left")
                    ? id.replace("-left", "-right")
                    : id.endsWith("-right") ? id.replace("-right", "-left") : id;
            return lineup.job(mirrored ? turned : id);
        }

        Side side(String id) {
            return mirrored ? job(id).seat().opposite() : job(id).seat();
        }

        Point feet(String id) {
            return mirrored ? job(id).feet().mirror() : job(id).feet();
        }

        String align(String id) {
            return job(id).before().align().orNull().phrase().words();
        }

        String run(String id) {
            return job(id).after().run().orNull().words();
        }

        String pass(String id) {
            return job(id).after().pass().orNull().words();
        }

        String key(String id) {
            return job(id).before().key().orNull().words();
        }

        List<String> titles(Severity severity) {
            return Audit.of(lineup).stream()
                    .filter(f -> f.severity() == severity)
                    .map(f -> f.evidence().title())
                    .toList();
        }
    }

    private static List<Seen> seen(String call, String men, String spot) {
        return seen(Snaps.LIBRARY.call(call), men, spot);
    }

    private static List<Seen> seen(Call call, String men, String spot) {
        var all = new ArrayList<Seen>();
        for (String hash : HASHES.split(",")) {
            Snap snap = Notation.snap(men + " | hs " + hash + " " + spot);
            all.add(new Seen(Lineup.of(call, snap), false));
            all.add(new Seen(Lineup.of(call, snap.mirror()), true));
        }
        return all;
    }

    private static List<Seen> after(String call, String men, String spot, String step) {
        var all = new ArrayList<Seen>();
        for (String hash : HASHES.split(",")) {
            Snap set = Notation.snap(men + " | hs " + hash + " " + spot);
            Snap moved = set.then(Notation.step(set.formation(), step)).shifted();
            all.add(new Seen(Lineup.of(Snaps.LIBRARY.call(call), moved), false));
            all.add(new Seen(Lineup.of(Snaps.LIBRARY.call(call), moved.mirror()), true));
        }
        return all;
    }

    @Test
    void ev01TackleMikeNickelAndFreeSafetySetToTheStrength() {
        for (Seen s : seen("anvil-drizzle", PRO, "50 1&10")) {
            assertThat(List.of("tackle", "mike", "nickel", "free")).allMatch(r -> s.side(r) == Side.RIGHT);
            assertThat(s.run("mike")).isEqualTo("A gap");
        }
    }

    @Test
    void ev04TheEndOnTheTightEndIsASevenInCTheOtherAFive() {
        for (Seen s : seen("anvil-drizzle", PRO, "50 1&10")) {
            assertThat(s.align("end-call")).isEqualTo("7 technique");
            assertThat(s.run("end-call")).isEqualTo("C gap");
            assertThat(s.feet("end-call").x()).isBetween(3.4, 4.0);
            assertThat(s.align("end-away")).isEqualTo("5 technique");
        }
    }

    @Test
    void ev06TheNoseIsAwayFromTheThreeTechniqueInTheAGap() {
        for (Seen s : seen("anvil-drizzle", PRO, "50 1&10")) {
            assertThat(s.side("nose")).isEqualTo(Side.LEFT).isNotEqualTo(s.side("tackle"));
            assertThat(s.align("nose")).isEqualTo("2i technique");
            assertThat(s.run("nose")).isEqualTo("A gap");
        }
    }

    @ParameterizedTest
    @CsvSource({"anvil-trout,nose,B gap,A gap", "anvil-pike,end-away,B gap,C gap"})
    void ev09AMoveThatClosesTheOpenGapMakesTheWeakBackerExchange(
            String call, String mover, String closed, String exchanged) {
        for (Seen s : seen(call, PRO, "50 1&10")) {
            assertThat(s.run(mover)).isEqualTo(closed);
            assertThat(s.run("will")).isEqualTo(exchanged);
            assertThat(GapLedger.of(s.lineup()).rows()).allMatch(r -> r.owners().size() == 1);
        }
        Call without = Snaps.hand(call, "will", "run B gap");
        for (Seen s : seen(without, PRO, "50 1&10")) {
            assertThat(s.titles(Severity.BUST))
                    .as("the checker demands the exchange")
                    .anyMatch(t -> t.startsWith("Nobody has the " + exchanged));
        }
    }

    @Test
    void ev10ATwistOfTackleAndEndExchangesBAndCAndLeavesTheBackers() {
        List<Seen> twist = seen("anvil-eel", PRO, "50 1&10");
        List<Seen> base = seen("anvil-fog", PRO, "50 1&10");
        for (int i = 0; i < twist.size(); i++) {
            assertThat(twist.get(i).run("end-call")).isEqualTo("B gap");
            assertThat(twist.get(i).run("tackle")).isEqualTo("C gap");
            for (String backer : List.of("mike", "will")) {
                assertThat(twist.get(i).run(backer)).isEqualTo(base.get(i).run(backer));
            }
        }
    }

    @Test
    void ev22ManFreeWithTheWeakBackerOffTheEdge() {
        for (Seen s : seen("anvil-heron", TWO_BY_TWO, "50 1&10")) {
            assertThat(List.of(s.pass("corner-left"), s.pass("corner-right"))).containsOnly("man #1");
            assertThat(s.side("nickel")).isEqualTo(Side.RIGHT);
            assertThat(s.pass("nickel")).startsWith("man #2");
            assertThat(s.pass("weak")).isEqualTo("man #2");
            assertThat(s.pass("mike")).isEqualTo("man back");
            assertThat(s.pass("free")).isEqualTo("deep middle third");
            RushCount count = RushCount.of(s.lineup());
            assertThat(count.rushers()).hasSize(5);
            assertThat(count.cover().stream().filter(j -> j.passTask() instanceof Task.ManOn))
                    .hasSize(5);
        }
    }

    @Test
    void ev24ZeroBringsTheFreeSafetyDownOnTheBack() {
        for (Seen s : seen("anvil-thunder", TWO_BY_TWO, "50 1&10")) {
            assertThat(s.pass("free")).isEqualTo("man back");
            RushCount count = RushCount.of(s.lineup());
            assertThat(count.rushers()).hasSize(6);
            assertThat(count.cover()).hasSize(5).allMatch(j -> j.passTask() instanceof Task.ManOn);
        }
    }

    @Test
    void ev25AgainstTripsTheRuleGivesTheWeakSafetyNobodyAndTheAppSaysSo() {
        for (Seen s : seen("anvil-thunder", TRIPS, "50 1&10")) {
            assertThat(s.pass("free")).isEqualTo("man #3");
            assertThat(s.job("weak").after().pass()).isInstanceOf(Given.Nobody.class);
            assertThat(s.titles(Severity.BUST)).contains("weak safety: rule gives nobody for pass.");
        }
        for (Seen s : seen(Snaps.hand("anvil-thunder", "weak", "pass man back"), TRIPS, "50 1&10")) {
            assertThat(s.titles(Severity.BUST)).as("once the coach confirms").isEmpty();
        }
    }

    @Test
    void ev27SixRushersOwnTheSixInteriorGaps() {
        for (Seen s : seen("anvil-thunder", PRO, "50 1&10")) {
            var rushers = RushCount.of(s.lineup()).rushers();
            assertThat(GapLedger.of(s.lineup()).rows().stream()
                            .filter(r -> r.gap().index() < 3))
                    .hasSize(6)
                    .allMatch(r -> r.owners().size() == 1
                            && rushers.contains(r.owners().get(0)));
            assertThat(s.run("mike")).isEqualTo("A gap");
            assertThat(s.run("will")).isEqualTo("B gap");
        }
    }

    @Test
    void ev28WithBothEdgesComingTheFreeSafetyReplacesTheNickel() {
        for (Seen s : seen("anvil-owl", TWO_BY_TWO, "50 1&10")) {
            assertThat(s.job("free").passTask().words()).startsWith("man #2");
            assertThat(s.pass("mike")).isEqualTo("man back");
        }
        for (Seen s : seen(
                Snaps.hand("anvil-owl", "free", "align landmark middle @ 12; pass deep middle third"),
                TWO_BY_TWO,
                "50 1&10")) {
            assertThat(s.lineup().jobs())
                    .as("nobody is left on the nickel's man")
                    .noneMatch(j -> j.passTask() instanceof Task.ManOn on
                            && on.man().number() == 2
                            && j.seat() == s.lineup().sides().cover().side());
        }
    }

    @Test
    void ev30WalkingTheMiddleBackerOutChangesOneManBothEdgesChangeThreeOrMore() {
        Snap snap = Notation.snap(TWO_BY_TWO);
        Lineup zero = Lineup.of(Snaps.LIBRARY.call("anvil-thunder"), snap);
        assertThat(changed(zero, Lineup.of(Snaps.LIBRARY.call("anvil-owl"), snap)))
                .contains("nickel", "free", "mike")
                .hasSizeGreaterThanOrEqualTo(3);
        assertThat(changed(zero, Lineup.of(Snaps.LIBRARY.call("anvil-merlin"), snap)))
                .containsExactly("mike");
    }

    private static TreeSet<String> changed(Lineup one, Lineup other) {
        var men = new TreeSet<String>();
        Change.between(one, other).forEach(c -> men.add(c.is().id()));
        return men;
    }

    @Test
    void ev31AgainstEmptyTheMiddleBackerLeavesTheBoxAndTheMismatchIsTold() {
        for (Seen s : seen("anvil-heron", EMPTY, "50 1&10")) {
            assertThat(s.pass("mike")).isEqualTo("man #3");
            assertThat(s.align("mike")).startsWith("over #3");
            assertThat(RushCount.of(s.lineup()).rushers()).hasSize(5);
            assertThat(s.titles(Severity.NOTE)).anyMatch(t -> t.startsWith("mike has H"));
        }
    }

    @Test
    void tq01ABaseFourThreeIsFourThreeAndFourAndAnyOtherSumIsRefused() {
        var roles = Snaps.LIBRARY.call("chisel-drizzle").front().roles();
        assertThat(roles.stream().filter(r -> r.lineman())).hasSize(4);
        assertThat(roles.stream().filter(r -> r.body() == Body.LB)).hasSize(3);
        var body = new LinkedHashMap<>(
                Snaps.LIBRARY.named(List.of("front"), "chisel").orElseThrow().body());
        var fewer = new LinkedHashMap<>((Map<?, ?>) body.get("roles"));
        fewer.remove("sam");
        body.put("roles", fewer);
        assertThatThrownBy(() -> Snaps.LIBRARY.with(List.of(Document.of(body))))
                .hasMessageContaining("fill 10 places; eleven are needed");
    }

    @Test
    void tq10AStuntGivesEachSlanterANewGapAndTheLedgerIsAsked() {
        for (Seen s : seen("bellows-dace", PRO, "50 1&10")) {
            assertThat(List.of(s.run("end-call"), s.run("nose"), s.run("end-away")))
                    .containsExactly("C gap", "A gap call side", "B gap");
            assertThat(GapLedger.of(s.lineup()).rows()).allMatch(r -> r.owners().size() == 1);
        }
    }

    @Test
    void tq12ACallWithoutAnEmptyCheckIsWarnedAboutAndACheckNamesItsMaker() {
        for (Seen s : seen("anvil-thunder", EMPTY, "50 1&10")) {
            assertThat(s.lineup().check()).isNull();
            assertThat(s.titles(Severity.WEAK)).contains("No answer to empty.");
        }
        for (Seen s : seen("anvil-thunder", TWO_BY_TWO, "50 1&10")) {
            assertThat(s.titles(Severity.WEAK)).doesNotContain("No answer to empty.");
        }
        for (Seen s : seen("anvil-fog", EMPTY, "50 1&10")) {
            assertThat(s.titles(Severity.WEAK)).as("its rungs answer").doesNotContain("No answer to empty.");
        }
        for (Seen s : seen("anvil-breeze", EMPTY, "50 1&10")) {
            assertThat(s.lineup().check().maker()).isEqualTo("mike");
            assertThat(s.lineup().call().id()).isEqualTo("anvil-drizzle");
        }
    }

    @Test
    void tq13ARusherWhoMovesShowsOneGapAndRushesAnother() {
        for (Seen s : seen("anvil-eel", PRO, "50 1&10")) {
            for (RushCount.Rush rush : RushCount.of(s.lineup()).rushes()) {
                boolean mover =
                        List.of("end-call", "tackle").contains(rush.job().role().id());
                assertThat(rush.shown().equals(rush.rushed()))
                        .as(rush.job().id())
                        .isEqualTo(!mover);
            }
        }
    }

    @Test
    void sf01TheRobberStandsOverTheReadSideGuardAtEightToTen() {
        for (Seen s : seen("anvil-dew", PRO, "50 1&10")) {
            assertThat(s.side("free")).isEqualTo(Side.RIGHT);
            assertThat(s.feet("free").x()).isCloseTo(1.33, within(0.01));
            assertThat(s.job("free").before().align().orNull().region().yMin()).isEqualTo(8);
            assertThat(s.job("free").before().align().orNull().region().yMax()).isEqualTo(10);
            assertThat(s.job("free").before().stance().orNull()).isEqualTo("square");
        }
    }

    @Test
    void sf03TheWeakSafetyShowsTenAndIsAtSixAtTheSnap() {
        for (Seen s : seen("anvil-dew", PRO, "50 1&10")) {
            assertThat(s.align("weak")).isEqualTo("outside end man 3 x 6");
            assertThat(s.job("weak").before().show().orNull().phrase().words()).isEqualTo("outside end man 3 x 10");
        }
    }

    @Test
    void sf16BothSafetiesAimTwoYardsOutsideTheDeepestBackAtHisDepth() {
        Call call = Snaps.LIBRARY
                .with(List.of(Document.of(Map.of(
                        "format",
                        1,
                        "kind",
                        "call",
                        "id",
                        "rook",
                        "name",
                        "Rook",
                        "layers",
                        List.of("anvil", "fog", "rook")))))
                .call("rook");
        for (Seen s : seen(call, "ol2 TE4 Z15/1.5 H-9/1.5 X-16 QB0/1 TB0/7", "50 1&10")) {
            for (String safety : List.of("free", "weak")) {
                Job job = s.job(safety);
                Point aim = job.after()
                        .move()
                        .orNull()
                        .aim()
                        .in(s.lineup().view(job))
                        .orElseThrow();
                assertThat(aim.x()).isEqualTo(2.0 * job.seat().sign());
                assertThat(aim.y()).isEqualTo(-7);
            }
        }
    }

    @Test
    void sf24AgainstTwinsTheRobberSplitsTackleAndNumberTwoAtNine() {
        for (Seen s : seen("anvil-dew", "ol2.5 Z16 Y11/1.5 TE-4.5 QB0/1 FB0/4 TB0/7", "50 1&10")) {
            assertThat(s.feet("free").x()).isCloseTo(7.0, within(0.01));
            assertThat(s.feet("free").y()).isEqualTo(9);
            assertThat(s.key("free")).startsWith("ball");
        }
    }

    @ParameterizedTest
    @CsvSource({"3&7,6", "3&15,10", "3&10,9"})
    void sf40Sf42UnderMenStandInFrontOfTheLineToGainNeverDeeperThanTen(String situation, double depth) {
        for (Seen s : seen("anvil-thaw", TWO_BY_TWO, "50 " + situation)) {
            for (String under : List.of("nickel", "mike", "will", "corner-left", "corner-right")) {
                var cover = (Task.Cover) s.job(under).passTask();
                assertThat(cover.landmark(s.lineup().view(s.job(under))).y())
                        .as(under)
                        .isEqualTo(depth);
            }
            var half = (Task.Cover) s.job("free").passTask();
            assertThat(half.landmark(s.lineup().view(s.job("free"))).y()).isBetween(17.0, 19.0);
        }
    }

    @Test
    void sf43HalvesStandAtTwelveToFourteenOnAnOrdinaryDown() {
        for (Seen s : seen("anvil-fog", TWO_BY_TWO, "50 1&10")) {
            assertThat(List.of(s.feet("free").y(), s.feet("weak").y())).allMatch(y -> y >= 12 && y <= 14);
        }
    }

    @Test
    void gl01Gl03Gl04TheFiveThreeAgainstTheProI() {
        for (Seen s : seen("wedge-ice", GOAL, "3 1&3")) {
            assertThat(s.pass("free")).as("GL-01").isEqualTo("man tight end");
            assertThat(List.of(s.pass("corner-left"), s.pass("corner-right"))).containsOnly("man #1");
            assertThat(s.align("end-away")).as("GL-03").isEqualTo("5 technique");
            assertThat(s.align("tackle-away")).isEqualTo("3 technique");
            assertThat(s.key("will")).as("GL-04").startsWith("fullback");
            assertThat(s.key("sam")).startsWith("fullback");
            assertThat(s.key("mike")).isEqualTo("tailback then guard");
        }
    }

    @Test
    void gl10WithPowerExpectedTheEndIsTheFirstSpillerTheStackTheSecond() {
        for (Seen s : seen("wedge-nine", GOAL, "3 1&3")) {
            assertThat(s.align("end-call")).isEqualTo("9 technique");
            assertThat(s.run("end-call")).isEqualTo("D gap, spill");
            assertThat(s.run("sam")).isEqualTo("C gap, spill");
            assertThat(s.run("free")).isEqualTo("outside, force");
            assertThat(s.run("mike")).isEqualTo("alley");
        }
    }

    @Test
    void gl16AfterATradeTheSafetyTravelsAndTheStacksExchangeSpillAndForce() {
        List<Seen> before = seen("wedge-ice", GOAL, "3 1&3");
        List<Seen> after = after("wedge-ice", GOAL, "3 1&3", "TE-3 SE-15/1.5 FL14");
        for (int i = 0; i < after.size(); i++) {
            assertThat(before.get(i).run("sam")).isEqualTo("D gap, spill");
            assertThat(before.get(i).run("will")).isEqualTo("outside, force");
            assertThat(after.get(i).side("free")).isEqualTo(Side.LEFT);
            assertThat(after.get(i).run("free")).isEqualTo("outside, force");
            assertThat(after.get(i).run("sam")).as("right stack").isEqualTo("outside, force");
            assertThat(after.get(i).run("will")).as("left stack").isEqualTo("D gap, spill");
            assertThat(after.get(i).key("mike")).isEqualTo(before.get(i).key("mike"));
        }
    }

    @Test
    void gl19TheSafetyOwnsAnHBackWhoReplacesTheTightEnd() {
        for (Seen s : seen("wedge-ice", "ol1 H1.6/2 SE-15 FL14 QB0/1 FB0/4 TB0/6", "3 1&3")) {
            assertThat(s.pass("free")).isEqualTo("man H-back");
        }
    }

    @Test
    void hv01TheEndOfTheFiveThreeIsHeadUpOnTheTightEndInC() {
        for (Seen s : seen("wedge-ice", "ol1 TE3 U-3 QB0/1 FB0/4 TB0/6 W4.2/1.3", "1 1&1")) {
            assertThat(s.align("end-call")).isEqualTo("6 technique");
            assertThat(s.run("end-call")).isEqualTo("C gap");
        }
    }

    @Test
    void hv03TheSafetyOfTheGoalLineGoesWithAnEndInMotion() {
        List<Seen> before = seen("wedge-ice", "ol1 TE3 U-3 W4.2/1.3 QB0/1 FB0/3.5 TB0/6", "1 1&1");
        List<Seen> after = after("wedge-ice", "ol1 TE3 U-3 W4.2/1.3 QB0/1 FB0/3.5 TB0/6", "1 1&1", "W-4.2/1.3");
        for (int i = 0; i < after.size(); i++) {
            assertThat(before.get(i).side("free")).isEqualTo(Side.RIGHT);
            assertThat(after.get(i).side("free")).isEqualTo(Side.LEFT);
        }
    }

    @Test
    void ln01LaneDefendersStandAboutFiveOutsideTheirMen() {
        for (Seen s : seen("chisel-rime", "ol2 TE4 Z12/1.5 H-8/1.5 X-12 QB0/5 TB-1.6/5", "5 1&5")) {
            assertThat(s.align("corner-left")).isEqualTo("over #1, outside, 1 x 5");
            assertThat(s.align("corner-right")).isEqualTo("over #1, outside, 1 x 5");
            assertThat(s.align("free")).isEqualTo("over #2, outside, 1 x 5");
            assertThat(s.align("strong")).isEqualTo("outside end man 1 x 5");
            assertThat(s.lineup().jobs().stream()
                            .filter(j -> j.passTask() instanceof Task.Cover c
                                    && c.area().lane())
                            .map(j -> j.passTask().words())
                            .distinct())
                    .hasSize(7);
        }
    }

    @Test
    void ln03MotionToThreeReceiversMakesTheFarSafetyTravel() {
        for (Seen s : after("chisel-rime", "ol2 Z17 Y9/1.5 H-9/1.5 X-17 QB0/5 TB1.6/5", "5 1&5", "H7/1.5")) {
            assertThat(s.align("free")).isEqualTo("over #3 other side, outside, 1 x 5");
            assertThat(s.pass("free")).isEqualTo("lane 5");
            assertThat(List.of(s.pass("strong"), s.pass("corner-right"))).containsExactly("lane 6", "lane 7");
        }
    }

    @Test
    void ln07AVeryWideReceiverAllowsInsideLeverage() {
        Snap wide = Notation.snap("ol2 TE4 Z22.5/1.5 H-9/1.5 X-17 QB0/5 TB-1.6/5 | hs m 5 1&5");
        assertThat(Lineup.of(Snaps.LIBRARY.call("chisel-rime"), wide)
                        .job("corner-right")
                        .before()
                        .align()
                        .orNull()
                        .phrase()
                        .words())
                .isEqualTo("over #1, inside, 1 x 5");
    }

    @ParameterizedTest
    @CsvSource({"12,true", "8,true", "7,false", "5,false"})
    void ln10LanesAreWarnedAboutOutsideTheirRange(int toGoal, boolean warned) {
        for (Seen s : seen("chisel-rime", TWO_BY_TWO, toGoal + " 1&5")) {
            assertThat(s.titles(Severity.WEAK).contains("Goal-line lanes outside their range."))
                    .isEqualTo(warned);
        }
    }

    @Test
    void op01TheOptionCallAgainstTheGunWithTheBackToTheTwins() {
        for (Seen s : seen("bellows-shad", TWO_BY_TWO, "50 1&10")) {
            assertThat(List.of(s.align("end-call"), s.align("end-away"))).containsOnly("5 technique");
            assertThat(s.align("sam")).as("on the tight end").isEqualTo("9 technique");
            assertThat(s.align("jack")).as("in the window").isEqualTo("split tackle and #2 @ 5");
            assertThat(s.run("jack")).startsWith("none until quarterback crosses");
            assertThat(s.feet("will").y()).isEqualTo(4);
        }
    }

    @Test
    void op09NoSideFromAPistolBackNoReadFromUnderCentre() {
        for (Seen s : seen("bellows-shad", "ol2 TE4 Z16/1.5 H-9/1.5 X-17 QB0/4 TB0/7", "50 1&10")) {
            assertThat(s.titles(Severity.WEAK)).contains("The back gives no side.");
        }
        for (Seen s : seen("bellows-shad", "ol2 TE4 Z16/1.5 H-9/1.5 X-17 QB0/1 TB0/7", "50 1&10")) {
            assertThat(s.titles(Severity.WEAK)).contains("No read from under centre.");
        }
    }

    @Test
    void op10WhenTheBackChangesSidesTheDirectionFlips() {
        for (Seen s : after("bellows-shad", TWO_BY_TWO, "50 1&10", "TB1.6/5")) {
            assertThat(s.run("mike")).as("now the backer on the back's side").isEqualTo("A gap, quarterback");
            assertThat(s.run("will")).isEqualTo("C gap");
            assertThat(s.run("end-call")).isEqualTo("B gap, dive");
        }
    }

    @ParameterizedTest
    @CsvSource({"anvil-eel,4,7", "awl-blizzard,3,8"})
    void mv01Mv04RushersAndCover(String call, int rush, int cover) {
        for (Seen s : seen(call, "ol2 Z17 Y9/1.5 H-9/1.5 X-17 QB0/5 TB-1.6/5", "50 3&9")) {
            assertThat(RushCount.of(s.lineup()).rushers()).hasSize(rush);
            assertThat(RushCount.of(s.lineup()).cover()).hasSize(cover);
        }
    }

    @Test
    void tr04AZonePressureThatNobodyReplacesTheMiddleOfIsABust() {
        for (Seen s : seen("anvil-swift", TWO_BY_TWO, "50 1&10")) {
            assertThat(s.titles(Severity.BUST)).isEmpty();
        }
        for (Seen s : seen(Snaps.hand("anvil-swift", "will", "pass curl-flat"), TWO_BY_TWO, "50 1&10")) {
            assertThat(s.titles(Severity.BUST)).contains("Nobody replaces the middle.");
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void pa12AFreeDefenderBecomesTheHolePlayer(boolean mirrored) {
        Formation formation = Notation.formation("two backs", PRO);
        Snap snap = Notation.place(mirrored ? formation.mirror() : formation, "hs m 50 1&10");
        Call call = Snaps.hand("anvil-squall", "mike", "pass man #4 else hole");
        assertThat(Lineup.of(call, snap).job("mike").after().pass().orNull().words())
                .isEqualTo("hole");
    }
}
