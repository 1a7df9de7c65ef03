package mensch.app.film;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import mensch.app.game.GameBook;
import mensch.app.game.Play;
import mensch.app.problem.Problem;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;

/**
 * Takes films in. No transaction and no connection is open while bytes stream or a film is looked at: however slow an
 * upload, it costs the others nothing. A reel is known only when its film lies whole on disk.
 */
@Service
@Order(0)
class FilmIntake implements ApplicationRunner {
    /** An upload that nobody wrote to for so long is no upload any more. */
    private static final Duration ABANDONED = Duration.ofHours(1);

    private final Reels reels;
    private final Angles angles;
    private final GameBook games;
    private final FilmStore store;
    private final Uploads uploads;
    private final FilmProbe probe;
    private final Clock clock;

    FilmIntake(
            Reels reels,
            Angles angles,
            GameBook games,
            FilmStore store,
            Uploads uploads,
            FilmProbe probe,
            Clock clock) {
        this.reels = reels;
        this.angles = angles;
        this.games = games;
        this.store = store;
        this.uploads = uploads;
        this.probe = probe;
        this.clock = clock;
    }

    /** What an earlier run left half done is swept; an upload may still go on for a day. */
    @Override
    public void run(ApplicationArguments args) throws IOException {
        uploads.sweep();
        store.sweep(
                file -> reels.existsByFile(file) || reels.existsByOriginal(file),
                clock.instant().minus(ABANDONED));
    }

    /** Has a film that was uploaded checked, and only then knows it; what is none is kept nowhere. */
    Reel take(Long game, String name, View view, String upload, String by) throws IOException {
        games.game(game);
        Path part;
        try (InputStream film = uploads.whole(game, upload, by)) {
            part = store.receive(film);
        }
        try {
            FilmProbe.Probed probed = probe.probe(part);
            Reel reel =
                    kept(new Reel(game, name, view, store.keep(part, probed.ending()), probed, by, clock.instant()));
            uploads.drop(game, upload, by);
            return reel;
        } catch (Problem noFilm) {
            uploads.drop(game, upload, by);
            throw noFilm;
        } finally {
            Files.deleteIfExists(part);
        }
    }

    private Reel kept(Reel reel) throws IOException {
        try {
            return reels.save(reel);
        } catch (RuntimeException e) {
            Files.deleteIfExists(store.path(reel.file()));
            throw e;
        }
    }

    /** Whether a film of the films folder is known. */
    boolean knows(String file) {
        return reels.existsByFile(file);
    }

    /** A film that lies in the films folder, with what was cut and clicked of its game's plays. */
    void adopt(Long game, String file, String name, View view, Map<Play, AngleWork> cuts) throws IOException {
        Reel reel = reels.save(new Reel(game, name, view, file, probe.probe(store.path(file)), null, clock.instant()));
        angles.saveAll(cuts.entrySet().stream()
                .map(c -> Angle.of(c.getKey().id(), reel.id(), c.getValue()))
                .toList());
    }

    /** Erases a game: its plays, their films, clicks and grades. */
    void eraseGame(Long game) throws IOException {
        List<Reel> films = reels.findByGameId(game);
        if (!games.erase(game)) {
            throw Problem.notFound("the game " + game);
        }
        for (Reel film : films) {
            deleteFiles(film);
        }
    }

    /** Erases a reel: the clicks on it, and then its file; the plays it showed stay in the log. */
    void erase(Reel reel) throws IOException {
        if (reels.erase(reel.id()) == 0) {
            throw Problem.notFound("the reel " + reel.id());
        }
        deleteFiles(reel);
    }

    private void deleteFiles(Reel reel) throws IOException {
        store.erase(reel.file());
        if (reel.original() != null) {
            store.erase(reel.original());
        }
    }
}
