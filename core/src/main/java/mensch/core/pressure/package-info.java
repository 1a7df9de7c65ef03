/**
 * A pressure begun as a pressure: who comes, then which coverages are left for the others, each with what breaks. May
 * use sheet and below. Read {@link mensch.core.pressure.PressureDraft} first.
 */
@NullMarked
package mensch.core.pressure;

import org.jspecify.annotations.NullMarked;
