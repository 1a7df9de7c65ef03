package mensch.app.film;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import mensch.app.game.PlayLog;
import mensch.core.field.Field;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPlaces.KnownPlace;
import mensch.core.film.Tripod;

/** Known places clicked on an angle, and what was logged of its play. */
public record Told(List<KnownClick> points, PlayLog log) {

    /** The view at the snap, as core takes it. */
    Tripod.Seen seen() {
        Field field = log.snap().field();
        Map<String, KnownPlace> places = KnownPlaces.everywhere(field);
        return new Tripod.Seen(
                field,
                points.stream()
                        .filter(c -> Objects.isNull(c.frame()))
                        .flatMap(c -> c.on(places).stream())
                        .toList());
    }
}
