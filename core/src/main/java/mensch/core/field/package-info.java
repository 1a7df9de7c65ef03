/**
 * The field by code of rules, where the ball lies, and landmarks as distances from the sideline. Frames: distances in
 * the rule books are from the nearer sideline; everything handed out is play frame, yards. May use geometry. Read
 * {@link mensch.core.field.Field} first.
 */
@NullMarked
package mensch.core.field;

import org.jspecify.annotations.NullMarked;
