/**
 * Tried repairs: changes of a call within reach, each made, lined up and audited again. May use audit and below. Read
 * {@link mensch.core.repair.Repairs} first.
 */
@NullMarked
package mensch.core.repair;

import org.jspecify.annotations.NullMarked;
