/**
 * What happens on a snap, in one vocabulary: the steps of a task, the rows of a read table, the marks on film, the quiz
 * and the simulation all say it in these words. Without time, place or person. May use document. Read
 * {@link mensch.core.event.Event} first.
 */
@NullMarked
package mensch.core.event;

import org.jspecify.annotations.NullMarked;
