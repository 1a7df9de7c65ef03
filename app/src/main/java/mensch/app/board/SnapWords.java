package mensch.app.board;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import mensch.core.formation.Snap;
import mensch.core.library.Library;

/**
 * A snap as the snap line says it.
 *
 * @param formation id in the library
 * @param mirrored  strong side to the left
 * @param motion    id of a motion of the formation, or null
 * @param code      hs, col, pro
 * @param hash      l, m, r or signed yards from the middle
 */
public record SnapWords(@NotBlank String formation, boolean mirrored, String motion, @NotBlank String code, @NotBlank String hash,
                        @NotNull @Min(1) @Max(99) Integer toGoal, @NotNull @Min(1) @Max(4) Integer down, @NotNull @Min(1) @Max(99) Integer distance) {

    /** Mirroring turns the men, not the field: the ball stays where it lies. */
    public Snap snap(Library library) {
        return library.formation(formation).snap(motion, mirrored, code + " " + hash + " " + toGoal + " " + down + "&" + distance);
    }
}
