package mensch.app.film;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.Collectors;
import mensch.app.problem.Problem;
import mensch.core.field.Field;
import mensch.core.film.Calibration;
import mensch.core.film.ImagePoint;
import mensch.core.film.Measured;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.lineup.Lineup;
import mensch.vision.Follower;
import mensch.vision.Matching;
import mensch.vision.MenFinder;
import org.springframework.stereotype.Service;

/**
 * Men whom the picture itself shows, for somebody to confirm: while they stand, by where they are asked to; later, by
 * following them from where they were clicked at the snap.
 */
@Service
class MenOnFilm {
    /** Seconds after the snap for which men are followed. */
    static final double FOLLOWED = 3;

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

    /** @throws Problem when the view is not solved, or the frame is too long before the snap or after it */
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
        double after = reel.frameTimes().get(frame)
                - reel.frameTimes().get(seen.angle().snapFrame());
        double most = worked.asked().call().convention().film().stillBefore();
        if (after < -most || after > FOLLOWED) {
            throw Problem.refused(
                    "frame-too-far",
                    "men are looked for up to " + most + " s before the snap, while they stand, and followed for "
                            + FOLLOWED + " s after it");
        }
        var film = new Filmed(worked, seen.angle(), reel, solved.calibration());
        return after > 0 ? followed(film, frame) : still(film, frame, after < 0);
    }

    /** An angle of a play as it is filmed. */
    private record Filmed(FilmRoom.Worked worked, Angle angle, Reel reel, Calibration view) {
        Field field() {
            return worked.asked().snap().field();
        }
    }

    private FoundMen still(Filmed film, int frame, boolean before) throws IOException {
        List<Matching.Asked> asked = asked(film.worked());
        if (before) {
            asked = clicked(film, asked, film.angle().snapFrame());
        }
        MenFinder.Found found = MenFinder.find(frames.picture(film.reel(), frame), film.view(), film.field());
        return told(
                frame, Matching.of(found.men(), asked), asked, found.crowds().size());
    }

    /** Who was clicked at the snap, from there on; who was clicked again since is followed from where he was then. */
    private FoundMen followed(Filmed film, int frame) throws IOException {
        List<Matching.Asked> asked = asked(film.worked());
        int snap = film.angle().snapFrame();
        List<Matching.Asked> clicked = clicked(film, asked, snap);
        List<Matching.Asked> start = standing(film, asked, clicked);
        List<Double> times = film.reel().frameTimes();
        var follower = new Follower(film.view(), film.field(), (frame - snap) / (times.get(frame) - times.get(snap)));
        var at = new AtomicInteger(snap);
        frames.pictures(film.reel(), snap, frame, MenFinder.WIDEST_PICTURE, picture -> {
            int here = at.getAndIncrement();
            follower.next(picture, here == snap ? start : clicked(film, asked, here), here == frame);
        });
        Set<String> told = names(clicked);
        return told(
                frame,
                follower.told().stream().filter(t -> told.contains(t.name())).toList(),
                clicked,
                0);
    }

    /** Where men stand at the snap: as they were clicked; others where the picture shows them for sure. */
    private List<Matching.Asked> standing(Filmed film, List<Matching.Asked> asked, List<Matching.Asked> clicked)
            throws IOException {
        Map<String, Matching.Asked> known =
                clicked.stream().collect(Collectors.toMap(Matching.Asked::name, Function.identity()));
        List<Matching.Asked> all =
                asked.stream().map(a -> known.getOrDefault(a.name(), a)).toList();
        MenFinder.Found found =
                MenFinder.find(frames.picture(film.reel(), film.angle().snapFrame()), film.view(), film.field());
        var standing = new ArrayList<>(clicked);
        for (Matching.Told told : Matching.of(found.men(), all)) {
            if (told.clear() && !known.containsKey(told.name())) {
                all.stream()
                        .filter(a -> a.name().equals(told.name()))
                        .map(a -> new Matching.Asked(a.name(), told.man().at(), a.defence()))
                        .forEach(standing::add);
            }
        }
        return standing;
    }

    private static Set<String> names(List<Matching.Asked> of) {
        return of.stream().map(Matching.Asked::name).collect(Collectors.toSet());
    }

    private static FoundMen told(int frame, List<Matching.Told> told, List<Matching.Asked> asked, int touching) {
        Set<String> names = told.stream().map(Matching.Told::name).collect(Collectors.toSet());
        return new FoundMen(
                frame,
                told.stream().map(MenOnFilm::feet).toList(),
                touching,
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

    /** Where those were who were clicked in a frame; nobody else is told by it. */
    private static List<Matching.Asked> clicked(Filmed film, List<Matching.Asked> asked, int frame) {
        Integer kept = frame == film.angle().snapFrame() ? null : (Integer) frame;
        var clicked = new ArrayList<Matching.Asked>();
        for (FeetClick click : film.angle().marks()) {
            Optional<Point> at = film.view().toField(click.feet().at());
            if (Objects.equals(click.frame(), kept) && at.isPresent()) {
                asked.stream()
                        .filter(a -> a.name().equals(click.man()))
                        .map(a -> new Matching.Asked(a.name(), at.get(), a.defence()))
                        .forEach(clicked::add);
            }
        }
        return clicked;
    }
}
