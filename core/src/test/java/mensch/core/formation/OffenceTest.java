package mensch.core.formation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.TreeSet;
import mensch.core.Snaps;
import mensch.core.convention.Convention;
import mensch.core.geometry.Side;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Gap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The offence beyond one set: motion kinds, an unbalanced line, personnel as it stands, legality. */
class OffenceTest {
    private static Features features(Snap snap) {
        return Features.of(snap, Convention.standard());
    }

    @ParameterizedTest(name = "{0} {1} is {2}")
    @CsvSource({
        "pro-i,short,MOTION_SHORT",
        "pro-i,across,MOTION_ACROSS",
        "pro-i,trade,MOTION_TRADE",
        "pro-i,back,MOTION_BACK",
        "pro-i,exit,MOTION_EXIT",
        "doubles-gun,jet,MOTION_JET",
        "doubles-gun,return,MOTION_RETURN",
        "doubles-ace,orbit,MOTION_ORBIT",
        "doubles-open,orbit,MOTION_ORBIT"
    })
    void aMotionIsNamedByItsWay(String formation, String motion, Feature kind) {
        for (boolean mirrored : new boolean[] {false, true}) {
            Snap snap = Snaps.LIBRARY.formation(formation).snap(motion, mirrored, "hs m 50 1&10");
            assertThat(features(snap).motion().kind()).isEqualTo(kind);
        }
    }

    @Test
    void everyKindOfMotionIsInTheLibraryAndEveryFormationIsLegalAsWritten() {
        var kinds = new TreeSet<Feature>();
        for (LibraryFormation formation : Snaps.LIBRARY.formations()) {
            String code = formation.players() == 11 ? "hs" : "flag" + formation.players();
            for (String motion : Snaps.motions(formation)) {
                Snap snap = formation.snap(motion, false, code + " m 50 1&10");
                assertThat(Legality.problems(snap, Convention.standard().thresholds()))
                        .as(formation.id() + " " + motion)
                        .isEmpty();
                if (features(snap).motion().kind() != null) {
                    kinds.add(features(snap).motion().kind());
                }
            }
        }
        assertThat(kinds)
                .contains(
                        Feature.MOTION_SHORT,
                        Feature.MOTION_ACROSS,
                        Feature.MOTION_TRADE,
                        Feature.MOTION_BACK,
                        Feature.MOTION_EXIT,
                        Feature.MOTION_JET,
                        Feature.MOTION_ORBIT,
                        Feature.MOTION_RETURN);
    }

    @ParameterizedTest
    @CsvSource({
        "TE-4 FL-9/1.5,false,2 men are in motion",
        "TE-4 FL-9/1.5,true,",
        "FL14/1.1,false,forward",
        "FL6/1.5,false,"
    })
    void twoMenInMotionOrOneForwardIsIllegalUnlessAllAreSetAgain(String step, boolean shift, String problem) {
        Snap set = Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7");
        Snap moved = set.then(Notation.step(set.formation(), step));
        List<String> problems = Legality.problems(
                shift ? moved.shifted() : moved, Convention.standard().thresholds());
        if (problem == null) {
            assertThat(problems).noneMatch(p -> p.contains("motion"));
        } else {
            assertThat(problems).anyMatch(p -> p.contains(problem));
        }
    }

    @Test
    void anUnbalancedLineMovesTheMiddleOfTheFrontOneManOver() {
        Snap snap = Notation.snap("ol2r TE5.33 U-2.67 Z-13/1.5 QB0/1 FB0/4 TB0/7");
        assertThat(Notation.print(snap.formation())).startsWith("ol2r ");
        assertThat(Notation.print(snap.mirror().formation())).startsWith("ol2l ");
        assertThat(Notation.print(Notation.snap(Notation.print(snap)))).isEqualTo(Notation.print(snap));
        Features features = features(snap);
        assertThat(features.ask(Feature.UNBALANCED, Side.RIGHT)).isEqualTo(Answer.YES);
        assertThat(features.ask(Feature.UNBALANCED, Side.LEFT)).isEqualTo(Answer.NO);
        assertThat(features.decided(SideWord.RUN_STRENGTH).by()).contains("unbalanced line");
        assertThat(features.shape().centre().name()).isEqualTo("RG");
        assertThat(features.shape().snapper().name()).isEqualTo("C");
        Lineup lineup = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap);
        assertThat(lineup.job("tackle").feet().x())
                .as("3 technique on the right tackle, who is the guard of the front")
                .isEqualTo(8.0 / 3 + 0.4);
        assertThat(lineup.job("nose").feet().x()).as("2i on the snapper").isEqualTo(0.4);
        assertThat(Gap.count(features.shape().flank(Side.RIGHT))).isEqualTo(4);
    }

    @ParameterizedTest
    @CsvSource({
        "pro-i,TWO_BACKS,ONE_END",
        "doubles-open,ONE_BACK,",
        "ace-twin-ends,ONE_BACK,TWO_ENDS",
        "heavy-13,ONE_BACK,THREE_ENDS",
        "empty-end,EMPTY,ONE_END",
        "full-house,THREE_BACKS,TWO_ENDS"
    })
    void personnelIsReadFromWhereMenStand(String formation, Feature backs, Feature ends) {
        Features features = features(Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10"));
        assertThat(features.ask(backs, Side.LEFT)).isEqualTo(Answer.YES);
        for (Feature end : List.of(Feature.ONE_END, Feature.TWO_ENDS, Feature.THREE_ENDS)) {
            assertThat(features.ask(end, Side.LEFT)).as(end.words()).isEqualTo(Answer.of(end == ends));
        }
    }
}
