package mensch.core.field;

import mensch.core.document.RefusedException;

/**
 * Down and distance.
 *
 * @param down 1 to 4
 * @param distance yards to the line to gain, 1 to 99
 */
public record Situation(int down, int distance) {
    public Situation {
        if (down < 1 || down > 4 || distance < 1 || distance > 99) {
            throw new RefusedException(
                    "down " + down + " and distance " + distance + ": a down is 1 to 4, a distance 1 to 99 yd");
        }
    }

    /** As in the one-line notation: {@code 2&7}. */
    public String words() {
        return down + "&" + distance;
    }
}
