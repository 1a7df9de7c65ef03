package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.Snaps;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.matchup.Conflict;
import mensch.core.play.BallPath;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Nobody has a run job and a pass job at once. */
class ConflictRuleTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    /**
     * A patient man has one job after the other: holding the window until the quarterback crosses is no conflict, the
     * same man told to fit at once is in one.
     */
    @Test
    void aManWhoWaitsIsNotInConflict() {
        Snap trips = RULES.snap("trips-tight");
        Subject waits = RULES.subject(
                RULES.call("anvil-drizzle", "mike", "run none until quarterback crosses then A gap"), trips);
        assertThat(waits.conflicts())
                .noneMatch(c -> c.key() != null && c.key().id().equals("mike") && c.overlap() > 0);
        Subject fits = RULES.subject(RULES.call("anvil-drizzle"), trips);
        List<Conflict> his = fits.conflicts().stream()
                .filter(c -> c.key() != null && c.key().id().equals("mike") && c.overlap() > 0)
                .toList();
        assertThat(his).isNotEmpty();
        assertThat(his.get(0).run().from()).isLessThan(his.get(0).run().to());
        assertThat(RULES.titles(fits, Rule.CONFLICT, Severity.WEAK))
                .anyMatch(t -> t.startsWith("mike is in conflict on "));
        Subject rush = RULES.subject(RULES.call("anvil-drizzle", "mike", "pass rush"), trips);
        assertThat(rush.conflicts())
                .as("a rusher has no window")
                .noneMatch(c -> c.key() != null && c.key().id().equals("mike") && c.overlap() > 0);
    }

    /** A force man is asked by a run that comes to his edge, not by one inside or away from him. */
    @Test
    void aForceManIsNotAskedByARunInside() {
        for (String call : List.of("anvil-drizzle", "anvil-frost")) {
            Subject subject = RULES.subject(RULES.call(call), RULES.snap("trips-open"));
            assertThat(subject.conflicts())
                    .filteredOn(c -> c.key() != null
                            && c.key().id().equals("nickel")
                            && c.name().startsWith("Inside"))
                    .isNotEmpty()
                    .allMatch(c -> c.run() == null && c.overlap() == 0);
        }
        Subject gap = RULES.subject(RULES.call("anvil-drizzle", "nickel", "run B gap"), RULES.snap("trips-open"));
        assertThat(gap.conflicts())
                .anyMatch(c -> c.key() != null && c.key().id().equals("nickel") && c.overlap() > 0);
    }

    /** OP-03: on a power read each way of the ball has an owner; take the force man away and the sweep has none. */
    @Test
    void op03EachWayOfTheBallHasAnOwner() {
        Snap gun = RULES.snap("doubles-gun");
        for (Snap snap : List.of(gun, gun.mirror())) {
            Side side = snap == gun ? Side.RIGHT : Side.LEFT;
            Conflict read = power(RULES.subject(Snaps.LIBRARY.call("bellows-shad"), snap), side);
            assertThat(read.open()).isEmpty();
            assertThat(read.owners().keySet()).containsExactly(BallPath.QUARTERBACK, BallPath.PITCH);
            assertThat(read.owners().get(BallPath.QUARTERBACK).id()).isIn("nose", "end-call", "end-away", "will");
            assertThat(read.owners().get(BallPath.PITCH).id()).isIn("sam", "mike", "strong", "free");
        }
        Subject nobody = RULES.subject(
                RULES.call("anvil-drizzle", "nickel", "run D gap", "free", "run none", "mike", "run A gap"), gun);
        assertThat(power(nobody, Side.RIGHT).open()).containsExactly(BallPath.PITCH);
        assertThat(RULES.titles(nobody, Rule.CONFLICT, Severity.WEAK))
                .contains("Nobody has the pitch on Power read to the right.");
    }

    /** One job ends as the other begins: no conflict; a hundredth of a second more is one. */
    @ParameterizedTest
    @CsvSource({"1.0,0", "1.01,0.01", "0.5,0"})
    void twoJobsAreAConflictOnlyWhileTheyOverlap(double runEnds, double overlap) {
        var conflict = new Conflict(
                Optional.empty(),
                "x",
                Side.LEFT,
                null,
                new Conflict.Demand("C gap", 0, runEnds),
                new Conflict.Demand("flat", 1, 2),
                Map.of(),
                List.of());
        assertThat(conflict.overlap()).isCloseTo(overlap, org.assertj.core.api.Assertions.within(1e-9));
    }

    private static Conflict power(Subject subject, Side side) {
        return subject.conflicts().stream()
                .filter(c -> c.name().equals("Power read") && c.play() == side)
                .findFirst()
                .orElseThrow();
    }
}
