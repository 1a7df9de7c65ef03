/**
 * Work that takes longer than anybody waits: kept in PostgreSQL, run by whichever node is free, with progress and
 * cancel. Read {@link mensch.app.work.WorkBook} first.
 */
@NullMarked
package mensch.app.work;

import org.jspecify.annotations.NullMarked;
