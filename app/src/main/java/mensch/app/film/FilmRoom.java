package mensch.app.film;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.app.game.GameBook;
import mensch.app.game.Play;
import mensch.app.game.PlayLog;
import mensch.app.playbook.Playbook;
import mensch.app.problem.Problem;
import mensch.app.version.Version;
import mensch.core.film.Calibration;
import mensch.core.film.Feet;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPoint;
import mensch.core.formation.Snap;
import mensch.core.grading.FilmJudge;
import mensch.core.grading.FilmJudge.Judged;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reels and the angles of the plays on them, and what core makes of the clicks on all angles of a play. */
@Service
@Transactional(readOnly = true)
public class FilmRoom {
    private static final String OVERTAKEN = "angle-overtaken";

    private final Reels reels;
    private final Angles angles;
    private final GameBook games;
    private final Playbook playbook;

    /** An angle and how its view is solved. */
    record Seen(Angle angle, Calibration.Outcome calibration) {}

    /** A play with its angles and verdicts; {@code judged} is null while no view is solved. */
    record Worked(
            Play play,
            GameBook.Asked asked,
            List<Seen> angles,
            @Nullable Judged judged,
            Library library) {

        /** Asked against the offence as it stood when a view is solved, else against the log. */
        Lineup lineup() {
            return judged == null ? Lineup.of(asked.call(), asked.snap()) : judged.asked();
        }
    }

    /**
     * The line-up that a play asked for, against the offence as it is known to have stood.
     *
     * @param rows the defenders who were measured, in field order
     */
    public record AskedOnFilm(Lineup lineup, List<FilmJudge.Row> rows) {}

    FilmRoom(Reels reels, Angles angles, GameBook games, Playbook playbook) {
        this.reels = reels;
        this.angles = angles;
        this.games = games;
        this.playbook = playbook;
    }

    Reel reel(Long id) {
        return reels.findById(id).orElseThrow(() -> Problem.notFound("the reel " + id));
    }

    List<Reels.InShort> reels(Long game) {
        return reels.inShort(games.game(game).id());
    }

    List<Angle> angles(Long game) {
        return angles.ofGame(game);
    }

    Worked worked(Long game, Long play, String by) {
        return worked(games.play(game, play), by);
    }

    /** What a play asked of each defender, and what was measured of it. */
    public AskedOnFilm askedOnFilm(Play play, String by) {
        Worked worked = worked(play, by);
        Judged judged = worked.judged();
        return new AskedOnFilm(worked.lineup(), judged == null ? List.of() : judged.rows());
    }

    /** A new play at the end of a game's log, seen on a reel of it. */
    @Transactional
    public Worked cut(Long game, Long reel, int frame, PlayLog log, String by) {
        Play play = games.add(game, log, by);
        angles.saveAndFlush(angle(game, play, reel, frame));
        return worked(play, by);
    }

    /** The same play on another reel of its game. */
    @Transactional
    public Worked cutAlso(Long game, Long play, Long reel, int frame, String by) {
        Play found = games.play(game, play);
        if (angles.existsByPlayIdAndReelId(play, reel)) {
            throw Problem.refused(
                    "on-reel-already",
                    "play " + found.number()
                            + " is on this reel already; take that cut off first, or choose another play");
        }
        angles.saveAndFlush(angle(game, found, reel, frame));
        return worked(found, by);
    }

    private Angle angle(Long game, Play play, Long reel, int frame) {
        Reel film = reel(reel);
        if (!film.gameId().equals(game)) {
            throw Problem.notFound("the reel " + reel + " of this game");
        }
        AngleWork.onFilm(film, frame);
        return new Angle(play.id(), reel, frame, frame);
    }

    /** Replaces the work on an angle; refused when somebody saved after {@code read}. */
    @Transactional
    public Worked work(Long game, Long play, Long id, Version read, AngleWork work, String by) {
        Play found = games.play(game, play);
        Angle angle = angle(play, id);
        read.checkIs(angle.version(), OVERTAKEN, overtaken(found));
        work.check(reel(angle.reelId()));
        checkKnown(games.asked(found.log(), by).snap(), work);
        angle.work(work);
        angles.saveAndFlush(angle);
        return worked(found, by);
    }

    /** Takes a play off one reel with the clicks on it; refused when somebody worked on it after {@code read}. */
    @Transactional
    public void takeOff(Long game, Long play, Long id, Version read) {
        Play found = games.play(game, play);
        angle(play, id);
        if (angles.erase(id, read.number()) == 0) {
            throw Version.overtaken(OVERTAKEN, overtaken(found));
        }
    }

    /** Whether two plays are cut out of one reel, and so cannot be one. */
    public boolean onOneReel(Long one, Long other) {
        List<Long> reelsOfOne = angles.findByPlayIdOrderByReelId(one).stream()
                .map(Angle::reelId)
                .toList();
        return angles.findByPlayIdOrderByReelId(other).stream().anyMatch(a -> reelsOfOne.contains(a.reelId()));
    }

    public int reelsOf(Long game) {
        return reels.findByGameId(game).size();
    }

    /** The angles of a play are another's from now on; a reel all of whose plays are in {@code game} belongs there. */
    @Transactional
    public void join(Long from, Long to, Long game) {
        List<Angle> moved = angles.findByPlayIdOrderByReelId(from);
        moved.forEach(a -> a.ofPlay(to));
        angles.flush();
        moved.stream()
                .map(Angle::reelId)
                .filter(reel -> angles.allOf(reel, game))
                .forEach(reel -> reel(reel).ofGame(game));
        reels.flush();
    }

    private Angle angle(Long play, Long id) {
        return angles.findByIdAndPlayId(id, play).orElseThrow(() -> Problem.notFound("this angle of the play"));
    }

    private static String overtaken(Play play) {
        return "somebody else worked on play " + play.number()
                + " after you opened it; your clicks are kept here, load his and add yours";
    }

    private Worked worked(Play play, String by) {
        GameBook.Asked asked = games.asked(play.log(), by);
        var seen = new ArrayList<Seen>();
        var views = new ArrayList<FilmJudge.View>();
        for (Angle angle : angles.findByPlayIdOrderByReelId(play.id())) {
            Calibration.Outcome outcome = Calibration.of(
                    known(asked.snap(), angle.points()),
                    asked.call().convention().film());
            seen.add(new Seen(angle, outcome));
            if (outcome instanceof Calibration.Solved solved) {
                views.add(new FilmJudge.View(solved.calibration(), clicks(angle.marks())));
            }
        }
        Judged judged = views.isEmpty() ? null : FilmJudge.of(asked.call(), asked.snap(), views);
        return new Worked(play, asked, List.copyOf(seen), judged, playbook.library());
    }

    /** Clicks on places that the field has; a corrected log may be of a field that has not all of them. */
    private static List<KnownPoint> known(Snap logged, List<KnownClick> clicks) {
        return clicks.stream()
                .flatMap(c -> KnownPlaces.named(logged.field(), c.name()).stream()
                        .map(p -> new KnownPoint(c.name(), p.at(), new ImagePoint(c.xPixels(), c.yPixels()))))
                .toList();
    }

    private static void checkKnown(Snap logged, AngleWork work) {
        for (KnownClick click : work.points()) {
            if (KnownPlaces.named(logged.field(), click.name()).isEmpty()) {
                throw Problem.refused(
                        "place-unknown",
                        "\"" + click.name()
                                + "\" is no known place of this field; remove the point and choose it anew");
            }
        }
    }

    private static Map<String, Feet> clicks(List<FeetClick> marks) {
        var clicks = new LinkedHashMap<String, Feet>();
        marks.forEach(m -> clicks.put(m.man(), m.feet()));
        return clicks;
    }
}
