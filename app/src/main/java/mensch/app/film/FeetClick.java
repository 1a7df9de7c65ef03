package mensch.app.film;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import mensch.app.bounds.Bounds;
import mensch.core.film.Feet;
import mensch.core.film.ImagePoint;
import org.jspecify.annotations.Nullable;

/**
 * A man's feet: his name in the formation or his job id, and the pixel.
 *
 * @param hidden his feet are behind somebody, and clicked where they must be; left out when they are seen
 * @param found whether the picture showed him and somebody confirmed it; left out when he was clicked by hand
 * @param frame of the reel in which he was clicked; left out at the snap
 */
public record FeetClick(
        @NotBlank @Size(max = Bounds.NAME) String man,
        double xPixels,
        double yPixels,
        @Nullable Boolean hidden,
        @Nullable Boolean found,
        @Nullable @Min(0) Integer frame) {

    FeetClick of(String other) {
        return new FeetClick(other, xPixels, yPixels, hidden, found, frame);
    }

    Feet feet() {
        Feet.Told told = Boolean.TRUE.equals(hidden)
                ? Feet.Told.HIDDEN
                : Boolean.TRUE.equals(found) ? Feet.Told.FOUND : Feet.Told.SEEN;
        return new Feet(new ImagePoint(xPixels, yPixels), told);
    }
}
