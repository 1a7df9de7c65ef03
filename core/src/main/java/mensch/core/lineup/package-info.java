/**
 * The line-up: eleven jobs with reasons, and the ledgers made of them. {@code Lineup of(Call, Snap)} is the one
 * function that everything downstream reads. Play frame, yards. May use call and below. Read
 * {@link mensch.core.lineup.Lineup} first, then {@link mensch.core.lineup.Job}.
 */
@NullMarked
package mensch.core.lineup;

import org.jspecify.annotations.NullMarked;
