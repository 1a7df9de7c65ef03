/** Saved calls: immutable revisions, and edits on top of one. Read {@link mensch.app.call.CallBook} first. */
@NullMarked
package mensch.app.call;

import org.jspecify.annotations.NullMarked;
