package mensch.core.grading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The rep log of handbook 5: its totals, split by whom it was against. */
class RepLogTest {
    private static final Set<Long> AGAINST_BACKUPS = Set.of(31L, 36L, 40L, 44L);

    private static Rep rep(String man, long snap, RepOutcome outcome) {
        return new Rep(snap, man, "marrow", Target.MAN, List.of(), List.of(), Beside.ended(outcome));
    }

    private static final List<Rep> LOG = List.of(
            rep("E", 3, RepOutcome.POSITIVE),
            rep("E", 9, RepOutcome.WIN),
            rep("E", 14, RepOutcome.UNRATED),
            rep("E", 15, RepOutcome.WIN),
            rep("E", 22, RepOutcome.WIN),
            rep("D", 3, RepOutcome.LOSS),
            rep("D", 9, RepOutcome.WIN),
            rep("D", 18, RepOutcome.LOSS),
            rep("D", 20, RepOutcome.LOSS),
            rep("D", 31, RepOutcome.WIN),
            rep("D", 36, RepOutcome.WIN),
            rep("D", 40, RepOutcome.WIN),
            rep("D", 44, RepOutcome.WIN));

    private static List<Rep> of(String man) {
        return LOG.stream().filter(r -> r.man().equals(man)).toList();
    }

    @Test
    void theTotalsAreThoseOfTheLog() {
        assertThat(Outcomes.of(of("E")).words()).isEqualTo("4 positive of 5, 1 unrated");
        assertThat(Outcomes.of(of("D")).words()).isEqualTo("5-3");
        assertThat(Outcomes.of(of("D").stream()
                                .filter(r -> !AGAINST_BACKUPS.contains(r.play()))
                                .toList())
                        .words())
                .isEqualTo("1-3");
        assertThat(Outcomes.of(of("D").stream()
                        .filter(r -> AGAINST_BACKUPS.contains(r.play()))
                        .toList()))
                .isEqualTo(new Outcomes(4, 0, 0, 0, 0, 0));
    }

    /** Blocked without being moved, away from the play, is no loss; a second coach's word is no second play. */
    @Test
    void neutralIsNoLossAndAPlayCountsOnce() {
        var reps = new ArrayList<>(of("D"));
        reps.add(rep("D", 50, RepOutcome.NEUTRAL));
        reps.add(new Rep(9, "D", "abara", Target.MAN, List.of(), List.of(), Beside.ended(RepOutcome.WIN)));
        assertThat(Outcomes.of(reps).words()).isEqualTo("5-3, 1 neutral");
        reps.add(new Rep(18, "D", "abara", Target.MAN, List.of(), List.of(), Beside.ended(RepOutcome.WIN)));
        assertThat(Outcomes.of(reps).words()).isEqualTo("5-2, 1 neutral, 1 not agreed");
        assertThat(Outcomes.of(List.of()).words()).isEmpty();
    }

    /** A set-up is a loss until the play that it set up is named and went well. */
    @Test
    void whatIsSaidToHaveSetUpAPlayWaitsForThatPlay() {
        Rep alone = new Rep(14, "E", "marrow", Target.MAN, List.of(), List.of(), setUp(null));
        Rep linked = new Rep(14, "E", "marrow", Target.MAN, List.of(), List.of(), setUp(22L));
        assertThat(Outcomes.of(List.of(alone, rep("E", 22, RepOutcome.WIN))).losses())
                .isEqualTo(1);
        assertThat(Outcomes.of(List.of(linked, rep("E", 22, RepOutcome.WIN))).words())
                .isEqualTo("1 positive of 2, 1 unrated");
        assertThat(Outcomes.of(List.of(linked, rep("E", 22, RepOutcome.LOSS))).words())
                .isEqualTo("0-2");
        assertThat(Outcomes.of(List.of(linked, rep("D", 22, RepOutcome.WIN))).losses())
                .isEqualTo(1);
    }

    private static Beside setUp(@Nullable Long later) {
        return new Beside(Set.of(), RepOutcome.SET_UP, later, false, null, null, null, null);
    }

    /** Two coaches who see a criterion differently have not agreed; a fault of the call is none of the man's. */
    @Test
    void criteriaAddUpAsFacetsDo() {
        var pads = new Topic("interior-run", "pads");
        List<Rep> reps = List.of(
                marked(1, "marrow", Target.MAN, GradeMark.BELOW),
                marked(1, "abara", Target.MAN, GradeMark.BELOW),
                marked(2, "marrow", Target.MAN, GradeMark.BELOW),
                marked(2, "abara", Target.MAN, GradeMark.TO_STANDARD),
                marked(3, "marrow", Target.CALL_OR_TEACHING, GradeMark.BELOW),
                marked(4, "marrow", Target.MAN, GradeMark.NOT_TOLD),
                marked(5, "marrow", Target.MAN, GradeMark.ABOVE));
        assertThat(tally(reps, List.of(), pads)).isEqualTo(new Tally(1, 0, 1, 1, 1, 1));
        // talked about, and one mark stands
        var settled = new Settled(2, "D", pads, GradeMark.TO_STANDARD);
        assertThat(tally(reps, List.of(settled), pads)).isEqualTo(new Tally(1, 1, 1, 1, 0, 1));
        // nobody's mark any more, or of men whose coaches agree: it does not count
        for (var stale :
                List.of(new Settled(2, "D", pads, GradeMark.ABOVE), new Settled(1, "D", pads, GradeMark.TO_STANDARD))) {
            assertThat(tally(reps, List.of(stale), pads)).isEqualTo(new Tally(1, 0, 1, 1, 1, 1));
        }
    }

    private static Tally tally(List<Rep> reps, List<Settled> settled, Topic topic) {
        return Tally.of(Counts.of(reps, settled).get(topic).stream()
                .map(Counts.Play::as)
                .toList());
    }

    private static Rep marked(long play, String grader, Target target, GradeMark mark) {
        var criterion = new CriterionMark("interior-run", "", "pads", mark);
        return new Rep(play, "D", grader, target, List.of(), List.of(criterion), Beside.NOTHING);
    }

    @ParameterizedTest
    @CsvSource({"=, =, n/a, =", "+, +, =, +", "+, =, n/a, =", "+, -, +, -", "n/a, n/a, n/a, ''"})
    void oneFaultIsBelowStandardAndWhatNobodySawCountsForNothing(String a, String b, String c, String proposed) {
        List<CriterionMark> marks = List.of(a, b, c).stream()
                .map(m -> new CriterionMark("edge-run", "", m, mark(m)))
                .toList();
        assertThat(CriterionMark.proposes("nose", marks)
                        .map(p -> p.mark().words())
                        .orElse(""))
                .isEqualTo(proposed);
    }

    private static GradeMark mark(String words) {
        return List.of(GradeMark.values()).stream()
                .filter(m -> m.words().equals(words))
                .findFirst()
                .orElseThrow();
    }
}
