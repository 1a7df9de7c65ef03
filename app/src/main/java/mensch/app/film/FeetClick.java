package mensch.app.film;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import mensch.app.bounds.Bounds;

/** A man's feet: his name in the formation or his job id, and the pixel. */
public record FeetClick(@NotBlank @Size(max = Bounds.NAME) String man, double xPixels, double yPixels) {}
