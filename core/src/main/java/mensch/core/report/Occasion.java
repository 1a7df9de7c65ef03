package mensch.core.report;

import org.jspecify.annotations.Nullable;

/**
 * The play that a rep was on, as far as reports ask; what the log does not say is null.
 *
 * @param unit of theirs that played
 * @param pass whether they passed
 * @param gain yards, lost ones below 0
 * @param together what the eleven did as one
 * @param pressureAfter when the first defender pressured the passer, seconds after the ball moved
 */
public record Occasion(
        OnPlay at,
        @Nullable TheirUnit unit,
        @Nullable Boolean pass,
        @Nullable Integer gain,
        Together together,
        @Nullable Double pressureAfter) {
    /** Of which nothing is known but what the log says. */
    public static Occasion logged(OnPlay at, @Nullable TheirUnit unit, @Nullable Boolean pass, @Nullable Integer gain) {
        return new Occasion(at, unit, pass, gain, Together.NOT_SAID, null);
    }
}
