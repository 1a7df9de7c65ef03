/** People of the programme: who may sign in, and as what. Read {@link mensch.app.programme.Member} first. */
@NullMarked
package mensch.app.programme;

import org.jspecify.annotations.NullMarked;
