/**
 * Two films of one game that were logged as two: offered to be made one, and joined only when a coach says so. Read
 * {@link mensch.app.joining.Joining} first.
 */
@NullMarked
package mensch.app.joining;

import org.jspecify.annotations.NullMarked;
