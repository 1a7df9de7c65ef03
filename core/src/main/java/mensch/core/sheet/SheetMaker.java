package mensch.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.Subject;
import mensch.core.formation.Decided;
import mensch.core.formation.Man;
import mensch.core.formation.Notation;
import mensch.core.formation.SideWord;
import mensch.core.geometry.Point;
import mensch.core.geometry.Region;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.BoxCount;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.play.Plays;
import mensch.core.roster.Roster;
import mensch.core.rung.Numbers;
import mensch.core.sheet.Sheet.AreaRow;
import mensch.core.sheet.Sheet.Box;
import mensch.core.sheet.Sheet.ConeRow;
import mensch.core.sheet.Sheet.EdgeRow;
import mensch.core.sheet.Sheet.EligibleRow;
import mensch.core.sheet.Sheet.FindingRow;
import mensch.core.sheet.Sheet.GapRow;
import mensch.core.sheet.Sheet.ManRow;

/** Writes a line-up down. */
public final class SheetMaker {
    private static final double SAME_CONE = 0.01;

    private final Library library;

    public SheetMaker(Library library) {
        this.library = library;
    }

    /** Everything there is to show of a line-up. */
    public Sheet of(Lineup lineup, Roster roster) {
        var subject = new Subject(lineup, Plays.NONE, List.of());
        AreaLedger areas = subject.areas();
        GapLedger gaps = subject.gaps();
        var jobs = new JobRows(lineup, new Words(lineup, library), roster.fill(lineup));
        boolean flag = lineup.flag();
        List<GapRow> gapRows = flag ? List.of() : GapRows.of(gaps);
        return new Sheet(
                Notation.print(lineup.snap()),
                facts(lineup),
                movedIn(lineup),
                WhenItChanges.done(lineup).orElse(null),
                offence(lineup),
                lineup.jobs().stream().map(jobs::row).toList(),
                gapRows,
                GapRows.count(gapRows),
                flag ? List.of() : edges(gaps),
                flag ? rush(subject) : box(subject),
                areas.rows().stream().map(SheetMaker::area).toList(),
                eligibles(subject),
                flag ? cones(lineup, areas) : List.of(),
                Audit.ofItself(subject).stream().map(SheetMaker::finding).toList());
    }

    private static List<EdgeRow> edges(GapLedger gaps) {
        return gaps.edges().stream()
                .map(e -> new EdgeRow(e.side(), Words.spot(e.at()), Words.ids(e.forces())))
                .toList();
    }

    private static String rush(Subject subject) {
        return subject.rush().rushers().size() + " rush, "
                + subject.rush().cover().size() + " stay";
    }

    private static String box(Subject subject) {
        BoxCount count = subject.box();
        return count.box().size() + " in the box, " + count.support().size() + " with the force men near it; "
                + subject.rush().rushers().size() + " rush";
    }

    private static List<EligibleRow> eligibles(Subject subject) {
        return subject.eligibles().entries().stream()
                .map(e -> new EligibleRow(e.man().name(), e.number(), Words.ids(e.byMan()), Words.ids(e.byZone())))
                .toList();
    }

    /**
     * Where cones mark the borders of areas on the practice field: at their near and far corners, not on the sidelines.
     */
    private static List<ConeRow> cones(Lineup lineup, AreaLedger areas) {
        double left = lineup.snap().field().sidelineX(Side.LEFT);
        double right = lineup.snap().field().sidelineX(Side.RIGHT);
        var spots = new TreeSet<>(Comparator.comparingDouble(Point::y).thenComparing(Point::x));
        for (AreaLedger.Row row : areas.rows()) {
            for (double x : new double[] {row.extent().xMin(), row.extent().xMax()}) {
                if (x > left + SAME_CONE && x < right - SAME_CONE) {
                    spots.add(new Point(
                            Math.round(x / SAME_CONE) * SAME_CONE, row.extent().yMin()));
                    spots.add(new Point(
                            Math.round(x / SAME_CONE) * SAME_CONE, row.extent().yMax()));
                }
            }
        }
        return spots.stream()
                .map(p -> new ConeRow(Words.spot(p), p.x() - left, p.y()))
                .toList();
    }

    /** What a change of phase changed, as it is told to each man. */
    public List<ChangeRow> changes(Lineup before, Lineup after, Roster roster) {
        return ChangeRows.between(before, after, roster, library);
    }

    private static List<String> facts(Lineup lineup) {
        return List.of(
                PictureWords.of(lineup.features()),
                fact("Run strength", lineup.features().decided(SideWord.RUN_STRENGTH)),
                fact("Pass strength", lineup.features().decided(SideWord.PASS_STRENGTH)));
    }

    private static String fact(String word, Decided decided) {
        return word + " " + decided.side().words() + ": " + decided.by();
    }

    private static List<String> movedIn(Lineup lineup) {
        return lineup.snap().formation().movedIn().stream()
                .map(m -> m.man() + " stands " + Numbers.tenth(Math.abs(m.wishedX() - m.givenX()))
                        + " yd tighter: the sideline is near")
                .toList();
    }

    private static List<ManRow> offence(Lineup lineup) {
        var rows = new ArrayList<ManRow>();
        for (Man man : lineup.snap().formation().men()) {
            int number = lineup.features().shape().number(man);
            rows.add(new ManRow(man.name(), man.post(), Words.spot(man.feet()), number == 0 ? null : "#" + number));
        }
        return rows;
    }

    private static AreaRow area(AreaLedger.Row row) {
        Region extent = row.extent();
        return new AreaRow(
                row.owner().id(),
                row.area().words(),
                row.area().deep(),
                Words.spot(row.landmark()),
                new Box(extent.xMin(), extent.xMax(), extent.yMin(), extent.yMax()),
                extent.xMax() - extent.xMin(),
                row.travel());
    }

    static FindingRow finding(Finding finding) {
        return new FindingRow(
                finding.key().text(),
                finding.check().id(),
                finding.severity(),
                finding.severity().mendable(),
                Words.spot(finding.where()),
                finding.who().stream().map(Job::id).toList(),
                finding.evidence().title(),
                finding.evidence().reason());
    }
}
