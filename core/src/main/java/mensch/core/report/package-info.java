/**
 * What grades come to: of a man, of a unit, by fault, by whom it was against, from game to game; every figure with the
 * plays it rests on. Knows no film and no roster. May use grading. Read {@link mensch.core.report.Graded} first, then
 * {@link mensch.core.report.ManSheet} and {@link mensch.core.report.UnitSheet}.
 */
@NullMarked
package mensch.core.report;

import org.jspecify.annotations.NullMarked;
