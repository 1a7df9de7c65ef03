package mensch.core.matchup;

import mensch.core.convention.Gait;
import mensch.core.convention.Speeds;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.geometry.Side;
import mensch.core.front.Role;

/** Which body moves how. */
final class Gaits {
    private Gaits() {}

    static Gait of(Role.Body body, Speeds speeds) {
        return speeds.of(body.name());
    }

    static Gait of(Man man, Shape shape, Speeds speeds) {
        if (man.interior()) {
            return speeds.inside();
        }
        if (man.post() == Man.Post.QUARTERBACK) {
            return speeds.quarterback();
        }
        if (shape.backs().contains(man)) {
            return speeds.back();
        }
        return shape.flank(Side.LEFT).attached(man) || shape.flank(Side.RIGHT).attached(man) ? speeds.tightEnd() : speeds.receiver();
    }
}
