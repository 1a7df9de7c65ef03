/**
 * Points and sides of the field plane. Frame: the play frame, origin at the ball on the line of scrimmage, +x to the
 * offence's right, +y downfield, in yards. Depends on document, for the words of its sides. Read
 * {@link mensch.core.geometry.Point} first.
 */
@NullMarked
package mensch.core.geometry;

import org.jspecify.annotations.NullMarked;
