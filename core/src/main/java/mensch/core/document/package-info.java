/**
 * Documents: what the library ships, a programme saves, exports and imports. Maps of plain values with a digest that
 * does not depend on key order; and constants with a word of the trade. Depends on nothing of ours. Read
 * {@link mensch.core.document.Document} first.
 */
@NullMarked
package mensch.core.document;

import org.jspecify.annotations.NullMarked;
