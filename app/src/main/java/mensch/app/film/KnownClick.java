package mensch.app.film;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.Map;
import java.util.Optional;
import mensch.app.bounds.Bounds;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces.KnownPlace;
import mensch.core.film.KnownPoint;
import org.jspecify.annotations.Nullable;

/**
 * A known place of the field by name and the pixel it was clicked at.
 *
 * @param frame of the reel in which it was clicked; left out at the snap
 */
public record KnownClick(
        @NotBlank @Size(max = Bounds.NAME) String name,
        double xPixels,
        double yPixels,
        @Nullable @Min(0) Integer frame) {

    /**
     * Where it is; none when the field has no such place: the log was corrected since.
     *
     * @param places of the field, by name
     */
    Optional<KnownPoint> on(Map<String, KnownPlace> places) {
        return Optional.ofNullable(places.get(name))
                .map(p -> new KnownPoint(name, p.at(), new ImagePoint(xPixels, yPixels)));
    }
}
