/**
 * The board: a snap and a call in, sheets of every phase out. Nothing is saved here. Read
 * {@link mensch.app.board.BoardController} first.
 */
@NullMarked
package mensch.app.board;

import org.jspecify.annotations.NullMarked;
