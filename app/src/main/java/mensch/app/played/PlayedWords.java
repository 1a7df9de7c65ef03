package mensch.app.played;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import mensch.app.bounds.Bounds;
import org.jspecify.annotations.Nullable;

/**
 * Who played a seat from a play on.
 *
 * @param player of the roster
 * @param instead who was said to have played it when this was chosen; null where nobody was
 */
record PlayedWords(
        @NotBlank @Size(max = Bounds.NAME) String player,
        @Nullable @Size(max = Bounds.NAME) String instead) {}
