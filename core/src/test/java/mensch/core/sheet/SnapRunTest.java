package mensch.core.sheet;

import static mensch.core.Snaps.LIBRARY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.LongStream;
import mensch.core.formation.Notation;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.simulation.Fault;
import mensch.core.simulation.Playable;
import org.junit.jupiter.api.Test;

/** A run on paper: the words that explain it are made here. */
class SnapRunTest {
    private static final Lineup DRIZZLE = Lineup.of(
            LIBRARY.call("anvil-drizzle"),
            Notation.place(LIBRARY.formation("pro-i").formation(), "hs m 50 1&10"));
    private static final Lineup DOUBLES = Lineup.of(
            LIBRARY.call("anvil-drizzle"),
            Notation.place(LIBRARY.formation("doubles-gun").formation(), "hs m 50 1&10"));
    private final SnapRunMaker maker = new SnapRunMaker(LIBRARY.plays());

    @Test
    void aRunSaysWhatComesOfItAndShowsATypicalSnap() {
        SnapRun power =
                maker.of(DRIZZLE, "power", Side.RIGHT, List.of(), 50, null).orElseThrow();
        assertThat(power.said())
                .startsWith("Of 50 snaps (model) the offence gains ")
                .contains("the call holds in ");
        assertThat(power.outcome().shares().stream()
                        .mapToDouble(SnapRun.ShareRow::share)
                        .sum())
                .isCloseTo(1, within(1e-9));
        assertThat(power.snap().gain()).isEqualTo(power.watch().get(0).gain());
        assertThat(power.without()).isNull();
        SnapRun.SnapRow snap = power.snap();
        assertThat(snap.men()).hasSize(22).contains("TB", "mike");
        assertThat(snap.tracks()).allMatch(track -> track.size() == 2 * snap.ticks());
        assertThat(snap.ball()).hasSize(2 * snap.ticks());
        assertThat(snap.ball().subList(0, 2)).isEqualTo(first(snap, "QB", 0));
        assertThat(snap.ball().subList(2 * snap.ticks() - 2, 2 * snap.ticks()))
                .isEqualTo(first(snap, "TB", snap.ticks() - 1));
        assertThat(snap.events())
                .anyMatch(e -> e.main() && e.said().equals("TB has the ball from QB."))
                .anyMatch(e -> !e.main() && e.said().startsWith("Mike sees "));
    }

    private static List<Float> first(SnapRun.SnapRow snap, String man, int tick) {
        return snap.tracks().get(snap.men().indexOf(man)).subList(2 * tick, 2 * tick + 2);
    }

    /** A pass says how it ends and who has whom; the ball leaves the hand and comes down where it is caught. */
    @Test
    void aPassIsRunAsWell() {
        SnapRun smash =
                maker.of(DOUBLES, "smash", Side.RIGHT, List.of(), 50, null).orElseThrow();
        assertThat(smash.outcome().shares())
                .extracting(SnapRun.ShareRow::words)
                .startsWith("sacked", "thrown away", "incomplete", "intercepted");
        assertThat(smash.outcome().shares().stream()
                        .mapToDouble(SnapRun.ShareRow::share)
                        .sum())
                .isCloseTo(1, within(1e-9));
        SnapRun.SnapRow snap = LongStream.range(0, 50)
                .mapToObj(seed -> maker.of(DOUBLES, "smash", Side.LEFT, List.of(), 1, seed)
                        .orElseThrow()
                        .snap())
                .filter(s -> s.events().stream().anyMatch(e -> e.said().contains(" has it, ")))
                .findFirst()
                .orElseThrow();
        SnapRun.EventRow caught = snap.events().stream()
                .filter(e -> e.said().contains(" has it, "))
                .findFirst()
                .orElseThrow();
        assertThat(snap.ball().subList(2 * caught.tick(), 2 * caught.tick() + 2))
                .isEqualTo(first(snap, caught.man(), caught.tick()));
        assertThat(snap.cause().links().get(0).said()).contains(" has it ").contains(" from ");
    }

    @Test
    void whatIsPutInIsHeldAgainstThePlayWithoutIt() {
        SnapRun late = maker.of(
                        DRIZZLE,
                        "power",
                        Side.RIGHT,
                        List.of(new Fault("end-call", Fault.Kind.FALSE_STEP, 1.5)),
                        200,
                        null)
                .orElseThrow();
        assertThat(late.without().said())
                .startsWith("With it the offence gains ")
                .contains("more on the average");
        assertThat(late.without().least()).isPositive();
        assertThat(late.faults())
                .containsExactly(new SnapRun.FaultRow(
                        "end-call", Fault.Kind.FALSE_STEP, "End call takes a false step of 1.5 yd"));
        assertThat(late.kinds()).extracting(SnapRun.KindRow::unit).containsOnly("yd", "ticks of 0.05 s");
    }

    @Test
    void aSnapIsWatchedBySeedAndWhatTheFormationCannotRunIsNot() {
        SnapRun seventh =
                maker.of(DRIZZLE, "power", Side.LEFT, List.of(), 20, 7L).orElseThrow();
        assertThat(seventh.snap().seed()).isEqualTo(7);
        assertThat(maker.of(DRIZZLE, "snag-four", Side.RIGHT, List.of(), 20, null))
                .as("it needs three receivers on a side")
                .isEmpty();
        assertThat(maker.of(DRIZZLE, "no-such-run", Side.RIGHT, List.of(), 20, null))
                .isEmpty();
    }

    /** One time of ten a quarterback reads his man wrong: it is not said that the man came down who did not. */
    @Test
    void aMisreadIsSaidAsOne() {
        List<String> kept = LongStream.range(0, 100)
                .mapToObj(seed -> maker.of(DOUBLES, "zone-read", Side.RIGHT, List.of(), 1, seed)
                        .orElseThrow())
                .flatMap(run -> run.snap().events().stream())
                .map(SnapRun.EventRow::said)
                .filter(said -> said.startsWith("QB keeps it"))
                .toList();
        assertThat(kept).isNotEmpty().allMatch(s -> s.contains("comes down.") != s.contains("wrong: he stays."));
        assertThat(kept).anyMatch(said -> said.contains("reads end away wrong: he stays."));
    }

    /** Worst first by what the down asks; each figure is the one that running it alone gives. */
    @Test
    void whatBeatsACallIsEveryPlayThereIsWorstFirst() {
        List<SnapRun.BeatsRow> rows = maker.beats(DRIZZLE, 20);
        assertThat(rows)
                .extracting(SnapRun.BeatsRow::holds)
                .isSortedAccordingTo(Double::compare)
                .hasSizeGreaterThan(20);
        assertThat(rows).anyMatch(r -> r.play().equals("triple")).anyMatch(r -> r.kind() == Playable.Kind.PASS);
        SnapRun.BeatsRow worst = rows.get(0);
        SnapRun alone = maker.of(DRIZZLE, worst.play(), worst.side(), List.of(), 20, null)
                .orElseThrow();
        assertThat(worst.mean()).isEqualTo(alone.outcome().mean());
        assertThat(worst.holds()).isEqualTo(alone.outcome().holds());
        assertThat(worst.why()).endsWith(".").matches("[A-Z].*");
    }

    /** The other call is run on the same snaps: the same call beside itself differs in nothing. */
    @Test
    void twoCallsAreRunWithTheSameLuck() {
        SnapRun.BesideRow self = maker.beside(DRIZZLE, List.of(), DRIZZLE, "power", Side.RIGHT, 40, 3)
                .orElseThrow();
        assertThat(self.difference().mean()).isZero();
        assertThat(self.snap())
                .isEqualTo(maker.of(DRIZZLE, "power", Side.RIGHT, List.of(), 40, 3L)
                        .orElseThrow()
                        .snap());
        Lineup other = Lineup.of(LIBRARY.call("anvil-fog"), DRIZZLE.snap());
        SnapRun.BesideRow fog = maker.beside(DRIZZLE, List.of(), other, "power", Side.RIGHT, 40, 3)
                .orElseThrow();
        assertThat(fog.call()).isEqualTo("anvil-fog");
        assertThat(fog.snap().men())
                .containsAll(other.jobs().stream().map(j -> j.id()).toList());
        List<SnapRun.AtCallRow> calls = maker.calls(List.of(DRIZZLE, other), "power", Side.RIGHT, 40);
        assertThat(calls).hasSize(2);
        assertThat(calls.get(0).holds()).isGreaterThanOrEqualTo(calls.get(1).holds());
        assertThat(calls.stream()
                        .filter(c -> c.call().equals("anvil-fog"))
                        .findFirst()
                        .orElseThrow()
                        .mean())
                .isEqualTo(fog.outcome().mean());
    }

    /** Every gap is somewhere at every tick; who has it at the snap is who has it by his job. */
    @Test
    void gapsMoveWithTheLineAndChangeHands() {
        SnapRun.SnapRow right = maker.of(DRIZZLE, "outside-zone", Side.RIGHT, List.of(), 10, 3L)
                .orElseThrow()
                .snap();
        assertThat(right.gaps()).hasSizeGreaterThan(6).allMatch(g -> g.x().size() == right.ticks());
        SnapRun.GapNowRow b = right.gaps().stream()
                .filter(g -> g.name().equals("B gap right"))
                .findFirst()
                .orElseThrow();
        assertThat(b.held()).anyMatch(h -> h.man().equals("tackle") && h.from() == 0);
        assertThat(b.x().get(20)).as("the line flows to the right").isGreaterThan(b.x().get(0) + 0.3f);
        SnapRun.SnapRow left = maker.of(DRIZZLE, "outside-zone", Side.LEFT, List.of(), 10, 3L)
                .orElseThrow()
                .snap();
        assertThat(left.gaps().stream()
                        .filter(g -> g.name().equals("B gap left"))
                        .findFirst()
                        .orElseThrow()
                        .x()
                        .get(0))
                .isNegative();
    }

    /** The ball goes to somebody who is open then, or when a rusher is near; the nearest of them comes nearer. */
    @Test
    void windowsOpenBeforeTheThrowAndTheRushComes() {
        SnapRun stick =
                maker.of(DOUBLES, "hitches", Side.RIGHT, List.of(), 40, 3L).orElseThrow();
        SnapRun.SnapRow snap = stick.snap();
        SnapRun.EventRow thrown = snap.events().stream()
                .filter(e -> e.said().contains("throw"))
                .findFirst()
                .orElseThrow();
        assertThat(snap.rush()).hasSize(thrown.tick() + 1);
        assertThat(snap.rush().get(thrown.tick())).isLessThan(snap.rush().get(0));
        assertThat(snap.windows()).anyMatch(w -> w.man().equals(thrown.whom()) && w.from() <= thrown.tick());
        assertThat(maker.of(DRIZZLE, "power", Side.RIGHT, List.of(), 10, 3L)
                        .orElseThrow()
                        .snap()
                        .rush())
                .isEmpty();
    }
}
