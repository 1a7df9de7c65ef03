package mensch.core.film;

/**
 * Somebody at a moment of a play.
 *
 * @param who a man of the offence by name, a defender by job, or the ball
 * @param seconds after the ball moved; 0 at the snap
 */
public record Shot(String who, double seconds) {
    public static Shot atSnap(String who) {
        return new Shot(who, 0);
    }

    boolean isAtSnap() {
        return seconds == 0;
    }
}
