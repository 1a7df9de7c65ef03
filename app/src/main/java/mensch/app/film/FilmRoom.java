package mensch.app.film;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.app.board.Snaps;
import mensch.app.bounds.Paged;
import mensch.app.call.CallBook;
import mensch.app.grading.GradeBook;
import mensch.app.playbook.Playbook;
import mensch.app.problem.Problem;
import mensch.app.version.Version;
import mensch.core.call.Call;
import mensch.core.document.RefusedException;
import mensch.core.film.Calibration;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPoint;
import mensch.core.formation.Snap;
import mensch.core.grading.FilmJudge;
import mensch.core.grading.FilmJudge.Judged;
import mensch.core.library.Library;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reels and their snaps, and what core makes of the clicks on a snap. */
@Service
@Transactional(readOnly = true)
class FilmRoom {
    private static final String OVERTAKEN = "snap-overtaken";

    private final Reels reels;
    private final FilmSnaps snaps;
    private final FilmFootball football;
    private final GradeBook grades;

    /** Core's side of the film room: the library in force, snaps and calls as somebody may see them. */
    @Component
    record FilmFootball(Playbook playbook, CallBook book, Snaps snaps) {}

    /** A snap with its calibration and verdicts; {@code judged} is null while the view is not solved. */
    record Worked(
            FilmSnap snap,
            Snap logged,
            Call call,
            Calibration.Outcome calibration,
            @Nullable Judged judged,
            Library library) {}

    FilmRoom(Reels reels, FilmSnaps snaps, FilmFootball football, GradeBook grades) {
        this.reels = reels;
        this.snaps = snaps;
        this.football = football;
        this.grades = grades;
    }

    Page<Reels.InShort> reels(int page) {
        return reels.inShort(Paged.asked(page));
    }

    Reel reel(Long id) {
        return reels.findById(id).orElseThrow(() -> Problem.notFound("the reel " + id));
    }

    List<FilmSnap> snaps(Long reel) {
        return snaps.findByReelIdOrderByNumber(reel);
    }

    private FilmSnap snap(Long reel, int number) {
        return snaps.findByReelIdAndNumber(reel, number)
                .orElseThrow(() -> Problem.notFound("snap " + number + " of this reel"));
    }

    Worked worked(Long reel, int number, String by) {
        return worked(snap(reel, number), by);
    }

    /** A new snap at the end of a reel's log; one whose log cannot be lined up is not kept. */
    @Transactional
    public Worked add(Long reel, int frame, SnapLog log, String by) {
        reels.hold(reel).orElseThrow(() -> Problem.notFound("the reel " + reel));
        checkFrame(reel(reel), frame);
        return worked(snaps.saveAndFlush(new FilmSnap(reel, snaps.lastNumber(reel) + 1, frame, frame, log)), by);
    }

    /**
     * Replaces the work on a snap, and the grades that follow from it; refused when somebody saved after {@code read}.
     */
    @Transactional
    public Worked work(Long reel, int number, Version read, SnapWork work, String by) {
        FilmSnap snap = snap(reel, number);
        read.checkIs(snap.version(), OVERTAKEN, overtaken(number));
        Reel film = reel(reel);
        checkFrame(film, work.snapFrame());
        work.check(film.width(), film.height());
        snap.work(work.snapFrame(), work.log(), work.points(), work.marks());
        snaps.saveAndFlush(snap);
        Worked worked = worked(snap, by);
        grades.fill(snap.id(), worked.call().ref(), worked.judged(), by);
        return worked;
    }

    /** Takes a snap out with its clicks and grades; refused when somebody worked on it after {@code read}. */
    @Transactional
    public void erase(Long reel, int number, Version read) {
        snap(reel, number);
        if (snaps.erase(reel, number, read.number()) == 0) {
            throw Version.overtaken(OVERTAKEN, overtaken(number));
        }
    }

    private static void checkFrame(Reel reel, int frame) {
        int frames = reel.frameTimes().size();
        if (frame >= frames) {
            throw Problem.refused(
                    "frame-missing", "frame " + frame + " is not on this film; it has frames 0 to " + (frames - 1));
        }
    }

    private static String overtaken(int number) {
        return "somebody else worked on snap " + number
                + " after you opened it; your clicks are kept here, load his and add yours";
    }

    private Worked worked(FilmSnap snap, String by) {
        Library library = football.playbook().library();
        Snap logged = football.snaps().of(snap.log().snap(), by);
        Call call = football.book().seen(snap.log().call(), snap.log().revision(), List.of(), by);
        Calibration.Outcome outcome = Calibration.of(known(logged, snap.points()));
        Judged judged = outcome instanceof Calibration.Solved solved
                ? FilmJudge.of(call, logged, solved.calibration(), clicks(snap.marks()))
                : null;
        return new Worked(snap, logged, call, outcome, judged, library);
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
                                        () -> new RefusedException(
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
