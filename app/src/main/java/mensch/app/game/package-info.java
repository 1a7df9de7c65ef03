/** Games and the log of their plays, whether they were filmed or not. Read {@link mensch.app.game.GameBook} first. */
@NullMarked
package mensch.app.game;

import org.jspecify.annotations.NullMarked;
