package mensch.core.rung;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mensch.core.convention.Convention;
import mensch.core.document.RefusedException;
import mensch.core.field.Field;
import mensch.core.field.Situation;
import mensch.core.formation.Answer;
import mensch.core.formation.Decided;
import mensch.core.formation.Feature;
import mensch.core.formation.Features;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.formation.Shape.Flank;
import mensch.core.formation.SideWord;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/** Features and geometry as one seat sees them: mine, other, shared. The only place where a side becomes a sign. */
public final class View {
    private final Features features;
    private final Field field;
    private final Situation situation;
    private final Convention convention;
    private final Binding binding;
    private final Side my;
    private final Posts posts;

    /** Where the other defenders of the same line-up stand, for phrases that lean on one of them. */
    @FunctionalInterface
    public interface Posts {
        /** Feet of the role on a side, if such a man has a place. */
        Optional<Point> feet(String role, Side side);
    }

    /** The two side words a call binds, resolved. */
    public record Binding(Decided call, Decided cover) {}

    public View(Features features, Snap snap, Convention convention, Binding binding, Side my, Posts posts) {
        this.features = features;
        this.field = snap.field();
        this.situation = snap.situation();
        this.convention = convention;
        this.binding = binding;
        this.my = my;
        this.posts = posts;
    }

    /** The side a word means for this seat. @throws RefusedException for "both" and "either", which are no side */
    public Side side(Where where) {
        return switch (where) {
            case MY -> my;
            case OTHER -> my.opposite();
            case CALL -> binding.call().side();
            case AWAY -> binding.call().side().opposite();
            case COVER -> binding.cover().side();
            case BOTH, EITHER ->
                throw new RefusedException("\"" + where.words() + "\" is two sides; a place or gap needs one");
        };
    }

    public Answer ask(Feature feature, Where where) {
        if (where == Where.BOTH) {
            return features.ask(feature, my).and(features.ask(feature, my.opposite()));
        }
        if (where == Where.EITHER) {
            return features.ask(feature, my).or(features.ask(feature, my.opposite()));
        }
        return features.ask(feature, side(where));
    }

    public Answer isMySide(SideWord word) {
        return features.ask(word.feature(), my);
    }

    public Side my() {
        return my;
    }

    public Features features() {
        return features;
    }

    public Field field() {
        return field;
    }

    /** Yards to the line to gain. */
    int distance() {
        return situation.distance();
    }

    public Convention convention() {
        return convention;
    }

    /** A man of the offence, or the ball, that a reference names. */
    public Optional<Man> man(Ref ref) {
        Shape shape = features.shape();
        return switch (ref.kind()) {
            case NUMBER -> numbered(ref);
            case END_MAN -> Optional.of(flank(ref).endMan());
            case TIGHT_END -> Optional.ofNullable(flank(ref).tightEnd());
            case WING -> Optional.ofNullable(flank(ref).wing());
            case TACKLE -> Optional.of(flank(ref).tackle());
            case GUARD -> Optional.of(flank(ref).guard());
            case CENTRE -> Optional.of(shape.centre());
            case BALL -> Optional.of(shape.snapper());
            case QUARTERBACK -> Optional.ofNullable(shape.quarterback());
            case BACK -> back(ref);
            case FULLBACK ->
                shape.backs().size() > 1 ? Optional.of(shape.backs().get(0)) : Optional.empty();
            case TAILBACK, DEEPEST_BACK -> deepest();
            case NEAR_BACK -> nearBack(side(ref.where()));
            case FAR_BACK -> farBack(side(ref.where()));
            case H_BACK -> Optional.ofNullable(flank(ref).hBack());
            case ROLE -> Optional.empty();
        };
    }

    /** Outward yards of a point so far outside a back, seen from my side; never inside the tackle. */
    double outside(Man back, double yards) {
        double tackle = my.sign() * features.shape().flank(my).tackle().x();
        return Math.max(my.sign() * back.x() + yards, tackle);
    }

    /** Feet of whatever a reference names, offence or defence. */
    public Optional<Point> feet(Ref ref) {
        if (ref.kind() == Ref.Kind.ROLE) {
            return posts.feet(Objects.requireNonNull(ref.role()), side(ref.where()));
        }
        return man(ref).map(man -> ref.kind() == Ref.Kind.BALL ? new Point(0, 0) : man.feet());
    }

    /** The feet of a man who is known to be there: a phrase is placed only where everybody it needs stands. */
    Point standing(Ref ref) {
        return feet(ref)
                .orElseThrow(
                        () -> new IllegalStateException(ref.words() + " is not there; ask first what a phrase needs"));
    }

    private Flank flank(Ref ref) {
        return features.shape().flank(side(ref.where()));
    }

    private Optional<Man> numbered(Ref ref) {
        List<Man> receivers = flank(ref).receivers();
        if (ref.number() <= receivers.size()) {
            return Optional.of(receivers.get(ref.number() - 1));
        }
        return ref.countingBacks() && ref.number() == receivers.size() + 1 ? back(ref) : Optional.empty();
    }

    private Optional<Man> deepest() {
        List<Man> backs = features.shape().backs();
        return backs.isEmpty() ? Optional.empty() : Optional.of(backs.get(backs.size() - 1));
    }

    /** The back a man on my edge works off: of a back on each side the one he meets, else the deepest. */
    Optional<Man> backOfMyEdge() {
        double offset = convention.thresholds().backfield().offset();
        return features.shape().backs().stream()
                .filter(b -> my.sign() * b.x() >= offset)
                .reduce((shallower, deeper) -> deeper)
                .or(this::deepest);
    }

    /** "Back" with a side counts only the man offset to it; alone he is the only back, or the deepest. */
    private Optional<Man> back(Ref ref) {
        if (ref.countingBacks()) {
            double offset = convention.thresholds().backfield().offset();
            int sign = side(ref.where()).sign();
            return features.shape().backs().stream()
                    .filter(b -> sign * b.x() >= offset)
                    .findFirst();
        }
        return deepest();
    }

    /** Of two or more backs the one who is not near: the deeper one in line, the other side's of two split. */
    private Optional<Man> farBack(Side side) {
        Optional<Man> near = nearBack(side);
        return features.shape().backs().stream()
                .filter(b -> near.filter(n -> n == b).isEmpty())
                .reduce((shallower, deeper) -> deeper);
    }

    /** The back who stands most to a side; of two in line the shallower one. */
    private Optional<Man> nearBack(Side side) {
        double same = convention.thresholds().surface().sameLateral();
        return features.shape().backs().stream()
                .reduce((near, back) -> side.sign() * (back.x() - near.x()) > same ? back : near);
    }
}
