package mensch.core.possible;

import mensch.core.convention.Gait;
import mensch.core.convention.Speeds;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.front.Role;
import mensch.core.geometry.Side;

/**
 * Which body moves how, and which is bigger. Sizes go up by one: receiver and defensive back, back and backer, tight
 * end and edge, lineman of either side.
 */
public final class Builds {
    private Builds() {}

    public static Gait gait(Role.Body body, Speeds speeds) {
        return speeds.of(body.name());
    }

    public static Gait gait(Man man, Shape shape, Speeds speeds) {
        if (man.interior()) {
            return speeds.gaits().inside();
        }
        if (man.post() == Man.Post.QUARTERBACK) {
            return speeds.gaits().quarterback();
        }
        if (back(man, shape)) {
            return speeds.gaits().back();
        }
        return attached(man, shape) ? speeds.gaits().tightEnd() : speeds.gaits().receiver();
    }

    public static int size(Role.Body body) {
        return switch (body) {
            case T -> 3;
            case E -> 2;
            case LB -> 1;
            default -> 0;
        };
    }

    public static int size(Man man, Shape shape) {
        if (man.interior()) {
            return 3;
        }
        if (man.post() == Man.Post.QUARTERBACK || back(man, shape)) {
            return 1;
        }
        return attached(man, shape) ? 2 : 0;
    }

    /** A back, also one who takes the snap. */
    private static boolean back(Man man, Shape shape) {
        return shape.backs().contains(man) || man == shape.quarterback();
    }

    private static boolean attached(Man man, Shape shape) {
        return shape.flank(Side.LEFT).attached(man) || shape.flank(Side.RIGHT).attached(man);
    }
}
