package mensch.app.film;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import mensch.app.bounds.Bounds;
import mensch.core.event.Observed;
import org.jspecify.annotations.Nullable;

/**
 * Something that happens at a frame of the reel.
 *
 * @param man job id of the defender whose it is; left out for what is the play's
 */
public record SeenAt(
        @NotNull Observed what,
        @Nullable @Size(max = Bounds.NAME) String man,
        @Min(0) int frame) {}
