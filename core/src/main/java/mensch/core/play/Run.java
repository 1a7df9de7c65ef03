package mensch.core.play;

import java.util.List;
import java.util.Optional;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.formation.Man;
import mensch.core.formation.Motion;
import mensch.core.formation.Shape;
import mensch.core.geometry.Side;
import mensch.core.rung.Condition;
import mensch.core.rung.View;

/**
 * A run.
 *
 * @param needs what the formation must have, seen from the play side
 * @param point where the ball aims: the letter of a play-side gap, or '*' for outside the surface
 * @param ball who carries it and when he has it
 * @param leaves whom it leaves unblocked to be read
 * @param paths ball paths when it is an option, else empty
 * @param told the block of each man named
 */
public record Run(
        String id,
        String name,
        Condition needs,
        char point,
        Ball ball,
        Leaves leaves,
        List<BallPath> paths,
        List<Told> told) {

    /** The point of a run that goes outside everybody. */
    public static final char OUTSIDE = '*';

    /** Who carries, and when he has the ball, seconds after the snap. */
    public record Ball(Who carrier, double fromGun, double underCentre) {}

    /** A man and his block. */
    public record Told(Who who, Block block) {}

    public Run {
        paths = List.copyOf(paths);
        told = List.copyOf(told);
    }

    /** Whether this formation can run it to the view's side. */
    public Answer fits(View view) {
        return needs.in(view);
    }

    /** When the carrier has the ball, seconds after the snap. */
    public double meshSeconds(View view) {
        return view.features().ask(Feature.UNDER_CENTRE, Side.LEFT) == Answer.YES ? ball.underCentre() : ball.fromGun();
    }

    /**
     * The carrier: on a sweep by a receiver the man who comes in motion to that side; the deepest back when the one
     * named is not there, the quarterback when there is no back, and the snapper when there is no quarterback either.
     */
    public Man carrier(View view) {
        Shape shape = view.features().shape();
        Man quarterback = shape.quarterback();
        List<Man> backs = shape.backs();
        Man otherwise = quarterback != null ? quarterback : shape.snapper();
        return inMotion(view)
                .or(() -> ball.carrier().in(view))
                .orElse(backs.isEmpty() ? otherwise : backs.get(backs.size() - 1));
    }

    private Optional<Man> inMotion(View view) {
        Motion motion = view.features().motion();
        boolean comes = ball.carrier().receiver() && motion.kind() == Feature.MOTION_JET && motion.to() == view.my();
        return comes ? view.features().shape().eligible(motion.movers().get(0)) : Optional.empty();
    }

    /** Whether it is an option. */
    public boolean option() {
        return !paths.isEmpty();
    }
}
