/**
 * How much may come in, and of what kind: lengths, counts, bytes, finite numbers. Read {@link mensch.app.bounds.Bounds}
 * first.
 */
package mensch.app.bounds;
