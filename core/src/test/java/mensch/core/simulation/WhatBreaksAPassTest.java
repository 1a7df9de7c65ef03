package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.play.Delivery;
import mensch.core.play.Pass;
import mensch.core.simulation.Happening.What;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What coaches know of passes comes out of jobs, keys, bodies and the clock: no case is written anywhere. One gain is
 * more than another when the difference of the means is clear of nought 95 times of 100.
 */
class WhatBreaksAPassTest {
    private static final String GUN = "doubles-gun";

    private static void more(Outcome one, Outcome other, String as) {
        assertThat(one.over(other).clear())
                .as("%s: %.1f and %.1f yd", as, one.mean(), other.mean())
                .isTrue();
    }

    private static Outcome of(String call, String pass, Fault... faults) {
        return Plays.outcome(Plays.thrown(GUN, call, pass, faults));
    }

    /** How often something is true of a snap, of one. */
    private static double share(Simulation simulation, Predicate<Unfolding> such) {
        return (double) snaps(simulation).filter(such).count() / Plays.SEEDS;
    }

    private static Stream<Unfolding> snaps(Simulation simulation) {
        return LongStream.range(0, Plays.SEEDS).mapToObj(simulation::snap);
    }

    private static Optional<Happening> first(Unfolding snap, What what) {
        return snap.happenings().stream().filter(h -> h.what() == what).findFirst();
    }

    private static boolean caught(Unfolding snap) {
        return first(snap, What.CAUGHT).isPresent();
    }

    private static double caught(Simulation simulation) {
        return share(simulation, WhatBreaksAPassTest::caught);
    }

    /** How often a rusher is near within so many seconds when the quarterback holds the ball for long. */
    private static double near(String call, String pass, double seconds) {
        return share(held(call, pass), snap -> pressure(snap) < seconds);
    }

    private static double meanPressure(String call, String pass) {
        return snaps(held(call, pass))
                .mapToDouble(WhatBreaksAPassTest::pressure)
                .average()
                .orElseThrow();
    }

    private static Simulation held(String call, String pass) {
        return Plays.thrown(GUN, Snaps.LIBRARY.call(call), Plays.later(Plays.pass(pass), 4));
    }

    private static double pressure(Unfolding snap) {
        return first(snap, What.HURRIED).map(Happening::seconds).orElse(6.0);
    }

    /**
     * Hitches before a corner in two deep, corners behind him; in three deep the corner has the corner route, and it is
     * not thrown.
     */
    @ParameterizedTest
    @CsvSource({"anvil-drizzle", "anvil-breeze", "anvil-mist"})
    void smashGoesBehindTheCornerOfTwoDeepAndNotOfThreeDeep(String thirds) {
        assertThat(of("anvil-fog", "smash").explosive())
                .isGreaterThan(of(thirds, "smash").explosive() + 0.05);
        assertThat(thrownTo(Plays.thrown(GUN, "anvil-fog", "smash"), "TE", "H")).isGreaterThan(0.5);
        assertThat(thrownTo(Plays.thrown(GUN, thirds, "smash"), "TE", "H")).isLessThan(0.3);
    }

    /** How often one of some men is thrown to, of one. */
    private static double thrownTo(Simulation simulation, String... men) {
        return share(
                simulation,
                snap -> first(snap, What.THROWN)
                        .filter(h -> Set.of(men).contains(h.whom()))
                        .isPresent());
    }

    /** A corner inside his man gives him the out, one outside takes it away; the slant is thrown at the one outside. */
    @ParameterizedTest
    @CsvSource({"quick-outs, inside, outside", "out-flat, inside, outside"})
    void aBreakAwayFromLeverageWins(String pass, String wrong, String right) {
        more(leverage(pass, wrong), leverage(pass, right), pass);
    }

    private static Outcome leverage(String pass, String leverage) {
        return Plays.outcome(Plays.thrown("doubles-open", corner(leverage), Plays.pass(pass)));
    }

    private static Call corner(String leverage) {
        return Snaps.hand("anvil-squall", "corner", "align over #1, " + leverage + ", 1 x 5; pass man #1");
    }

    @Test
    void theSlantIsThrownAtTheCornerOutside() {
        Simulation outside = Plays.thrown("doubles-open", corner("outside"), Plays.pass("double-slants"));
        Simulation inside = Plays.thrown("doubles-open", corner("inside"), Plays.pass("double-slants"));
        assertThat(thrownTo(outside, "Z")).isGreaterThan(thrownTo(inside, "Z") + 0.05);
    }

    /** A corner who is still on top of his man is not thrown at; a fade is not the first look of a quick game. */
    @Test
    void aFadeIsNotThrownAtACornerOnTopOfIt() {
        Simulation stick = Plays.thrown("trips-open", "anvil-drizzle", "stick");
        assertThat(thrownTo(stick, "Z")).isLessThan(0.1);
    }

    /**
     * Who runs across the middle is met where somebody is left there, and not when that man rushes: what gets thrown
     * then is caught.
     */
    @ParameterizedTest
    @CsvSource({"shallow-cross, anvil-heron", "drive, anvil-heron", "drive, anvil-thunder"})
    void theQuickThrowInsideIsThereWhenTheMiddleRushes(String pass, String pressure) {
        assertThat(caughtOfThrown(Plays.thrown(GUN, pressure, pass)))
                .isGreaterThan(caughtOfThrown(Plays.thrown(GUN, "anvil-squall", pass)) + 0.1);
    }

    private static double caughtOfThrown(Simulation simulation) {
        return caught(simulation)
                / share(simulation, snap -> first(snap, What.THROWN).isPresent());
    }

    /** Where there is no field left nobody who covers runs out of it. */
    @ParameterizedTest
    @CsvSource({"anvil-drizzle", "anvil-fog", "anvil-rime", "anvil-squall"})
    void nobodyCoversBehindTheEndLine(String call) {
        Lineup lineup = Plays.lineup("doubles-open", Snaps.LIBRARY.call(call), "hs m 5 1&5");
        double end = lineup.snap().field().endLineDepth();
        for (String pass : List.of("four-verticals", "double-post", "fade-out")) {
            snaps(Plays.thrown(lineup, Plays.pass(pass), Side.RIGHT)).limit(40).forEach(snap -> {
                for (int man = 11; man < 22; man++) {
                    for (int tick = 0; tick < snap.ticks(); tick++) {
                        assertThat(snap.at(man, tick).y()).as(pass).isLessThan(end);
                    }
                }
            });
        }
    }

    /** Near the goal a bunch picks men who each have a man; who has a lane takes whoever comes into it. */
    @Test
    void aBunchPicksManNearTheGoalAndNotLanes() {
        Simulation lanes = nearTheGoal("anvil-rime");
        assertThat(share(nearTheGoal("anvil-thunder"), WhatBreaksAPassTest::scores))
                .isGreaterThan(share(lanes, WhatBreaksAPassTest::scores) + 0.09);
    }

    private static Simulation nearTheGoal(String call) {
        return Plays.thrown(
                Plays.lineup("trips-bunch", Snaps.LIBRARY.call(call), "hs m 3 3&3"),
                Plays.pass("rub-slant"),
                Side.RIGHT);
    }

    private static boolean scores(Unfolding snap) {
        return snap.ending() == Unfolding.Ending.SCORED;
    }

    /** The fake brings up who plays the run: behind him there is more than without it. */
    @ParameterizedTest
    @CsvSource({"anvil-squall, quick-pop", "anvil-frost, quick-pop", "anvil-squall, action-wheel"})
    void playActionGoesBehindWhoBelievesIt(String call, String pass) {
        more(of(call, pass), Plays.outcome(withoutTheFake(call, pass)), "with and without the fake");
    }

    /** The safety who believes the fake stands nearer to the line, and that is said to be why. */
    @Test
    void whoBelievesTheFakeIsBlamedForIt() {
        Simulation fake = Plays.thrown(GUN, "anvil-drizzle", "post-cross");
        assertThat(depth(fake)).isLessThan(depth(withoutTheFake("anvil-drizzle", "post-cross")) - 1);
        List<Cause.Blame> why = snaps(fake)
                .map(snap -> fake.cause(snap).to())
                .filter(to -> to != Cause.Blame.HELD)
                .toList();
        assertThat(Collections.frequency(why, Cause.Blame.READ)).isGreaterThan(why.size() / 2);
    }

    /** How deep the middle safety stands two and a half seconds after the snap, yards. */
    private static double depth(Simulation simulation) {
        return snaps(simulation)
                .mapToDouble(snap -> snap.at(snap.men().indexOf("free"), 50).y())
                .average()
                .orElseThrow();
    }

    private static Simulation withoutTheFake(String call, String pass) {
        Pass post = Plays.pass(pass);
        var plain = new Pass(
                post.id(),
                post.name(),
                post.needs(),
                post.throwSeconds(),
                post.told(),
                new Delivery(
                        Delivery.Launch.SET,
                        Optional.empty(),
                        null,
                        null,
                        post.delivery().progression(),
                        List.of()),
                post.attacks());
        return Plays.thrown(GUN, Snaps.LIBRARY.call(call), plain);
    }

    /** With nobody outside the boot is thrown in peace; an end who chases from there has the quarterback hurried. */
    @Test
    void aNakedBootNeedsTheEndInside() {
        Simulation inside = naked("run C gap");
        Simulation outside = naked("run last gap, chase");
        assertThat(share(inside, snap -> pressure(snap) < 3)).isLessThan(0.2);
        assertThat(share(outside, snap -> pressure(snap) < 3)).isGreaterThan(0.8);
        more(Plays.outcome(inside), Plays.outcome(outside), "in peace");
    }

    private static Simulation naked(String end) {
        Call call = Snaps.hand("anvil-drizzle", Map.of("end-call", end, "end-away", end));
        return Plays.thrown("ace-twin-ends", call, Plays.pass("naked-slip"));
    }

    /** A fifth rusher is there sooner than four, and one nobody has is there before anybody could be blocked off. */
    @Test
    void oneMoreRusherArrivesSooner() {
        assertThat(meanPressure("anvil-swift", "dig-post")).isLessThan(meanPressure("anvil-fog", "dig-post") - 0.3);
        assertThat(meanPressure("anvil-owl", "dig-post")).isLessThan(meanPressure("anvil-swift", "dig-post"));
        assertThat(near("anvil-fog", "dig-post", 2.3)).isLessThan(0.1);
        assertThat(near("anvil-swift", "dig-post", 2.3)).isGreaterThan(0.9);
    }

    /** A twist of two of four frees a man now and then who would not have been; the coverage is the same. */
    @Test
    void aTwistFreesAManWithoutARusherMore() {
        assertThat(near("anvil-eel", "mesh", 2.3)).isGreaterThan(near("anvil-fog", "mesh", 2.3) + 0.03);
    }

    /** A line that is late off the ball is at the passer later, the later the more. */
    @Test
    void aLateLineCostsMoreTheLaterItIs() {
        assertThat(rushed(line(3))).isGreaterThan(rushed() + 0.05);
        assertThat(rushed(line(6))).isGreaterThan(rushed(line(3)) + 0.05);
        assertThat(of("anvil-drizzle", "all-curls", line(6)).mean())
                .isGreaterThan(of("anvil-drizzle", "all-curls").mean());
    }

    /** When the first is at a quarterback who holds the ball for long, seconds. */
    private static double rushed(Fault... faults) {
        Pass held = Plays.later(Plays.pass("dagger"), 4);
        return snaps(Plays.thrown(GUN, Snaps.LIBRARY.call("anvil-drizzle"), held, faults))
                .mapToDouble(WhatBreaksAPassTest::pressure)
                .average()
                .orElseThrow();
    }

    private static Fault[] line(int ticks) {
        return Stream.of("end-call", "end-away", "nose", "tackle")
                .map(man -> new Fault(man, Fault.Kind.LATE, ticks))
                .toArray(Fault[]::new);
    }

    /** Well after the break somebody is on it; a receiver whom nobody has sits open as long as he likes. */
    @Test
    void aLateThrowFindsTheWindowClosed() {
        Pass hitches = Plays.pass("hitches");
        Call sound = Snaps.LIBRARY.call("anvil-squall");
        Outcome after = Plays.outcome(Plays.thrown(GUN, sound, Plays.later(hitches, 0.8)));
        more(Plays.outcome(Plays.thrown(GUN, sound, hitches)), after, "in time and late");
        more(after, Plays.outcome(Plays.thrown(GUN, sound, Plays.later(hitches, 1.2))), "late and later");
        Call nobody = Snaps.hand("anvil-squall", Map.of("corner", "pass none", "nickel", "pass none"));
        double onTime = caught(Plays.thrown(GUN, nobody, hitches));
        double late = caught(Plays.thrown(GUN, nobody, Plays.later(hitches, 0.8)));
        assertThat(late).isGreaterThan(onTime - 0.1);
    }

    /**
     * A back who is told a route runs it, whatever a protection would have him block; whoever hurries is a defender.
     */
    @Test
    void aBackWithARouteProtectsNobody() {
        for (String call : List.of("anvil-drizzle", "anvil-swift", "anvil-owl")) {
            Simulation drive = Plays.thrown(GUN, call, "drive");
            assertThat(snaps(drive).flatMap(snap -> snap.happenings().stream()))
                    .as(call)
                    .noneMatch(h -> h.what() == What.CONTACT && h.who().equals("TB"))
                    .noneMatch(h -> h.what() == What.HURRIED && h.who().equals(h.whom()));
        }
    }

    /** A corner off his receiver gives ground while he is run at: he does not come up before a break can be seen. */
    @Test
    void aCornerOffHisManDoesNotComeUpBeforeTheBreak() {
        Simulation hitches = Plays.thrown(GUN, "anvil-squall", "hitches");
        snaps(hitches).limit(50).forEach(snap -> {
            int corner = snap.men().indexOf("corner-right");
            for (int tick = 0; tick < 24; tick++) {
                assertThat(snap.at(corner, tick).y())
                        .isGreaterThan(snap.at(corner, 0).y() - 0.2);
            }
        });
    }

    /** Nobody is in the way of the man who covers him. */
    @Test
    void aReceiverIsNotInTheWayOfHisOwnMan() {
        Simulation slants = Plays.thrown("doubles-open", "anvil-squall", "double-slants");
        assertThat(snaps(slants).flatMap(snap -> snap.happenings().stream()))
                .noneMatch(h -> h.what() == What.IN_THE_WAY && h.who().equals("Z") && "corner-right".equals(h.whom()));
    }

    /** Who is slow to see his man go is behind him: the later the farther, and sooner or later that is thrown. */
    @Test
    void aCornerWhoIsSlowToSeeHisManIsBeatenDeep() {
        assertThat(behind(3)).isGreaterThan(behind(0) + 0.5);
        assertThat(behind(6)).isGreaterThan(behind(3) + 0.5);
        more(
                of("anvil-squall", "four-verticals", Plays.fault("corner-right:slow read:9")),
                of("anvil-squall", "four-verticals"),
                "nine ticks");
    }

    /** Who turns to run while he still has room above him is away from the curl: the sooner the farther. */
    @Test
    void aCornerWhoTurnsBeforeTheBreakIsNotThere() {
        Outcome sound = of("anvil-squall", "curl-flat");
        Outcome soon = of("anvil-squall", "curl-flat", Plays.fault("corner-right:turns early:2"));
        more(soon, sound, "two yards");
        more(of("anvil-squall", "curl-flat", Plays.fault("corner-right:turns early:5")), sound, "five yards");
        assertThat(Plays.fault("Z:route:corner").said()).isEqualTo("runs instead the corner");
    }

    /** A quick out at a corner who is off and inside is caught; he and those who rally stop it where it is caught. */
    @Test
    void aQuickOutAtACornerInsideIsCaughtAndStopped() {
        Simulation out = Plays.thrown(GUN, "anvil-squall", "quick-outs");
        assertThat(caught(out)).isGreaterThan(0.6);
        Outcome gains = Plays.outcome(out);
        assertThat(gains.quantile(0.5)).isBetween(5.0, 11.0);
        assertThat(gains.explosive()).isLessThan(0.12);
        assertThat(snaps(out).mapToDouble(WhatBreaksAPassTest::widest).max().orElseThrow())
                .as("nobody chases more than two yards out of bounds")
                .isLessThan(53.33 / 2 + 2);
    }

    private static double widest(Unfolding snap) {
        double widest = 0;
        for (float[] track : snap.tracks()) {
            for (int i = 0; i < track.length; i += 2) {
                widest = Math.max(widest, Math.abs(track[i]));
            }
        }
        return widest;
    }

    /** Another route is another play for whoever has it. */
    @Test
    void aReceiverWhoRunsAnotherRouteIsElsewhere() {
        Simulation hitch = Plays.thrown(GUN, "anvil-squall", "hitches");
        Simulation go = Plays.thrown(GUN, "anvil-squall", "hitches", Plays.fault("Z:route:go"));
        int at = 40;
        assertThat(deep(go, "Z", at)).isGreaterThan(deep(hitch, "Z", at) + 3);
        assertThat(deep(go, "X", at)).isEqualTo(deep(hitch, "X", at));
        assertThatThrownBy(() -> Plays.thrown(GUN, "anvil-squall", "hitches", Plays.fault("C:route:go")))
                .hasMessageContaining("has no route in Hitches");
        assertThatThrownBy(() -> Plays.fault("Z:route:moonwalk")).hasMessageContaining("there is no route");
        assertThatThrownBy(() -> Plays.thrown(GUN, "anvil-squall", "hitches", Plays.fault("mike:route:go")))
                .hasMessageContaining("is a defender");
    }

    private static double deep(Simulation simulation, String man, int tick) {
        Unfolding snap = simulation.snap(3);
        return snap.at(snap.men().indexOf(man), tick).y();
    }

    /** How much deeper his receiver is than the corner two and a half seconds after the snap, yards. */
    private static double behind(int ticks) {
        Fault[] slow = ticks == 0 ? new Fault[0] : new Fault[] {Plays.fault("corner-right:slow read:" + ticks)};
        return snaps(Plays.thrown(GUN, "anvil-squall", "four-verticals", slow))
                .filter(snap -> snap.ticks() > 50)
                .mapToDouble(snap -> snap.at(snap.men().indexOf("Z"), 50).y()
                        - snap.at(snap.men().indexOf("corner-right"), 50).y())
                .average()
                .orElseThrow();
    }
}
