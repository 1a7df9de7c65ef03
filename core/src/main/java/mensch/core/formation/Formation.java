package mensch.core.formation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import mensch.core.convention.Bodies;
import mensch.core.document.RefusedException;
import mensch.core.field.Field;
import mensch.core.geometry.Side;
import org.jspecify.annotations.Nullable;

/**
 * Men where they stand, from the offence's left to right.
 *
 * @param movedIn who had to stand closer than the sheet says because the sideline is near
 */
public record Formation(String name, List<Man> men, List<MovedIn> movedIn) {

    private static final Comparator<Man> FIELD_ORDER =
            Comparator.comparingDouble(Man::x).thenComparingDouble(Man::depth).thenComparing(Man::name);

    /** A wished split that the field had no room for; play-frame x in yards. */
    public record MovedIn(String man, double wishedX, double givenX) {}

    public Formation {
        men = men.stream().sorted(FIELD_ORDER).toList();
        movedIn = List.copyOf(movedIn);
        var names = new LinkedHashSet<String>();
        for (Man man : men) {
            if (!names.add(man.name())) {
                throw new RefusedException(
                        "two men are called " + man.name() + " in " + name + "; give each man a name of his own");
            }
        }
    }

    public Formation(String name, List<Man> men) {
        this(name, men, List.of());
    }

    /** The man of this name, or null: a motion may name a man whom another formation does not have. */
    public @Nullable Man man(String wanted) {
        for (Man man : men) {
            if (man.name().equals(wanted)) {
                return man;
            }
        }
        return null;
    }

    /** A man of another phase as he stands in this one. */
    Man same(Man other) {
        return Objects.requireNonNull(man(other.name()), () -> other.name() + " is not in " + name);
    }

    public Formation mirror() {
        return new Formation(
                name,
                men.stream().map(Man::mirror).toList(),
                movedIn.stream()
                        .map(m -> new MovedIn(m.man(), 0.0 - m.wishedX(), 0.0 - m.givenX()))
                        .toList());
    }

    /** The same men with some of them standing elsewhere (a motion step, a measured film snap). */
    public Formation with(List<Man> moved) {
        var next = new ArrayList<Man>();
        for (Man man : men) {
            next.add(moved.stream()
                    .filter(m -> m.name().equals(man.name()))
                    .findFirst()
                    .orElse(man));
        }
        return new Formation(name, next, List.of());
    }

    /** Splits are wishes: on this field everybody keeps his distance to the sideline, men inside him keep order. */
    public Formation fit(Field field, Bodies bodies) {
        var moved = new ArrayList<MovedIn>();
        var fitted = new ArrayList<>(men);
        fitSide(Side.LEFT, field, bodies, fitted, moved);
        fitSide(Side.RIGHT, field, bodies, fitted, moved);
        return moved.isEmpty() ? this : new Formation(name, fitted, moved);
    }

    private static void fitSide(Side side, Field field, Bodies bodies, List<Man> men, List<MovedIn> moved) {
        double limit = side.sign() * field.sidelineX(side) - bodies.margin().sideline();
        var outsideIn = new ArrayList<>(men.stream()
                .filter(m -> !m.interior() && side.sign() * m.x() > 0)
                .toList());
        outsideIn.sort(
                Comparator.comparingDouble((Man m) -> -side.sign() * m.x()).thenComparingDouble(Man::depth));
        for (Man man : outsideIn) {
            double outward = side.sign() * man.x();
            if (outward <= limit) {
                break;
            }
            Man closer = man.at(side.sign() * limit, man.depth());
            men.set(men.indexOf(man), closer);
            moved.add(new MovedIn(man.name(), man.x(), closer.x()));
            limit -= bodies.margin().receiver();
        }
    }
}
