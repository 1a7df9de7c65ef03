/**
 * What the offence runs, as data: runs with the block of each man, routes, pass concepts, run-pass options,
 * protections. A play has a play side; in its words "my side" is that side. Play frame, yards and seconds after the
 * snap. May use rung and below. Read {@link mensch.core.play.Run} first, then {@link mensch.core.play.Pass}.
 */
@NullMarked
package mensch.core.play;

import org.jspecify.annotations.NullMarked;
