package mensch.core.rung;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mensch.core.convention.Labels;
import mensch.core.convention.Labels.Label;
import mensch.core.field.Mark;
import mensch.core.formation.Man;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import org.jspecify.annotations.Nullable;

/** An alignment in the words of a coach. Lateral x depth, always lateral first, yards. */
public sealed interface Phrase {

    /** The place on the ground; only when every one of {@link #needs()} is on the field. */
    Place place(View view);

    /** The men the phrase cannot do without. */
    List<Ref> needs();

    /** Normal form; reads back to an equal phrase. */
    String words();

    /**
     * Whom a place has lost sight of: moved so far that it lies on the other side of the man it is beside, or outside
     * the two it is between; none while it is where its words say.
     */
    default Optional<Ref> past(View view, Point feet) {
        return Optional.empty();
    }

    /** Whether his width is one of the paint and not one from men or the ball. */
    default boolean onPaint() {
        return false;
    }

    /** How tight a technique is played. */
    enum Closeness {
        NORMAL(""),
        TIGHT(" tight"),
        LOOSE(" loose");

        private final String words;

        Closeness(String words) {
            this.words = words;
        }
    }

    record Technique(String label, Closeness closeness) implements Phrase {
        @Override
        public Place place(View view) {
            Label found = Labels.standard()
                    .find(label)
                    .orElseThrow(() -> new IllegalStateException(label + " was read as a technique and is none"));
            var geometry = new TechniqueGeometry(view, view.my());
            double limit = view.convention().tolerances().technique().lateral();
            double shade =
                    TechniqueGeometry.shadeYards(closeness, view.convention().bodies());
            double base = geometry.outward(found);
            double outward = geometry.outward(found, shade);
            double inner = geometry.room(found, -1, limit) + outward - base;
            double outer = closeness == Closeness.LOOSE
                    ? Math.max(0, view.convention().tolerances().technique().looseOutward() + base - outward)
                    : Math.max(0, geometry.room(found, 1, limit) + base - outward);
            return new Placing(view, this, view.my())
                    .technique(outward, inner, outer, TechniqueGeometry.reference(found.reference(), Where.MY));
        }

        @Override
        public List<Ref> needs() {
            return List.of();
        }

        @Override
        public String words() {
            return label + " technique" + closeness.words;
        }
    }

    /** In the middle of a gap; the outermost gap is half a split outside the end man. */
    record InGap(char letter, Where where, Depth depth) implements Phrase {
        /** Where there is no line, gaps are counted from the ball as at two-foot splits. */
        private static final double NO_LINE_SPLIT = 4.0 / 3;

        @Override
        public Place place(View view) {
            Side side = view.side(where);
            return new Placing(view, this, side).backer(outward(view, side), depth, between(letter - 'A'));
        }

        private double outward(View view, Side side) {
            int index = letter - 'A';
            List<Man> surface = view.features().shape().flank(side).surface();
            double middle = side.sign() * view.features().shape().centre().x();
            if (surface.isEmpty()) {
                return middle + (index + 0.5) * NO_LINE_SPLIT;
            }
            double split = side.sign() * surface.get(0).x() - middle;
            double inside = index == 0
                    ? middle
                    : side.sign()
                            * surface.get(Math.min(index, surface.size()) - 1).x();
            double outside =
                    index < surface.size() ? side.sign() * surface.get(index).x() : inside + split;
            return (inside + outside) / 2;
        }

        /** The men who make the gap. */
        private List<Ref> between(int index) {
            var inner = List.of(Ref.Kind.CENTRE, Ref.Kind.GUARD, Ref.Kind.TACKLE, Ref.Kind.END_MAN);
            Ref.Kind first = inner.get(Math.min(index, inner.size() - 1));
            Ref.Kind second = index + 1 < inner.size() - 1 ? inner.get(index + 1) : first;
            return first == second ? List.of(man(first)) : List.of(man(first), man(second));
        }

        private Ref man(Ref.Kind kind) {
            return Ref.of(kind, where);
        }

        @Override
        public List<Ref> needs() {
            return List.of();
        }

        @Override
        public String words() {
            return "gap " + letter + where.suffix() + " @ " + depth.words();
        }
    }

    record Stack(Ref ref, Depth depth) implements Phrase {
        @Override
        public Place place(View view) {
            return new Placing(view, this, Side.RIGHT).backer(view.standing(ref).x(), depth, List.of(ref));
        }

        @Override
        public List<Ref> needs() {
            return List.of(ref);
        }

        @Override
        public String words() {
            return "stack " + ref.words() + " @ " + depth.words();
        }
    }

    record Over(Ref ref, Leverage leverage, double lateral, Depth depth) implements Phrase {
        @Override
        public Place place(View view) {
            Side side = view.side(ref.where());
            double man = side.sign() * view.standing(ref).x();
            double outward = man + leverage.outward() * lateral;
            var placing = new Placing(view, this, side);
            boolean press =
                    depth.aim() <= view.convention().tolerances().press().upTo();
            return press
                    ? placing.press(outward, depth, man, leverage, List.of(ref))
                    : placing.at(outward, depth, List.of(ref));
        }

        @Override
        public Optional<Ref> past(View view, Point feet) {
            double beyond = view.side(ref.where()).sign()
                    * (feet.x() - view.standing(ref).x());
            return beyond * leverage.outward() < -1e-9 ? Optional.of(ref) : Optional.empty();
        }

        @Override
        public List<Ref> needs() {
            return List.of(ref);
        }

        @Override
        public String words() {
            return "over " + ref.words() + ", " + leverage.words() + ", " + Numbers.words(lateral) + " x "
                    + depth.words();
        }
    }

    record Outside(Ref ref, double lateral, Depth depth) implements Phrase {
        @Override
        public Place place(View view) {
            Side side = view.side(ref.where());
            return new Placing(view, this, side)
                    .at(side.sign() * view.standing(ref).x() + lateral, depth, List.of(ref));
        }

        @Override
        public Optional<Ref> past(View view, Point feet) {
            double beyond = view.side(ref.where()).sign()
                    * (feet.x() - view.standing(ref).x());
            return lateral > 0 && beyond < -1e-9 ? Optional.of(ref) : Optional.empty();
        }

        @Override
        public List<Ref> needs() {
            return List.of(ref);
        }

        @Override
        public String words() {
            return "outside " + ref.words() + " " + Numbers.words(lateral) + " x " + depth.words();
        }
    }

    /** Halfway; "apex" is how it prints when both are receivers. */
    record Between(Ref first, Ref second, Depth depth) implements Phrase {
        @Override
        public Place place(View view) {
            double x = (view.standing(first).x() + view.standing(second).x()) / 2;
            return new Placing(view, this, Side.RIGHT).at(x, depth, List.of(first, second));
        }

        @Override
        public Optional<Ref> past(View view, Point feet) {
            double a = view.standing(first).x() - feet.x();
            double b = view.standing(second).x() - feet.x();
            return a * b <= 0 ? Optional.empty() : Optional.of(Math.abs(a) < Math.abs(b) ? first : second);
        }

        @Override
        public List<Ref> needs() {
            return List.of(first, second);
        }

        @Override
        public String words() {
            String verb = first.receiver() && second.receiver() ? "apex " : "split ";
            return verb + first.words() + " and " + second.words() + " @ " + depth.words();
        }
    }

    /** A deep man narrows with the formation (handbook 4, zones): how wide its outermost man stands. */
    private static double outermost(View view, Side side) {
        Flank flank = view.features().shape().flank(side);
        Man outermost =
                flank.receivers().isEmpty() ? flank.endMan() : flank.receivers().get(0);
        return Math.max(side.sign() * outermost.x(), 0);
    }

    /** A line of the field; {@code inside} yards toward the middle, negative outside. */
    record AtLandmark(Mark mark, double inside, Where where, Depth depth) implements Phrase {
        @Override
        public Place place(View view) {
            Side side = view.side(where);
            boolean deep = mark != Mark.MIDDLE
                    && depth.aim() > view.convention().blocks().level().second();
            double most = deep ? outermost(view, side) : Double.MAX_VALUE;
            return new Placing(view, this, side)
                    .landmark(Math.min(side.sign() * view.field().x(mark, side, inside), most), depth);
        }

        @Override
        public boolean onPaint() {
            return true;
        }

        @Override
        public List<Ref> needs() {
            return List.of();
        }

        @Override
        public String words() {
            String shift = inside == 0 ? "" : Numbers.words(Math.abs(inside)) + (inside > 0 ? " inside " : " outside ");
            return "landmark " + shift + mark.words() + where.suffix() + " @ " + depth.words();
        }
    }

    /** Middle of a deep part of the field on my side. */
    record Deep(DeepPart part, Depth depth) implements Phrase {
        @Override
        public Place place(View view) {
            Side side = view.my();
            double outward = side.sign()
                    * view.field()
                            .fromSideline(
                                    side,
                                    part.partOfWidth() * view.field().code().widthYards());
            double most = part == DeepPart.MIDDLE
                    ? Double.MAX_VALUE
                    : outermost(view, side) + view.convention().jobs().deep().outside();
            return new Placing(view, this, side).landmark(Math.min(outward, most), depth);
        }

        @Override
        public boolean onPaint() {
            return true;
        }

        @Override
        public List<Ref> needs() {
            return List.of();
        }

        @Override
        public String words() {
            return "deep " + part.words() + " @ " + depth.words();
        }
    }

    /** So far outside the deepest back, of split backs the one on his side; never inside the tackle. */
    record OffBack(double lateral, Depth depth) implements Phrase {
        private static final Ref DEEPEST = Ref.of(Ref.Kind.DEEPEST_BACK);

        @Override
        public Place place(View view) {
            return new Placing(view, this, view.my())
                    .at(view.outside(view.backOfMyEdge().orElseThrow(), lateral), depth, List.of(DEEPEST));
        }

        @Override
        public List<Ref> needs() {
            return List.of(DEEPEST);
        }

        @Override
        public String words() {
            return Numbers.words(lateral) + " outside deepest back @ " + depth.words();
        }
    }

    /** The same place on the other side of the ball as another defender. */
    record Mirror(String role) implements Phrase {
        private Ref ref() {
            return new Ref(Ref.Kind.ROLE, 0, false, role, Where.OTHER);
        }

        @Override
        public Place place(View view) {
            Point feet = view.standing(ref());
            return new Placing(view, this, Side.RIGHT).at(0.0 - feet.x(), Depth.of(feet.y()), List.of(ref()));
        }

        @Override
        public List<Ref> needs() {
            return List.of(ref());
        }

        @Override
        public String words() {
            return "mirror " + role;
        }
    }

    /** Another phrase moved outward (wider) or deeper; {@code base} null means whatever the ladder below gives. */
    record Shifted(@Nullable Phrase base, double wider, double deeper) implements Phrase {
        public Shifted on(Phrase below) {
            return new Shifted(below, wider, deeper);
        }

        @Override
        public Place place(View view) {
            Place p = Objects.requireNonNull(base, "below is put on what it leans on first")
                    .place(view);
            return new Placing(view, this, view.my()).moved(p, wider, deeper);
        }

        @Override
        public boolean onPaint() {
            return base != null && base.onPaint();
        }

        @Override
        public Optional<Ref> past(View view, Point feet) {
            return base == null ? Optional.empty() : base.past(view, feet);
        }

        @Override
        public List<Ref> needs() {
            return Objects.requireNonNull(base, "below is put on what it leans on first")
                    .needs();
        }

        @Override
        public String words() {
            return (base == null ? "below" : base.words())
                    + delta(wider, "wider", "tighter")
                    + delta(deeper, "deeper", "shallower");
        }

        private static String delta(double yards, String more, String less) {
            if (yards == 0) {
                return "";
            }
            boolean halfMan = yards > 0 && Math.abs(yards - 1.0 / 3) < 1e-9;
            return " " + (halfMan ? "half a man" : Numbers.words(Math.abs(yards))) + " " + (yards > 0 ? more : less);
        }
    }
}
