package mensch.core.rung;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import mensch.core.Snaps;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A task says where it sends him: a gap on the line, a landmark, a man as he stands. */
class TaskAimTest {
    private static final Lineup SHOWN = Lineup.of(
            Snaps.LIBRARY.call("anvil-drizzle"),
            Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10"));

    private static Optional<Point> aim(String sentence) {
        Job mike = SHOWN.job("mike");
        Rung rung = RungReader.read(new RungId("x", "mike", "x"), sentence, Snaps.LIBRARY.vocabulary());
        return rung.gives().stream()
                .map(g -> g instanceof Gives.Run run ? run.steps() : ((Gives.Pass) g).steps())
                .findFirst()
                .orElseThrow()
                .first()
                .aim(SHOWN.view(mike));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            run none |
            run outside, force |
            run two-gap |
            pass hole |
            pass man #3 |
            run force |
            """)
    void nowhereWhenItNamesNoPlaceOrNobodyIsThere(String sentence) {
        assertThat(aim(sentence)).isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"run A gap, 0.5", "run B gap, 1.5", "pass rush C gap, 2.5"})
    void toTheMiddleOfItsGap(String sentence, double splits) {
        double split = SHOWN.features()
                .shape()
                .flank(SHOWN.view(SHOWN.job("mike")).my())
                .guard()
                .x();
        assertThat(aim(sentence).orElseThrow().x())
                .isEqualTo(split * splits, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(aim(sentence).orElseThrow().y()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"pass man #1", "pass spy quarterback"})
    void toAManAsHeStands(String sentence) {
        assertThat(aim(sentence).orElseThrow().y()).isNegative();
    }
}
