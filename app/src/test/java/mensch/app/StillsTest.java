package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Small pictures of frames, for coaches alone and as long as there is the film. */
@ExtendWith(RunningApp.class)
class StillsTest {
    @TempDir
    static Path folder;

    private static String still(FilmedGame game, int frame) {
        return "/api/reels/" + game.reel() + "/frames/" + frame + ".jpg";
    }

    private static int grey(FilmedGame game, int frame) throws IOException {
        BufferedImage picture =
                ImageIO.read(new ByteArrayInputStream(game.coach().bytes(still(game, frame))));
        assertThat(picture.getWidth()).isEqualTo(320);
        assertThat(picture.getHeight()).isEqualTo(180);
        return picture.getRGB(160, 90) & 0xff;
    }

    /** The film grows lighter from frame to frame: each picture is of its own frame. */
    @Test
    void aPictureIsOfItsFrame(int port) throws IOException {
        FilmedGame game = FilmedGame.of(
                Browserless.signedIn(port, "abara"),
                folder,
                "lighter",
                "color=black:duration=1:size=640x360:rate=25,geq=lum='10*N':cb=128:cr=128");
        int before = grey(game, 3);
        for (int frame : new int[] {8, 13, 24}) {
            int now = grey(game, frame);
            assertThat(now - before).isBetween(frame == 24 ? 90 : 40, frame == 24 ? 150 : 75);
            before = now;
        }
    }

    /** A phone takes pictures as it has light: eight even ones, then each third alone. */
    @Test
    void aFrameOfFilmThatCountsUnevenlyHasItsOwnTimeAndPicture(int port) throws IOException {
        Path film = folder.resolve("uneven.mp4");
        Films.make(
                film,
                "color=black:duration=1:size=640x360:rate=25,geq=lum='10*N':cb=128:cr=128,"
                        + "select='lt(n,8)+not(mod(n,3))'",
                "-fps_mode",
                "vfr",
                "-c:v",
                "libx264",
                "-pix_fmt",
                "yuv420p");
        FilmedGame game = FilmedGame.of(Browserless.signedIn(port, "abara"), film);
        List<Double> times = game.coach()
                .get("/api/reels/" + game.reel())
                .json()
                .get("frameTimes")
                .valueStream()
                .map(JsonNode::asDouble)
                .toList();
        int[] taken = {0, 1, 2, 3, 4, 5, 6, 7, 9, 12, 15, 18, 21, 24};
        assertThat(times).hasSize(taken.length);
        for (int frame = 0; frame < taken.length; frame++) {
            assertThat(times.get(frame) - times.get(0)).isEqualTo(taken[frame] / 25.0, within(1e-3));
        }
        // from video to full range: 255 / 219 of ten steps each
        int before = grey(game, 7);
        assertThat(grey(game, 9) - before).isBetween(50, 67);
        assertThat(grey(game, 12) - before).isBetween(152, 175);
    }

    /** Eight pictures of a film that grows lighter, from the play's first frame to its last. */
    @Test
    void aPlayIsSeenInAStripFromItsFirstFrameToItsLast(int port) throws IOException {
        FilmedGame game = FilmedGame.of(
                Browserless.signedIn(port, "abara"),
                folder,
                "strip",
                "color=black:duration=2:size=640x360:rate=25,geq=lum='16+4*N':cb=128:cr=128");
        JsonNode play = game.cut(12, Requests.log("anvil-drizzle")).json();
        game.save(play, 0, FilmedGame.work(12, "", "").replace("\"lastFrame\": null", "\"lastFrame\": 42"));
        String address = game.angle(play, 0) + "/strip.jpg";
        BufferedImage strip = ImageIO.read(new ByteArrayInputStream(game.coach().bytes(address)));
        assertThat(strip.getWidth()).isEqualTo(8 * 160);
        assertThat(strip.getHeight()).isEqualTo(90);
        int[] grey = IntStream.range(0, 8)
                .map(i -> strip.getRGB(80 + 160 * i, 45) & 0xff)
                .toArray();
        // 42 frames further on, of four steps each, stretched from video to full range
        for (int i = 1; i < 8; i++) {
            assertThat(grey[i] - grey[i - 1]).as("picture " + i).isBetween(20, 36);
        }
        assertThat(grey[0]).isLessThan(12);
        assertThat(Browserless.signedIn(port, "lind").get(address).status()).isEqualTo(403);
    }

    @Test
    void isForCoachesAndGoneWithItsFilm(int port) throws IOException {
        Browserless marrow = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(marrow, folder, "stills");
        grey(game, 0);
        assertThat(Browserless.signedIn(port, "lind").get(still(game, 0)).status())
                .isEqualTo(403);
        assertThat(marrow.get(still(game, 30)).code()).isEqualTo("frame-missing");
        assertThat(marrow.delete("/api/reels/" + game.reel()).status()).isEqualTo(204);
        assertThat(marrow.get(still(game, 0)).status()).isEqualTo(404);
    }
}
