package mensch.app.film;

import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.app.work.WorkBook;
import mensch.app.work.WorkRow;
import mensch.core.film.FilmedPath;
import mensch.core.film.FilmedPath.Pace;
import mensch.core.film.Measured;
import mensch.core.geometry.Point;
import mensch.vision.PlayFollower;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Men followed through a play by its pictures. */
@RestController
@RequestMapping("/api/games/{game}/plays/{play}")
class PathController {
    private final FilmRoom room;
    private final Paths paths;
    private final WorkBook works;

    PathController(FilmRoom room, Paths paths, WorkBook works) {
        this.room = room;
        this.paths = paths;
        this.works = works;
    }

    /** The paths of a play: of its angles how far they were followed, of its men how they moved. */
    record PlayPaths(List<FollowedAngle> angles, List<ManPath> men) {}

    /**
     * How an angle was followed.
     *
     * @param work the last that was asked for; null when it never was
     * @param lastFrame to which men were followed by the clicks that stand; null when they were not
     * @param trouble what hinders the camera being followed, or is not known of it; empty when nothing is
     * @param stale whether clicks were changed since it was followed
     */
    record FollowedAngle(
            long angle, @Nullable WorkRow work, @Nullable Integer lastFrame, String trouble, boolean stale) {}

    /**
     * How a man moved.
     *
     * @param stretches between which he was not seen
     * @param fastest null where he was not seen for long enough
     */
    record ManPath(
            String man,
            List<List<PathStep>> stretches,
            @Nullable Fastest fastest) {}

    /**
     * His fastest.
     *
     * @param doubt yards a second, 95 %
     * @param seconds since the ball moved
     */
    record Fastest(double yardsASecond, double doubt, double seconds) {
        static Fastest of(Pace pace) {
            return new Fastest(pace.yardsASecond(), pace.doubt(), pace.seconds());
        }
    }

    /**
     * Where he was.
     *
     * @param seconds since the ball moved
     * @param x play frame yards from the ball, and {@code y}
     * @param yardsASecond how fast
     */
    record PathStep(double seconds, double x, double y, double yardsASecond) {}

    @GetMapping("/paths")
    PlayPaths paths(@PathVariable Long game, @PathVariable Long play, Principal by) {
        FilmRoom.Worked worked = room.worked(game, play, by.getName());
        Map<Long, WorkRow> last = works.last(
                FollowMen.KIND,
                worked.angles().stream().map(s -> s.angle().id()).toList());
        Point ball = worked.judged().places().ball().map(Measured::feet).orElse(new Point(0, 0));
        Map<String, FilmedPath> men = paths.ofPlay(worked.play());
        Map<String, Pace> paces = paths.paces(men);
        return new PlayPaths(
                worked.angles().stream()
                        .map(s -> angle(worked, s.angle(), last.get(s.angle().id())))
                        .toList(),
                men.entrySet().stream()
                        .map(p -> new ManPath(
                                p.getKey(),
                                stretches(p.getValue(), ball),
                                Optional.ofNullable(paces.get(p.getKey()))
                                        .map(Fastest::of)
                                        .orElse(null)))
                        .toList());
    }

    private FollowedAngle angle(FilmRoom.Worked worked, Angle angle, @Nullable WorkRow work) {
        Optional<Followed> ever = paths.of(angle);
        Optional<Followed> stands =
                ever.filter(f -> f.isOf(angle, worked.play().log().snap()));
        return new FollowedAngle(
                angle.id(),
                work,
                stands.map(Followed::lastFrame).orElse(null),
                stands.map(f -> trouble(f.camera())).orElse(""),
                ever.isPresent() && stands.isEmpty());
    }

    private static String trouble(PlayFollower.Camera camera) {
        return switch (camera) {
            case STOOD, TURNED -> "";
            case NOT_TOLD ->
                "the picture shows too little of the field's paint to tell whether the camera turned;"
                        + " it is taken to have stood still";
            case LOST -> "the camera turned and how is not known any more: from there on nobody is followed";
        };
    }

    private static List<List<PathStep>> stretches(FilmedPath path, Point ball) {
        return path.stretches().stream()
                .map(stretch -> stretch.steps().stream()
                        .map(s -> new PathStep(
                                s.seconds(),
                                s.at().feet().x() - ball.x(),
                                s.at().feet().y() - ball.y(),
                                s.velocity().length()))
                        .toList())
                .toList();
    }

    /** Asks for everybody who is clicked at the snap of an angle to be followed to the end of the play. */
    @PostMapping("/angles/{angle}/paths")
    @ResponseStatus(HttpStatus.ACCEPTED)
    WorkRow follow(@PathVariable Long game, @PathVariable Long play, @PathVariable Long angle, Principal by) {
        FilmRoom.Seen seen = room.worked(game, play, by.getName()).angle(angle);
        MenOnFilm.solved(seen);
        return works.ask(FollowMen.KIND, seen.angle().id(), by.getName());
    }
}
