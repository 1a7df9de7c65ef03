package mensch.core.lineup;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import mensch.core.convention.Drops;
import mensch.core.field.Field;
import mensch.core.geometry.Point;
import mensch.core.geometry.Region;
import mensch.core.geometry.Side;
import mensch.core.rung.Area;
import mensch.core.rung.Task;

/**
 * Who drops where: each zone with its owner, landmark and extent; and how many men share the three underneath areas of
 * a side.
 */
public record AreaLedger(List<Row> rows, List<Under> sides) {

    /** Goal-line lanes that nobody has, when the call plays lanes. */
    public List<Area> openLanes() {
        List<Area> owned = rows.stream().map(Row::area).filter(Area::lane).toList();
        return owned.isEmpty()
                ? List.of()
                : Arrays.stream(Area.values())
                        .filter(a -> a.lane() && !owned.contains(a))
                        .toList();
    }

    /**
     * One zone. A lane lies where its man stands: lanes follow the receivers, not the field. {@code extent} runs
     * halfway to the neighbouring owners underneath, and to the fixed borders deep.
     *
     * @param travel yards from where he stands to his landmark
     */
    public record Row(Job owner, Area area, Side side, Point landmark, Region extent, double travel) {}

    /**
     * Underneath men of one side (a man in the middle hook stands for a side without a hook man of its own) and the
     * areas (of flat, curl, hook) that nobody or more than one answers for.
     *
     * @param fromTheMiddle whether its hook is held from the middle
     */
    public record Under(Side side, List<Job> men, List<String> unowned, List<String> shared, boolean fromTheMiddle) {}

    public static AreaLedger of(Lineup lineup) {
        var rows = new ArrayList<Row>();
        for (Job job : lineup.jobs()) {
            if (job.passTask() instanceof Task.Cover cover) {
                boolean where = cover.area() == Area.ACROSS || cover.area().lane();
                Point landmark = where && job.feet() != null
                        ? new Point(
                                job.feet().x(), cover.landmark(lineup.view(job)).y())
                        : cover.landmark(lineup.view(job));
                double travel = job.feet() == null ? 0 : job.feet().distance(landmark);
                rows.add(new Row(
                        job,
                        cover.area(),
                        cover.side(lineup.view(job)),
                        landmark,
                        deepExtent(lineup, job, cover, landmark),
                        travel));
            }
        }
        List<Row> extended = shared(withUnderExtents(rows, lineup), lineup);
        boolean lanes = extended.stream().anyMatch(r -> r.area().lane());
        return new AreaLedger(
                extended, lanes ? List.of() : List.of(under(extended, Side.LEFT), under(extended, Side.RIGHT)));
    }

    /** Empty at the landmark for a man underneath: how far his goes hangs on the others. */
    private static Region deepExtent(Lineup lineup, Job job, Task.Cover cover, Point landmark) {
        Area area = cover.area();
        if (!area.deep()) {
            return new Region(landmark.x(), landmark.x(), landmark.y(), landmark.y());
        }
        Field field = lineup.snap().field();
        Side side = cover.side(lineup.view(job));
        double a = field.fromSideline(side, area.outerPart() * field.code().widthYards());
        double b = field.fromSideline(side, area.innerPart() * field.code().widthYards());
        double from = cover.landmark(lineup.view(job)).y();
        return new Region(
                Math.min(a, b),
                Math.max(a, b),
                from,
                Math.min(from + lineup.convention().drops().area().deepExtent(), field.endLineDepth()));
    }

    /** Underneath a man answers halfway to his neighbour's landmark, the outside men to the sideline. */
    private static List<Row> withUnderExtents(List<Row> rows, Lineup lineup) {
        Field field = lineup.snap().field();
        Drops drops = lineup.convention().drops();
        List<Row> under = rows.stream()
                .filter(r -> !r.area().deep())
                .sorted(Comparator.comparingDouble((Row r) -> r.landmark().x())
                        .thenComparing(r -> r.owner().id()))
                .toList();
        var all = new ArrayList<>(rows.stream().filter(r -> r.area().deep()).toList());
        for (int i = 0; i < under.size(); i++) {
            Row row = under.get(i);
            double left = i == 0
                    ? field.sidelineX(Side.LEFT)
                    : (under.get(i - 1).landmark().x() + row.landmark().x()) / 2;
            double right = i == under.size() - 1
                    ? field.sidelineX(Side.RIGHT)
                    : (row.landmark().x() + under.get(i + 1).landmark().x()) / 2;
            double to = Math.min(drops.area().underTo(), field.endLineDepth());
            all.add(new Row(
                    row.owner(),
                    row.area(),
                    row.side(),
                    row.landmark(),
                    new Region(left, right, drops.area().underFrom(), to),
                    row.travel()));
        }
        all.sort(Comparator.comparingDouble((Row r) -> r.landmark().x())
                .thenComparing(r -> r.owner().id()));
        return List.copyOf(all);
    }

    /** Men who share the width own equal parts of it, the outside men to the sideline. */
    private static List<Row> shared(List<Row> rows, Lineup lineup) {
        Field field = lineup.snap().field();
        long sharers = rows.stream().filter(r -> r.area() == Area.ACROSS).count();
        var all = new ArrayList<Row>();
        int at = 0;
        for (Row row : rows) {
            if (row.area() != Area.ACROSS) {
                all.add(row);
                continue;
            }
            double share = field.code().widthYards() / sharers;
            double left = field.sidelineX(Side.LEFT) + at++ * share;
            var extent = new Region(
                    left, left + share, 0, lineup.convention().drops().area().underTo());
            var middle = new Point(left + share / 2, row.landmark().y());
            all.add(new Row(
                    row.owner(),
                    row.area(),
                    row.side(),
                    middle,
                    extent,
                    row.owner().feet() == null ? 0 : row.owner().feet().distance(middle)));
        }
        return List.copyOf(all);
    }

    private static Under under(List<Row> rows, Side side) {
        List<Row> here = rows.stream()
                .filter(r ->
                        !r.area().deep() && r.side() == side && r.area() != Area.MIDDLE_HOOK && r.area() != Area.ACROSS)
                .toList();
        var unowned = new ArrayList<String>();
        var shared = new ArrayList<String>();
        tally("flat", here.stream().filter(r -> r.area().flat()).count(), unowned, shared);
        tally("curl", here.stream().filter(r -> r.area().curl()).count(), unowned, shared);
        boolean middle = rows.stream().anyMatch(r -> r.area() == Area.MIDDLE_HOOK);
        long hooks = here.stream().filter(r -> r.area().hook()).count();
        tally("hook", hooks == 0 && middle ? 1 : hooks, unowned, shared);
        return new Under(
                side,
                here.stream().map(Row::owner).toList(),
                List.copyOf(unowned),
                List.copyOf(shared),
                hooks == 0 && middle);
    }

    private static void tally(String area, long owners, List<String> unowned, List<String> shared) {
        if (owners == 0) {
            unowned.add(area);
        } else if (owners > 1) {
            shared.add(area);
        }
    }

    public List<Row> deep() {
        return rows.stream().filter(r -> r.area().deep()).toList();
    }
}
