/**
 * Who plays: players, the depth chart, and which player fills which job of a line-up. May use lineup and below. Read
 * {@link mensch.core.roster.Roster} first.
 */
@NullMarked
package mensch.core.roster;

import org.jspecify.annotations.NullMarked;
