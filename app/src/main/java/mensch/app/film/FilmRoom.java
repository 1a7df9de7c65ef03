package mensch.app.film;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.app.board.SnapWords;
import mensch.app.call.CallShelf;
import mensch.app.playbook.Bookcase;
import mensch.app.problem.Problem;
import mensch.core.call.Call;
import mensch.core.film.Calibration;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPoint;
import mensch.core.formation.Snap;
import mensch.core.grading.FilmJudge;
import mensch.core.grading.FilmJudge.Judged;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reels in and out, and what core makes of the clicks on a snap. */
@Service
@Transactional(readOnly = true)
class FilmRoom {
    private final Reels reels;
    private final FilmSnaps snaps;
    private final FilmStore store;
    private final FilmProbe probe;
    private final FilmFootball football;

    /** Core's side of the film room: the library in force, the calls, the clock. */
    @Component
    record FilmFootball(Bookcase bookcase, CallShelf shelf, Clock clock) {}

    /** A snap with its calibration and verdicts; {@code judged} is null while the view is not solved. */
    record Worked(FilmSnap snap, Snap logged, Call call, Calibration.Outcome calibration, Judged judged) {}

    FilmRoom(Reels reels, FilmSnaps snaps, FilmStore store, FilmProbe probe, FilmFootball football) {
        this.reels = reels;
        this.snaps = snaps;
        this.store = store;
        this.probe = probe;
        this.football = football;
    }

    List<Reel> reels() {
        return reels.findAll();
    }

    Reel reel(Long id) {
        return reels.findById(id).orElseThrow(() -> Problem.notFound("the reel " + id));
    }

    List<FilmSnap> snaps(Long reel) {
        return snaps.findByReelIdOrderByNumber(reel);
    }

    FilmSnap snap(Long reel, int number) {
        return snaps.findByReelIdAndNumber(reel, number)
                .orElseThrow(() -> Problem.notFound("snap " + number + " of this reel"));
    }

    /** Streams a film to disk, has it checked, and only then knows it. */
    @Transactional
    public Reel upload(String name, String view, InputStream body, String by) throws IOException {
        Path part = store.receive(body);
        try {
            FilmProbe.Probed probed = probe.probe(part);
            return reels.save(new Reel(
                    name,
                    view,
                    store.keep(part, probed.ending()),
                    probed,
                    by,
                    football.clock().instant()));
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** Erases a reel: its file, its snaps, their clicks and grades. */
    @Transactional
    public void erase(Long id) throws IOException {
        Reel reel = reel(id);
        reels.delete(reel);
        reels.flush();
        Files.deleteIfExists(store.path(reel.file()));
    }

    /** A reel that lies in the films folder with its log, once. */
    @Transactional
    public void adopt(String file, String name, String view, List<FilmSnap> log) throws IOException {
        if (!reels.existsByFile(file)) {
            Reel reel = reels.save(new Reel(
                    name,
                    view,
                    file,
                    probe.probe(store.path(file)),
                    null,
                    football.clock().instant()));
            log.forEach(s -> snaps.save(new FilmSnap(reel.id(), s.number(), s.firstFrame(), s.snapFrame(), s.log())));
        }
    }

    /** A new snap at the end of a reel's log. */
    @Transactional
    public FilmSnap add(Long reel, int frame, SnapLog log) {
        int number =
                snaps(reel(reel).id()).stream().mapToInt(FilmSnap::number).max().orElse(0) + 1;
        return snaps.save(new FilmSnap(reel, number, frame, frame, log));
    }

    /** Replaces the work on a snap; refused when somebody saved after {@code version}. */
    @Transactional
    public Worked work(Long reel, int number, int version, SnapWork work) {
        FilmSnap snap = snap(reel, number);
        if (snap.version() != version) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "snap-overtaken",
                    "somebody else worked on snap " + number
                            + " after you opened it; your clicks are kept here, load his and add yours");
        }
        snap.work(work.snapFrame(), work.log(), work.points(), work.marks());
        snaps.saveAndFlush(snap);
        return worked(snap);
    }

    Worked worked(FilmSnap snap) {
        SnapWords words = snap.log().snap();
        Snap logged = words.snap(football.bookcase().library());
        Call call = football.shelf().call(snap.log().call(), snap.log().revision(), List.of());
        Calibration.Outcome outcome = Calibration.of(known(logged, snap.points()));
        Judged judged = outcome instanceof Calibration.Solved solved
                ? FilmJudge.of(call, logged, solved.calibration(), clicks(snap.marks()))
                : null;
        return new Worked(snap, logged, call, outcome, judged);
    }

    private static List<KnownPoint> known(Snap logged, List<KnownClick> clicks) {
        var places = KnownPlaces.of(logged.field());
        return clicks.stream()
                .map(c -> new KnownPoint(
                        c.name(),
                        places.stream()
                                .filter(p -> p.name().equals(c.name()))
                                .findFirst()
                                .orElseThrow(
                                        () -> new IllegalArgumentException(
                                                "\"" + c.name()
                                                        + "\" is no known place near this ball spot; remove the point and choose it anew"))
                                .at(),
                        new ImagePoint(c.xPixels(), c.yPixels())))
                .toList();
    }

    private static Map<String, ImagePoint> clicks(List<FeetClick> marks) {
        var clicks = new LinkedHashMap<String, ImagePoint>();
        marks.forEach(m -> clicks.put(m.man(), new ImagePoint(m.xPixels(), m.yPixels())));
        return clicks;
    }
}
