/**
 * Whether a man can do what he is told, from where he stands: by his shade and his move, the clock, the way and his
 * gait. Play frame, yards and seconds. May use lineup and below. Read {@link mensch.core.possible.Ability} first.
 */
@NullMarked
package mensch.core.possible;

import org.jspecify.annotations.NullMarked;
