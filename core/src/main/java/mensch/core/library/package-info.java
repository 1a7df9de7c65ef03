/**
 * The shipped catalogue: formations, fronts, coverages, calls, read tables, technique titles, as data files. May use
 * call and below.
 */
package mensch.core.library;
