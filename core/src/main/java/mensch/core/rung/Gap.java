package mensch.core.rung;

import java.util.Objects;
import mensch.core.formation.Man;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/** A gap of the offensive surface: index 0 = A, from the ball out. */
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
        double inside = index == 0 ? flank.middle().x() : man(flank, index - 1).x();
        double outside = index < count(flank) - 1
                ? man(flank, index).x()
                : inside + flank.guard().x() - flank.middle().x();
        return new Point((inside + outside) / 2, 0);
    }

    private static Man man(Flank flank, int at) {
        return at < flank.surface().size()
                ? flank.surface().get(at)
                : Objects.requireNonNull(flank.wing(), "past the surface there is only a wing");
    }
}
