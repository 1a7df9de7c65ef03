/**
 * What a key tells the man who reads it, from how it moves: the same on a simulated snap and on two frames of film. May
 * use event and geometry. Read {@link mensch.core.reading.Reading} first.
 */
@NullMarked
package mensch.core.reading;

import org.jspecify.annotations.NullMarked;
