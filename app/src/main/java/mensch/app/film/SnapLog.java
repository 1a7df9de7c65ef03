package mensch.app.film;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import mensch.app.board.SnapWords;

/** What the staff wrote down of a snap; {@code revision} null is the newest, 0 the catalogue's. */
public record SnapLog(
        @Valid @NotNull SnapWords snap,
        @NotBlank String call,
        @NotNull Integer revision) {}
