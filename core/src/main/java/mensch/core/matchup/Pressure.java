package mensch.core.matchup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.convention.Speeds;
import mensch.core.coverage.CoverSeat;
import mensch.core.formation.Answer;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.RushCount;
import mensch.core.play.Protection;
import mensch.core.rung.Area;
import mensch.core.rung.Gap;
import mensch.core.rung.Task;

/**
 * Rushers against a protection (handbook 9, protections), handed out man by man. The line goes to the side that leaves
 * the fewest free.
 *
 * @param slide the side the line goes to
 * @param rushers by side of the ball they come through
 * @param pickups who has whom, in the order the rushers are counted; who has nobody helps
 * @param free rushers nobody blocks, the outermost first
 * @param oneOnOne rushers who are blocked by one man, because nobody is left to double
 * @param seconds when the first free man is at a gun quarterback, after the snap; with none free, the quickest of those
 *     blocked
 * @param contain sides on which a rusher keeps the quarterback in
 * @param windows areas underneath that nobody has while second-level men rush
 */
public record Pressure(
        Protection protection,
        Side slide,
        List<Rusher> rushers,
        List<Pickup> pickups,
        List<Job> free,
        int oneOnOne,
        double seconds,
        List<Side> contain,
        List<Window> windows) {

    /**
     * One rusher.
     *
     * @param side the side he comes through
     * @param gap the gap he comes through, A 0
     * @param edge whether he comes round the edge
     * @param stood the gap he stood in, A 0; signed with his side it tells who changes places with whom
     */
    public record Rusher(Job job, Side side, int gap, boolean edge, Lane stood) {
        /** Whether he and another go through each other's places. */
        boolean changes(Rusher other) {
            int from = stood.across() - other.stood.across();
            int to = new Lane(side, gap).across() - new Lane(other.side, other.gap).across();
            return this != other && from * to < 0;
        }
    }

    /** A gap of a side. */
    public record Lane(Side side, int gap) {
        int across() {
            return side.sign() * (gap + 1);
        }
    }

    /** An underneath area of a side that nobody drops to. */
    public record Window(Side side, String area) {}

    public Pressure {
        rushers = List.copyOf(rushers);
        pickups = List.copyOf(pickups);
        free = List.copyOf(free);
        contain = List.copyOf(contain);
        windows = List.copyOf(windows);
    }

    /** With the line going where it leaves the fewest free; none when the formation has not the men for it. */
    public static Optional<Pressure> of(Lineup lineup, Protection protection) {
        return new Pressures(lineup).of(protection);
    }

    /** With the line going to a side; the way of a boot is the passer's other side, of a sprint his own. */
    public static Optional<Pressure> of(Lineup lineup, Protection protection, Side slide) {
        if (lineup.flag() || protection.fits(lineup.viewFrom(Side.RIGHT)) != Answer.YES) {
            return Optional.empty();
        }
        List<Rusher> rushers = rushers(lineup);
        var maker = new PickupMaker(lineup, protection, slide, rushers);
        List<Pickup> pickups = maker.pickups();
        List<Job> free = maker.free().stream().map(Rusher::job).toList();
        int blocked = rushers.size() - free.size();
        int spare = Math.max(0, pickups.size() - blocked);
        return Optional.of(new Pressure(
                protection,
                slide,
                rushers,
                pickups,
                free,
                Math.max(0, blocked - spare),
                seconds(rushers, free, lineup.convention().speeds()),
                contain(lineup, rushers),
                windows(lineup, rushers)));
    }

    /** Sides from which more come than block there; the free man comes from one. */
    public Optional<Side> overloaded() {
        return free.isEmpty()
                ? Optional.empty()
                : rushers.stream()
                        .filter(r -> r.job() == free.get(0))
                        .map(Rusher::side)
                        .findFirst();
    }

    /** Rushers nobody blocks. */
    List<Rusher> loose() {
        return rushers.stream().filter(r -> free.contains(r.job())).toList();
    }

    private static List<Rusher> rushers(Lineup lineup) {
        var rushers = new ArrayList<Rusher>();
        for (RushCount.Rush rush : RushCount.of(lineup).rushes()) {
            Gap gap = rush.rushed() != null ? rush.rushed() : rush.shown();
            double x = rush.job().feet() == null ? 0 : rush.job().feet().x();
            Side stands = x < 0 ? Side.LEFT : Side.RIGHT;
            Side side = gap != null ? gap.side() : stands;
            int last = Gap.count(lineup.features().shape().flank(side)) - 1;
            boolean edge = gap == null || gap.index() >= last;
            Lane stood = rush.shown() == null
                    ? new Lane(stands, Gap.count(lineup.features().shape().flank(stands)))
                    : new Lane(rush.shown().side(), rush.shown().index());
            rushers.add(new Rusher(rush.job(), side, gap == null ? last + 1 : gap.index(), edge, stood));
        }
        return List.copyOf(rushers);
    }

    /** When a free rusher is at a gun quarterback. */
    static double free(Rusher rusher, Speeds speeds) {
        return rusher.edge() ? speeds.rush().freeEdge() : speeds.rush().freeInside();
    }

    private static double seconds(List<Rusher> rushers, List<Job> free, Speeds speeds) {
        double best = Double.POSITIVE_INFINITY;
        for (Rusher rusher : rushers) {
            double seconds = free(rusher, speeds)
                    + (free.contains(rusher.job()) ? 0 : speeds.rush().blockedMore());
            if (free.isEmpty() || free.contains(rusher.job())) {
                best = Math.min(best, seconds);
            }
        }
        return best;
    }

    private static List<Side> contain(Lineup lineup, List<Rusher> rushers) {
        var sides = new ArrayList<Side>();
        for (Side side : Side.values()) {
            boolean told = rushers.stream()
                    .anyMatch(r -> r.side() == side
                            && (r.edge() || r.job().passTask() instanceof Task.Rush rush && rush.contain()));
            if (told) {
                sides.add(side);
            }
        }
        return sides;
    }

    private static List<Window> windows(Lineup lineup, List<Rusher> rushers) {
        boolean more = rushers.stream()
                .map(r -> r.job().cover())
                .anyMatch(seat -> seat != CoverSeat.RUSH && seat != CoverSeat.EDGE);
        var windows = new ArrayList<Window>();
        if (!more) {
            return windows;
        }
        AreaLedger areas = AreaLedger.of(lineup);
        boolean zone = areas.rows().stream()
                .anyMatch(r -> !r.area().deep() && !r.area().lane() && r.area() != Area.ACROSS);
        if (zone) {
            areas.sides().forEach(under -> {
                under.unowned().forEach(area -> windows.add(new Window(under.side(), area)));
                if (under.fromTheMiddle()) {
                    windows.add(new Window(under.side(), "hook"));
                }
            });
        }
        return windows;
    }
}
