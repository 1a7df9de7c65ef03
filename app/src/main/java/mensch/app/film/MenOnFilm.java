package mensch.app.film;

import java.io.IOException;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.app.game.PlayLog;
import mensch.app.problem.Problem;
import mensch.core.field.Field;
import mensch.core.film.Calibration;
import mensch.core.film.ImagePoint;
import mensch.vision.Matching;
import mensch.vision.MenFinder;
import org.springframework.stereotype.Service;

/**
 * Men whom the picture itself shows, for somebody to confirm: while they stand, by where they are asked to; later, as
 * they were followed from where they were clicked at the snap.
 */
@Service
class MenOnFilm {
    private final FilmRoom room;
    private final FilmFrames frames;
    private final FollowedAngles followed;

    MenOnFilm(FilmRoom room, FilmFrames frames, FollowedAngles followed) {
        this.room = room;
        this.frames = frames;
        this.followed = followed;
    }

    /**
     * Feet that a frame shows.
     *
     * @param touching so many groups in which several touch who are not told from each other
     * @param notFound who is asked for and not found: name in the formation or job id
     */
    record FoundMen(int frame, List<FoundFeet> men, int touching, List<String> notFound) {}

    /**
     * A man's feet as the picture shows them.
     *
     * @param clear whether no other of his side could as well be he
     */
    record FoundFeet(String man, double xPixels, double yPixels, boolean clear) {}

    /**
     * @throws Problem when the view is not solved, or the frame is too long before the snap, or nobody was followed to
     *     it
     */
    FoundMen in(Long game, Long play, Long id, int frame, String by) throws IOException {
        FilmRoom.Worked worked = room.worked(game, play, by);
        FilmRoom.Seen seen = worked.angle(id);
        Reel reel = room.reel(seen.angle().reelId());
        AngleWork.onFilm(reel, frame);
        Calibration view = solved(seen);
        double after = reel.frameTimes().get(frame)
                - reel.frameTimes().get(seen.angle().snapFrame());
        double most = worked.asked().call().convention().film().stillBefore();
        if (after < -most) {
            throw Problem.refused(
                    "frame-too-far", "men are looked for up to " + most + " s before the snap, while they stand");
        }
        var men = MenAsked.of(worked, seen.angle(), view);
        return after > 0
                ? followed(men, reel, frame, worked.play().log())
                : still(men, reel, frame, worked.asked().snap().field());
    }

    /** @throws Problem when it is not */
    static Calibration solved(FilmRoom.Seen seen) {
        if (seen.filmed().snap() instanceof Calibration.Solved solved) {
            return solved.calibration();
        }
        throw Problem.refused(
                "view-not-solved",
                "the view is not solved, so the picture does not tell where men stand: calibrate it first");
    }

    private FoundMen still(MenAsked men, Reel reel, int frame, Field field) throws IOException {
        List<Matching.Asked> asked =
                frame < men.angle().snapFrame() ? men.clickedOnField(men.angle().snapFrame()) : men.all();
        MenFinder.Found found = MenFinder.find(frames.picture(reel, frame), men.view(), field);
        List<FoundFeet> told =
                Matching.of(found.men(), asked).stream().map(MenOnFilm::feet).toList();
        return new FoundMen(
                frame, told, found.crowds().size(), lost(asked.stream().map(Matching.Asked::name), told));
    }

    private static FoundFeet feet(Matching.Told told) {
        ImagePoint at = told.man().feet();
        return new FoundFeet(told.name(), at.xPixels(), at.yPixels(), told.clear());
    }

    private static List<String> lost(Stream<String> asked, List<FoundFeet> told) {
        Set<String> names = told.stream().map(FoundFeet::man).collect(Collectors.toSet());
        return asked.filter(name -> !names.contains(name)).toList();
    }

    private FoundMen followed(MenAsked men, Reel reel, int frame, PlayLog log) {
        Followed kept = followed.findById(men.angle().id())
                .filter(f -> f.isOf(men.angle(), log.snap()) && frame <= f.lastFrame())
                .orElseThrow(
                        () -> Problem.refused(
                                "not-followed",
                                "nobody was followed to this frame yet, or clicks were changed since: have them followed first"));
        double apart = FollowMen.looksApart(reel);
        List<FoundFeet> told = men.names().stream()
                .sorted()
                .flatMap(man ->
                        kept
                                .at(man, frame, apart)
                                .map(at -> new FoundFeet(man, at.xPixels(), at.yPixels(), true))
                                .stream())
                .toList();
        return new FoundMen(frame, told, 0, lost(men.names().stream().sorted(), told));
    }
}
