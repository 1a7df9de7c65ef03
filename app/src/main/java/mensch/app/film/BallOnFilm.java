package mensch.app.film;

import java.io.IOException;
import java.util.List;
import java.util.OptionalInt;
import mensch.vision.SnapFinder;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The frame in which the picture itself shows the ball move, for somebody to confirm. */
@Service
class BallOnFilm {
    /** Seconds before and after a frame in which it is looked for. */
    private static final double AROUND = 2;
    /** Of films with more frames a second not all are looked at. */
    private static final int MOST_FRAMES = 480;

    private final FilmRoom room;
    private final FilmFrames frames;

    BallOnFilm(FilmRoom room, FilmFrames frames) {
        this.room = room;
        this.frames = frames;
    }

    /** The frame, or nothing where all stand or all move. */
    record FoundBall(int near, @Nullable Integer frame) {}

    FoundBall near(Long id, int near) throws IOException {
        Reel reel = room.reel(id);
        AngleWork.onFilm(reel, near);
        List<Double> times = reel.frameTimes();
        int from = near;
        int to = near;
        while (from > 0 && times.get(near) - times.get(from - 1) <= AROUND && near - from < MOST_FRAMES / 2) {
            from--;
        }
        while (to + 1 < times.size() && times.get(to + 1) - times.get(near) <= AROUND && to - near < MOST_FRAMES / 2) {
            to++;
        }
        if (to == from) {
            return new FoundBall(near, null);
        }
        var finder = new SnapFinder((to - from) / (times.get(to) - times.get(from)));
        frames.grey(reel, from, to, SnapFinder.WIDTH, SnapFinder.HEIGHT, finder::next);
        OptionalInt found = finder.found();
        return new FoundBall(near, found.isPresent() ? (Integer) (from + found.getAsInt()) : null);
    }
}
