package mensch.core.matchup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.formation.Man;
import mensch.core.matchup.Picture.Stand;
import mensch.core.play.Block;
import mensch.core.play.Block.Finds;
import org.jspecify.annotations.Nullable;

/** The blocks of the men on the line, each by his own rule; whoever finds nobody climbs. */
final class LineBlocks {
    private final Picture picture;
    private final List<Stand> pool;
    private final Assigned assigned;
    private final Map<Man, Stand> over = new LinkedHashMap<>();

    LineBlocks(Picture picture, List<Stand> pool, Assigned assigned) {
        this.picture = picture;
        this.pool = pool;
        this.assigned = assigned;
        for (Stand stand : pool) {
            picture.line.stream()
                    .min(Comparator.comparingDouble(m -> Math.abs(u(m) - stand.u())))
                    .filter(m ->
                            Math.abs(u(m) - stand.u()) <= picture.limits.level().covered())
                    .ifPresent(m ->
                            over.merge(m, stand, (a, b) -> Math.abs(a.u() - u(m)) <= Math.abs(b.u() - u(m)) ? a : b));
        }
    }

    private double u(Man man) {
        return picture.u(man);
    }

    /** What a man of the line is told. */
    private Block told(Man man) {
        return assigned.told(man).orElse(Block.ZONE);
    }

    /** Who is told nothing carries the ball. */
    void assign() {
        List<Man> line =
                picture.line.stream().filter(m -> assigned.told(m).isPresent()).toList();
        for (int i = 0; i < line.size(); i++) {
            Man man = line.get(i);
            Block block = told(man);
            if (block.finds() == Finds.INSIDE_HIM || block.finds() == Finds.INSIDE_ELSE_PULLS) {
                down(man, i + 1 < line.size() ? line.get(i + 1) : null, block);
            }
        }
        for (Man man : line) {
            if (told(man).finds() == Finds.BACKSIDE_OF_HIM) {
                back(man);
            }
        }
        var uncovered = new ArrayList<Man>();
        for (Man man : line) {
            if (onHisOwn(told(man).finds()) && !covering(man)) {
                uncovered.add(man);
            }
        }
        uncovered.forEach(this::help);
        for (Man man : line) {
            if (told(man).finds() == Finds.SECOND_LEVEL && !loose(man)) {
                assigned.climbs(man);
            }
        }
        assigned.climbers().stream().filter(this::loose).forEach(assigned::stays);
    }

    /** Nobody climbs past a man over him whom nobody else has: he takes him, unless a kick-out comes for that edge. */
    private boolean loose(Man man) {
        Stand mine = over.get(man);
        if (mine == null || !assigned.free(mine)) {
            return false;
        }
        boolean kicked = u(man) > 0
                && !assigned.told(b -> b.finds() == Finds.EDGE).isEmpty()
                && pool.stream().filter(assigned::free).noneMatch(s -> s.u() > mine.u());
        return !kicked && covering(man);
    }

    private static boolean onHisOwn(Finds finds) {
        return finds == Finds.OVER_OR_PLAY_SIDE || finds == Finds.OVER_OR_INSIDE || finds == Finds.OVER_OR_NEIGHBOURS;
    }

    /**
     * The man in his inside gap or head up on his inside neighbour; else the man over him if another has begun on him
     * or he is head up; an outside shade is left.
     */
    private void down(Man man, @Nullable Man inside, Block block) {
        double from = inside == null
                ? Double.NEGATIVE_INFINITY
                : u(inside)
                        - picture.limits.alike().headUp()
                        - picture.limits.alike().slack();
        Optional<Stand> in = pool.stream()
                .filter(s -> s.u() >= from
                        && s.u() <= u(man) - picture.limits.alike().headUp()
                        && assigned.blockers(s).size() < 2)
                .max(Comparator.comparingDouble(Stand::u));
        if (in.isPresent()) {
            assigned.take(in.get(), man, Block.DOWN);
            return;
        }
        Stand mine = over.get(man);
        boolean help = mine != null && assigned.blockers(mine).size() == 1;
        boolean headUp = mine != null
                && Math.abs(mine.u() - u(man)) <= picture.limits.alike().headUp();
        if (mine != null && (help || headUp)) {
            assigned.take(mine, man, Block.DOWN);
        } else if (block.finds() == Finds.INSIDE_ELSE_PULLS) {
            assigned.tell(man, Block.PULL_FORCE);
        } else {
            assigned.climbs(man);
        }
    }

    /**
     * First man to the backside, up to one head up on the next lineman, or on that one's far side when he pulls; else
     * the man over him.
     */
    private void back(Man man) {
        Man next = picture.line.get(Math.min(picture.line.indexOf(man) + 1, picture.line.size() - 1));
        double far = told(next).pulls()
                ? picture.limits.level().covered()
                : picture.limits.alike().headUp();
        Stand stand = pool.stream()
                .filter(s -> s.u() <= u(man) - picture.limits.alike().headUp() && s.u() >= u(next) - far)
                .max(Comparator.comparingDouble(Stand::u))
                .orElse(over.get(man));
        if (stand != null && assigned.blockers(stand).size() < 2) {
            assigned.take(stand, man, Block.BACK);
        } else {
            assigned.climbs(man);
        }
    }

    private boolean covering(Man man) {
        Stand mine = over.get(man);
        if (mine == null || assigned.blockers(mine).size() > 1) {
            return false;
        }
        assigned.take(mine, man, told(man));
        return true;
    }

    /**
     * A neighbour's man who stands in the gap between us, the inside one first; else the neighbour the play flows to;
     * else a man beyond the end of the line.
     */
    private void help(Man man) {
        int at = picture.line.indexOf(man);
        Man playSide = at > 0 ? picture.line.get(at - 1) : null;
        Man backSide = at + 1 < picture.line.size() ? picture.line.get(at + 1) : null;
        Man inside = u(man) > 0 ? backSide : playSide;
        Man outside = u(man) > 0 ? playSide : backSide;
        Block block = told(man);
        boolean flows = block.finds() == Finds.OVER_OR_NEIGHBOURS;
        Man second = block.finds() == Finds.OVER_OR_INSIDE ? inside : playSide;
        Optional<Stand> first =
                flows ? neighbours(playSide) : between(man, inside).or(() -> between(man, outside));
        first.or(() -> neighbours(second))
                .or(() -> beyond(man))
                .ifPresentOrElse(s -> assigned.take(s, man, block), () -> assigned.climbs(man));
    }

    private Optional<Stand> neighbours(@Nullable Man neighbour) {
        return Optional.ofNullable(neighbour == null ? null : over.get(neighbour))
                .filter(his -> assigned.blockers(his).size() == 1);
    }

    private Optional<Stand> between(Man man, @Nullable Man neighbour) {
        return neighbour == null
                ? Optional.empty()
                : neighbours(neighbour)
                        .filter(his -> (his.u() - u(neighbour)) * (u(man) - u(neighbour)) > 0
                                && Math.abs(his.u() - u(neighbour))
                                        > picture.limits.alike().headUp()
                                                - picture.limits.alike().slack());
    }

    /** The last man of a side reaches an edge man outside him whom nobody has. */
    private Optional<Stand> beyond(Man man) {
        boolean lastPlay = man == picture.playEnd();
        boolean lastBack = man == picture.backEnd();
        return pool.stream()
                .filter(s -> assigned.blockers(s).size() == 0
                        && (lastPlay && s.u() > u(man) || lastBack && s.u() < u(man))
                        && Math.abs(s.u() - u(man)) <= picture.limits.reach().edge())
                .findFirst();
    }
}
