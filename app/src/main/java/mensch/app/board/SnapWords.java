package mensch.app.board;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;
import mensch.app.bounds.Bounds;
import mensch.core.field.Field;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import org.jspecify.annotations.Nullable;

/**
 * A snap as the snap line says it.
 *
 * @param formation id in the library
 * @param mirrored strong side to the left
 * @param motion id of a motion of the formation, or null
 * @param men men as placed on the board, in the notation; null when they stand as the formation says
 * @param code hs, col, pro
 * @param hash l, m, r or signed yards from the middle
 */
public record SnapWords(
        @NotBlank @Size(max = Bounds.NAME) String formation,
        boolean mirrored,
        @Size(max = Bounds.NAME) @Nullable String motion,
        @Size(max = Bounds.MEN) @Nullable String men,
        @NotBlank @Size(max = Bounds.NAME) String code,
        @NotBlank @Size(max = Bounds.NAME) String hash,
        @NotNull @Min(1) @Max(99) Integer toGoal,
        @NotNull @Min(1) @Max(4) Integer down,
        @NotNull @Min(1) @Max(99) Integer distance) {

    private String spot() {
        return code + " " + hash + " " + toGoal + " " + down + "&" + distance;
    }

    /** The field alone, with the ball on it. */
    public Field field() {
        return Notation.field(spot());
    }

    /** Mirroring turns the men, not the field: the ball stays where it lies. */
    Snap snap(Library library) {
        if (men != null) {
            Snap placed = Notation.place(Notation.formation("as placed", men), spot());
            return mirrored
                    ? new Snap(placed.phases(), placed.field(), placed.situation(), Side.LEFT, false, 0, Set.of())
                    : placed;
        }
        return library.formation(formation).snap(motion, mirrored, spot());
    }
}
