/**
 * Fronts: who plays, where his side is, which cover seat is his, and his ladder. May use rung and below. Read
 * {@link mensch.core.front.Front} first.
 */
@NullMarked
package mensch.core.front;

import org.jspecify.annotations.NullMarked;
