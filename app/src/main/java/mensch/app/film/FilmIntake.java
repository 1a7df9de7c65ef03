package mensch.app.film;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import mensch.app.problem.Problem;
import org.springframework.beans.factory.annotation.Value;
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
    private final FilmSnaps snaps;
    private final FilmStore store;
    private final FilmProbe probe;
    private final Clock clock;

    @Value("${mensch.film.most-bytes:8000000000}")
    private long mostBytes;

    FilmIntake(Reels reels, FilmSnaps snaps, FilmStore store, FilmProbe probe, Clock clock) {
        this.reels = reels;
        this.snaps = snaps;
        this.store = store;
        this.probe = probe;
        this.clock = clock;
    }

    /** Half-done uploads of an earlier run are swept. */
    @Override
    public void run(ApplicationArguments args) throws IOException {
        store.sweep(reels::existsByFile, clock.instant().minus(ABANDONED));
    }

    /** Streams a film to disk, has it checked, and only then knows it. */
    Reel upload(String name, View view, InputStream body, String by) throws IOException {
        Path part = store.receive(body, mostBytes);
        try {
            FilmProbe.Probed probed = probe.probe(part);
            return kept(new Reel(name, view, store.keep(part, probed.ending()), probed, by, clock.instant()));
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

    /** A reel that lies in the films folder with its log, once. */
    void adopt(String file, String name, View view, List<FilmSnap> log) throws IOException {
        if (!reels.existsByFile(file)) {
            Reel reel = reels.save(new Reel(name, view, file, probe.probe(store.path(file)), null, clock.instant()));
            snaps.saveAll(log.stream()
                    .map(s -> new FilmSnap(reel.id(), s.number(), s.firstFrame(), s.snapFrame(), s.log()))
                    .toList());
        }
    }

    /** Erases a reel: its snaps, their clicks and grades, and then its file. */
    void erase(Reel reel) throws IOException {
        if (reels.erase(reel.id()) == 0) {
            throw Problem.notFound("the reel " + reel.id());
        }
        Files.deleteIfExists(store.path(reel.file()));
    }
}
