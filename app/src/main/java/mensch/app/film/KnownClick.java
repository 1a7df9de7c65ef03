package mensch.app.film;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import mensch.app.bounds.Bounds;

/** A known place of the field by name and the pixel it was clicked at. */
public record KnownClick(@NotBlank @Size(max = Bounds.NAME) String name, double xPixels, double yPixels) {}
