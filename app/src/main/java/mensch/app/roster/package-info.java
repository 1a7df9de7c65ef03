/**
 * The squad and its depth chart. Names of minors: coordinators see all of it, players see numbers and names on the
 * board. Read {@link mensch.app.roster.RosterBook} first.
 */
@NullMarked
package mensch.app.roster;

import org.jspecify.annotations.NullMarked;
