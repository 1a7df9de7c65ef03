/**
 * The rung language: sentences of the form "when condition: parts", their values, parser and printer. A sentence is the
 * stored form; it reads to records and prints back to itself. Geometry is in outward yards (+ = away from the ball on
 * the seat's own side) and becomes play frame here. May use formation, convention, field, geometry. Read
 * {@link mensch.core.rung.Rung} first.
 */
@NullMarked
package mensch.core.rung;

import org.jspecify.annotations.NullMarked;
