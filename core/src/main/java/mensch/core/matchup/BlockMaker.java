package mensch.core.matchup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.matchup.Picture.Stand;
import mensch.core.play.BallPath;
import mensch.core.play.Block;
import mensch.core.play.Leaves;
import mensch.core.play.Run;
import mensch.core.possible.Builds;
import org.jspecify.annotations.Nullable;

/**
 * Hands out blocks in the order blockers are taught (handbook 9, runs): told men first, then the man over or in the
 * gap, then help to a neighbour, then the backer on the way. Doubles climb to the backers that lead blockers leave, the
 * play side first.
 */
final class BlockMaker {
    private final Picture picture;
    private final Run run;
    private final Assigned assigned = new Assigned();
    private final List<Stand> read = new ArrayList<>();
    private final Man carrier;
    /** Where the ball crosses the line. */
    private final Point point;

    BlockMaker(Picture picture, Run run) {
        this.picture = picture;
        this.run = run;
        this.carrier = run.carrier(picture.view);
        this.point = run.crosses(picture.view);
        picture.line.stream().filter(man -> man != carrier).forEach(man -> assigned.tell(man, Block.ZONE));
        for (Run.Told one : run.told()) {
            one.who().in(picture.view).filter(man -> man != carrier).ifPresent(man -> assigned.tell(man, one.block()));
        }
    }

    /** None when the man the play leaves is not there. */
    Optional<Blocking> blocking() {
        if (!leave()) {
            return Optional.empty();
        }
        toldOnTheLine();
        new LineBlocks(picture, pool(), assigned).assign();
        perimeter();
        wings();
        backers();
        doublesClimb(from -> nextBacker());
        stalk();
        doublesClimb(this::safety);
        return Optional.of(ledger());
    }

    private List<Stand> pool() {
        return picture.onTheLine().stream().filter(s -> assigned.free(s)).toList();
    }

    private boolean leave() {
        List<Stand> line = picture.onTheLine();
        Optional<Stand> left = switch (run.leaves()) {
            case NOBODY -> Optional.empty();
            case BACK_EDGE -> first(line, s -> s.u() < 0);
            case PLAY_EDGE -> last(line, s -> s.u() > 0);
            case DIVE_KEY ->
                first(
                        line,
                        s -> s.u()
                                >= picture.u(picture.tackle())
                                        - picture.limits.alike().headUp());
            case MIDLINE_KEY ->
                first(
                        line,
                        s -> s.u()
                                        >= picture.u(picture.shape
                                                        .flank(picture.play)
                                                        .guard())
                                                - picture.limits.alike().headUp()
                                && s.u()
                                        < picture.u(picture.tackle())
                                                - picture.limits.alike().headUp());
        };
        if (left.isEmpty()) {
            return run.leaves() == Leaves.NOBODY;
        }
        Stand key = left.get();
        leave(key);
        if (run.leaves() == Leaves.DIVE_KEY) {
            first(line, s -> s.u() > key.u())
                    .or(() -> picture.force(picture.play))
                    .filter(pitch -> pitch != key)
                    .ifPresent(this::leave);
        }
        return true;
    }

    private void leave(Stand stand) {
        read.add(stand);
        assigned.leave(stand);
    }

    private static Optional<Stand> first(List<Stand> from, Predicate<Stand> which) {
        return from.stream().filter(which).findFirst();
    }

    private static Optional<Stand> last(List<Stand> from, Predicate<Stand> which) {
        return from.stream().filter(which).reduce((a, b) -> b);
    }

    /** Trap, wham and the blocks on the backside edge have their man before the line counts. */
    private void toldOnTheLine() {
        assigned.eachTold((man, block) -> {
            Optional<Stand> stand = switch (block) {
                case TRAP -> first(pool(), s -> s.u() > 0.5);
                case WHAM -> pool().stream().min(Comparator.comparingDouble(s -> Math.abs(s.u())));
                case KICK_BACK_EDGE, SEAL_BACK_EDGE -> first(pool(), s -> s.u() < 0);
                default -> Optional.empty();
            };
            stand.ifPresent(s -> assigned.take(s, man, block));
        });
    }

    /** Crack and arc, then the kick-outs from the inside out, then whoever leads onto the first man outside. */
    private void perimeter() {
        each(Block.CRACK, this::crack);
        each(Block.ARC, man -> threat());
        each(Block.ARC_BACK_EDGE, man -> backThreat());
        each(Block.KICK, man -> edge());
        each(Block.PULL_KICK, man -> edge());
        each(Block.LEAD_FORCE, man -> threat());
        each(Block.PULL_FORCE, man -> threat());
        each(Block.PULL_CORNER, man -> last(picture.stands, s -> assigned.free(s) && !s.first()));
        double at = picture.u(point);
        each(
                Block.INSERT,
                man -> picture.backers().stream()
                        .filter(s -> assigned.free(s))
                        .min(Comparator.comparingDouble(s -> Math.abs(s.u() - at))));
        each(Block.PULL_LEAD, man -> nextBacker());
        each(Block.LEAD, man -> nextBacker());
    }

    private interface Finding {
        Optional<Stand> of(Man man);
    }

    private void each(Block block, Finding finding) {
        assigned.eachTold((man, is) -> {
            if (is == block) {
                finding.of(man).ifPresentOrElse(s -> assigned.take(s, man, block), () -> idle(man));
            }
        });
    }

    /** A lineman without work climbs. */
    private void idle(Man man) {
        if (man.interior()) {
            assigned.climbs(man);
        }
    }

    /** First man on the line nobody has, from the tackle out; with none, the first who threatens from outside. */
    private Optional<Stand> edge() {
        return first(
                        pool(),
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
                .or(() -> picture.force(picture.play.opposite()).filter(s -> assigned.free(s)));
    }

    /** The first support man inside the cracker, never the man over him. */
    private Optional<Stand> crack(Man man) {
        return last(
                        picture.stands,
                        s -> assigned.free(s)
                                && s.u() > picture.u(picture.playEnd())
                                && s.u()
                                        <= picture.u(man)
                                                - picture.limits.threat().over()
                                && s.depth() <= picture.limits.threat().cracked())
                .or(this::force);
    }

    /** A wing without other work has the man beside him: on the edge, or the nearest who comes down there. */
    private void wings() {
        for (Side side : Side.values()) {
            Man wing = picture.shape.flank(side).wing();
            if (wing != null
                    && wing != carrier
                    && assigned.told(wing).filter(b -> b != Block.DOWN).isEmpty()) {
                picture.stands.stream()
                        .filter(s -> assigned.free(s)
                                && s.at(picture.play).distance(wing.feet())
                                        <= picture.limits.reach().wing())
                        .min(Comparator.comparingDouble(s -> s.at(picture.play).distance(wing.feet())))
                        .ifPresent(s -> {
                            assigned.tell(wing, Block.BASE);
                            assigned.take(s, wing, Block.BASE);
                        });
            }
        }
    }

    /** The force man of the play side; when he is taken, the nearest deep man there. */
    private Optional<Stand> force() {
        return picture.force(picture.play)
                .filter(s -> assigned.free(s))
                .or(() -> picture.stands.stream()
                        .filter(s ->
                                assigned.free(s) && !s.first() && s.u() > 0 && s.depth() > picture.limits.deepForce())
                        .min(Comparator.comparingDouble(
                                s -> Math.abs(s.u() - picture.u(picture.playEnd())) + s.depth() / 4)));
    }

    private Optional<Stand> nextBacker() {
        return first(picture.backers(), s -> assigned.free(s));
    }

    /** Free linemen first, each to a backer so that none crosses another and the ways are short. */
    private void backers() {
        List<Man> climbers = assigned.climbers().stream()
                .sorted(Comparator.comparingDouble((Man m) -> -picture.u(m)))
                .toList();
        List<Stand> open =
                picture.backers().stream().filter(s -> assigned.free(s)).toList();
        climb(climbers, open).forEach((man, stand) -> assigned.take(stand, man, Block.CLIMB));
    }

    private void doublesClimb(Function<Stand, Optional<Stand>> next) {
        assigned.blocked().stream()
                .filter(from -> assigned.blockers(from).size() > 1
                        && assigned.thenOn(from).isEmpty())
                .forEach(from -> next.apply(from)
                        .filter(to -> Math.abs(to.u() - from.u())
                                <= picture.limits.reach().climb())
                        .ifPresent(to -> assigned.goesOn(from, to)));
    }

    /**
     * Of all ways to pair climbers with backers in their order, as many pairs as there can be and the shortest in all.
     */
    private Map<Man, Stand> climb(List<Man> climbers, List<Stand> open) {
        if (climbers.isEmpty() || open.isEmpty()) {
            return Map.of();
        }
        List<Man> others = climbers.subList(1, climbers.size());
        List<Stand> rest = open.subList(1, open.size());
        var paired = new LinkedHashMap<Man, Stand>();
        paired.put(climbers.get(0), open.get(0));
        paired.putAll(climb(others, rest));
        Map<Man, Stand> best = paired;
        for (Map<Man, Stand> other : List.of(climb(others, open), climb(climbers, rest))) {
            if (other.size() > best.size() || other.size() == best.size() && way(other) < way(best) - 1e-9) {
                best = other;
            }
        }
        return best;
    }

    private double way(Map<Man, Stand> pairs) {
        return pairs.entrySet().stream()
                .mapToDouble(e -> Math.abs(picture.u(e.getKey()) - e.getValue().u()))
                .sum();
    }

    /** A safety who has come down; one far behind is not blocked by a man who sees him later. */
    private Optional<Stand> safety(Stand from) {
        return picture.stands.stream()
                .filter(s -> assigned.free(s)
                        && s.depth() > picture.limits.level().second()
                        && s.depth() <= picture.limits.reach().climbDepth())
                .min(Comparator.comparingDouble(s -> Math.hypot(s.u() - from.u(), s.depth() - from.depth())));
    }

    /**
     * Receivers out wide and whoever has no other work take the nearest man over them; one who is still on the way with
     * the motion cannot be found.
     */
    private void stalk() {
        for (Side side : Side.values()) {
            for (Man man : picture.shape.flank(side).receivers()) {
                if (man == carrier
                        || assigned.told(man).filter(b -> b != Block.STALK).isPresent()) {
                    continue;
                }
                picture.stands.stream()
                        .filter(s -> assigned.free(s) && !s.first() && !picture.travels(s))
                        .min(Comparator.comparingDouble(s -> s.at(picture.play).distance(man.feet())))
                        .filter(s -> s.at(picture.play).distance(man.feet())
                                <= picture.limits.reach().stalk())
                        .ifPresent(s -> assigned.take(s, man, Block.STALK));
            }
        }
    }

    private Blocking ledger() {
        var gait =
                Builds.gait(carrier, picture.shape, picture.lineup.convention().speeds());
        double ball =
                Math.max(run.meshSeconds(picture.view), gait.time(carrier.feet().distance(point)));
        var judge = new BlockJudge(picture, run, point);
        List<Blocking.Row> rows =
                assigned.blocked().stream().map(s -> row(s, judge)).toList();
        List<Blocking.Free> free = picture.stands.stream()
                .filter(s -> assigned.free(s))
                .map(judge::free)
                .sorted(Comparator.comparingDouble(Blocking.Free::seconds))
                .toList();
        List<Man> inserted = assigned.told(b -> b.inserts() && b != Block.KICK_BACK_EDGE);
        return new Blocking(
                run,
                picture.play,
                rows,
                read.stream().map(Stand::job).toList(),
                free,
                doings(),
                point,
                ball,
                FitCount.of(picture, inserted, assigned.told(Block::pulls)));
    }

    private List<Blocking.Doing> doings() {
        return picture.lineup.snap().formation().men().stream()
                .sorted(Comparator.comparingDouble((Man m) -> -picture.u(m)))
                .map(this::doing)
                .toList();
    }

    private Blocking.Doing doing(Man man) {
        Optional<Stand> on = assigned.blocked().stream()
                .filter(s -> assigned.blockers(s).contains(man))
                .findFirst();
        if (on.isPresent()) {
            Stand mine = on.get();
            List<Man> by = assigned.blockers(mine);
            boolean goesOn = by.get(by.size() - 1) == man;
            return new Blocking.Doing(
                    man,
                    Blocking.Does.BLOCKS,
                    assigned.told(man).orElse(Block.STALK),
                    mine.job(),
                    goesOn ? assigned.thenOn(mine).map(Stand::job).orElse(null) : null);
        }
        Block told = assigned.told(man).orElse(null);
        return new Blocking.Doing(man, does(man, told), told, null, null);
    }

    /** What a man does who has nobody to block. */
    private Blocking.Does does(Man man, @Nullable Block told) {
        if (man == carrier) {
            return Blocking.Does.CARRIES;
        }
        if (man == picture.shape.quarterback()) {
            return run.option() ? Blocking.Does.READS : Blocking.Does.HANDS_OFF;
        }
        if (told != null && told != Block.FAKE) {
            return Blocking.Does.CLIMBS;
        }
        if (!picture.shape.backs().contains(man)) {
            return Blocking.Does.CLEARS_OUT;
        }
        return run.paths().contains(BallPath.PITCH) ? Blocking.Does.PITCH_MAN : Blocking.Does.FAKES;
    }

    private Blocking.Row row(Stand blocked, BlockJudge judge) {
        List<Man> by = List.copyOf(assigned.blockers(blocked));
        Block block = assigned.how(blocked);
        return new Blocking.Row(
                by,
                block,
                blocked.job(),
                assigned.thenOn(blocked).map(Stand::job).orElse(null),
                judge.of(blocked, by, block),
                judge.atPoint(blocked));
    }
}
