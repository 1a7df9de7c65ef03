package mensch.app.grading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.app.bounds.Bounds;
import org.jspecify.annotations.Nullable;

/**
 * What a man is shown and told (handbook 5, form of a correction). Each part may be missing.
 *
 * @param good what was good
 * @param wrongAt the earliest wrong moment
 * @param ledTo what that led to
 * @param instead what he is to do, in a few words
 * @param goodAt where it is done well, by him or another
 * @param drill that teaches it
 */
public record Correction(
        @Nullable @Size(max = Bounds.NOTE) String good,
        @Nullable @Valid At wrongAt,
        @Nullable @Size(max = Bounds.NOTE) String ledTo,
        @Nullable @Size(max = Bounds.NOTE) String instead,
        @Nullable @Valid At goodAt,
        @Nullable @Size(max = Bounds.NOTE) String drill) {

    /** Frames that he is shown. */
    List<At> shown() {
        return Stream.of(Optional.ofNullable(wrongAt), Optional.ofNullable(goodAt))
                .flatMap(Optional::stream)
                .toList();
    }

    /** A frame of a reel of a game. */
    public record At(
            @NotNull Long game, @NotNull Long reel, @Min(0) int frame) {}
}
