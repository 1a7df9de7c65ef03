/** Saved calls: immutable revisions, and edits on top of one. Read {@link mensch.app.call.CallShelf} first. */
package mensch.app.call;
