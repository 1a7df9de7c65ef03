package mensch.app.film;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import mensch.app.problem.Problem;
import org.springframework.stereotype.Component;

/** Small pictures of single frames, by which a coach knows a play again; made when somebody asks for one. */
@Component
class FilmStills {
    private static final int WIDTH = 320;

    private final FilmStore store;
    private final FilmFrames frames;

    FilmStills(FilmStore store, FilmFrames frames) {
        this.store = store;
        this.frames = frames;
    }

    /** @throws Problem when the film has no such frame, or it cannot be read */
    Path of(Reel reel, int frame) throws IOException {
        AngleWork.onFilm(reel, frame);
        Path still = store.still(reel.file(), frame);
        if (!Files.exists(still)) {
            make(reel, frame, still);
        }
        return still;
    }

    private void make(Reel reel, int frame, Path still) throws IOException {
        Path part = store.part();
        try {
            if (!frames.read(reel, frame, FilmFrames.small(WIDTH), part)) {
                throw Problem.notFound("a picture of frame " + frame);
            }
            store.keepStill(part, still);
        } finally {
            Files.deleteIfExists(part);
        }
    }
}
