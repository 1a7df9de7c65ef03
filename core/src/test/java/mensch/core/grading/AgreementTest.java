package mensch.core.grading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import mensch.core.rubric.Facet;
import org.junit.jupiter.api.Test;

/** How far two coaches agree. */
class AgreementTest {
    private final List<Rep> first = new ArrayList<>();
    private final List<Rep> second = new ArrayList<>();

    private void plays(int times, GradeMark one, GradeMark other) {
        for (int i = 0; i < times; i++) {
            long play = first.size();
            first.add(rep(play, "marrow", one));
            second.add(rep(play, "abara", other));
        }
    }

    private static Rep rep(long play, String grader, GradeMark mark) {
        return Rep.of(play, "mike", grader, Target.MAN, List.of(new FacetMark(Facet.KEY, mark, null, null)));
    }

    private Agreement agreement() {
        return Agreement.of(Agreement.pairs(first, second)).get(Topic.of(Facet.KEY));
    }

    /** 35 of 50 alike where chance gives 25: 0.4. */
    @Test
    void agreementIsCountedBeyondChance() {
        plays(20, GradeMark.TO_STANDARD, GradeMark.TO_STANDARD);
        plays(5, GradeMark.TO_STANDARD, GradeMark.BELOW);
        plays(10, GradeMark.BELOW, GradeMark.TO_STANDARD);
        plays(15, GradeMark.BELOW, GradeMark.BELOW);
        assertThat(agreement().both()).isEqualTo(50);
        assertThat(agreement().same()).isEqualTo(35);
        assertThat(agreement().kappa().orElseThrow()).isCloseTo(0.4, within(1e-12));
    }

    /** A mark beside the other is half as far off as one at the other end. */
    @Test
    void neighboursAreNotSoFarApart() {
        plays(10, GradeMark.ABOVE, GradeMark.ABOVE);
        plays(10, GradeMark.BELOW, GradeMark.BELOW);
        plays(10, GradeMark.TO_STANDARD, GradeMark.ABOVE);
        double near = agreement().weighted().orElseThrow();
        assertThat(near).isGreaterThan(agreement().kappa().orElseThrow());
        first.clear();
        second.clear();
        plays(10, GradeMark.ABOVE, GradeMark.ABOVE);
        plays(10, GradeMark.BELOW, GradeMark.BELOW);
        plays(10, GradeMark.BELOW, GradeMark.ABOVE);
        assertThat(agreement().weighted().orElseThrow()).isLessThan(near);
    }

    @Test
    void whereAllMarksAreOneChanceExplainsAll() {
        plays(12, GradeMark.TO_STANDARD, GradeMark.TO_STANDARD);
        assertThat(agreement().same()).isEqualTo(12);
        assertThat(agreement().kappa()).isEmpty();
    }

    /** 63 of 66 alike is no agreement of nought, though one of them never gave another mark. */
    @Test
    void whereOneOfThemGivesOneMarkAlwaysKappaTellsNothing() {
        plays(63, GradeMark.TO_STANDARD, GradeMark.TO_STANDARD);
        plays(3, GradeMark.TO_STANDARD, GradeMark.BELOW);
        assertThat(agreement().same()).isEqualTo(63);
        assertThat(agreement().kappa()).isEmpty();
        assertThat(agreement().weighted()).isEmpty();
    }

    @Test
    void whatOneCouldNotTellIsADifferenceAndNoStepOfTheLadder() {
        plays(10, GradeMark.TO_STANDARD, GradeMark.TO_STANDARD);
        plays(10, GradeMark.BELOW, GradeMark.BELOW);
        plays(5, GradeMark.NOT_TOLD, GradeMark.BELOW);
        assertThat(agreement().same()).isEqualTo(20);
        assertThat(agreement().kappa().orElseThrow()).isLessThan(1);
        assertThat(agreement().weighted().orElseThrow()).isCloseTo(1, within(1e-12));
    }

    @Test
    void onlyWhatBothMarkedIsCompared() {
        plays(3, GradeMark.BELOW, GradeMark.ABOVE);
        first.add(rep(99, "marrow", GradeMark.BELOW));
        second.add(Rep.of(0, "will", "abara", Target.MAN, List.of()));
        assertThat(Agreement.pairs(first, second)).hasSize(3);
    }
}
