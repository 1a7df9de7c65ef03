/**
 * Who played which seat on which play, and so how many plays a man was on the field for. Read
 * {@link mensch.app.played.WhoPlayed} first.
 */
@NullMarked
package mensch.app.played;

import org.jspecify.annotations.NullMarked;
