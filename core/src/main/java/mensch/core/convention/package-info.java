/**
 * What a programme may set: figures of our own model, names of techniques, landmark set. Values only, all with their
 * default and source in one place. Units: yards. May use field. Read {@link mensch.core.convention.Convention} first.
 */
@NullMarked
package mensch.core.convention;

import org.jspecify.annotations.NullMarked;
