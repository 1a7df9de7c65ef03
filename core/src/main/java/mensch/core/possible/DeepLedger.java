package mensch.core.possible;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mensch.core.convention.Gait;
import mensch.core.coverage.Shell;
import mensch.core.coverage.Shell.DeepArea;
import mensch.core.field.Field;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.geometry.Point;
import mensch.core.geometry.Region;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.NamedMen;
import mensch.core.rung.Area;
import mensch.core.rung.Ref;
import mensch.core.rung.Task;

/**
 * The deep field by its parts: who has each, which receivers can run into it, and whether its man can stay deeper than
 * the deepest of them until the ball could be there (handbook 4, zones; 3, a job must be possible).
 *
 * @param shell what the call promises, or what its deep jobs add up to; none when it neither promises nor gives any
 * @param rows each promised part, the offence's left first
 */
public record DeepLedger(Optional<Shell> shell, List<Row> rows) {

    /**
     * One part.
     *
     * @param extent its width, and its depth as the drawing shows it
     * @param owners who are told it
     * @param byMan who has its receivers man to man, when nobody is told the part and each of them has somebody
     * @param threats receivers a vertical puts into it
     */
    public record Row(DeepArea part, Region extent, List<Job> owners, List<Job> byMan, List<Threat> threats) {

        /** Whether anybody answers for it. */
        public boolean held() {
            return !owners.isEmpty() || !byMan.isEmpty();
        }

        /** The one who is nearest to being able: the best of its owners. */
        public Optional<Deepest> deepest() {
            return threats.stream()
                    .flatMap(t -> t.deepest().stream())
                    .reduce((a, b) -> b.lateBy() > a.lateBy() ? b : a);
        }
    }

    /**
     * A receiver on a vertical.
     *
     * @param at where the first deep throw meets him
     * @param seconds when, after the snap
     * @param deepest the owner who is over him first, if the part has one and nobody goes with him anyhow
     */
    public record Threat(Man man, Point at, double seconds, Optional<Deepest> deepest) {}

    /** A deep man on his way to stay over a receiver. */
    public record Deepest(Job job, Man man, Ability ability) {
        double lateBy() {
            return ability instanceof Ability.Late late ? late.over() : 0;
        }
    }

    public DeepLedger {
        rows = List.copyOf(rows);
    }

    /** The ledger of a line-up whose areas are known. */
    public static DeepLedger of(Lineup lineup, AreaLedger areas) {
        Optional<Shell> shell = lineup.inForce().deep().or(() -> told(areas));
        var rows = new ArrayList<Row>();
        List<Threat> verticals = verticals(lineup);
        Map<Man, List<Job>> had = NamedMen.of(lineup, job -> named(job.passTask()));
        Side cover = lineup.sides().cover().side();
        for (DeepArea part : shell.map(s -> s.parts(cover)).orElse(List.of())) {
            rows.add(row(lineup, areas, part, verticals, had));
        }
        rows.sort((a, b) -> Double.compare(a.extent().xMin(), b.extent().xMin()));
        return new DeepLedger(shell, rows);
    }

    /** What the deep jobs of a call that promises nothing add up to. */
    private static Optional<Shell> told(AreaLedger areas) {
        Set<Area> deep = EnumSet.noneOf(Area.class);
        areas.deep().forEach(r -> deep.add(r.area()));
        if (deep.contains(Area.DEEP_OUTSIDE_THIRD)) {
            return Optional.of(Shell.THIRDS);
        }
        boolean half = deep.contains(Area.DEEP_HALF);
        boolean quarter = deep.contains(Area.DEEP_OUTSIDE_QUARTER) || deep.contains(Area.DEEP_INSIDE_QUARTER);
        if (half || quarter) {
            return Optional.of(half ? quarter ? Shell.QUARTERS_AND_HALF : Shell.HALVES : Shell.QUARTERS);
        }
        return deep.contains(Area.DEEP_FIELD)
                ? Optional.of(Shell.FIELD)
                : deep.contains(Area.DEEP_MIDDLE_THIRD) ? Optional.of(Shell.MIDDLE) : Optional.empty();
    }

    private static Row row(
            Lineup lineup, AreaLedger areas, DeepArea part, List<Threat> verticals, Map<Man, List<Job>> had) {
        Region extent = extent(lineup.snap().field(), part, lineup);
        var owners = new ArrayList<AreaLedger.Row>();
        var men = new ArrayList<Job>();
        for (AreaLedger.Row r : areas.deep()) {
            boolean his = r.area() == part.area()
                    ? part.area().central() || r.side() == part.side()
                    : whole(r.extent(), extent);
            if (his) {
                owners.add(r);
                men.add(r.owner());
            }
        }
        var threats = new ArrayList<Threat>();
        for (Threat t : verticals) {
            if (t.at().x() >= extent.xMin() && t.at().x() <= extent.xMax()) {
                Optional<Deepest> deepest = !had.containsKey(t.man()) ? deepest(lineup, owners, t) : Optional.empty();
                threats.add(new Threat(t.man(), t.at(), t.seconds(), deepest));
            }
        }
        List<Job> byMan = List.of();
        if (owners.isEmpty() && outside(part.area())) {
            byMan = byMan(
                    had,
                    threats.isEmpty()
                            ? verticals.stream()
                                    .filter(t -> part.side().sign() * t.at().x() > 0)
                                    .toList()
                            : threats);
        }
        return new Row(part, extent, List.copyOf(men), byMan, List.copyOf(threats));
    }

    /** Whether another part takes in the whole of this one, as a half does a quarter. */
    private static boolean whole(Region has, Region part) {
        return has.xMin() <= part.xMin() + 1e-9 && has.xMax() >= part.xMax() - 1e-9;
    }

    /** A part beside the sideline: its corner may have number one everywhere. The middle and a half want their man. */
    private static boolean outside(Area area) {
        return area == Area.DEEP_OUTSIDE_THIRD || area == Area.DEEP_OUTSIDE_QUARTER;
    }

    private static Region extent(Field field, DeepArea part, Lineup lineup) {
        Area area = part.area();
        double width = field.code().widthYards();
        double a = field.fromSideline(part.side(), area.outerPart() * width);
        double b = field.fromSideline(part.side(), area.innerPart() * width);
        double from = Math.min(lineup.convention().drops().landmark().third(), field.endLineDepth());
        double to = Math.min(from + lineup.convention().drops().area().deepExtent(), field.endLineDepth());
        return new Region(Math.min(a, b), Math.max(a, b), from, to);
    }

    /**
     * Everybody who can be deep in the part, or on its side when nobody can, has a man of his own: the corner who has
     * number one everywhere.
     */
    private static List<Job> byMan(Map<Man, List<Job>> had, List<Threat> threats) {
        var men = new ArrayList<Job>();
        for (Threat threat : threats) {
            List<Job> his = had.getOrDefault(threat.man(), List.of());
            if (his.isEmpty()) {
                return List.of();
            }
            men.addAll(his);
        }
        return List.copyOf(men);
    }

    /** Whom he goes with wherever he runs, man to man or by a match. */
    private static List<Ref> named(Task pass) {
        if (pass instanceof Task.OnMen on) {
            return on.men();
        }
        return pass instanceof Task.Cover cover && cover.receiver() != null ? List.of(cover.receiver()) : List.of();
    }

    private static Optional<Deepest> deepest(Lineup lineup, List<AreaLedger.Row> owners, Threat threat) {
        return owners.stream()
                .map(r -> new Deepest(r.owner(), threat.man(), over(lineup, r, threat)))
                .reduce((a, b) -> b.lateBy() < a.lateBy() ? b : a);
    }

    private static Ability over(Lineup lineup, AreaLedger.Row part, Threat threat) {
        Point feet = part.owner().feet();
        if (feet == null || feet.y() >= threat.at().y()) {
            return Ability.CAN;
        }
        double x = Math.max(
                part.extent().xMin(), Math.min(part.extent().xMax(), threat.at().x()));
        double yards = feet.distance(new Point(x, threat.at().y()));
        Gait gait = Builds.gait(part.owner().role().body(), lineup.convention().speeds());
        double seconds = gait.time(yards);
        return seconds <= threat.seconds() ? Ability.CAN : new Ability.Late(yards, seconds, threat.seconds());
    }

    /** Receivers at or outside the tackles, each straight up the field: where the first deep throw meets him. */
    private static List<Threat> verticals(Lineup lineup) {
        Shape shape = lineup.features().shape();
        var threats = new ArrayList<Threat>();
        for (Side side : Side.values()) {
            for (Man man : shape.flank(side).receivers()) {
                threats.add(vertical(lineup, shape, man));
            }
        }
        return threats;
    }

    private static Threat vertical(Lineup lineup, Shape shape, Man man) {
        var convention = lineup.convention();
        Gait gait = Builds.gait(man, shape, convention.speeds());
        double passer = convention.routes().passer().gun();
        double ball = convention.speeds().passer().ball();
        double most = lineup.snap().field().endLineDepth() - convention.drops().endLineMargin();
        double thrown = convention.jobs().deep().throwAt();
        double seconds = thrown;
        double y = 0;
        for (int i = 0; i < 3; i++) {
            y = Math.min(gait.distance(seconds) - man.depth(), most);
            seconds = thrown + Math.hypot(man.x(), y + passer) / ball;
        }
        return new Threat(man, new Point(man.x(), Math.max(y, 0)), seconds, Optional.empty());
    }
}
