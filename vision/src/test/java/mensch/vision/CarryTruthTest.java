package mensch.vision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import mensch.camera.Weather;
import mensch.core.film.Calibration;
import mensch.core.film.Tripod;
import mensch.core.geometry.Point;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A view carried over a pan and a zoom, against the truth: how far it has drifted at the end. */
class CarryTruthTest {
    private static final double RATE = 30;
    private static final int FRAMES = 45;
    /** As fast as a camera follows a run: yards a second along the field, and closer by so much of it. */
    private static final double PAN = 8;

    private static final double ZOOM = 0.1;
    private static final double RIGHT_YARDS = 0.2;
    private final Random hand = new Random(7);

    /** Each over a second and a half, both ways. */
    @ParameterizedTest
    @CsvSource({"true, fine, 2", "false, fine, 2", "true, hard, 2", "false, hard, 0"})
    void aViewIsCarriedWithoutDriftOrLost(boolean sideline, String weather, int least) {
        var drifts = new ArrayList<Double>();
        int views = 0;
        for (int way : new int[] {-1, 1}) {
            for (Drawn drawn : Drawn.all(weather.equals("fine") ? Weather.FINE : Weather.HARD, hand)
                    .filter(d -> d.sideline() == sideline)
                    .limit(1)
                    .toList()) {
                views++;
                carried(drawn, way).ifPresent(drifts::add);
            }
        }
        System.out.printf(
                "%s, %s: of %d views %d are carried to 1.5 s after the snap, off there by yards: %s%n",
                sideline ? "sideline" : "end zone", weather, views, drifts.size(), drifts);
        assertThat(drifts).hasSizeGreaterThanOrEqualTo(least);
        assertThat(drifts).allMatch(off -> off < RIGHT_YARDS);
    }

    private Optional<Double> carried(Drawn drawn, int way) {
        Tripod tripod = drawn.tripod(hand);
        var snap = (Calibration.Solved) Calibration.of(drawn.clicked(hand), tripod, Drawn.LIMITS);
        var carried = new CarriedView(snap.calibration(), drawn.scene().snap().field(), tripod, Drawn.LIMITS);
        Drawn last = drawn;
        for (int frame = 1; frame <= FRAMES && carried.view().isPresent(); frame++) {
            last = drawn.panned(frame / RATE, way * PAN, ZOOM);
            carried.next(last.picture());
        }
        Drawn end = last;
        return carried.view().map(view -> off(view, end));
    }

    private static double off(Calibration view, Drawn end) {
        return List.of(new Point(0, 0), new Point(8, 5), new Point(-8, 5), new Point(0, 12)).stream()
                .flatMap(at -> view.toField(end.truth(at)).stream().map(at::distance))
                .mapToDouble(d -> d)
                .max()
                .orElse(99);
    }
}
