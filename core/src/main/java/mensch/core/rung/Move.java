package mensch.core.rung;

import java.util.Optional;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import org.jspecify.annotations.Nullable;

/**
 * How a man leaves his place: a gap exchange against the run, a lane or an aiming point against the pass.
 *
 * @param verb null for none
 * @param gap the first gap he goes to, or null
 * @param aim the point he aims at outside a man of the backfield, or null
 * @param order who goes first when two cross: 1, 2, 3; 0 when it does not matter
 */
public record Move(
        @Nullable Verb verb,
        @Nullable GapWord gap,
        @Nullable Aim aim,
        int order) {
    public static final Move NONE = new Move(null, null, null, 0);
    static final String[] ORDER = {"", "first", "second", "third"};

    /**
     * Ways to go. The first five belong to the run game's exchanges and the pass game's twists, the rest to pressure
     * and disguise.
     */
    public enum Verb {
        SLANT("slant", "slants"),
        PINCH("pinch", "pinches"),
        LOOP("loop", "loops"),
        PENETRATE("penetrate", "penetrates"),
        CROSS("cross face", "crosses"),
        SCRAPE("scrape", "scrapes"),
        BLITZ("blitz", "blitzes"),
        CREEP("creep", "creeps"),
        DROP("drop", "drops");

        private final String words;
        private final String does;

        Verb(String words, String does) {
            this.words = words;
            this.does = does;
        }

        public String words() {
            return words;
        }
    }

    /** So many yards outside a man, at his depth. */
    public record Aim(double yards, Ref man) {
        /** The point on the ground, play frame; none when the man is not there. */
        public Optional<Point> in(View view) {
            Optional<Point> at =
                    man.kind() == Ref.Kind.DEEPEST_BACK ? view.backOfMyEdge().map(Man::feet) : view.feet(man);
            return at.map(feet -> new Point(feet.x() + view.my().sign() * yards, feet.y()));
        }
    }

    /**
     * Where he goes first, play frame: the gap on the line, a step outside the last man, or his aiming point; none when
     * it names no place.
     */
    public Optional<Point> goal(View view) {
        if (aim != null) {
            return aim.in(view);
        }
        if (gap == null) {
            return Optional.empty();
        }
        Optional<Gap> on = gap.in(view);
        Side side = view.side(gap.where());
        var flank = view.features().shape().flank(side);
        Point last = new Gap(side, Gap.count(flank) - 1).middle(flank);
        return Optional.of(on.map(g -> g.index() < Gap.count(flank) ? g.middle(flank) : last)
                .orElse(new Point(last.x() + side.sign() * 1.0, 0)));
    }

    /**
     * The man of the line whom he moves onto: the one on the far side of his gap from where he stands; none when he
     * goes through no gap, outside everybody, or behind the line.
     *
     * @param from where he stands, play frame
     */
    public Optional<Ref> next(View view, Point from) {
        if (gap == null || verb == Verb.DROP) {
            return Optional.empty();
        }
        Side side = view.side(gap.where());
        var flank = view.features().shape().flank(side);
        return gap.in(view).flatMap(g -> {
            boolean outward = side.sign() * (g.middle(flank).x() - from.x()) > 0;
            return lineman(outward ? g.index() + 1 : g.index())
                    .filter(kind -> !outward || !g.last(flank))
                    .map(kind -> Ref.of(kind, gap.where()));
        });
    }

    /** From the ball out. */
    private static Optional<Ref.Kind> lineman(int place) {
        return switch (place) {
            case 0 -> Optional.of(Ref.Kind.CENTRE);
            case 1 -> Optional.of(Ref.Kind.GUARD);
            case 2 -> Optional.of(Ref.Kind.TACKLE);
            case 3 -> Optional.of(Ref.Kind.TIGHT_END);
            default -> Optional.empty();
        };
    }

    public String words() {
        if (verb == null) {
            return "none";
        }
        return verb.words() + to() + (order == 0 ? "" : ", " + ORDER[order]);
    }

    /** As told of a man: "slants to B gap". */
    public String told() {
        return verb == null ? "stays" : verb.does + to();
    }

    private String to() {
        if (gap != null) {
            return " to " + gap.words();
        }
        return aim == null
                ? ""
                : " to " + Numbers.words(aim.yards()) + " outside " + aim.man().words();
    }
}
