package mensch.core.matchup;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.matchup.Picture.Stand;
import mensch.core.play.BallPath;
import mensch.core.play.Block;
import mensch.core.play.Block.Finds;
import mensch.core.play.Block.LetsGo;
import mensch.core.play.Block.Turn;
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

    private final BlockTargets targets;

    BlockMaker(Picture picture, Run run) {
        this.picture = picture;
        this.run = run;
        this.carrier = run.carrier(picture.view);
        this.point = run.crosses(picture.view);
        this.targets = new BlockTargets(picture, assigned, point);
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
        new LineBlocks(picture, targets.loose(), assigned).assign();
        perimeter();
        wings();
        backers();
        doublesClimb(from -> targets.nextBacker());
        stalk();
        doublesClimb(targets::safety);
        return Optional.of(ledger());
    }

    private boolean leave() {
        Optional<Stand> left = targets.left(run.leaves());
        if (left.isEmpty()) {
            return run.leaves() == Leaves.NOBODY;
        }
        leave(left.get());
        if (run.leaves() == Leaves.DIVE_KEY) {
            targets.pitchKey(left.get()).ifPresent(this::leave);
        }
        return true;
    }

    private void leave(Stand stand) {
        read.add(stand);
        assigned.leave(stand);
    }

    /** Trap, wham and the blocks on the backside edge have their man before the line counts. */
    private void toldOnTheLine() {
        assigned.eachTold((man, block) -> {
            if (block.finds().turn() == Turn.FIRST) {
                targets.of(block.finds(), man).ifPresent(s -> assigned.take(s, man, block));
            }
        });
    }

    /** Crack and arc, then the kick-outs from the inside out, then whoever leads onto the first man outside. */
    private void perimeter() {
        Arrays.stream(Block.values())
                .filter(block -> block.finds().turn() == Turn.POINT)
                .forEach(block -> assigned.told(b -> b == block)
                        .forEach(man -> targets.of(block.finds(), man)
                                .ifPresentOrElse(s -> assigned.take(s, man, block), () -> idle(man))));
    }

    /** A lineman without work climbs. */
    private void idle(Man man) {
        if (man.interior()) {
            assigned.climbs(man);
        }
    }

    /** A wing without other work has the man beside him. */
    private void wings() {
        for (Side side : Side.values()) {
            Man wing = picture.shape.flank(side).wing();
            if (wing != null
                    && wing != carrier
                    && assigned.told(wing)
                            .filter(b -> b.finds() != Finds.INSIDE_HIM)
                            .isEmpty()) {
                targets.beside(wing).ifPresent(s -> {
                    assigned.tell(wing, Block.BASE);
                    assigned.take(s, wing, Block.BASE);
                });
            }
        }
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
                        && assigned.how(from).letsGo() == LetsGo.CLIMBS
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

    /** Receivers out wide and whoever has no other work take the nearest man over them. */
    private void stalk() {
        for (Side side : Side.values()) {
            for (Man man : picture.shape.flank(side).receivers()) {
                if (man != carrier
                        && assigned.told(man).filter(b -> b != Block.STALK).isEmpty()) {
                    targets.of(Block.STALK.finds(), man).ifPresent(s -> assigned.take(s, man, Block.STALK));
                }
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
        List<Man> inserted = assigned.told(Block::inserts);
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
        List<Stand> blocked = assigned.blocked();
        return picture.lineup.snap().formation().men().stream()
                .sorted(Comparator.comparingDouble((Man m) -> -picture.u(m)))
                .map(man -> doing(man, blocked))
                .toList();
    }

    private Blocking.Doing doing(Man man, List<Stand> blocked) {
        Optional<Stand> on =
                blocked.stream().filter(s -> assigned.blockers(s).contains(man)).findFirst();
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
        if (told != null && told.finds() != Finds.NOBODY) {
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
