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
 * Rushers against a protection (handbook 9, protections). The line slides to the side that leaves the fewest free;
 * three men block there, the two others are man on man with whoever stays in.
 *
 * @param slide the side the line slides to
 * @param rushers by side of the ball they come through
 * @param free rushers nobody blocks, the outermost of the side that has one too many
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
        List<Job> free,
        int oneOnOne,
        double seconds,
        List<Side> contain,
        List<Window> windows) {

    /** One rusher, the side he comes through, and whether he comes round the edge. */
    public record Rusher(Job job, Side side, boolean edge) {}

    /** An underneath area of a side that nobody drops to. */
    public record Window(Side side, String area) {}

    private static final int SLIDE_MEN = 3;
    private static final int MAN_SIDE = 2;

    public Pressure {
        rushers = List.copyOf(rushers);
        free = List.copyOf(free);
        contain = List.copyOf(contain);
        windows = List.copyOf(windows);
    }

    /** None when the formation has not the men for it. */
    public static Optional<Pressure> of(Lineup lineup, Protection protection) {
        if (lineup.snap().field().code().flag() || protection.fits(lineup.viewFrom(Side.RIGHT)) != Answer.YES) {
            return Optional.empty();
        }
        List<Rusher> rushers = rushers(lineup);
        int extra = protection.men() - SLIDE_MEN - MAN_SIDE;
        Side slide = free(rushers, Side.LEFT, extra) < free(rushers, Side.RIGHT, extra) ? Side.LEFT : Side.RIGHT;
        List<Job> free = freeMen(rushers, slide, extra);
        int spare = Math.max(0, protection.men() - (rushers.size() - free.size()));
        int blocked = rushers.size() - free.size();
        return Optional.of(new Pressure(
                protection,
                slide,
                rushers,
                free,
                Math.max(0, blocked - spare),
                seconds(rushers, free, lineup.convention().speeds()),
                contain(lineup, rushers),
                windows(lineup, rushers)));
    }

    private static List<Rusher> rushers(Lineup lineup) {
        var rushers = new ArrayList<Rusher>();
        for (RushCount.Rush rush : RushCount.of(lineup).rushes()) {
            Gap gap = rush.rushed() != null ? rush.rushed() : rush.shown();
            double x = rush.job().feet() == null ? 0 : rush.job().feet().x();
            Side side = gap != null ? gap.side() : x < 0 ? Side.LEFT : Side.RIGHT;
            boolean edge = gap == null
                    || gap.index() >= Gap.count(lineup.features().shape().flank(side)) - 1;
            rushers.add(new Rusher(rush.job(), side, edge));
        }
        return List.copyOf(rushers);
    }

    private static int free(List<Rusher> rushers, Side slide, int extra) {
        int slid = (int) rushers.stream().filter(r -> r.side() == slide).count() - SLIDE_MEN;
        int man = rushers.size() - slid - SLIDE_MEN - MAN_SIDE;
        return Math.max(0, Math.max(0, slid) + Math.max(0, man) - extra);
    }

    /** Too many on a side leave the outermost: the line gives up the man with the longest way. */
    private static List<Job> freeMen(List<Rusher> rushers, Side slide, int extra) {
        int many = free(rushers, slide, extra);
        int slid = (int) rushers.stream().filter(r -> r.side() == slide).count();
        Side over = slid - SLIDE_MEN > rushers.size() - slid - MAN_SIDE ? slide : slide.opposite();
        var from =
                new ArrayList<>(rushers.stream().filter(r -> r.side() == over).toList());
        from.sort((a, b) -> a.edge() != b.edge() ? (a.edge() ? -1 : 1) : Double.compare(wide(b), wide(a)));
        return from.stream().limit(many).map(Rusher::job).toList();
    }

    private static double wide(Rusher rusher) {
        return rusher.job().feet() == null ? 0 : Math.abs(rusher.job().feet().x());
    }

    private static double seconds(List<Rusher> rushers, List<Job> free, Speeds speeds) {
        double best = Double.POSITIVE_INFINITY;
        for (Rusher rusher : rushers) {
            double seconds =
                    (rusher.edge() ? speeds.rush().freeEdge() : speeds.rush().freeInside())
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
