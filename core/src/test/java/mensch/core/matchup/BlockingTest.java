package mensch.core.matchup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mensch.core.Snaps;
import mensch.core.formation.Man;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Blocking.Row;
import mensch.core.play.Run;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Who blocks whom, against the trade's own table; and what the ledger says of block, free man, gap and point. */
class BlockingTest {
    private static final String SPOT = "hs m 50 1&10";

    static Stream<String> cases() throws IOException {
        return Files.readAllLines(Path.of("../cases/blocks.txt")).stream()
                .filter(l -> !l.isBlank() && !l.startsWith("#"));
    }

    private static Run run(String id) {
        return Snaps.LIBRARY.plays().runs().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Snap snap(String formation, String motion, String spot) {
        return Snaps.LIBRARY.formation(formation).snap(motion, false, spot);
    }

    private static Blocking blocking(String call, Snap snap, String run, Side side) {
        return Blocking.of(Lineup.of(Snaps.LIBRARY.call(call), snap), run(run), side)
                .orElseThrow();
    }

    private static Row on(Blocking blocking, String job) {
        return blocking.rows().stream()
                .filter(r -> r.defender().id().equals(job))
                .findFirst()
                .orElse(null);
    }

    private static Set<String> names(Row row) {
        return new LinkedHashSet<>(row.blockers().stream().map(Man::name).toList());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void blocksAreTheTradesOwn(String line) {
        String[] cells = Arrays.stream(line.split("\\|")).map(String::trim).toArray(String[]::new);
        String[] where = cells[1].split(" ");
        Side side = Side.valueOf(where[1].toUpperCase(Locale.ROOT));
        Snap snap = snap(where[0], null, SPOT);
        check(cells, blocking(cells[0], snap, cells[2], side), false);
        check(cells, blocking(cells[0], snap.mirror(), cells[2], side.opposite()), true);
    }

    private static void check(String[] cells, Blocking blocking, boolean mirrored) {
        for (String fit : cells[3].split(";")) {
            String[] parts = Arrays.stream(fit.split(">")).map(String::trim).toArray(String[]::new);
            Row row = on(blocking, mirrored ? otherSide(parts[1]) : parts[1]);
            assertThat(row).as("%s: nobody blocks %s", cells[2], parts[1]).isNotNull();
            Set<String> wanted = new LinkedHashSet<>(Arrays.stream(parts[0].split(" "))
                    .map(n -> mirrored ? turned(n) : n)
                    .toList());
            assertThat(names(row)).as("%s on %s", cells[2], parts[1]).isEqualTo(wanted);
            if (parts.length > 2) {
                assertThat(row.then()).as("%s climbs", parts[1]).isNotNull();
                assertThat(row.then().id()).isEqualTo(parts[2]);
            }
        }
        List<String> read = cells[4].equals("-") ? List.of() : Arrays.asList(cells[4].split(", "));
        assertThat(blocking.read()).extracting(Job::id).containsExactlyElementsOf(read);
    }

    private static String otherSide(String job) {
        return job.endsWith("-right") ? job.replace("-right", "-left") : job.replace("-left", "-right");
    }

    private static String turned(String name) {
        return name.matches("[LR][TG]") ? (name.startsWith("L") ? "R" : "L") + name.substring(1) : name;
    }

    /** A kick-out comes from the inside; on an open side the end stands in the very gap the ball aims at. */
    @ParameterizedTest
    @CsvSource({"power,FB", "counter,RG"})
    void aKickOutOnTheOpenSideComesFromTheInside(String run, String kicker) {
        Row end = on(blocking("anvil-drizzle", snap("pro-i", null, SPOT), run, Side.LEFT), "end-away");
        assertThat(end.blockers()).extracting(Man::name).containsExactly(kicker);
        assertThat(end.difficulty().why()).isEqualTo(Difficulty.Why.BETWEEN);
        assertThat(end.difficulty().words()).contains("between him and the ball's way");
    }

    @Test
    void aFlySweepIsCarriedByTheManInMotionAndHeBlocksNobody() {
        Snap jet = snap("doubles-gun", "jet", SPOT);
        Lineup lineup = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), jet);
        assertThat(run("jet-sweep").carrier(lineup.viewFrom(Side.RIGHT)).name()).isEqualTo("H");
        assertThat(run("jet-sweep").carrier(lineup.viewFrom(Side.LEFT)).name())
                .as("he does not turn round")
                .isEqualTo("Z");
        Lineup set = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), jet.before());
        assertThat(run("jet-sweep").carrier(set.viewFrom(Side.RIGHT)).name()).isEqualTo("X");
        Blocking.of(lineup, run("jet-sweep"), Side.RIGHT)
                .orElseThrow()
                .rows()
                .forEach(row -> assertThat(row.blockers()).extracting(Man::name).doesNotContain("H"));
    }

    /** Every man of the defence is blocked, climbed to, read or free, once; whatever is run at whatever. */
    @Test
    void everyDefenderStandsInTheLedgerOnce() {
        int ledgers = 0;
        for (String call :
                List.of("anvil-drizzle", "bellows-frost", "tongs-fog", "vise-squall", "wedge-ice", "anvil-heron")) {
            for (var formation : Snaps.ELEVEN_MAN) {
                Lineup lineup = Lineup.of(Snaps.LIBRARY.call(call), formation.snap(null, false, SPOT));
                for (Run run : Snaps.LIBRARY.plays().runs()) {
                    Optional<Blocking> made = Blocking.of(lineup, run, Side.LEFT);
                    if (made.isEmpty()) {
                        assertThat(Blocking.missing(lineup, run, Side.LEFT)).isNotBlank();
                        continue;
                    }
                    Blocking blocking = made.get();
                    var men = new java.util.ArrayList<Job>(blocking.read());
                    blocking.rows().forEach(r -> {
                        men.add(r.defender());
                        if (r.then() != null) {
                            men.add(r.then());
                        }
                    });
                    blocking.free().forEach(f -> men.add(f.job()));
                    assertThat(men)
                            .as("%s %s %s", call, formation.id(), run.id())
                            .doesNotHaveDuplicates()
                            .hasSameSizeAs(lineup.jobs());
                    var blockers = blocking.rows().stream()
                            .flatMap(r -> r.blockers().stream())
                            .toList();
                    assertThat(blockers)
                            .as("%s %s %s", call, formation.id(), run.id())
                            .doesNotHaveDuplicates()
                            .doesNotContain(run.carrier(lineup.viewFrom(Side.LEFT)));
                    ledgers++;
                }
            }
        }
        assertThat(ledgers).isGreaterThan(1500);
    }

    @Test
    void hv04TheWeakIsoAgainstTheSixTwo() {
        Snap snap = snap("goal-23", "across", "hs m 1 1&1");
        Blocking blocking = blocking("maul-ice", snap, "iso", Side.LEFT);
        assertThat(names(on(blocking, "corner-left"))).containsExactly("W");
        assertThat(names(on(blocking, "end-away"))).containsExactly("U");
        assertThat(names(on(blocking, "tackle-away"))).containsExactly("LT");
        assertThat(names(on(blocking, "guard-away"))).contains("LG");
        assertThat(names(on(blocking, "will"))).containsExactly("FB");
        assertThat(blocking.free()).extracting(f -> f.job().id()).containsExactlyInAnyOrder("strong", "corner-right");
        assertThat(names(on(blocking("maul-ice", snap.mirror(), "iso", Side.RIGHT), "corner-right")))
                .containsExactly("W");
    }

    /**
     * Five-three against six-two, the same weak iso: there the end is head up on his blocker, here the lead on the
     * backer is one on one.
     */
    @Test
    void theSameIsoIsHarderElsewhereAgainstAnotherFront() {
        Snap snap = snap("goal-23", "across", "hs m 1 1&1");
        Blocking five = blocking("wedge-ice", snap, "iso", Side.LEFT);
        Blocking six = blocking("maul-ice", snap, "iso", Side.LEFT);
        assertThat(on(five, "end-away").difficulty().why()).isEqualTo(Difficulty.Why.HEAD_UP);
        assertThat(on(six, "end-away").difficulty().grade()).isEqualTo(Difficulty.Grade.EASY);
        assertThat(on(six, "will").blockers()).extracting(Man::name).containsExactly("FB");
        assertThat(on(five, "will") == null || !names(on(five, "will")).contains("FB"))
                .isTrue();
    }

    @Test
    void sf48ABlockCanHaveTwoLevelsADoubleClimbsToTheSafety() {
        Snap snap = snap("ace-twin-ends", null, SPOT);
        Blocking stretch = blocking("anvil-drizzle", snap, "outside-zone", Side.RIGHT);
        Row edge = on(stretch, "end-call");
        assertThat(edge.blockers()).extracting(Man::name).contains("TE");
        assertThat(edge.then()).as("the double on the end climbs").isNotNull();
        Blocking robber = blocking("anvil-breeze", snap("doubles-gun", null, SPOT), "outside-zone", Side.RIGHT);
        assertThat(on(robber, "tackle").then().id())
                .as("past the backers a double goes to a safety who is down")
                .isEqualTo("free");
        Blocking light = blocking("shim-fog", snap, "outside-zone", Side.RIGHT);
        assertThat(light.rows())
                .as("a safety twelve yards deep is not blocked by a man who looks for him later")
                .noneMatch(r -> r.then() != null && r.then().feet().y() > 8);
    }

    @ParameterizedTest
    @CsvSource({"0.21,EASY,BETWEEN", "0.2,FAIR,HEAD_UP", "-0.2,FAIR,HEAD_UP", "-0.21,HARD,OUT_LEVERAGED"})
    void leverageDecidesAtItsLimit(double yards, Difficulty.Grade grade, Difficulty.Why why) {
        Difficulty difficulty = Difficulty.leverage(yards, 0.2);
        assertThat(difficulty.grade()).isEqualTo(grade);
        assertThat(difficulty.why()).isEqualTo(why);
        assertThat(difficulty.words()).isNotBlank();
    }

    @ParameterizedTest
    @CsvSource({"0.31,EASY,IN_TIME", "0.3,FAIR,CLOSE", "-0.31,HARD,LATE"})
    void aRaceDecidesAtItsLimit(double seconds, Difficulty.Grade grade, Difficulty.Why why) {
        assertThat(Difficulty.race(seconds, 0.3).grade()).isEqualTo(grade);
        assertThat(Difficulty.race(seconds, 0.3).why()).isEqualTo(why);
    }

    @ParameterizedTest
    @CsvSource({"1,EASY,BETWEEN", "2,FAIR,LIGHTER", "3,FAIR,LIGHTER"})
    void aSmallerManHasNoEasyBlock(int sizes, Difficulty.Grade grade, Difficulty.Why why) {
        Difficulty difficulty = Difficulty.leverage(1, 0.2).against(sizes, 2);
        assertThat(difficulty.grade()).isEqualTo(grade);
        assertThat(difficulty.why()).isEqualTo(why);
        assertThat(Difficulty.leverage(-1, 0.2).against(sizes, 2).why())
                .as("a hard block keeps its reason")
                .isEqualTo(Difficulty.Why.OUT_LEVERAGED);
    }

    @Test
    void aFullbackOnTheNoseIsTooSmallAndATackleIsNot() {
        Blocking wham = blocking("anvil-drizzle", snap("pro-i", null, SPOT), "wham", Side.RIGHT);
        assertThat(names(on(wham, "nose"))).containsExactly("FB");
        assertThat(on(wham, "nose").difficulty().words()).isEqualTo("well placed, but 2 sizes smaller than his man");
        assertThat(wham.rows())
                .filteredOn(r -> r.blockers().size() == 1 && r.blockers().get(0).interior())
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.difficulty().why()).isNotEqualTo(Difficulty.Why.LIGHTER));
    }

    /** A reach on a man outside is hard, the same man doubled is not; a man who shades inside is cut off hard. */
    @Test
    void theShadeMakesABlockHardOrEasy() {
        Blocking stretch = blocking("bellows-drizzle", snap("pro-i", null, SPOT), "outside-zone", Side.RIGHT);
        assertThat(on(stretch, "sam").difficulty())
                .isEqualTo(new Difficulty(
                        Difficulty.Grade.HARD,
                        Difficulty.Why.OUT_LEVERAGED,
                        on(stretch, "sam").difficulty().value(),
                        0.2));
        assertThat(on(stretch, "sam").difficulty().value()).isBetween(0.35, 0.45);
        assertThat(on(stretch, "end-call").difficulty().why()).isEqualTo(Difficulty.Why.DOUBLE);
        assertThat(stretch.outcome()).isEqualTo(Blocking.Outcome.DEFENCE);
    }

    /**
     * Power brings two gaps, its guard takes one away: a backside backer comes over, and then the side is not short.
     */
    @Test
    void gapsAfterThePlayAreCountedWithWhoMustExchange() {
        Blocking power = blocking("anvil-drizzle", snap("pro-i", null, SPOT), "power", Side.RIGHT);
        assertThat(power.inserted()).extracting(Man::name).containsExactlyInAnyOrder("LG", "FB");
        assertThat(power.fit().gaps()).isEqualTo(4);
        assertThat(power.fit().left()).extracting(Man::name).containsExactly("LG");
        assertThat(power.fit().exchange()).extracting(Job::id).containsExactly("will");
        assertThat(power.fit().shortBy()).isZero();
        Blocking zone = blocking("anvil-drizzle", snap("doubles-open", null, SPOT), "inside-zone", Side.RIGHT);
        assertThat(zone.inserted()).isEmpty();
        assertThat(zone.fit().exchange()).isEmpty();
    }

    /** A backside force man holds for the boot when the back has the ball, not when the quarterback has it. */
    @Test
    void aFreeManIsHeldByTheBoot() {
        Snap snap = snap("pro-i", null, SPOT);
        assertThat(blocking("anvil-drizzle", snap, "power", Side.RIGHT).free())
                .filteredOn(f -> f.job().id().equals("weak"))
                .extracting(Blocking.Free::delay)
                .containsExactly(Blocking.Delay.BOOT);
        assertThat(blocking("anvil-drizzle", snap, "quarterback-sneak", Side.RIGHT)
                        .free())
                .filteredOn(f -> f.job().id().equals("weak"))
                .extracting(Blocking.Free::delay)
                .containsExactly(Blocking.Delay.NONE);
    }

    @Test
    void aPlayThatCannotBeRunSaysWhatItNeeds() {
        Lineup lineup = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap("pro-i", null, SPOT));
        assertThat(Blocking.of(lineup, run("zone-read"), Side.RIGHT)).isEmpty();
        assertThat(Blocking.missing(lineup, run("zone-read"), Side.RIGHT)).startsWith("needs gun");
        Lineup odd = Lineup.of(Snaps.LIBRARY.call("bellows-drizzle"), snap("pro-i", null, SPOT));
        assertThat(Blocking.missing(odd, run("midline"), Side.RIGHT)).contains("is not there");
    }
}
