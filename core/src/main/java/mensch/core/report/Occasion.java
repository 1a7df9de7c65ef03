package mensch.core.report;

import org.jspecify.annotations.Nullable;

/**
 * The play that a rep was on, as far as reports ask; what the log does not say is null.
 *
 * @param unit of theirs that played
 * @param pass whether they passed
 * @param gain yards, lost ones below 0
 */
public record Occasion(
        OnPlay at,
        @Nullable TheirUnit unit,
        @Nullable Boolean pass,
        @Nullable Integer gain) {}
