package mensch.core.field;

import mensch.core.document.RefusedException;

/**
 * Where the ball lies.
 *
 * @param lateralYards signed yards from the middle of the field, + to the offence's right; within the sidelines
 * @param lateralKnown false when a film snap does not tell; {@code lateralYards} is then 0 and no rule may rely on it
 * @param yardsToGoal 1 to 99, to the goal line that the defence guards
 */
public record BallSpot(double lateralYards, boolean lateralKnown, int yardsToGoal) {
    private static final int MIDFIELD = 50;
    private static final double WIDEST_YARDS = 160.0 / 3;

    public BallSpot {
        lateralYards += 0.0;
        if (Math.abs(lateralYards) >= WIDEST_YARDS / 2) {
            throw new RefusedException(
                    "ball spot " + lateralYards + " yd from the middle is off the field; it must lie within "
                            + "26.6 yd of the middle (+ is the offence's right)");
        }
        if (yardsToGoal < 1 || yardsToGoal > 99) {
            throw new RefusedException("yards to goal is " + yardsToGoal + "; it must be 1 to 99");
        }
    }

    public static BallSpot middle(int yardsToGoal) {
        return new BallSpot(0, true, yardsToGoal);
    }

    /** As the defence says it: ours to the goal line it guards, theirs beyond midfield. */
    public String words() {
        return yardsToGoal == MIDFIELD
                ? "midfield"
                : yardsToGoal < MIDFIELD ? "our " + yardsToGoal : "their own " + (2 * MIDFIELD - yardsToGoal);
    }

    public BallSpot mirror() {
        return new BallSpot(-lateralYards, lateralKnown, yardsToGoal);
    }
}
