package mensch.app.film;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import mensch.app.bounds.Bounds;
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
        @Nullable @Min(0) Integer frame) {}
