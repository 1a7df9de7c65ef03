package mensch.vision;

import mensch.core.film.ImagePoint;
import mensch.core.geometry.Point;

/**
 * Somebody who stands on the field and apart from others.
 *
 * @param feet between them, on film
 * @param at where that is on the field
 * @param shirt which of the two shirts he wears: 0 or 1; -1 when the shirts do not tell sides apart
 */
public record ManSeen(ImagePoint feet, Point at, int shirt) {}
