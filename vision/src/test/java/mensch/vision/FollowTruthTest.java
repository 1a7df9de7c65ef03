package mensch.vision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import mensch.camera.Body;
import mensch.camera.Weather;
import mensch.core.film.Calibration;
import mensch.core.film.KnownPoint;
import mensch.core.geometry.Point;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Men of drawn film followed from where they stand at the snap, in a camera that stands still. */
class FollowTruthTest {
    private static final double RATE = 30;
    private static final double RIGHT_YARDS = 0.5;
    private final Random hand = new Random(5);

    private static final int FRAMES = 48;
    private static final List<Integer> LOOKED_AT = List.of(12, 24, 36, 48);
    private static final List<Integer> CORRECTED = List.of(15, 30);

    /** How many were asked for in frames that were looked at, told, and told right. */
    private static final class Counts {
        private final int[] asked = new int[FRAMES + 1];
        private final int[] told = new int[FRAMES + 1];
        private final int[] right = new int[FRAMES + 1];

        int asked() {
            return IntStream.of(asked).sum();
        }

        int told() {
            return IntStream.of(told).sum();
        }

        int right() {
            return IntStream.of(right).sum();
        }

        void print(String what) {
            LOOKED_AT.forEach(f -> System.out.printf(
                    "%s, %.1f s after the snap: of %d defenders %d are told, %d of them within half a yard%n",
                    what, f / RATE, asked[f], told[f], right[f]));
        }
    }

    /** Alone, and when a coach says twice where everybody is. */
    @ParameterizedTest
    @CsvSource({"true, 0.4, 0.9", "false, 0.15, 0.7"})
    void menAreFollowedFromTheSnap(boolean sideline, double told, double right) {
        var alone = new Counts();
        var corrected = new Counts();
        Drawn.all(Weather.FINE, hand)
                .filter(d -> d.sideline() == sideline)
                .limit(2)
                .forEach(drawn -> follow(drawn, alone, corrected));
        String side = sideline ? "sideline" : "end zone";
        alone.print(side);
        corrected.print(side + ", corrected twice");
        assertThat((double) alone.told() / alone.asked()).isGreaterThan(told);
        assertThat((double) alone.right() / alone.told()).isGreaterThan(right);
        assertThat(corrected.right()).isGreaterThan(alone.right());
    }

    private void follow(Drawn drawn, Counts alone, Counts corrected) {
        List<KnownPoint> clicks = drawn.clicked(hand);
        Calibration view =
                ((Calibration.Solved) Calibration.of(clicks, drawn.tripod(hand), Drawn.LIMITS)).calibration();
        var one = new Follower(view, drawn.scene().snap().field(), RATE);
        var other = new Follower(view, drawn.scene().snap().field(), RATE);
        for (int frame = 0; frame <= FRAMES; frame++) {
            double seconds = frame / RATE;
            Picture picture = drawn.at(seconds).within(MenFinder.WIDEST_PICTURE);
            boolean look = LOOKED_AT.contains(frame);
            one.next(picture, frame == 0 ? known(drawn, seconds) : List.of(), look);
            other.next(picture, frame == 0 || CORRECTED.contains(frame) ? known(drawn, seconds) : List.of(), look);
            if (look) {
                count(drawn, frame, one.told(), alone);
                count(drawn, frame, other.told(), corrected);
            }
        }
    }

    private static List<Matching.Asked> known(Drawn drawn, double seconds) {
        return drawn.scene().bodies().stream()
                .map(b -> new Matching.Asked(b.name(), b.feet(seconds), b.defence()))
                .toList();
    }

    private static void count(Drawn drawn, int frame, List<Matching.Told> told, Counts counts) {
        for (Body body : drawn.scene().bodies()) {
            Point now = body.feet(frame / RATE);
            if (body.defence() && drawn.camera().sees(drawn.truth(now))) {
                counts.asked[frame]++;
                told.stream()
                        .filter(t -> t.name().equals(body.name()) && t.clear())
                        .forEach(t -> {
                            counts.told[frame]++;
                            counts.right[frame] += t.man().at().distance(now) < RIGHT_YARDS ? 1 : 0;
                        });
            }
        }
    }
}
