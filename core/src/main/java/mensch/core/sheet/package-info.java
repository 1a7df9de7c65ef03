/**
 * A line-up on paper: everything a board, a print, a script or a bug report shows of it, as plain values with the words
 * already made. Nothing after this decides football or composes a sentence. Play frame, yards. May use audit, lineup,
 * library and below. Read {@link mensch.core.sheet.Sheet} first.
 */
@NullMarked
package mensch.core.sheet;

import org.jspecify.annotations.NullMarked;
