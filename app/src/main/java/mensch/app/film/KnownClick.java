package mensch.app.film;

import jakarta.validation.constraints.NotBlank;

/** A known place of the field by name and the pixel it was clicked at. */
public record KnownClick(@NotBlank String name, double xPixels, double yPixels) {}
