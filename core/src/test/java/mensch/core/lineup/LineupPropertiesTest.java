package mensch.core.lineup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.call.CallReader;
import mensch.core.call.Layer;
import mensch.core.call.LayeredRung;
import mensch.core.call.MotionAnswer;
import mensch.core.document.DocumentRef;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Given.By;
import mensch.core.rung.Ladder;
import mensch.core.rung.Part;
import mensch.core.rung.Rung;
import mensch.core.rung.RungId;
import mensch.core.rung.RungReader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What must hold for every call against every snap. */
class LineupPropertiesTest {
    static List<Call> calls() {
        return Snaps.LIBRARY.calls().stream()
                .filter(c -> c.front().players() == 11)
                .toList();
    }

    @ParameterizedTest
    @MethodSource("calls")
    void resolvingTheMirrorIsTheMirrorOfResolving(Call call) {
        for (long seed = 0; seed < 60; seed++) {
            Snap snap = Snaps.random(seed);
            assertThat(Lineup.of(call, snap.mirror()))
                    .as("seed %d: %s", seed, Notation.print(snap))
                    .isEqualTo(Lineup.of(call, snap).mirror());
        }
    }

    @ParameterizedTest
    @MethodSource("calls")
    void everyCallAnswersTheWholeGrid(Call call) {
        for (Snap snap : Snaps.grid()) {
            Lineup lineup = Lineup.of(call, snap);
            assertThat(lineup.jobs()).hasSize(11);
            for (Job job : lineup.jobs()) {
                assertThat(job.before().align())
                        .as("%s %s", Notation.print(snap), job.id())
                        .isInstanceOf(By.class);
                Point feet = job.feet();
                assertThat(feet.x()).isFinite();
                assertThat(feet.y()).isBetween(0.9, snap.field().endLineDepth());
                assertThat(snap.field().yardsFromSideline(feet.x() < 0 ? Side.LEFT : Side.RIGHT, feet.x()))
                        .as("%s %s", Notation.print(snap), job.id())
                        .isPositive();
            }
        }
    }

    /** The reason of each part re-tested: the firing rung says yes, every rung above it that names the part says no. */
    @ParameterizedTest
    @MethodSource("calls")
    void everyBecauseHoldsWhenAskedAgain(Call call) {
        for (Snap snap : Snaps.sample()) {
            Lineup lineup = Lineup.of(call, snap);
            if (lineup.answer() != null && lineup.answer().kind() == MotionAnswer.Kind.STAY) {
                continue; // jobs of the earlier phase, with its reasons
            }
            for (Job job : lineup.jobs()) {
                for (Part part : Part.values()) {
                    if (job.part(part) instanceof By<?> by) {
                        retest(lineup, job, part, by.chain().get(0));
                    }
                }
            }
        }
    }

    private static void retest(Lineup lineup, Job job, Part part, Why why) {
        for (LayeredRung layered : lineup.ladder(job)) {
            Rung rung = layered.rung();
            if (rung.give(part).isEmpty()) {
                continue;
            }
            Answer answer = rung.when().in(lineup.view(job));
            if (rung.id().equals(why.rung())) {
                assertThat(answer).isEqualTo(Answer.YES);
                return;
            }
            assertThat(answer).as("%s above %s", rung.id(), why.rung()).isEqualTo(Answer.NO);
        }
        throw new AssertionError(why.rung() + " is not in the ladder of " + job.id());
    }

    @ParameterizedTest
    @MethodSource("calls")
    void aRungThatNeverFiresAndALayerThatNamesNothingChangeNothing(Call call) {
        Snap snap = Notation.snap(WorkedTableTest.PRO_I);
        Rung never = RungReader.read(
                new RungId("hand", "mike", "never"),
                "when empty and two backs: align 3 technique; run C gap",
                Snaps.LIBRARY.vocabulary());
        var idle =
                new Layer(Layer.Kind.HAND, new DocumentRef("hand", 0, ""), Map.of("mike", new Ladder(List.of(never))));
        var blank = new Layer(Layer.Kind.HAND, new DocumentRef("hand", 0, ""), Map.of());
        assertThat(Lineup.of(call.under(idle), snap)).isEqualTo(Lineup.of(call, snap));
        assertThat(Lineup.of(call.under(blank), snap)).isEqualTo(Lineup.of(call, snap));
    }

    @ParameterizedTest
    @MethodSource("calls")
    void whatIsNotKnownIsNeverDecidedByALowerRung(Call call) {
        for (Snap known :
                List.of(Notation.snap(WorkedTableTest.PRO_I), Notation.snap(WorkedTableTest.TRIPS_LEFT_HASH))) {
            Snap snap = known.notKnowing(Set.of(Feature.TIGHT_END, Feature.RECEIVERS_3));
            Lineup lineup = Lineup.of(call, snap);
            for (Job job : lineup.jobs()) {
                for (Part part : Part.values()) {
                    firstThatIsNotNo(lineup, job, part);
                }
            }
            if (call.front().document().id().equals("anvil")) {
                assertThat(lineup.job("end-call").before().align()).isInstanceOf(Given.Undecided.class);
            }
        }
    }

    private static void firstThatIsNotNo(Lineup lineup, Job job, Part part) {
        for (LayeredRung layered : lineup.ladder(job)) {
            Answer answer = layered.rung().give(part).isEmpty()
                    ? Answer.NO
                    : layered.rung().when().in(lineup.view(job));
            if (answer != Answer.NO) {
                boolean undecided = job.part(part) instanceof Given.Undecided;
                assertThat(undecided)
                        .as("%s %s by %s", job.id(), part, layered.rung().id())
                        .isEqualTo(answer == Answer.UNKNOWN);
                return;
            }
        }
    }

    @Test
    void belowChangesWhatTheLadderUnderItGivesAndNamesBothRungs() {
        Call call = Snaps.LIBRARY.call("anvil-drizzle");
        var edited = CallReader.read(
                call.written()
                        .put(new RungId(call.ref().id(), "weak", "tweak"), "align below half a man wider 1 deeper"),
                1,
                Snaps.LIBRARY.vocabulary());
        Job weak = Lineup.of(edited, Notation.snap(WorkedTableTest.PRO_I)).job("weak");
        assertThat(weak.feet().x()).isEqualTo(-8.0 / 3 - 3 - 1.0 / 3);
        assertThat(weak.feet().y()).isEqualTo(7);
        assertThat(weak.before().align().chain())
                .extracting(w -> w.rung().words())
                .containsExactly("anvil-drizzle/weak/tweak", "drizzle/deep-weak/base");
    }

    @Test
    void jobsComeInFieldOrder() {
        for (Snap snap : Snaps.grid()) {
            var xs = new ArrayList<Double>();
            Lineup.of(Snaps.LIBRARY.call("anvil-fog"), snap)
                    .jobs()
                    .forEach(j -> xs.add(j.feet().x()));
            assertThat(xs).isSorted();
        }
    }

    @Test
    void idsOfJobsAreUnique() {
        Lineup lineup = Lineup.of(Snaps.LIBRARY.call("anvil-fog"), Notation.snap(WorkedTableTest.PRO_I));
        assertThat(new HashSet<>(lineup.jobs().stream().map(Job::id).toList())).hasSize(11);
    }
}
