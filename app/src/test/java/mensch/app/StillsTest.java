package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

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
