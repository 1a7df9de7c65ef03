package mensch.core.grading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.convention.Convention;
import mensch.core.convention.FilmLimits;
import mensch.core.film.Covariance;
import mensch.core.film.Measured;
import mensch.core.formation.Notation;
import mensch.core.geometry.Point;
import mensch.core.geometry.Region;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Place;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AlignmentVerdictTest {
    private static final FilmLimits LIMITS = Convention.standard().film();
    private static final Place RIGHT = new Place(null, new Point(7, 5), new Region(6, 8, 4, 6), List.of(), null);

    @ParameterizedTest(name = "{0} x {1}, sigma {2}: {3}")
    @CsvSource(delimiter = '|', textBlock = """
        7    | 5   | 0.1 | In
        9.8  | 5   | 0.1 | Out: 1.8 yd wide (± 0.2)
        4.5  | 5   | 0.1 | Out: 1.5 yd tight (± 0.2)
        7    | 9   | 0.1 | Out: 3.0 yd deep (± 0.2)
        7    | 1.5 | 0.1 | Out: 2.5 yd short (± 0.2)
        8.1  | 5   | 0.1 | Depth in; width not told: wide edge, ± 0.2 yd
        7.9  | 5   | 0.1 | Depth in; width not told: wide edge, ± 0.2 yd
        7    | 6.1 | 0.1 | Width in; depth not told: deep edge, ± 0.2 yd
        9.8  | 7.5 | 0.1 | Out: 1.8 yd wide (± 0.2), 1.5 yd deep (± 0.2)
        7    | 5   | 2   | Not told: wide edge, ± 3.9 yd; deep edge, ± 3.9 yd
        """)
    void theVerdictFollowsRegionAndUncertainty(double x, double y, double sigma, String words) {
        var measured = new Measured(new Point(x, y), Covariance.of(sigma, sigma), true);
        assertThat(AlignmentVerdict.of(RIGHT, measured, measured.sigmaX(), LIMITS)
                        .words())
                .isEqualTo(words);
        var mirrored = new Measured(new Point(-x, y), Covariance.of(sigma, sigma), true);
        assertThat(AlignmentVerdict.of(RIGHT.mirror(), mirrored, mirrored.sigmaX(), LIMITS)
                        .words())
                .isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"0.0,OUT", "0.5,TOO_CLOSE"})
    void aReferenceManWhoWasNotClickedWidensTheDoubt(double referenceSigma, AlignmentVerdict.Outcome outcome) {
        var measured = new Measured(new Point(8.6, 5), Covariance.of(0.1, 0.1), true);
        assertThat(AlignmentVerdict.of(RIGHT, measured, Math.hypot(measured.sigmaX(), referenceSigma), LIMITS)
                        .outcome())
                .isEqualTo(outcome);
    }

    /** A man of the line stands right as close as allowed, and up to 0.8 yd behind that. */
    @ParameterizedTest
    @CsvSource({"-0.6, OUT", "0.7, IN", "1.0, IN", "1.6, IN", "1.8, TOO_CLOSE", "2.3, OUT"})
    void aManOfTheLineIsAskedNoDepthButWithinReachOfIt(double y, AlignmentVerdict.Outcome outcome) {
        var snap = Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 | hs m 50 1&10");
        Place end = Lineup.of(Library.shipped().call("anvil-drizzle"), snap)
                .job("end-call")
                .before()
                .align()
                .orNull();
        var stood = new Measured(new Point(end.feet().x(), y), Covariance.of(0.05, 0.1), true);
        assertThat(AlignmentVerdict.of(end, stood, stood.sigmaX(), LIMITS).outcome())
                .isEqualTo(outcome);
    }
}
