package mensch.camera;

import mensch.core.geometry.Point;

/**
 * A man of a simulated snap: where he stands at the snap and how he moves after it.
 *
 * @param name the offence's name or the defender's job id
 * @param number on his jersey
 * @param at feet at the snap, play frame yards
 * @param toward where he runs after the snap
 * @param speed yards per second once under way
 * @param crouched in a three-point stance until the snap
 */
public record Body(String name, int number, boolean defence, Point at, Point toward, double speed, boolean crouched) {
    private static final double REACTION_SECONDS = 0.2;

    /** Feet so many seconds after the snap; before it he stands. */
    Point feet(double secondsAfterSnap) {
        double moving = Math.max(0, secondsAfterSnap - REACTION_SECONDS);
        double path = at.distance(toward);
        double share = path == 0 ? 0 : Math.min(1, moving * speed / path);
        return new Point(at.x() + (toward.x() - at.x()) * share, at.y() + (toward.y() - at.y()) * share);
    }
}
