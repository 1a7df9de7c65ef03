package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import mensch.core.Snaps;
import mensch.core.call.Call;
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

    /** Hitches before a corner in two deep, corners behind him: in three deep the corner has the corner route. */
    @ParameterizedTest
    @CsvSource({"anvil-drizzle", "anvil-breeze", "anvil-mist"})
    void smashBeatsTwoDeepMoreThanThreeDeep(String thirds) {
        more(of("anvil-fog", "smash"), of(thirds, "smash"), thirds);
    }

    /** Who runs across the middle is met where somebody is left there, and not when that man rushes. */
    @ParameterizedTest
    @CsvSource({"shallow-cross, anvil-heron", "drive, anvil-heron", "drive, anvil-thunder"})
    void theQuickThrowInsideIsThereWhenTheMiddleRushes(String pass, String pressure) {
        more(of(pressure, pass), of("anvil-squall", pass), pass);
    }

    /** The fake brings the safety up; without it, or when he is slow to believe it, there is less behind him. */
    @Test
    void playActionGoesBehindWhoBelievesIt() {
        Outcome fake = of("anvil-drizzle", "post-cross");
        Pass post = Plays.pass("post-cross");
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
        more(fake, Plays.outcome(Plays.thrown(GUN, Snaps.LIBRARY.call("anvil-drizzle"), plain)), "without the fake");
        more(fake, of("anvil-drizzle", "post-cross", Fault.of("free:slow read:8")), "slow to believe it");
        Simulation simulation = Plays.thrown(GUN, "anvil-drizzle", "post-cross");
        assertThat(share(simulation, snap -> simulation.cause(snap).to() == Cause.Blame.READ))
                .isGreaterThan(0.3);
    }

    /** With nobody outside the boot is thrown in peace; an end who chases from there has the quarterback hurried. */
    @Test
    void aNakedBootNeedsTheEndInside() {
        Simulation inside = naked("run C gap");
        Simulation outside = naked("run last gap, chase");
        assertThat(share(inside, snap -> pressure(snap) < 3)).isLessThan(0.1);
        assertThat(share(outside, snap -> pressure(snap) < 3)).isGreaterThan(0.8);
        assertThat(caught(inside)).isGreaterThan(caught(outside) + 0.2);
        assertThat(caught(inside)).isGreaterThan(caught(naked("run last gap, force")) + 0.08);
    }

    private static Simulation naked(String end) {
        Call call = Snaps.hand("anvil-drizzle", Map.of("end-call", end, "end-away", end));
        return Plays.thrown("ace-twin-ends", call, Plays.pass("naked-slip"));
    }

    /** A fifth rusher is there sooner than four, and one nobody has is there before anybody could be blocked off. */
    @Test
    void oneMoreRusherArrivesSooner() {
        assertThat(meanPressure("anvil-swift", "all-curls")).isLessThan(meanPressure("anvil-fog", "all-curls") - 0.3);
        assertThat(meanPressure("anvil-owl", "all-curls")).isLessThan(meanPressure("anvil-swift", "all-curls"));
        assertThat(near("anvil-fog", "all-curls", 2.3)).isLessThan(0.1);
        assertThat(near("anvil-swift", "all-curls", 2.3)).isGreaterThan(0.9);
    }

    /** A twist of two of four frees a man now and then who would not have been; the coverage is the same. */
    @Test
    void aTwistFreesAManWithoutARusherMore() {
        assertThat(near("anvil-eel", "mesh", 2.3)).isGreaterThan(near("anvil-fog", "mesh", 2.3) + 0.03);
    }

    /** A line that is late off the ball gives the long routes their time, the more the later it is. */
    @Test
    void aLateLineCostsMoreTheLaterItIs() {
        Outcome sound = of("anvil-drizzle", "dagger");
        Outcome late = of("anvil-drizzle", "dagger", line(3));
        Outcome later = of("anvil-drizzle", "dagger", line(6));
        more(later, sound, "six ticks");
        assertThat(late.mean()).isBetween(sound.mean(), later.mean());
    }

    private static Fault[] line(int ticks) {
        return Stream.of("end-call", "end-away", "nose", "tackle")
                .map(man -> new Fault(man, Fault.Kind.LATE, ticks))
                .toArray(Fault[]::new);
    }

    /** Half a second after the break somebody is on it; a receiver whom nobody has sits open as long as he likes. */
    @Test
    void aLateThrowFindsTheWindowClosed() {
        Pass slants = Plays.pass("double-slants");
        Call sound = Snaps.LIBRARY.call("anvil-fog");
        more(
                Plays.outcome(Plays.thrown(GUN, sound, slants)),
                Plays.outcome(Plays.thrown(GUN, sound, Plays.later(slants, 0.4))),
                "slants");
        Pass hitches = Plays.pass("hitches");
        Call nobody = Snaps.hand("anvil-squall", Map.of("corner", "pass none", "nickel", "pass none"));
        double onTime = caught(Plays.thrown(GUN, nobody, hitches));
        double late = caught(Plays.thrown(GUN, nobody, Plays.later(hitches, 0.4)));
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

    /** Who sees the break later is farther from it. */
    @Test
    void aCornerWhoIsSlowToSeeTheBreakIsFartherFromIt() {
        assertThat(apart(Fault.of("corner-right:slow read:6"))).isGreaterThan(apart() + 0.5);
    }

    /** From his receiver four tenths of a second after the break of an out, yards. */
    private static double apart(Fault... faults) {
        return snaps(Plays.thrown(GUN, "anvil-squall", "out-flat", faults))
                .filter(snap -> snap.ticks() > 52)
                .mapToDouble(snap -> snap.at(snap.men().indexOf("Z"), 52)
                        .distance(snap.at(snap.men().indexOf("corner-right"), 52)))
                .average()
                .orElseThrow();
    }
}
