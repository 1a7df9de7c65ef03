package mensch.app.roster;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import mensch.app.bounds.Bounds;
import mensch.core.document.RefusedException;
import mensch.core.front.Role.Body;
import mensch.core.roster.ChartLine;
import mensch.core.roster.Player;
import mensch.core.roster.Roster;
import mensch.core.roster.Staying;
import org.jspecify.annotations.Nullable;

/** The roster as it is kept, sent and exported. */
public record RosterSheet(
        @NotNull @Size(max = Bounds.PLAYERS) List<@Valid @NotNull PlayerRow> players,
        @NotNull @Size(max = Bounds.PLAYERS) List<@Valid @NotNull LineRow> chart,
        @NotNull @Size(max = Bounds.PLAYERS) List<@Valid @NotNull PairRow> staying) {

    /**
     * Weight in pounds and short shuttle in seconds, null when not taken; {@code account} is how he signs in, if he
     * does; {@code alias} is what he is called on what others than his coaches may read, or null.
     */
    public record PlayerRow(
            @NotBlank @Size(max = Bounds.NAME) String id,
            @Min(0) @Max(99) int number,
            @NotBlank @Size(max = Bounds.NAME) String name,
            @NotNull Body body,
            @Min(40) @Max(500) @Nullable Integer weight,
            @DecimalMin("3") @DecimalMax("20") @Nullable Double shuttle,
            @Size(max = Bounds.NAME) @Nullable String account,
            @Size(max = Bounds.NAME) @Nullable String alias) {

        Player player() {
            return new Player(
                    id,
                    number,
                    name.strip(),
                    body,
                    weight,
                    shuttle,
                    alias == null || alias.isBlank() ? null : alias.strip());
        }
    }

    /** Who plays a role, first choice first; no personnel means any. */
    public record LineRow(
            @NotBlank @Size(max = Bounds.NAME) String role,
            @NotNull @Size(max = Bounds.HANDS) Set<@NotBlank @Size(max = Bounds.NAME) String> personnel,
            @NotNull @Size(max = Bounds.PLAYERS) List<@NotBlank @Size(max = Bounds.NAME) String> players) {}

    /** Roles whose men stay on the offence's right and left. */
    public record PairRow(
            @NotBlank @Size(max = Bounds.NAME) String right,
            @NotBlank @Size(max = Bounds.NAME) String left) {}

    /** @throws RefusedException saying what does not go together */
    Roster roster() {
        return new Roster(
                players.stream().map(PlayerRow::player).toList(),
                chart.stream()
                        .map(l -> new ChartLine(l.role(), l.personnel(), l.players()))
                        .toList(),
                staying.stream().map(p -> new Staying(p.right(), p.left())).toList());
    }
}
