package mensch.core.film;

/**
 * A click between a man's feet.
 *
 * @param hidden his feet are behind somebody: it is clicked where they must be
 */
public record Feet(ImagePoint at, boolean hidden) {}
