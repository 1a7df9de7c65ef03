/**
 * A play run against a line-up, tick by tick: what happens if they run that at this. Everything is computed as if the
 * play went to the right; a play to the left is its mirror image. May use matchup and what stands before it. Read
 * {@link mensch.core.simulation.Simulation} first.
 */
@NullMarked
package mensch.core.simulation;

import org.jspecify.annotations.NullMarked;
