/**
 * What of a man's play is graded, and by what: facets, and the criteria of a technique as documents of the programme.
 * Knows no man and no snap. May use document. Read {@link mensch.core.rubric.Rubric} first.
 */
@NullMarked
package mensch.core.rubric;

import org.jspecify.annotations.NullMarked;
