package mensch.app.film;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import mensch.core.convention.FilmLimits;
import mensch.core.field.Field;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPlaces.KnownPlace;
import mensch.core.film.KnownPoint;
import mensch.vision.PlacesInPicture;
import org.springframework.stereotype.Service;

/** Known places of the field that the picture itself shows, for somebody to confirm. */
@Service
class PlacesOnFilm {
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
        PlacesInPicture.Found found = PlacesInPicture.find(
                frames.picture(room.reel(angle.reelId()), frame), field, seen.tripod(), clicked, limits);
        return new FoundPlaces(
                frame,
                found.places().stream()
                        .map(p -> new KnownClick(
                                p.name(), p.image().xPixels(), p.image().yPixels(), kept))
                        .toList(),
                found.eitherWay());
    }
}
