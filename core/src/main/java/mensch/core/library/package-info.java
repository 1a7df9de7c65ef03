/**
 * The shipped catalogue: formations, fronts, coverages, calls, read tables, technique titles, as data files. May use
 * call and below.
 */
@NullMarked
package mensch.core.library;

import org.jspecify.annotations.NullMarked;
