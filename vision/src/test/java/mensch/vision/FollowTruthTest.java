package mensch.vision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import mensch.camera.Body;
import mensch.camera.Weather;
import mensch.core.field.Field;
import mensch.core.film.Calibration;
import mensch.core.film.Feet;
import mensch.core.film.FilmedPath;
import mensch.core.film.KnownPoint;
import mensch.core.film.Shot;
import mensch.core.film.Tripod;
import mensch.core.geometry.Point;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Men of drawn film followed from where they stand at the snap, in a camera that stands still and in one that turns.
 */
class FollowTruthTest {
    private static final double RATE = 30;
    private static final double RIGHT_YARDS = 0.5;
    private static final double ZOOM = 0.05;
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

        private final Map<String, List<FilmedPath.Look>> looks = new HashMap<>();
        private int paces;
        private int truePaces;

        /** Who is told where in a frame, as the application keeps it. */
        void look(Calibration view, double seconds, List<Matching.Told> told) {
            told.stream()
                    .filter(Matching.Told::clear)
                    .forEach(t -> view.sight(Map.of(
                                    new Shot(t.name(), seconds),
                                    new Feet(t.man().feet(), Feet.Told.FOUND)))
                            .seen()
                            .forEach(s -> looks.computeIfAbsent(t.name(), n -> new ArrayList<>())
                                    .add(new FilmedPath.Look(seconds, s.at()))));
        }

        /** Whether each man was as fast as is said of him. */
        void ran(Drawn drawn) {
            double half = Drawn.LIMITS.path().held() / 2;
            looks.forEach((name, his) -> FilmedPath.of(his, Drawn.LIMITS)
                    .fastest(Drawn.LIMITS)
                    .ifPresent(pace -> {
                        Body body = drawn.body(name);
                        double truth = body.feet(pace.seconds() - half).distance(body.feet(pace.seconds() + half))
                                / (2 * half);
                        paces++;
                        truePaces += truth > pace.atLeast() && truth < pace.atMost() ? 1 : 0;
                    }));
            looks.clear();
        }

        void print(String what) {
            if (paces > 0) {
                System.out.printf("%s, speeds after the snap: %d of %d inside 95 %%%n", what, truePaces, paces);
            }
            LOOKED_AT.forEach(f -> System.out.printf(
                    "%s, %.1f s after the snap: of %d defenders %d are told, %d of them within half a yard%n",
                    what, f / RATE, asked[f], told[f], right[f]));
        }
    }

    /** Alone, and when a coach says twice where everybody is; and in a camera that turns with the play. */
    @ParameterizedTest
    @CsvSource({"true, 0, 0.4, 0.9", "false, 0, 0.15, 0.7", "true, 4, 0.3, 0.85"})
    void menAreFollowedFromTheSnap(boolean sideline, double pan, double told, double right) {
        var alone = new Counts();
        var corrected = new Counts();
        Drawn.all(Weather.FINE, hand)
                .filter(d -> d.sideline() == sideline)
                .limit(pan == 0 ? 2 : 1)
                .forEach(drawn -> follow(drawn, pan, alone, corrected));
        String side = (sideline ? "sideline" : "end zone") + (pan == 0 ? "" : ", camera turned by " + pan + " yd/s");
        alone.print(side);
        corrected.print(side + ", corrected twice");
        assertThat((double) alone.told() / alone.asked()).isGreaterThan(told);
        assertThat((double) alone.right() / alone.told()).isGreaterThan(right);
        assertThat(corrected.right()).isGreaterThan(alone.right());
        assertThat((double) alone.truePaces / alone.paces).isGreaterThan(0.8);
    }

    private void follow(Drawn drawn, double pan, Counts alone, Counts corrected) {
        List<KnownPoint> clicks = drawn.clicked(hand);
        Tripod tripod = drawn.tripod(hand);
        Calibration view = ((Calibration.Solved) Calibration.of(clicks, tripod, Drawn.LIMITS)).calibration();
        Field field = drawn.scene().snap().field();
        var one = new PlayFollower(view, field, tripod, Drawn.LIMITS, RATE);
        var other = new PlayFollower(view, field, tripod, Drawn.LIMITS, RATE);
        for (int frame = 0; frame <= FRAMES; frame++) {
            Drawn now = drawn.panned(frame / RATE, pan, pan == 0 ? 0 : ZOOM);
            Picture picture = now.picture().within(MenFinder.WIDEST_PICTURE);
            one.next(picture, frame == 0 ? known(now, frame) : List.of());
            other.next(picture, frame == 0 || CORRECTED.contains(frame) ? known(now, frame) : List.of());
            double seconds = frame / RATE;
            one.view().ifPresent(at -> alone.look(at, seconds, one.told()));
            if (LOOKED_AT.contains(frame)) {
                count(now, frame, one.told(), alone);
                count(now, frame, other.told(), corrected);
            }
        }
        alone.ran(drawn);
        assertThat(one.camera())
                .isIn(pan == 0 ? PlayFollower.Camera.STOOD : PlayFollower.Camera.TURNED, PlayFollower.Camera.NOT_TOLD);
    }

    private static List<Follower.Man> known(Drawn drawn, int frame) {
        return drawn.scene().bodies().stream()
                .map(b -> new Follower.Man(b.name(), b.defence(), drawn.truth(b.feet(frame / RATE))))
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
