package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import mensch.core.Snaps;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.simulation.Cause.Blame;
import mensch.core.simulation.Cause.Link;
import mensch.core.simulation.Happening.What;
import org.junit.jupiter.api.Test;

/** Every snap has a cause that names a place, a man, a moment and a measure. */
class CauseTest {
    @Test
    void everyLinkNamesWhatItMeasuresAtATickOfTheSnap() {
        Simulation power = Plays.of("pro-i", "anvil-drizzle", "power");
        for (int seed = 0; seed < 100; seed++) {
            Unfolding snap = power.snap(seed);
            Cause cause = power.cause(snap);
            assertThat(cause.links()).as("seed " + seed).isNotEmpty();
            assertThat(cause.links()).allSatisfy(link -> {
                assertThat(link.tick()).isBetween(0, snap.ticks() - 1);
                assertThat(link.said()).endsWith(".").doesNotContain("null");
            });
            boolean held = Outcome.held(power.figures(), snap, power.situation(), power.yardsToGoal());
            assertThat(cause.to() == Blame.HELD).isEqualTo(held);
        }
    }

    /** What a cause blames has happened: a tackle that was missed, a block that held, a key that sent him elsewhere. */
    @Test
    void nothingIsBlamedThatDidNotHappen() {
        for (String call : List.of("anvil-drizzle", "anvil-fog", "chisel-drizzle")) {
            for (String run : List.of("power", "inside-zone", "toss", "counter")) {
                Simulation simulation = Plays.of("pro-i", call, run);
                for (int seed = 0; seed < 40; seed++) {
                    Unfolding snap = simulation.snap(seed);
                    Cause cause = simulation.cause(snap);
                    String as = call + " " + run + " " + seed;
                    switch (cause.to()) {
                        case TACKLE ->
                            assertThat(has(snap, What.MISSED, cause.man()))
                                    .as(as)
                                    .isTrue();
                        case BLOCK ->
                            assertThat(blocked(snap, cause.man())).as(as).isTrue();
                        case READ ->
                            assertThat(cause.links())
                                    .as(as)
                                    .anyMatch(l -> l.said().startsWith("He acts on"));
                        default -> assertThat(cause.links()).as(as).isNotEmpty();
                    }
                }
            }
        }
    }

    /**
     * Of a pass as well: a fake that was taken, a man in the way, a missed tackle; every link names a man who is there.
     */
    @Test
    void nothingIsBlamedOfAPassThatDidNotHappen() {
        for (String call : List.of("anvil-drizzle", "anvil-fog", "anvil-frost", "anvil-squall", "anvil-thunder")) {
            for (String pass : List.of("smash", "post-cross", "mesh", "four-verticals", "naked-slip", "hitches")) {
                Lineup lineup = Plays.lineup("doubles-gun", Snaps.LIBRARY.call(call), "hs m 50 1&10");
                Simulation.of(lineup, Snaps.LIBRARY.plays(), Plays.pass(pass), Side.LEFT, List.of())
                        .ifPresent(simulation -> blames(simulation, call + " " + pass));
            }
        }
    }

    private static void blames(Simulation simulation, String what) {
        for (int seed = 0; seed < 40; seed++) {
            Unfolding snap = simulation.snap(seed);
            Cause cause = simulation.cause(snap);
            String as = what + " " + seed;
            assertThat(cause.to() == Blame.HELD)
                    .as(as)
                    .isEqualTo(
                            Outcome.held(simulation.figures(), snap, simulation.situation(), simulation.yardsToGoal()));
            assertThat(cause.links()).as(as).isNotEmpty().allSatisfy(link -> {
                assertThat(link.said()).endsWith(".").doesNotContain("null");
                assertThat(link.tick()).isBetween(0, snap.ticks());
                assertThat(link.man().isEmpty() || snap.men().contains(link.man()))
                        .isTrue();
            });
            switch (cause.to()) {
                case TACKLE ->
                    assertThat(has(snap, What.MISSED, cause.man())).as(as).isTrue();
                case READ -> assertThat(snap.happenings()).as(as).anyMatch(h -> h.what() == What.FAKED);
                case TRAFFIC ->
                    assertThat(snap.happenings())
                            .as(as)
                            .anyMatch(h ->
                                    h.what() == What.IN_THE_WAY && cause.man().equals(h.whom()));
                default ->
                    assertThat(cause.man().isEmpty() || snap.men().contains(cause.man()))
                            .as(as)
                            .isTrue();
            }
        }
    }

    private static boolean has(Unfolding snap, What what, String who) {
        return snap.happenings().stream()
                .anyMatch(h -> h.what() == what && h.who().equals(who));
    }

    private static boolean blocked(Unfolding snap, String who) {
        return snap.happenings().stream().anyMatch(h -> h.what() == What.CONTACT && who.equals(h.whom()));
    }

    /** A wing bounds a gap like an end: a toss round him is outside everybody, what goes inside him is not. */
    @Test
    void aWingBoundsTheLastGap() {
        Lineup lineup = Plays.lineup("wing-t", Snaps.LIBRARY.call("anvil-drizzle"), "hs m 50 1&10");
        double wing = lineup.features().shape().flank(Side.RIGHT).wing().x();
        for (String run : List.of("toss", "buck-sweep", "power")) {
            Simulation simulation = Plays.of(lineup, run, Side.RIGHT);
            for (int seed = 0; seed < 40; seed++) {
                Unfolding snap = simulation.snap(seed);
                snap.happenings().stream()
                        .filter(h -> h.what() == What.LINE_CROSSED)
                        .findFirst()
                        .ifPresent(crossing -> {
                            String said = simulation.cause(snap).links().get(0).said();
                            double x = crossing.place().x();
                            // he may have moved three yards before he bounds his gap where he stood
                            if (x > wing + 3) {
                                assertThat(said).startsWith("The ball goes outside everybody right");
                            } else if (x < wing - 3) {
                                assertThat(said).startsWith("The ball goes through the ");
                            }
                        });
            }
        }
        assertThat(IntStream.range(0, 40).mapToObj(i -> outside(Plays.of(lineup, "toss", Side.RIGHT), i)))
                .contains(true);
    }

    private static boolean outside(Simulation simulation, int seed) {
        return simulation.cause(simulation.snap(seed)).links().get(0).said().contains("outside everybody right");
    }

    /** A gap that nobody has is the call's, whoever stands near. */
    @Test
    void aGapThatNobodyHasPointsAtTheCall() {
        Lineup open = Plays.lineup("pro-i", Snaps.hand("anvil-drizzle", "mike", "run none"), "hs m 50 1&10");
        Simulation zone = Plays.of(open, "inside-zone", Side.RIGHT);
        List<Cause> causes =
                IntStream.range(0, 100).mapToObj(i -> zone.cause(zone.snap(i))).toList();
        assertThat(causes)
                .filteredOn(c -> c.links().stream().map(Link::said).anyMatch("Nobody has the A gap right."::equals))
                .hasSizeGreaterThan(20)
                .allMatch(c -> c.to() == Blame.CALL);
    }

    /** A man whose rules give him no place is not on the field, and it is the call's. */
    @Test
    void aManWithoutAPlaceIsTheCalls() {
        Lineup nowhere = Plays.lineup(
                "trips-open", Snaps.hand("anvil-drizzle", "mike", "align outside tight end 6 x 4"), "hs m 50 1&10");
        assertThat(nowhere.placed()).hasSize(10);
        Simulation zone = Plays.of(nowhere, "inside-zone", Side.RIGHT);
        assertThat(IntStream.range(0, 100).mapToObj(i -> zone.cause(zone.snap(i))))
                .filteredOn(c -> c.links().stream().anyMatch(l -> l.said().startsWith("mike has it, and his rules")))
                .isNotEmpty()
                .allMatch(c -> c.to() == Blame.CALL);
    }

    /** Where the same snap gains as much without it, it was not what was put in. */
    @Test
    void aFaultThatMakesNoDifferenceIsNotToBlame() {
        Simulation slow = Plays.of("pro-i", "anvil-drizzle", "inside-zone", Plays.fault("mike:slow read:8"));
        Simulation sound = Plays.of("pro-i", "anvil-drizzle", "inside-zone");
        assertThat(IntStream.range(0, 60).mapToObj(slow::snap))
                .filteredOn(snap -> slow.cause(snap).to() == Blame.FAULT)
                .isNotEmpty()
                .allMatch(snap -> sound.snap(snap.seed()).gain() < snap.gain());
    }

    @Test
    void theFaultPutInIsNamedWhenItIsHisGap() {
        Simulation slow = Plays.of("pro-i", "anvil-drizzle", "inside-zone", Plays.fault("mike:slow read:8"));
        assertThat(IntStream.range(0, 60).mapToObj(i -> slow.cause(slow.snap(i))))
                .filteredOn(c -> c.to() == Blame.FAULT)
                .isNotEmpty()
                .allMatch(c -> c.man().equals("mike"))
                .allMatch(c -> c.links().stream()
                        .anyMatch(l -> l.said().equals("Put in: he reads late by 8 ticks of 0.05 s.")));
    }
}
