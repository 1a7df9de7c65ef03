package mensch.core.play;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.rung.Condition;
import mensch.core.rung.Gap;
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

    private static final double STEP = 1;
    /** Yards past the line that the ball's way is drawn. */
    private static final double BEYOND = 5;

    /** The point of a run that goes outside everybody. */
    public static final char OUTSIDE = '*';

    /** Where a run may aim, in words. */
    public static final List<String> POINTS = List.of("A", "B", "C", "D", "E", "outside");

    /**
     * Who carries, the first of these who is there, and when he has the ball, seconds after the snap.
     *
     * @param place where he gets it, by rule when the play says nothing
     * @param first what it looks like before
     */
    public record Ball(List<Who> carriers, double fromGun, double underCentre, Optional<Behind> place, First first) {
        public Ball {
            carriers = List.copyOf(carriers);
        }
    }

    /** What a run looks like before it is one. */
    public enum First {
        /** It goes where it goes. */
        STRAIGHT,
        /** The backs step away from the play side and come back. */
        AWAY,
        /** Line and quarterback set as for a pass. */
        PASS;

        public String words() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** In a sentence: it begins so. */
        public String said() {
            return switch (this) {
                case STRAIGHT -> "straight";
                case AWAY -> "with a step away";
                case PASS -> "as a pass";
            };
        }
    }

    /** A man and his block. */
    public record Told(Who who, Block block) {}

    public Run {
        paths = List.copyOf(paths);
        told = List.copyOf(told);
    }

    /** Whether this formation can run it to the view's side; small-sided football has plays of its own. */
    public Answer fits(View view) {
        boolean small = needs.features().contains(Feature.SMALL_SIDED);
        return view.field().code().flag() == small ? needs.in(view) : Answer.NO;
    }

    /** When the carrier has the ball, seconds after the snap. */
    public double meshSeconds(View view) {
        return view.features().ask(Feature.UNDER_CENTRE, Side.LEFT) == Answer.YES ? ball.underCentre() : ball.fromGun();
    }

    /**
     * Where the carrier has the ball, play frame: where the play says; else where a quarterback keeps it, in front of a
     * gun quarterback's feet or a step before a back who stands where the play goes, or a step to the play side halfway
     * back to the carrier from under centre (ours).
     */
    public Point mesh(View view) {
        Man carrier = carrier(view);
        Man quarterback = view.features().shape().quarterback();
        int play = view.my().sign();
        if (ball.place().isPresent()) {
            return ball.place().get().at(play);
        }
        if (quarterback == null || carrier.equals(quarterback)) {
            return carrier.feet();
        }
        boolean under = view.features().ask(Feature.UNDER_CENTRE, Side.LEFT) == Answer.YES;
        return under
                ? new Point(play * STEP, Math.min(-STEP, carrier.feet().y() / 2))
                : new Point(
                        play * Math.max(play * quarterback.x() + STEP / 2, ahead(view, carrier)),
                        quarterback.feet().y() + STEP / 2);
    }

    /** A back beside him, on the side the play goes to, is given the ball a step farther on his way there. */
    private static double ahead(View view, Man carrier) {
        boolean back = view.features().shape().backs().contains(carrier);
        return back ? view.my().sign() * carrier.x() + STEP : Double.NEGATIVE_INFINITY;
    }

    /**
     * The carrier; the deepest back when the one named is not there, the quarterback when there is no back, and the
     * snapper when there is no quarterback either.
     */
    public Man carrier(View view) {
        Shape shape = view.features().shape();
        Man quarterback = shape.quarterback();
        List<Man> backs = shape.backs();
        Man otherwise = quarterback != null ? quarterback : shape.snapper();
        return ball.carriers().stream()
                .flatMap(c -> c.in(view).stream())
                .findFirst()
                .orElse(backs.isEmpty() ? otherwise : backs.get(backs.size() - 1));
    }

    /** Where the ball crosses the line, play frame; in small-sided football so far from the sideline. */
    public Point crosses(View view) {
        if (view.field().code().flag()) {
            double wide = view.convention().limits().flag().wide();
            return new Point(view.field().fromSideline(view.my(), wide), 0);
        }
        Flank flank = view.features().shape().flank(view.my());
        int last = Gap.count(flank) - 1;
        Point middle = new Gap(view.my(), point == OUTSIDE ? last : Math.min(point - 'A', last)).middle(flank);
        double outside = point == OUTSIDE ? view.convention().blocks().point().outside() : 0;
        return new Point(middle.x() + view.my().sign() * outside, 0);
    }

    /**
     * The corners of the ball's way: from the carrier's feet to where he has it, across the line, and on; play frame.
     */
    public List<Point> ballWay(View view) {
        Point point = crosses(view);
        return List.of(carrier(view).feet(), mesh(view), point, new Point(point.x(), point.y() + BEYOND));
    }

    /** Where a man goes who is told a block, play frame: where the ball crosses, or the edge he is sent to. */
    public Point goal(Block block, View view) {
        if (block.finds() != Block.Finds.BACK_EDGE) {
            return crosses(view);
        }
        Flank back = view.features().shape().flank(view.my().opposite());
        return new Gap(view.my().opposite(), Gap.count(back) - 1).middle(back);
    }

    /** Whether it is an option. */
    public boolean option() {
        return !paths.isEmpty();
    }
}
