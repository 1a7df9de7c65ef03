/**
 * Coverages: written to cover seats so that any front can carry them; force belongs here, not to the front. May use
 * rung and below. Read {@link mensch.core.coverage.Coverage} first.
 */
@NullMarked
package mensch.core.coverage;

import org.jspecify.annotations.NullMarked;
