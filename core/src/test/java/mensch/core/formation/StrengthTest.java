package mensch.core.formation;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.convention.Convention;
import mensch.core.field.Code;
import mensch.core.geometry.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each side word by the first fact that is not a tie, and mirrored. */
class StrengthTest {
    @ParameterizedTest(name = "{0} by {4}")
    @CsvSource(delimiter = '|', textBlock = """
        RUN_STRENGTH  | ol2 TE4 SE-15 FL-14/1.5 QB0/1 FB0/4 TB0/7         | hs m 50 1&10 | RIGHT | one attached tight end (1 to 0)
        RUN_STRENGTH  | ol2 TE4 U-4 W5.4/1.3 X-15 QB0/1 TB0/7             | hs m 50 1&10 | RIGHT | the wing (1 to 0)
        RUN_STRENGTH  | ol2 TE4 V6/0.5 U-4 X-15/1.5 QB0/1 TB0/7           | hs m 50 1&10 | RIGHT | more men on the surface (4 to 3)
        RUN_STRENGTH  | ol2 X-16 Z19 Y12/1.5 H7/1.5 QB0/5 TB0/7           | hs m 50 1&10 | RIGHT | more receivers (3 to 1)
        RUN_STRENGTH  | ol2 X-16 Z16 Y9/1.5 H-9/1.5 QB0/5 TB-1.6/5        | hs m 50 1&10 | LEFT  | the offset back
        RUN_STRENGTH  | ol2 X-16 Z16 Y9/1.5 H-9/1.5 QB0/5 TB0/7           | hs l 50 1&10 | RIGHT | the wide side of the field
        RUN_STRENGTH  | ol2 X-16 Z16 Y9/1.5 H-9/1.5 QB0/5 TB0/7           | hs m 50 1&10 | RIGHT | the declared side
        PASS_STRENGTH | ol2 TE4 X-19 Z-12/1.5 H-7/1.5 QB0/5 TB1.6/5       | hs m 50 1&10 | LEFT  | more receivers (3 to 1)
        PASS_STRENGTH | ol2 TE4 Z14/1.5 X-15 H-8/1.5 QB0/1 TB0/7          | hs m 50 1&10 | RIGHT | the attached tight end (1 to 0)
        BACK          | ol2 X-16 Z16 Y9/1.5 H-9/1.5 QB0/5 TB1.6/5         | hs m 50 1&10 | RIGHT | the offset back
        FIELD         | ol2 X-16 Z16 Y9/1.5 H-9/1.5 QB0/5 TB0/7           | hs r 50 1&10 | LEFT  | the wide side of the field
        BOUNDARY      | ol2 X-16 Z16 Y9/1.5 H-9/1.5 QB0/5 TB0/7           | hs r 50 1&10 | RIGHT | the short side of the field
        """)
    void theFirstFactThatIsNoTieDecides(SideWord word, String men, String spot, Side side, String by) {
        Snap snap = Notation.snap(men + " | " + spot);
        Decided decided = Features.of(snap, Convention.standard()).decided(word);
        assertThat(decided.side()).isEqualTo(side);
        assertThat(decided.by()).isEqualTo(by);
        Decided mirrored = Features.of(snap.mirror(), Convention.standard()).decided(word);
        assertThat(mirrored).isEqualTo(new Decided(side.opposite(), by, decided.fellBack()));
    }

    @ParameterizedTest
    @CsvSource({
        "FIELD,the ball is in the middle",
        "BOUNDARY,the ball is in the middle",
        "BACK,no back is offset",
        "MOTION,nobody moved to a side"
    })
    void aWordWithoutAnAnswerFallsBackAndSaysSo(SideWord word, String reason) {
        Decided decided = Features.of(
                        Notation.snap("ol2 X-16 Z16 Y9/1.5 H-9/1.5 QB0/5 TB0/7 | hs m 50 1&10"), Convention.standard())
                .decided(word);
        assertThat(decided.fellBack()).isTrue();
        assertThat(decided.by()).startsWith(reason + ", so ");
    }

    @Test
    void withTheLateralSpotUnknownFieldAndBoundaryAreNotKnown() {
        Features features = Features.of(
                Notation.snap("ol2 X-16 Z16 Y9/1.5 H-9/1.5 QB0/5 TB0/7 | hs ? 50 1&10"), Convention.standard());
        assertThat(features.ask(Feature.FIELD, Side.LEFT)).isEqualTo(Answer.UNKNOWN);
        assertThat(features.ask(Feature.PLUS, Side.LEFT)).isEqualTo(Answer.UNKNOWN);
        assertThat(features.ask(Feature.GUN, Side.LEFT)).isEqualTo(Answer.NO);
        assertThat(features.ask(Feature.PISTOL, Side.LEFT)).isEqualTo(Answer.YES);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7          | ''
        ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4                | the offence has 10 men
        ol2 TE4/1.2 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7      | 5 men are off the line
        ol2 TE4 Z14 X-15 H-8/1.5 QB0/1 TB0/7              | TE is covered
        """)
    void legalityIsReportedNotRepaired(String men, String problem) {
        var problems = Legality.problems(
                Notation.formation("test", men),
                Code.HIGH_SCHOOL,
                Convention.standard().thresholds());
        assertThat(String.join("; ", problems)).contains(problem);
        assertThat(problems.isEmpty()).isEqualTo(problem.isEmpty());
    }

    @ParameterizedTest
    @CsvSource({"1,SHORT", "3,SHORT", "4,MEDIUM", "6,MEDIUM", "7,LONG", "10,LONG", "11,VERY_LONG"})
    void distanceBandsHaveTheirLimits(int distance, Feature band) {
        Features features =
                Features.of(Notation.snap("ol2 X-16 Z16 QB0/5 | hs m 50 2&" + distance), Convention.standard());
        for (Feature other : new Feature[] {Feature.SHORT, Feature.MEDIUM, Feature.LONG, Feature.VERY_LONG}) {
            assertThat(features.ask(other, Side.LEFT)).isEqualTo(Answer.of(other == band));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "99,BACKED_UP",
        "90,BACKED_UP",
        "89,OPEN_FIELD",
        "21,OPEN_FIELD",
        "20,RED_ZONE",
        "11,RED_ZONE",
        "10,INSIDE_10",
        "6,INSIDE_10",
        "5,GOAL_LINE",
        "1,GOAL_LINE"
    })
    void fieldZonesHaveTheirLimits(int toGoal, Feature zone) {
        Features features =
                Features.of(Notation.snap("ol2 X-16 Z16 QB0/5 | hs m " + toGoal + " 1&1"), Convention.standard());
        for (Feature other : new Feature[] {
            Feature.BACKED_UP, Feature.OPEN_FIELD, Feature.RED_ZONE, Feature.INSIDE_10, Feature.GOAL_LINE
        }) {
            assertThat(features.ask(other, Side.LEFT)).isEqualTo(Answer.of(other == zone));
        }
    }
}
