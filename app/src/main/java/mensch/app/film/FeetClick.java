package mensch.app.film;

import jakarta.validation.constraints.NotBlank;

/** A man's feet: his name in the formation or his job id, and the pixel. */
public record FeetClick(@NotBlank String man, double xPixels, double yPixels) {}
