package mensch.vision;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.ArrayList;
import java.util.OptionalInt;
import java.util.Random;
import mensch.camera.Painter;
import mensch.camera.PinholeCamera;
import mensch.camera.Point3;
import mensch.camera.ReelMaker;
import mensch.camera.Scene;
import mensch.camera.Weather;
import org.junit.jupiter.api.Test;

/** Where the ball moves, told by drawn film of ten snaps: with the camera standing still. */
class SnapTruthTest {
    private static final double RATE = 30;
    private static final int BEFORE = 30;
    private static final int AFTER = 25;
    private static final int GREY_LEVELS = 4;

    private final Random random = new Random(8);

    @Test
    void theFirstMovementOfManyIsFoundWithinTwoFrames() {
        var off = new ArrayList<Integer>();
        for (Scene scene : ReelMaker.script()) {
            int start = -BEFORE + random.nextInt(8);
            boolean sideline = scene.number() % 2 == 0;
            OptionalInt found = found(scene, ReelMaker.camera(scene, sideline), 0, start, AFTER);
            assertThat(found).as("play " + scene.number()).isPresent();
            off.add(found.getAsInt() + start);
        }
        System.out.printf("the snap is found so many frames late: %s%n", off);
        assertThat(off.stream().filter(o -> Math.abs(o) <= 2).count()).isGreaterThanOrEqualTo(8);
        assertThat(off).allMatch(o -> o >= -1 && o <= 4);
    }

    /** What the camera does itself cannot be told from what men do. */
    @Test
    void nothingIsSaidOfFilmFromAnUnsteadyHand() {
        for (Scene scene : ReelMaker.script().subList(0, 3)) {
            assertThat(found(scene, ReelMaker.camera(scene, true), 0.03, -20, AFTER))
                    .isEmpty();
            assertThat(found(scene, ReelMaker.camera(scene, false), 0.03, -20, AFTER))
                    .isEmpty();
        }
    }

    @Test
    void whereAllStandNothingIsFound() {
        Scene scene = ReelMaker.script().get(0);
        assertThat(found(scene, ReelMaker.camera(scene, true), 0, -60, -5)).isEmpty();
    }

    private OptionalInt found(Scene scene, PinholeCamera camera, double shake, int from, int to) {
        var finder = new SnapFinder(RATE);
        var image = new BufferedImage(camera.widthPixels(), camera.heightPixels(), BufferedImage.TYPE_3BYTE_BGR);
        var painter = new Painter(camera, scene.snap().field(), Weather.FINE);
        for (int frame = from; frame <= to; frame++) {
            if (shake > 0) {
                painter = new Painter(shaken(camera, shake), scene.snap().field(), Weather.FINE);
            }
            painter.frame(image, scene, frame / RATE);
            finder.next(grey(image));
        }
        return finder.found();
    }

    private PinholeCamera shaken(PinholeCamera camera, double shake) {
        Point3 aim = camera.target();
        var there =
                new Point3(aim.x() + shake * random.nextGaussian(), aim.y() + shake * random.nextGaussian(), aim.z());
        return new PinholeCamera(
                camera.eye(), there, camera.focalPixels(), camera.widthPixels(), camera.heightPixels());
    }

    /** Half as wide and high, with the noise of a sensor. */
    private byte[] grey(BufferedImage image) {
        byte[] bgr = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        byte[] grey = new byte[SnapFinder.WIDTH * SnapFinder.HEIGHT];
        for (int y = 0; y < SnapFinder.HEIGHT; y++) {
            for (int x = 0; x < SnapFinder.WIDTH; x++) {
                int sum = 0;
                for (int i : new int[] {0, 1, image.getWidth(), image.getWidth() + 1}) {
                    int at = 3 * (2 * y * image.getWidth() + 2 * x + i);
                    sum += (bgr[at] & 255) + (bgr[at + 1] & 255) + (bgr[at + 2] & 255);
                }
                grey[y * SnapFinder.WIDTH + x] = (byte) Math.min(255, sum / 12 + random.nextInt(GREY_LEVELS));
            }
        }
        return grey;
    }
}
