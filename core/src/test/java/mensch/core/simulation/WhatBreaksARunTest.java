package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.call.CallDocument;
import mensch.core.call.CallReader;
import mensch.core.document.Document;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Matchup;
import mensch.core.play.Run;
import mensch.core.simulation.Happening.What;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Famous failures of run defence come out of jobs, keys, bodies and the clock: no case is written anywhere. One gain is
 * more than another when the difference of the means is clear of nought 95 times of 100.
 */
class WhatBreaksARunTest {
    /**
     * An end who has the edge and is reached loses it, and the ball goes outside him; where he beats the reach and
     * stays outside, the crease opens inside him.
     */
    @ParameterizedTest
    @CsvSource({"ace-h, anvil-drizzle", "ace-h, chisel-drizzle", "doubles-ace, mallet-drizzle"})
    void stretchGoesOutsideTheEndWhoIsSealedAndInsideTheOneWhoIsNot(String formation, String call) {
        var lineup = Plays.lineup(formation, Snaps.hand(call, "end-call", "run force"), "hs m 50 1&10");
        bySeal(Plays.of(lineup, "outside-zone", Side.RIGHT), (reached, free) -> {
            assertThat(outside(reached)).isGreaterThan(0.75);
            assertThat(outside(free)).isLessThan(0.25);
        });
    }

    /** To lose the reach costs yards. */
    @ParameterizedTest
    @CsvSource({"ace-h, anvil-drizzle", "ace-h, chisel-drizzle", "doubles-ace, mallet-drizzle"})
    void aSealedEndCostsTwoYards(String formation, String call) {
        bySeal(
                Plays.of(formation, call, "outside-zone"),
                (reached, free) -> assertThat(mean(reached)).isGreaterThan(mean(free) + 2));
    }

    private static void bySeal(Simulation stretch, BiConsumer<List<Unfolding>, List<Unfolding>> asked) {
        var sealed = new ArrayList<Unfolding>();
        var free = new ArrayList<Unfolding>();
        IntStream.range(0, 3 * Plays.SEEDS)
                .mapToObj(stretch::snap)
                .forEach(snap -> (sealed(snap) ? sealed : free).add(snap));
        assertThat(sealed).hasSizeGreaterThan(30);
        assertThat(free).hasSizeGreaterThan(30);
        asked.accept(sealed, free);
    }

    private static boolean sealed(Unfolding snap) {
        return snap.happenings().stream()
                .anyMatch(h -> h.what() == What.SEALED && h.who().equals("end-call") && h.seconds() < 1.2);
    }

    /** Share of those in which the ball crosses the line outside the end. */
    private static double outside(List<Unfolding> snaps) {
        List<Boolean> crossed = snaps.stream()
                .flatMap(snap ->
                        crossing(snap)
                                .map(h -> h.place().x()
                                        > snap.at(snap.men().indexOf("end-call"), h.tick())
                                                .x())
                                .stream())
                .toList();
        return (double) crossed.stream().filter(b -> b).count() / crossed.size();
    }

    private static Optional<Happening> crossing(Unfolding snap) {
        return snap.happenings().stream()
                .filter(h -> h.what() == What.LINE_CROSSED)
                .findFirst();
    }

    private static double mean(List<Unfolding> snaps) {
        return snaps.stream().mapToDouble(Unfolding::gain).average().orElseThrow();
    }

    /** A man at the point who reads late costs yards. */
    @ParameterizedTest
    @CsvSource({
        "pro-i, anvil-fog, toss, nickel",
        "ace-h, anvil-fog, duo, mike",
        "pro-i, anvil-drizzle, inside-zone, free",
        "pro-i, anvil-drizzle, toss, will"
    })
    void aLateReadAtThePointCosts(String formation, String call, String run, String man) {
        Outcome sound = Plays.outcome(Plays.of(formation, call, run));
        Outcome late = Plays.outcome(Plays.of(formation, call, run, Plays.fault(man + ":slow read:8")));
        assertThat(late.over(sound).clear())
                .as("%.1f and %.1f yd", late.mean(), sound.mean())
                .isTrue();
    }

    /**
     * Whoever it is and whatever they run straight at it: reading late never helps on the whole, and later is worse.
     */
    @Test
    void readingLateCostsMoreTheLaterItIs() {
        double late = costs("slow read:4");
        assertThat(late).isPositive();
        assertThat(costs("slow read:10")).isGreaterThan(late);
    }

    /** Yards that a fault of one man after another costs, at several calls against several runs, all together. */
    private static double costs(String fault) {
        double costs = 0;
        for (String call : List.of("anvil-drizzle", "anvil-fog", "chisel-drizzle")) {
            for (String run : List.of("inside-zone", "power", "outside-zone", "toss")) {
                double sound = few(call, run);
                for (String man : List.of("mike", "will", "free", "end-call")) {
                    costs += few(call, run, Plays.fault(man + ":" + fault)) - sound;
                }
            }
        }
        return costs;
    }

    private static double few(String call, String run, Fault... faults) {
        return Outcome.of(Plays.of("pro-i", call, run, faults), Plays.SEEDS / 4).mean();
    }

    /** Who steps away from the ball first has so much more way to it. */
    @ParameterizedTest
    @CsvSource({
        "ace-h, chisel-drizzle, outside-zone, end-call",
        "pro-i, anvil-drizzle, power, nickel",
        "ace-h, anvil-drizzle, inside-zone, mike",
        "pro-i, anvil-fog, toss, nickel"
    })
    void aFalseStepCosts(String formation, String call, String run, String man) {
        Outcome sound = Plays.outcome(Plays.of(formation, call, run));
        Outcome wrong = Plays.outcome(Plays.of(formation, call, run, Plays.fault(man + ":false step:1.5")));
        assertThat(wrong.over(sound).clear())
                .as("%.1f and %.1f yd", wrong.mean(), sound.mean())
                .isTrue();
    }

    /** A counter is made for the man who goes at once with the backs: who is slow to believe them is not fooled. */
    @Test
    void theCounterFoolsTheQuickBackerAndNotTheSlowOne() {
        Outcome quick = many(Plays.of("doubles-gun", "anvil-drizzle", "counter"));
        Outcome slow = many(Plays.of("doubles-gun", "anvil-drizzle", "counter", Plays.fault("mike:slow read:10")));
        assertThat(quick.over(slow).clear())
                .as("%.1f and %.1f yd", quick.mean(), slow.mean())
                .isTrue();
    }

    /** Who takes the counter's first steps for the play goes with them, and the later he sees it the farther. */
    @Test
    void aBadReadCosts() {
        Outcome sound = many(Plays.of("ace-h", "anvil-drizzle", "counter"));
        Outcome bad = many(Plays.of("ace-h", "anvil-drizzle", "counter", Plays.fault("mike:bad read:4")));
        Outcome worse = many(Plays.of("ace-h", "anvil-drizzle", "counter", Plays.fault("mike:bad read:12")));
        assertThat(worse.over(sound).clear())
                .as("%.1f and %.1f", worse.mean(), sound.mean())
                .isTrue();
        assertThat(worse.over(bad).clear())
                .as("%.1f and %.1f", worse.mean(), bad.mean())
                .isTrue();
    }

    /** A false step costs on the whole, and a longer one more. */
    @Test
    void aLongerFalseStepCostsMore() {
        double step = costs("false step:0.75");
        assertThat(step).isPositive();
        assertThat(costs("false step:1.5")).isGreaterThan(step);
    }

    /** An end who lines up too wide opens the gap inside him. */
    @Test
    void whoStandsTooWideOpensWhatIsInsideHim() {
        Outcome sound = Plays.outcome(Plays.of("pro-i", "anvil-drizzle", "power"));
        Outcome wide = Plays.outcome(Plays.of("pro-i", "anvil-drizzle", "power", Plays.fault("end-call:right:2")));
        assertThat(wide.over(sound).clear())
                .as("%.1f and %.1f", wide.mean(), sound.mean())
                .isTrue();
    }

    /** Two safeties who are both told to be force come down with the ball: nobody runs untouched between them. */
    @ParameterizedTest
    @ValueSource(strings = {"inside-zone", "iso", "wham"})
    void forceMenFromDepthDoNotLeaveTheMiddle(String run) {
        Call frost = Snaps.LIBRARY.calls().stream()
                .filter(c -> c.name().equals("Rasp Frost"))
                .findFirst()
                .orElseThrow();
        Outcome outcome = Plays.outcome(Plays.of(Plays.lineup("pro-i", frost, "hs m 50 1&10"), run, Side.RIGHT));
        assertThat(outcome.mean()).isLessThan(10);
    }

    /** A jet is at the edge before those who stand are: the same man set again for a second is not. */
    @Test
    void aManInMotionComesWithHisSpeed() {
        var jet = Snaps.LIBRARY.formation("doubles-gun").snap("jet", false, "hs m 50 1&10");
        Call call = Snaps.LIBRARY.call("anvil-drizzle");
        Simulation moving = Plays.of(Lineup.of(call, jet), "jet-sweep", Side.RIGHT);
        Simulation set = Plays.of(Lineup.of(call, jet.shifted()), "jet-sweep", Side.RIGHT);
        assertThat(Plays.outcome(moving).over(Plays.outcome(set)).clear()).isTrue();
        Unfolding snap = moving.snap(1);
        int z = snap.men().indexOf("H");
        assertThat(snap.at(z, 1).distance(snap.at(z, 0)))
                .as("at once as fast as his motion")
                .isCloseTo(7 * 0.05, within(0.08));
    }

    private static Outcome many(Simulation simulation) {
        return Outcome.of(simulation, 4 * Plays.SEEDS);
    }

    /**
     * Whoever comes down on the back leaves the edge to the quarterback; who stays for him leaves the line to the back.
     */
    @Test
    void theZoneReadGoesWhereTheManItReadsIsNot() {
        assertThat(kept("run dive")).isGreaterThan(0.8);
        assertThat(kept("run quarterback")).isLessThan(0.3);
    }

    /**
     * A call that dictates the read on the side where the back stands: the quarterback keeps it and meets two. Against
     * a pistol back the same call has no side, and the man he reads does what he always does.
     */
    @Test
    void aPistolBackTakesTheSideFromACallThatDictatesTheRead() {
        Call dictates = Snaps.hand(
                "anvil-drizzle",
                Map.of(
                        "end-away", "when back on my side: run dive",
                        "will", "when back on my side: run quarterback"));
        Simulation gun = read(dictates, "QB0/5 TB-1.6/5");
        assertThat(kept(gun)).isGreaterThan(0.8);
        assertThat(LongStream.range(0, 100)
                        .mapToObj(gun::snap)
                        .filter(WhatBreaksARunTest::two)
                        .count())
                .isGreaterThan(60);
        assertThat(kept(read(dictates, "QB0/4 TB0/7"))).isLessThan(0.3);
    }

    /** A zone read that may be run from every gun, the pistol as well. */
    private static Simulation read(Call call, String backs) {
        Run zone = Plays.run("zone-read");
        var anyGun = new Run(
                zone.id(),
                zone.name(),
                Plays.run("inside-zone").needs(),
                zone.point(),
                zone.ball(),
                zone.leaves(),
                zone.paths(),
                zone.told());
        Lineup lineup = Lineup.of(call, Notation.snap("ol2 TE4 Z16/1.5 H-9/1.5 X-17 " + backs + " | hs m 50 1&10"));
        return Simulation.of(lineup, anyGun, Side.RIGHT, List.of()).orElseThrow();
    }

    /** Whether two are near the quarterback when he is brought down. */
    private static boolean two(Unfolding snap) {
        int quarterback = snap.men().indexOf("QB");
        int last = snap.ticks() - 1;
        return snap.men().subList(11, 22).stream()
                        .map(d -> snap.at(snap.men().indexOf(d), last))
                        .filter(p -> p.distance(snap.at(quarterback, last)) < 3)
                        .count()
                >= 2;
    }

    private static double kept(Simulation read) {
        return IntStream.range(0, 100)
                        .filter(i -> read.snap(i).happenings().stream().anyMatch(h -> h.what() == What.BALL_PULLED))
                        .count()
                / 100.0;
    }

    /** Share of snaps on which the quarterback keeps it when the man he reads is told so. */
    private static double kept(String told) {
        var lineup = Plays.lineup("doubles-gun", Snaps.hand("anvil-drizzle", "end-away", told), "hs m 50 1&10");
        return kept(Plays.of(lineup, "zone-read", Side.RIGHT));
    }

    /** Whoever takes the quarterback of an option has the ball pitched past him; who takes the pitch has not. */
    @Test
    void theBallIsPitchedPastWhoeverTakesTheQuarterback() {
        assertThat(pitched("run quarterback")).isGreaterThan(pitched("run pitch") + 0.1);
    }

    private static double pitched(String told) {
        var lineup = Plays.lineup("flexbone", Snaps.hand("anvil-drizzle", "end-call", told), "hs m 50 1&10");
        Simulation option = Plays.of(lineup, "speed-option", Side.RIGHT);
        return IntStream.range(0, 200)
                        .filter(i -> option.snap(i).happenings().stream().anyMatch(h -> h.what() == What.PITCHED))
                        .count()
                / 200.0;
    }

    /** The glance behind an overhang who fits the run is thrown; in front of one who plays pass first it is given. */
    @Test
    void aRunPassOptionIsThrownBehindWhoeverFitsTheRun() {
        assertThat(thrown("anvil-drizzle")).isGreaterThan(0.7);
        assertThat(thrown("anvil-frost")).isLessThan(0.3);
    }

    private static double thrown(String call) {
        Simulation glance =
                Plays.option(Plays.lineup("ace-h", Snaps.LIBRARY.call(call), "hs m 50 1&10"), "zone-glance");
        return IntStream.range(0, 100)
                        .filter(i -> glance.snap(i).happenings().stream().anyMatch(h -> h.what() == What.THROWN))
                        .count()
                / 100.0;
    }

    /** With one who spills where the force man was nobody turns the toss in. */
    @Test
    void nobodyOnTheEdgeIsALongToss() {
        var open = Plays.lineup("pro-i", Snaps.hand("anvil-drizzle", "nickel", "run spill"), "hs m 50 1&10");
        Outcome without = many(Plays.of(open, "toss", Side.RIGHT));
        Outcome sound = many(Plays.of("pro-i", "anvil-drizzle", "toss"));
        assertThat(without.over(sound).clear())
                .as("%.2f and %.2f", without.mean(), sound.mean())
                .isTrue();
    }

    /** Who has man on the receiver who cracks lets him go and has the edge: he does not follow him past the ball. */
    @Test
    void aCornerWhoseManCracksReplacesTheForce() {
        Simulation crack = Plays.of("doubles-gun", "anvil-finch", "crack-toss");
        assertThat(Plays.outcome(crack).quantile(0.5)).isLessThan(8);
    }

    /** The tight end trades and nobody takes his job anew: the run to his new side is longer, and long more often. */
    @ParameterizedTest
    @CsvSource({"pro-i, toss", "ace-h, power-one-back"})
    void whoKeepsHisOldJobWhenTheTightEndTradesGivesUpARun(String formation, String run) {
        Snap traded = Snaps.LIBRARY.formation(formation).snap("trade", false, "hs m 50 1&10");
        Outcome anew = Plays.outcome(Plays.of(Lineup.of(answering("anvil-drizzle"), traded), run, Side.LEFT));
        Outcome stays = Plays.outcome(Plays.of(Lineup.of(answering("anvil-drizzle", "stay"), traded), run, Side.LEFT));
        assertThat(stays.over(anew).clear())
                .as("%.1f and %.1f yd", stays.mean(), anew.mean())
                .isTrue();
        assertThat(stays.explosive()).isGreaterThan(anew.explosive());
    }

    /** A call with other answers to motion; with its own when none is named. */
    private static Call answering(String call, String... answers) {
        var body = new LinkedHashMap<>(Snaps.LIBRARY.call(call).document().body());
        if (answers.length > 0) {
            body.put("motion", List.of(answers));
        }
        return CallReader.read(CallDocument.of(Document.of(body)), 1, Snaps.LIBRARY.vocabulary());
    }

    /** A safety who fits for the backer comes from twelve yards, and the alley behind him is the backer's. */
    @Test
    void aSafetyAndABackerWhoExchangeFitsGiveUpALongerRun() {
        var exchanged = Map.of("will", "run alley", "free", "run B gap");
        var lineup = Plays.lineup("pro-i", Snaps.hand("anvil-drizzle", exchanged), "hs m 50 1&10");
        Outcome sound = Plays.outcome(Plays.of("pro-i", "anvil-drizzle", "power"));
        Outcome other = Plays.outcome(Plays.of(lineup, "power", Side.RIGHT));
        assertThat(other.over(sound).clear())
                .as("%.1f and %.1f yd", other.mean(), sound.mean())
                .isTrue();
    }
    /** Six on the line at the goal have one fewer behind it: the isolation away from strength finds him gone. */
    @ParameterizedTest
    @ValueSource(strings = {"pro-i", "power-i", "pro-offset-strong"})
    void theWeakIsolationDoesBetterAgainstSixOnTheLineThanAgainstFive(String formation) {
        Outcome six = Plays.outcome(goalLine(formation, "maul-ice"));
        Outcome five = Plays.outcome(goalLine(formation, "wedge-ice"));
        assertThat(six.over(five).clear())
                .as("%.1f and %.1f yd", six.mean(), five.mean())
                .isTrue();
        assertThat(freeAtTheGoalLine(formation, "maul-ice")).isNotEqualTo(freeAtTheGoalLine(formation, "wedge-ice"));
    }

    private static Simulation goalLine(String formation, String call) {
        return Plays.of(Plays.lineup(formation, Snaps.LIBRARY.call(call), "hs m 3 1&3"), "iso", Side.LEFT);
    }

    private static List<String> freeAtTheGoalLine(String formation, String call) {
        Lineup lineup = Plays.lineup(formation, Snaps.LIBRARY.call(call), "hs m 3 1&3");
        return Matchup.atTheSnap(lineup).blocking(Plays.run("iso"), Side.LEFT).orElseThrow().free().stream()
                .map(free -> free.job().id())
                .toList();
    }
}
