package mensch.app.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mensch.app.game.GameBook;
import mensch.app.game.Play;
import mensch.app.game.PlayLog;
import mensch.app.playbook.Playbook;
import mensch.app.problem.Problem;
import mensch.app.version.Version;
import mensch.core.convention.FilmLimits;
import mensch.core.field.Field;
import mensch.core.film.CameraView;
import mensch.core.film.FilmedAngle;
import mensch.core.film.KnownPlaces;
import mensch.core.film.PictureSize;
import mensch.core.film.Times;
import mensch.core.film.Tripod;
import mensch.core.formation.Snap;
import mensch.core.grading.FilmJudge;
import mensch.core.grading.FilmJudge.Judged;
import mensch.core.grading.Proposals;
import mensch.core.grading.ReadJudge;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.rubric.Rubric;
import mensch.core.simulation.Playable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reels and the angles of the plays on them, and what core makes of the clicks on all angles of a play. */
@Service
@Transactional(readOnly = true)
public class FilmRoom {
    private static final String OVERTAKEN = "angle-overtaken";
    /** Seconds from the ball to the end of a play that nobody marked. */
    private static final double LONGEST = 8;

    private final Reels reels;
    private final Angles angles;
    private final GameBook games;
    private final Playbook playbook;

    /**
     * An angle and how it is measured.
     *
     * @param tripod what other plays of the reel tell of where the camera stands
     * @param stills frames other than the snap's in which somebody was clicked
     */
    record Seen(Angle angle, FilmedAngle filmed, Tripod tripod, List<StillSheet> stills) {}

    /**
     * A frame other than the snap's.
     *
     * @param seconds since the ball moved
     * @param trouble why nobody is measured in it; empty when they are
     * @param checked whether known places clicked in it show how the camera stands
     * @param elsewhere who was not clicked in the same place at the snap, and so is not told better by this frame
     */
    record StillSheet(int frame, double seconds, String trouble, boolean checked, List<String> elsewhere) {
        static StillSheet of(int frame, FilmedAngle.Solving solving) {
            return new StillSheet(frame, solving.seconds(), solving.trouble(), solving.checked(), solving.elsewhere());
        }
    }

    /** A play with its angles, what was measured on them and when what happened. */
    record Worked(Play play, GameBook.Asked asked, List<Seen> angles, Judged judged, Times times, Library library) {

        /** @throws Problem when the play has no such angle */
        Seen angle(Long id) {
            return angles.stream()
                    .filter(s -> s.angle().id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> Problem.notFound("this angle of the play"));
        }

        /** Asked against the offence as it stood as far as it was measured, else as it was logged. */
        Lineup lineup() {
            return judged.asked();
        }
    }

    /**
     * The line-up that a play asked for, against the offence as it is known to have stood.
     *
     * @param proposals of all that was measured
     * @param reads of the play they ran, where it is logged and can be run
     * @param rubrics that there are, those of earlier grades among them
     * @param inForce those that men are graded by now
     */
    public record AskedOnFilm(
            Lineup lineup, Proposals proposals, Optional<ReadJudge> reads, List<Rubric> rubrics, List<Rubric> inForce) {

        /** What a man is graded by on this play. */
        public List<Rubric> rubricsOf(String job) {
            return Optional.ofNullable(lineup.job(job))
                    .map(his -> his.after().technique().orNull())
                    .map(technique -> inForce.stream()
                            .filter(r -> r.fits(technique, reads.map(ReadJudge::pass)))
                            .toList())
                    .orElse(List.of());
        }
    }

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

    /** Frames of a reel, the last one too. */
    record Stretch(Reel reel, int from, int to) {}

    /** Where a play is on a reel; of one whose end nobody marked no more than a play lasts. */
    Stretch stretch(Long game, Long play, Long id) {
        Angle angle = angle(games.play(game, play).id(), id);
        Reel reel = reel(angle.reelId());
        int to = angles.last(angle, reel);
        while (angle.lastFrame() == null
                && reel.frameTimes().get(to) - reel.frameTimes().get(angle.snapFrame()) > LONGEST) {
            to--;
        }
        return new Stretch(reel, angle.firstFrame(), to);
    }

    Worked worked(Long game, Long play, String by) {
        return worked(games.play(game, play), by);
    }

    /** The play that an angle is of. @throws Problem when there is none any more */
    Worked worked(Long angle, String by) {
        return worked(
                games.play(angles.findById(angle)
                        .orElseThrow(() -> Problem.notFound("this angle of the play"))
                        .playId()),
                by);
    }

    /** @throws Problem when the game has no such reel, or the reel no such frame */
    public void checkShown(Long game, Long reel, int frame) {
        AngleWork.onFilm(reelOf(game, reel), frame);
    }

    private Reel reelOf(Long game, Long id) {
        Reel film = reel(id);
        if (!film.gameId().equals(game)) {
            throw Problem.notFound("the reel " + id + " of this game");
        }
        return film;
    }

    /** What a play asked of each defender, and what was measured of it. */
    public AskedOnFilm askedOnFilm(Play play, String by) {
        Worked worked = worked(play, by);
        Optional<ReadJudge> reads = reads(play.log(), worked);
        return new AskedOnFilm(
                worked.lineup(),
                new Proposals(worked.judged(), worked.times(), reads),
                reads,
                worked.library().rubrics(),
                inForce(worked.library(), by));
    }

    /** Another coach's draft asks nobody. */
    private List<Rubric> inForce(Library library, String by) {
        var standings = playbook.standings();
        return Rubric.inForce(library.rubrics().stream()
                .filter(r -> Playbook.seen(standings, "rubric", r.id(), by)
                        && !Playbook.retired(standings, "rubric", r.id()))
                .toList());
    }

    private static Optional<ReadJudge> reads(PlayLog log, Worked worked) {
        return Optional.ofNullable(log.theirPlay())
                .flatMap(ran -> Optional.ofNullable(log.theirSide())
                        .flatMap(side ->
                                ReadJudge.of(new Playable(worked.library().plays()), worked.lineup(), ran, side)));
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
        checkShown(game, reel, frame);
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
        FilmLimits limits = asked.call().convention().film();
        var seen = new ArrayList<Seen>();
        var marks = new ArrayList<Times.Marked>();
        for (Angle angle : angles.findByPlayIdOrderByReelId(play.id())) {
            Reel reel = reel(angle.reelId());
            Field field = asked.snap().field();
            var measures = new AngleMeasures(angle, reel.frameTimes(), field);
            seen.add(measures.seen(tripod(angle, reel, field, limits), limits));
            marks.addAll(measures.marks());
        }
        List<CameraView> views =
                seen.stream().flatMap(s -> s.filmed().views().stream()).toList();
        return new Worked(
                play,
                asked,
                List.copyOf(seen),
                FilmJudge.of(asked.call(), asked.snap(), views),
                Times.of(marks),
                playbook.library());
    }

    private Tripod tripod(Angle angle, Reel reel, Field field, FilmLimits limits) {
        return Tripod.of(
                field,
                new PictureSize(reel.width(), reel.height()),
                angles.nearest(reel.id(), angle.id(), angle.snapFrame(), Tripod.LEAST_POINTS).stream()
                        .map(Told::seen)
                        .toList(),
                limits);
    }

    private static void checkKnown(Snap logged, AngleWork work) {
        Set<String> places = KnownPlaces.everywhere(logged.field()).keySet();
        for (KnownClick click : work.points()) {
            if (!places.contains(click.name())) {
                throw Problem.refused(
                        "place-unknown",
                        "\"" + click.name()
                                + "\" is no known place of this field; remove the point and choose it anew");
            }
        }
    }
}
