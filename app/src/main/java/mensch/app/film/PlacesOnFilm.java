package mensch.app.film;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import mensch.core.convention.FilmLimits;
import mensch.core.field.Field;
import mensch.core.film.Calibration;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPlaces.KnownPlace;
import mensch.core.film.KnownPoint;
import mensch.vision.CarriedView;
import mensch.vision.Picture;
import mensch.vision.PlacesInPicture;
import org.springframework.stereotype.Service;

/** Known places of the field that the picture itself shows, for somebody to confirm. */
@Service
class PlacesOnFilm {
    /** Longer than this after the ball a view is not carried while somebody waits, seconds. */
    private static final double CARRIED = 3;

    private final FilmRoom room;
    private final FilmFrames frames;

    PlacesOnFilm(FilmRoom room, FilmFrames frames) {
        this.room = room;
        this.frames = frames;
    }

    /**
     * Places that a frame shows; none when it does not tell.
     *
     * @param eitherWay none because the field looks the same from its other side: one click tells
     */
    record FoundPlaces(int frame, List<KnownClick> places, boolean eitherWay) {}

    FoundPlaces in(Long game, Long play, Long id, int frame, String by) throws IOException {
        FilmRoom.Worked worked = room.worked(game, play, by);
        FilmRoom.Seen seen = worked.angle(id);
        Angle angle = seen.angle();
        Field field = worked.asked().snap().field();
        FilmLimits limits = worked.asked().call().convention().film();
        Integer kept = frame == angle.snapFrame() ? null : (Integer) frame;
        Map<String, KnownPlace> places = KnownPlaces.everywhere(field);
        List<KnownPoint> clicked = angle.points().stream()
                .filter(c -> Objects.equals(c.frame(), kept))
                .flatMap(c -> c.on(places).stream())
                .toList();
        Reel reel = room.reel(angle.reelId());
        Picture picture = frames.picture(reel, frame);
        Optional<Calibration> carried =
                clicked.isEmpty() && kept != null ? carried(reel, seen, field, limits, frame) : Optional.empty();
        PlacesInPicture.Found found = carried.map(view ->
                        PlacesInPicture.near(picture, field, seen.filmed().tripod(), view, limits))
                .filter(f -> !f.places().isEmpty())
                .orElseGet(() -> PlacesInPicture.find(picture, field, seen.tripod(), clicked, limits));
        return new FoundPlaces(
                frame,
                found.places().stream()
                        .map(p -> new KnownClick(
                                p.name(), p.image().xPixels(), p.image().yPixels(), kept))
                        .toList(),
                found.eitherWay());
    }

    /**
     * The view at the snap, carried from there while the camera turns; none when that is too long, or lost on the way.
     */
    private Optional<Calibration> carried(Reel reel, FilmRoom.Seen seen, Field field, FilmLimits limits, int frame)
            throws IOException {
        int snap = seen.angle().snapFrame();
        double after = reel.frameTimes().get(frame) - reel.frameTimes().get(snap);
        if (!(seen.filmed().snap() instanceof Calibration.Solved solved) || after < 0 || after > CARRIED) {
            return Optional.empty();
        }
        var view = new CarriedView(solved.calibration(), field, seen.filmed().tripod(), limits);
        frames.pictures(reel, snap + 1, frame, CarriedView.WIDEST_PICTURE, view::next);
        return view.view();
    }
}
