package mensch.app.film;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.IntStream;
import mensch.core.convention.FilmLimits;
import mensch.core.field.Field;
import mensch.core.film.Feet;
import mensch.core.film.FilmedAngle;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPlaces.KnownPlace;
import mensch.core.film.KnownPoint;
import mensch.core.film.Still;
import mensch.core.film.Times;
import mensch.core.film.Tripod;
import org.jspecify.annotations.Nullable;

/** An angle's clicks and moments as core takes them: by frame, in seconds since the ball moved. */
final class AngleMeasures {
    private final Angle angle;
    private final List<Double> times;
    private final Map<String, KnownPlace> places;

    AngleMeasures(Angle angle, List<Double> times, Field field) {
        this.angle = angle;
        this.times = times;
        this.places = KnownPlaces.everywhere(field);
    }

    FilmRoom.Seen seen(Tripod tripod, FilmLimits limits) {
        List<Integer> frames = List.copyOf(others());
        FilmedAngle filmed = FilmedAngle.of(
                still(angle.snapFrame()), frames.stream().map(this::still).toList(), tripod, limits);
        return new FilmRoom.Seen(
                angle,
                filmed,
                tripod,
                IntStream.range(0, frames.size())
                        .mapToObj(i -> FilmRoom.StillSheet.of(
                                frames.get(i), filmed.others().get(i)))
                        .toList());
    }

    /** What was marked to happen. */
    List<Times.Marked> marks() {
        return angle.seen().stream()
                .map(s -> new Times.Marked(
                        s.what(), s.man() == null ? "" : s.man(), seconds(s.frame()), lasts(s.frame())))
                .toList();
    }

    /** Frames other than the snap's in which somebody was clicked. */
    private TreeSet<Integer> others() {
        var frames = new TreeSet<Integer>();
        angle.marks().forEach(m -> frames.add(at(m.frame())));
        frames.remove(angle.snapFrame());
        return frames;
    }

    private Still still(int frame) {
        Map<String, Feet> clicks = new LinkedHashMap<>();
        angle.marks().stream().filter(m -> at(m.frame()) == frame).forEach(m -> clicks.put(m.man(), m.feet()));
        return new Still(seconds(frame), known(frame), clicks);
    }

    /** Clicks on places that the field has; a corrected log may be of a field that has not all of them. */
    private List<KnownPoint> known(int frame) {
        return angle.points().stream()
                .filter(c -> at(c.frame()) == frame)
                .flatMap(c -> c.on(places).stream())
                .toList();
    }

    private int at(@Nullable Integer frame) {
        return frame == null ? angle.snapFrame() : frame;
    }

    private double seconds(int frame) {
        return times.get(frame) - times.get(angle.snapFrame());
    }

    /** How long a frame lasts. */
    private double lasts(int frame) {
        return frame + 1 < times.size()
                ? times.get(frame + 1) - times.get(frame)
                : times.get(frame) - times.get(Math.max(0, frame - 1));
    }
}
