/**
 * Measuring on film: image points, calibration of a view by a plane homography, feet on the field with their
 * uncertainty. Frames: image pixels (origin top left, y down) and play frame yards. Knows bodies, not jobs: may use
 * geometry and field. Read {@link mensch.core.film.Calibration} first.
 */
@NullMarked
package mensch.core.film;

import org.jspecify.annotations.NullMarked;
