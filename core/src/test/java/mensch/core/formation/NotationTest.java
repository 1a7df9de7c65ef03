package mensch.core.formation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import mensch.core.Snaps;
import mensch.core.convention.Convention;
import mensch.core.document.RefusedException;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NotationTest {
    @Test
    void everySnapPrintsAndReadsBack() {
        for (Snap snap : Snaps.grid()) {
            if (!snap.moved()) {
                String line = Notation.print(snap);
                assertThat(Notation.print(Notation.snap(line))).isEqualTo(line);
            }
        }
    }

    @Test
    void linemenWhoDoNotStandAsOneLineAreWrittenManByMan() {
        String apart = "LT-14 LG-1.33 C0 RG1.33 RT14 X-16 QB0/5";
        Formation formation = Notation.formation("apart", apart);
        assertThat(Notation.formation("again", Notation.print(formation)).men()).isEqualTo(formation.men());
        assertThat(Notation.print(Notation.formation("line", "ol1.5 QB0/5"))).startsWith("ol1.5 ");
    }

    @Test
    void whoTakesTheSnapIsNoReceiverAndTheQuarterbackSplitOutIsOne() {
        Shape shape = Shape.of(
                Notation.formation("direct", "ol2 X-16 QB12/1.5 HB0/5 TB-1.6/5"),
                Convention.standard().thresholds());
        assertThat(shape.quarterback()).extracting(Man::name).isEqualTo("HB");
        assertThat(shape.backs()).extracting(Man::name).containsExactly("TB");
        assertThat(shape.flank(Side.RIGHT).receivers()).extracting(Man::name).containsExactly("QB");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ol2 QB0/1 banana | banana",
                "ol2 QB0/1 & hs m 50 | needs four words",
                "ol2 QB0/1 & moon m 50 1&10 | hs, col, pro",
                "ol2 QB0/1 & hs m fifty 1&10 | yards to goal",
                "ol2 QB0/1 & hs m 50 9&10 | 1 to 4",
                "ol2 QB0/1 & hs m 150 1&10 | 1 to 99",
                "ol2 TE4 TE-4 QB0/1 | two men are called TE"
            })
    void whatCannotBeReadIsNamed(String line, String says) {
        assertThatThrownBy(() -> Notation.snap(line.replaceFirst(" & ", " | ")))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(says);
    }

    @Test
    void aMotionOfAManWhoIsNotThereIsRefused() {
        Formation formation = Notation.formation("two men", "ol2 QB0/1 TE4");
        assertThatThrownBy(() -> Notation.step(formation, "Z9/1.5"))
                .hasMessageContaining("Z")
                .hasMessageContaining("TE");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 & hs m 50 1&10 | RIGHT: TIGHT_END RECEIVERS_1 RECEIVERS_2 SURFACE_3 RUN_STRENGTH PASS_STRENGTH DECLARED FIELD BOUNDARY BACK_SIDE",
                "ol2 X-16 Z19 Y12/1.5 H7/1.5 QB0/5 TB-1.6/5 & hs l 50 1&10 | LEFT: PLUS VERY_WIDE RECEIVERS_1 BACK_HERE BOUNDARY BACK_SIDE",
                "ol2 TE4 X-19 Z-12/1.5 H-7/1.5 QB0/5 TB1.6/5 & hs m 50 1&10 | RIGHT: TIGHT_END NUB RECEIVERS_1 SURFACE_3 BACK_HERE RUN_STRENGTH FIELD BOUNDARY BACK_SIDE DECLARED",
                "ol2 TE4 WB5.4/1.3 X-15 Z15/1.5 QB0/1 TB0/6 & hs m 50 1&10 | RIGHT: TIGHT_END WING RECEIVERS_1 RECEIVERS_2 RECEIVERS_3 SURFACE_3 RUN_STRENGTH PASS_STRENGTH FIELD BOUNDARY BACK_SIDE DECLARED",
                "LT-14 LG-1.33 C0 RG1.33 RT14 X-16 Y-12.5/1.5 Z16 QB0/5 TB1.8/5 & hs m 50 1&10 | LEFT: DETACHED_LINEMAN SLOT WIDE_SLOT PASS_STRENGTH RUN_STRENGTH RECEIVERS_1 RECEIVERS_2",
                "ol2 X8 Y6.6/1.5 Z9.4/1.5 S-16 QB0/5 TB0/7 & hs m 50 1&10 | RIGHT: BUNCH STACK SLOT OPEN_TRIPS REDUCED RECEIVERS_1 RECEIVERS_2 RECEIVERS_3 RUN_STRENGTH PASS_STRENGTH FIELD BOUNDARY BACK_SIDE DECLARED"
            })
    void featuresComeFromPositions(String line, String expected) {
        Snap snap = Notation.snap(line.replaceFirst(" & ", " | "));
        Side side = Side.valueOf(expected.substring(0, expected.indexOf(':')));
        var wanted = List.of(expected.substring(expected.indexOf(':') + 2).split(" "));
        assertThat(sideFeatures(snap, side)).containsExactlyInAnyOrderElementsOf(wanted);
        assertThat(sideFeatures(snap.mirror(), side.opposite())).containsExactlyInAnyOrderElementsOf(wanted);
    }

    private static List<String> sideFeatures(Snap snap, Side side) {
        Features features = Features.of(snap, Convention.standard());
        return Arrays.stream(Feature.values())
                .filter(Feature::bySide)
                .filter(f -> features.ask(f, side) == Answer.YES)
                .map(Enum::name)
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "QB0/1 FB0/4 TB0/7|UNDER_CENTRE BACK_BEHIND TWO_BACKS I",
                "QB0/4 TB0/7|PISTOL BACK_BEHIND ONE_BACK",
                "QB0/5 TB-1.6/5|GUN ONE_BACK",
                "QB0/2 TB0/7|BACK_BEHIND ONE_BACK",
                "QB0/5|GUN EMPTY",
                "QB12/1.5 HB0/5 TB-1.6/5|DIRECT_SNAP GUN ONE_BACK",
                "QB-12/1.5 HB0/4.5 TB0/7|DIRECT_SNAP PISTOL BACK_BEHIND ONE_BACK",
                "QB0/1 LH-2/5 RH2/5|UNDER_CENTRE SPLIT_BACKS TWO_BACKS"
            })
    void theBackfieldHasItsWords(String backfield, String expected) {
        Features features =
                Features.of(Notation.snap("ol2 X-16 Z16 " + backfield + " | hs m 50 1&10"), Convention.standard());
        String found = Arrays.stream(Feature.values())
                .filter(f -> !f.bySide() && f.ordinal() <= Feature.EMPTY.ordinal())
                .filter(f -> features.ask(f, Side.LEFT) == Answer.YES)
                .map(Enum::name)
                .collect(Collectors.joining(" "));
        assertThat(List.of(found.split(" "))).containsExactlyInAnyOrderElementsOf(List.of(expected.split(" ")));
    }

    @Test
    void aBackBetweenTheTacklesHasNoNumberAndAnHBackHasOne() {
        Flank right = Shape.of(
                        Notation.formation("h", "ol2 Z16 H2.4/1.5 QB0/5 TB1.6/5 X-16"),
                        Convention.standard().thresholds())
                .flank(Side.RIGHT);
        assertThat(right.receivers()).extracting(Man::name).containsExactly("Z", "H");
        assertThat(right.hBack().name()).isEqualTo("H");
    }

    @Test
    void theSidelineMovesReceiversInAndMenInsideKeepTheirYard() {
        Snap snap = Notation.snap("ol2 X-16 Z19 Y12/1.5 H7/1.5 QB0/5 TB-1.6/5 | hs r 50 1&10");
        assertThat(snap.formation().man("Z").x()).isEqualTo(snap.field().sidelineX(Side.RIGHT) - 2.0);
        assertThat(snap.formation().movedIn())
                .extracting(Formation.MovedIn::man)
                .containsExactly("Z");
        assertThat(snap.formation().man("Y").x()).isEqualTo(12);
    }
}
