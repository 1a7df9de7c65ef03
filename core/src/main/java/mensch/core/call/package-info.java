/**
 * Calls: layers of ladders, the sides they bind, and what the defence does on motion. May use front, coverage and
 * below. Read {@link mensch.core.call.Call} first.
 */
@NullMarked
package mensch.core.call;

import org.jspecify.annotations.NullMarked;
