/**
 * How much may come in, and of what kind: lengths, counts, bytes, finite numbers. Read {@link mensch.app.bounds.Bounds}
 * first.
 */
@NullMarked
package mensch.app.bounds;

import org.jspecify.annotations.NullMarked;
