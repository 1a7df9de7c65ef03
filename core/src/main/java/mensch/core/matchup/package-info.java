/**
 * Ledgers of who meets whom: a run's blocks, a pass's routes, a protection's rushers against the jobs of a line-up; and
 * several line-ups side by side. They read jobs and decide none. Play frame, yards and seconds after the snap. May use
 * lineup, play and below. Read {@link mensch.core.matchup.Blocking} first.
 */
@NullMarked
package mensch.core.matchup;

import org.jspecify.annotations.NullMarked;
