package mensch.app.game;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import mensch.app.bounds.Bounds;
import org.jspecify.annotations.Nullable;

/**
 * What a game is called by.
 *
 * @param opponent or what was practised
 * @param squad ours that played, as the programme calls it; empty when it has one
 * @param season the year it began in
 * @param playedOn null when nobody said it
 * @param code rules it was played by, as in the notation of a ball spot
 */
public record GameWords(
        @NotBlank @Size(max = Bounds.NAME) String opponent,
        @NotNull @Size(max = Bounds.NAME) String squad,
        @NotNull @Min(1900) @Max(2200) Integer season,
        @Nullable LocalDate playedOn,
        @NotBlank @Size(max = Bounds.NAME) String code) {}
