package mensch.app.film;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.app.problem.Problem;
import mensch.core.film.Calibration;
import mensch.core.film.ImagePoint;
import mensch.core.film.Measured;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.lineup.Lineup;
import mensch.vision.Matching;
import mensch.vision.MenFinder;
import org.springframework.stereotype.Service;

/** Men whom the picture itself shows, for somebody to confirm. */
@Service
class MenOnFilm {
    private final FilmRoom room;
    private final FilmFrames frames;

    MenOnFilm(FilmRoom room, FilmFrames frames) {
        this.room = room;
        this.frames = frames;
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

    /** @throws Problem when the view is not solved, or the frame is neither the snap's nor shortly before it */
    FoundMen in(Long game, Long play, Long id, int frame, String by) throws IOException {
        FilmRoom.Worked worked = room.worked(game, play, by);
        FilmRoom.Seen seen = worked.angle(id);
        Reel reel = room.reel(seen.angle().reelId());
        AngleWork.onFilm(reel, frame);
        if (!(seen.filmed().snap() instanceof Calibration.Solved solved)) {
            throw Problem.refused(
                    "view-not-solved",
                    "the view is not solved, so the picture does not tell where men stand: calibrate it first");
        }
        double before = reel.frameTimes().get(seen.angle().snapFrame())
                - reel.frameTimes().get(frame);
        double most = worked.asked().call().convention().film().stillBefore();
        if (before < 0 || before > most) {
            throw Problem.refused(
                    "frame-not-still",
                    "men are looked for at the snap and up to " + most + " s before it, while they stand");
        }
        Calibration view = solved.calibration();
        List<Matching.Asked> asked = asked(worked);
        if (before > 0) {
            asked = stood(asked, seen.angle(), view);
        }
        MenFinder.Found found = MenFinder.find(
                frames.picture(reel, frame), view, worked.asked().snap().field());
        List<Matching.Told> told = Matching.of(found.men(), asked);
        Set<String> names = told.stream().map(Matching.Told::name).collect(Collectors.toSet());
        return new FoundMen(
                frame,
                told.stream().map(MenOnFilm::feet).toList(),
                found.crowds().size(),
                asked.stream()
                        .map(Matching.Asked::name)
                        .filter(name -> !names.contains(name))
                        .toList());
    }

    private static FoundFeet feet(Matching.Told told) {
        ImagePoint at = told.man().feet();
        return new FoundFeet(told.name(), at.xPixels(), at.yPixels(), told.clear());
    }

    /** Where everybody is asked or logged to stand, from the ball where it was clicked. */
    private static List<Matching.Asked> asked(FilmRoom.Worked worked) {
        Point ball = worked.judged().places().ball().map(Measured::feet).orElse(new Point(0, 0));
        var asked = new ArrayList<Matching.Asked>();
        for (Lineup.Placed man : worked.lineup().placed()) {
            asked.add(new Matching.Asked(man.job().id(), off(man.feet(), ball), true));
        }
        for (Man man : worked.lineup().snap().formation().men()) {
            asked.add(new Matching.Asked(man.name(), off(man.feet(), ball), false));
        }
        return asked;
    }

    private static Point off(Point at, Point ball) {
        return new Point(at.x() + ball.x(), at.y() + ball.y());
    }

    /** Where those stand who were clicked at the snap; nobody else is told by a frame before it. */
    private static List<Matching.Asked> stood(List<Matching.Asked> asked, Angle angle, Calibration view) {
        var stood = new ArrayList<Matching.Asked>();
        for (FeetClick click : angle.marks()) {
            Optional<Point> at = view.toField(click.feet().at());
            if (click.frame() == null && at.isPresent()) {
                asked.stream()
                        .filter(a -> a.name().equals(click.man()))
                        .map(a -> new Matching.Asked(a.name(), at.get(), a.defence()))
                        .forEach(stood::add);
            }
        }
        return stood;
    }
}
