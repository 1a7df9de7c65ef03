package mensch.core.matchup;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.matchup.Picture.Stand;
import mensch.core.play.Block;
import mensch.core.play.Leaves;

/** The man a verb looks for among those whom nobody has yet; the line counts by itself in {@link LineBlocks}. */
final class BlockTargets {
    private final Picture picture;
    private final Assigned assigned;
    private final Point point;

    BlockTargets(Picture picture, Assigned assigned, Point point) {
        this.picture = picture;
        this.assigned = assigned;
        this.point = point;
    }

    Optional<Stand> of(Block.Finds finds, Man man) {
        return switch (finds) {
            case PAST_THE_BALL -> first(loose(), s -> s.u() > 0.5);
            case NEAREST_THE_BALL -> loose().stream().min(Comparator.comparingDouble(s -> Math.abs(s.u())));
            case BACK_EDGE -> first(loose(), s -> s.u() < 0);
            case SUPPORT -> support(man);
            case THREAT -> threat();
            case BACK_THREAT -> backThreat();
            case EDGE -> edge();
            case WIDEST -> last(picture.stands, s -> assigned.free(s) && !s.first());
            case BACKER_AT_THE_POINT -> {
                double at = picture.u(point);
                yield picture.backers().stream()
                        .filter(assigned::free)
                        .min(Comparator.comparingDouble(s -> Math.abs(s.u() - at)));
            }
            case NEXT_BACKER -> nextBacker();
            case OVER_HIM_IN_SPACE -> overInSpace(man);
            case INSIDE_HIM,
                    INSIDE_ELSE_PULLS,
                    BACKSIDE_OF_HIM,
                    OVER_OR_PLAY_SIDE,
                    OVER_OR_INSIDE,
                    OVER_OR_NEIGHBOURS,
                    SECOND_LEVEL,
                    NOBODY -> Optional.empty();
        };
    }

    /** Men on the line whom nobody has, from the backside. */
    List<Stand> loose() {
        return picture.onTheLine().stream().filter(assigned::free).toList();
    }

    /** Whom a play leaves on the line to be read, from the backside. */
    Optional<Stand> left(Leaves leaves) {
        List<Stand> line = picture.onTheLine();
        double headUp = picture.limits.alike().headUp();
        double tackle = picture.u(picture.tackle()) - headUp;
        double guard = picture.u(picture.shape.flank(picture.play).guard()) - headUp;
        return switch (leaves) {
            case NOBODY -> Optional.empty();
            case BACK_EDGE -> first(line, s -> s.u() < 0);
            case PLAY_EDGE -> last(line, s -> s.u() > 0);
            case DIVE_KEY -> first(line, s -> s.u() >= tackle);
            case MIDLINE_KEY -> first(line, s -> s.u() >= guard && s.u() < tackle);
        };
    }

    /** Whom the second read of an option concerns: the next man outside, else the force man. */
    Optional<Stand> pitchKey(Stand dive) {
        return first(picture.onTheLine(), s -> s.u() > dive.u())
                .or(() -> picture.force(picture.play))
                .filter(pitch -> pitch != dive);
    }

    /** First man on the line nobody has, from the tackle out; with none, the first who threatens from outside. */
    private Optional<Stand> edge() {
        return first(
                        loose(),
                        s -> s.u()
                                >= picture.u(picture.tackle())
                                        - picture.limits.level().covered() / 2)
                .or(this::threat);
    }

    /**
     * The first man outside the point whom nobody has, from the inside out, near enough to come up in time: a corner
     * far outside is left while a nearer one is loose. With none, the force man.
     */
    private Optional<Stand> threat() {
        double at = picture.u(point);
        double widest = picture.u(picture.playEnd()) + picture.limits.threat().outside();
        return first(
                        picture.stands,
                        s -> assigned.free(s)
                                && s.u() > at
                                && s.u() <= widest
                                && s.depth() <= picture.limits.threat().depth())
                .or(this::force);
    }

    /** Likewise outside the edge that is read: whoever would come up for the quarterback; with none, force there. */
    private Optional<Stand> backThreat() {
        double end = -picture.u(picture.backEnd());
        double widest = end + picture.limits.threat().outside();
        return last(
                        picture.stands,
                        s -> assigned.free(s)
                                && !s.first()
                                && -s.u() > end
                                && -s.u() <= widest
                                && s.depth() <= picture.limits.threat().depth())
                .or(() -> picture.force(picture.play.opposite()).filter(assigned::free));
    }

    /** The first support man inside the cracker, never the man over him. */
    private Optional<Stand> support(Man cracker) {
        return last(
                        picture.stands,
                        s -> assigned.free(s)
                                && s.u() > picture.u(picture.playEnd())
                                && s.u()
                                        <= picture.u(cracker)
                                                - picture.limits.threat().over()
                                && s.depth() <= picture.limits.threat().cracked())
                .or(this::force);
    }

    /** The force man of the play side; when he is taken, the nearest deep man there. */
    private Optional<Stand> force() {
        return picture.force(picture.play)
                .filter(assigned::free)
                .or(() -> picture.stands.stream()
                        .filter(s ->
                                assigned.free(s) && !s.first() && s.u() > 0 && s.depth() > picture.limits.deepForce())
                        .min(Comparator.comparingDouble(
                                s -> Math.abs(s.u() - picture.u(picture.playEnd())) + s.depth() / 4)));
    }

    Optional<Stand> nextBacker() {
        return first(picture.backers(), assigned::free);
    }

    /** The nearest man over a receiver out wide; one who is still on the way with the motion cannot be found. */
    private Optional<Stand> overInSpace(Man man) {
        return picture.stands.stream()
                .filter(s -> assigned.free(s) && !s.first() && !picture.travels(s))
                .min(Comparator.comparingDouble(s -> s.at(picture.play).distance(man.feet())))
                .filter(s -> s.at(picture.play).distance(man.feet())
                        <= picture.limits.reach().stalk());
    }

    /** The nearest man beside a wing: on the edge, or who comes down there. */
    Optional<Stand> beside(Man wing) {
        return picture.stands.stream()
                .filter(s -> assigned.free(s)
                        && s.at(picture.play).distance(wing.feet())
                                <= picture.limits.reach().wing())
                .min(Comparator.comparingDouble(s -> s.at(picture.play).distance(wing.feet())));
    }

    /** A safety who has come down; one far behind is not blocked by a man who sees him later. */
    Optional<Stand> safety(Stand from) {
        return picture.stands.stream()
                .filter(s -> assigned.free(s)
                        && s.depth() > picture.limits.level().second()
                        && s.depth() <= picture.limits.reach().climbDepth())
                .min(Comparator.comparingDouble(s -> Math.hypot(s.u() - from.u(), s.depth() - from.depth())));
    }

    private static Optional<Stand> first(List<Stand> from, Predicate<Stand> which) {
        return from.stream().filter(which).findFirst();
    }

    private static Optional<Stand> last(List<Stand> from, Predicate<Stand> which) {
        return from.stream().filter(which).reduce((a, b) -> b);
    }
}
