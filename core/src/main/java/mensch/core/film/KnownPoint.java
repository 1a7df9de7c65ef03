package mensch.core.film;

import mensch.core.geometry.Point;

/** A field point whose place is known (play frame yards) and where it was clicked. */
public record KnownPoint(String name, Point field, ImagePoint image) {}
