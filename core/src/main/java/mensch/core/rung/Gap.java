package mensch.core.rung;

import java.util.Objects;
import java.util.Optional;
import mensch.core.formation.Man;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/**
 * A gap of the offensive surface: index 0 = A, from the ball out. One the surface does not have lies where its last
 * does; the audit says that it is not there.
 */
public record Gap(Side side, int index) {

    /** A side with n men beyond the centre, a wing included, has n + 1 gaps. */
    public static int count(Flank flank) {
        return flank.surface().size() + (flank.wing() == null ? 0 : 1) + 1;
    }

    public char letter() {
        return (char) ('A' + index);
    }

    public String words() {
        return letter() + " gap " + side.words();
    }

    /** Its middle on the line of scrimmage; the last one half a split outside the last man. */
    public Point middle(Flank flank) {
        if (flank.surface().isEmpty()) {
            return new Point(flank.middle().x(), 0);
        }
        return new Point((innerX(flank) + outerX(flank)) / 2, 0);
    }

    /** The blocker inside it, play-frame x. */
    public double innerX(Flank flank) {
        return inner(flank).x();
    }

    /** The blocker inside it. */
    public Man inner(Flank flank) {
        int inside = Math.min(index, count(flank) - 1);
        return inside == 0 ? flank.middle() : man(flank, inside - 1);
    }

    /** The blocker outside it; none of the last gap. */
    public Optional<Man> outer(Flank flank) {
        return last(flank) ? Optional.empty() : Optional.of(man(flank, index));
    }

    /** The blocker outside it, play-frame x; of the last gap, where one more would stand. */
    public double outerX(Flank flank) {
        return last(flank)
                ? innerX(flank) + flank.guard().x() - flank.middle().x()
                : man(flank, index).x();
    }

    /** Whether nobody of the surface stands outside it. */
    public boolean last(Flank flank) {
        return index >= count(flank) - 1;
    }

    private static Man man(Flank flank, int at) {
        return at < flank.surface().size()
                ? flank.surface().get(at)
                : Objects.requireNonNull(flank.wing(), "past the surface there is only a wing");
    }
}
