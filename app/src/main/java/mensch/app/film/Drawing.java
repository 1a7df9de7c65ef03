package mensch.app.film;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import mensch.app.bounds.Bounds;
import mensch.core.document.Worded;

/**
 * What a coach drew over the picture.
 *
 * @param frame of the reel it was drawn in
 * @param points an arrow's tail and head, two opposite corners of the box a ring fills, or the way of the hand; pixels
 */
public record Drawing(
        @NotNull Shape shape,
        @Min(0) int frame,
        @NotNull @Size(min = 2, max = Bounds.STROKE) List<@Valid @NotNull DrawnPoint> points) {

    /** What is drawn. */
    public enum Shape implements Worded {
        ARROW,
        RING,
        LINE
    }

    /** A point of a drawing, pixels of the film. */
    public record DrawnPoint(double xPixels, double yPixels) {}
}
