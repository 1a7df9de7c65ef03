package mensch.app.film;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import mensch.app.problem.Problem;
import org.springframework.stereotype.Component;

/** Small pictures by which a coach knows a play again, of one frame and of its course; made when somebody asks. */
@Component
class FilmStills {
    private static final int WIDTH = 320;
    /** Pictures of a strip, and how wide each is, pixels. */
    private static final int TILES = 8;

    private static final int TILE = 160;

    private final FilmStore store;
    private final FilmFrames frames;

    FilmStills(FilmStore store, FilmFrames frames) {
        this.store = store;
        this.frames = frames;
    }

    /** @throws Problem when the film has no such frame, or it cannot be read */
    Path of(Reel reel, int frame) throws IOException {
        AngleWork.onFilm(reel, frame);
        return made(reel, frame, String.valueOf(frame), FilmFrames.small(WIDTH));
    }

    /** A stretch of a film in eight pictures side by side, from its first frame to its last. */
    Path strip(Reel reel, int from, int to) throws IOException {
        AngleWork.onFilm(reel, to);
        return made(reel, from, from + "-" + to, FilmFrames.strip(TILES, TILE, to - from));
    }

    private Path made(Reel reel, int frame, String name, List<String> how) throws IOException {
        Path still = store.still(reel.file(), name);
        if (!Files.exists(still)) {
            make(reel, frame, how, still);
        }
        return still;
    }

    private void make(Reel reel, int frame, List<String> how, Path still) throws IOException {
        Path part = store.part();
        try {
            if (!frames.read(reel, frame, how, part)) {
                throw Problem.notFound("a picture of frame " + frame);
            }
            store.keepStill(part, still);
        } finally {
            Files.deleteIfExists(part);
        }
    }
}
