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
import org.junit.jupiter.api.Test;

/** A run on paper: the words that explain it are made here. */
class SnapRunTest {
    private static final Lineup DRIZZLE = Lineup.of(
            LIBRARY.call("anvil-drizzle"),
            Notation.place(LIBRARY.formation("pro-i").formation(), "hs m 50 1&10"));
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
        assertThat(snap.ball()).hasSize(snap.ticks()).startsWith("QB").endsWith("TB");
        assertThat(snap.events())
                .anyMatch(e -> e.main() && e.said().equals("TB has the ball from QB."))
                .anyMatch(e -> !e.main() && e.said().startsWith("Mike sees "));
    }

    @Test
    void whatIsPutInIsHeldAgainstThePlayWithoutIt() {
        SnapRun late = maker.of(DRIZZLE, "power", Side.RIGHT, List.of(Fault.of("end-call:false step:1.5")), 200, null)
                .orElseThrow();
        assertThat(late.without().said())
                .startsWith("With it the offence gains ")
                .contains("more on the average");
        assertThat(late.without().least()).isPositive();
    }

    @Test
    void aSnapIsWatchedBySeedAndAnOptionIsNotRun() {
        SnapRun seventh =
                maker.of(DRIZZLE, "power", Side.LEFT, List.of(), 20, 7L).orElseThrow();
        assertThat(seventh.snap().seed()).isEqualTo(7);
        assertThat(maker.of(DRIZZLE, "triple", Side.RIGHT, List.of(), 20, null)).isEmpty();
        assertThat(maker.of(DRIZZLE, "no-such-run", Side.RIGHT, List.of(), 20, null))
                .isEmpty();
    }

    /** One time of ten a quarterback reads his man wrong: it is not said that the man came down who did not. */
    @Test
    void aMisreadIsSaidAsOne() {
        Lineup gun = Lineup.of(
                LIBRARY.call("anvil-drizzle"),
                Notation.place(LIBRARY.formation("doubles-gun").formation(), "hs m 50 1&10"));
        List<String> kept = LongStream.range(0, 100)
                .mapToObj(seed -> maker.of(gun, "zone-read", Side.RIGHT, List.of(), 1, seed)
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
    void whatBeatsACallIsEveryRunThereIsWorstFirst() {
        List<SnapRun.BeatsRow> rows = maker.beats(DRIZZLE, 20);
        assertThat(rows)
                .extracting(SnapRun.BeatsRow::holds)
                .isSortedAccordingTo(Double::compare)
                .hasSizeGreaterThan(20);
        assertThat(rows).noneMatch(r -> r.play().equals("triple"));
        SnapRun.BeatsRow worst = rows.get(0);
        SnapRun alone = maker.of(DRIZZLE, worst.play(), worst.side(), List.of(), 20, null)
                .orElseThrow();
        assertThat(worst.mean()).isEqualTo(alone.outcome().mean());
        assertThat(worst.holds()).isEqualTo(alone.outcome().holds());
        assertThat(worst.why()).endsWith(".").matches("[A-Z].*");
    }
}
