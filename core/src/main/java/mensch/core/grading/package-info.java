/**
 * Asked against measured. Play frame, yards. May use lineup, film and below. Read
 * {@link mensch.core.grading.AlignmentVerdict} first.
 */
@NullMarked
package mensch.core.grading;

import org.jspecify.annotations.NullMarked;
