package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.convention.Limits;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.AreaLedger.Row;
import mensch.core.lineup.AreaLedger.Under;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.possible.Ability;
import mensch.core.possible.PassAbility;
import mensch.core.rung.Key;
import mensch.core.rung.Part;
import mensch.core.rung.Ref;
import mensch.core.rung.Task;

/** Underneath areas owned, landmarks that make sense. Asked only of calls that play zone. */
final class AreaCheck implements Check {
    static final CheckId AREAS = CheckId.of("areas", Rule.COVERAGE, Part.PASS);
    static final CheckId IDLE = CheckId.of("idle", Rule.COVERAGE, Part.PASS);
    static final CheckId LANDMARKS = CheckId.of("landmarks", Rule.COVERAGE, Part.PASS);

    private static final int AREAS_PER_SIDE = 3;
    private static final int PLAIN_RUSH = 4;
    private static final int QUADS = 4;
    /** Where a finding about a side is pinned. */
    private static final double PIN_DEPTH = 3.6;

    @Override
    public List<CheckId> finds() {
        return List.of(AREAS, IDLE, LANDMARKS);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        AreaLedger ledger = subject.areas();
        var findings = new ArrayList<Finding>();
        idle(lineup, findings);
        twice(ledger, findings);
        List<Row> under = ledger.rows().stream().filter(r -> !r.area().deep()).toList();
        if (under.isEmpty()) {
            return findings;
        }
        sides(lineup, ledger, findings);
        Side from = lineup.sides().cover().side().opposite();
        ledger.openLanes()
                .forEach(lane -> findings.add(new Finding(
                        AREAS,
                        Severity.WEAK,
                        new Point(lane.laneX(lineup.snap().field(), from), PIN_DEPTH),
                        List.of(),
                        new CoverageEvidence.LaneUnowned(lane))));
        late(lineup, under, findings);
        for (int i = 0; i < under.size(); i++) {
            if (i + 1 < under.size()) {
                together(lineup, under.get(i), under.get(i + 1), findings);
            }
            landmark(under.get(i), lineup.convention().limits(), findings);
        }
        return findings;
    }

    /** Behind a rule that gives him nobody he is told of already. */
    private static void idle(Lineup lineup, List<Finding> findings) {
        lineup.jobs().stream()
                .filter(j -> j.after().pass().orNull() != null && j.passTask() instanceof Task.None)
                .forEach(j -> findings.add(new Finding(
                        IDLE,
                        Severity.WEAK,
                        j.feetOr(new Point(0, PIN_DEPTH)),
                        List.of(j),
                        new CoverageEvidence.NothingToDo(j))));
    }

    private static void twice(AreaLedger ledger, List<Finding> findings) {
        List<Row> parts = ledger.rows().stream()
                .filter(r -> r.area().deep() || r.area().lane())
                .toList();
        for (int i = 0; i < parts.size(); i++) {
            for (int j = i + 1; j < parts.size(); j++) {
                boolean one = parts.get(i).area() == parts.get(j).area()
                        && (parts.get(i).area().lane()
                                || parts.get(i).landmark().x()
                                        == parts.get(j).landmark().x());
                if (one) {
                    List<Job> men = List.of(parts.get(i).owner(), parts.get(j).owner());
                    findings.add(new Finding(
                            LANDMARKS,
                            Severity.WEAK,
                            parts.get(i).landmark(),
                            men,
                            new CoverageEvidence.OnePart(
                                    men, parts.get(i).area().words())));
                }
            }
        }
    }

    /**
     * An area that nobody has is weak where the coverage means to have it; what it gives by design, what a pressure
     * vacates and what two men share are standing facts.
     */
    private static void sides(Lineup lineup, AreaLedger ledger, List<Finding> findings) {
        var conceded = new ArrayList<Under>();
        var shared = new ArrayList<Under>();
        for (Under under : ledger.sides()) {
            boolean cover = under.side() == lineup.sides().cover().side();
            List<String> open = under.unowned().stream()
                    .filter(a -> !lineup.inForce().coverage().gives(a, cover))
                    .toList();
            if (!open.isEmpty() && !pressure(lineup)) {
                findings.add(new Finding(
                        AREAS,
                        nobodyThere(lineup, under.side()) ? Severity.NOTE : Severity.WEAK,
                        at(under),
                        under.men(),
                        new CoverageEvidence.AreaUnowned(
                                under.side(), open, under.men().size())));
            }
            if (!under.unowned().isEmpty() && open.isEmpty()) {
                conceded.add(under);
            } else if (under.unowned().isEmpty() && under.men().size() < AREAS_PER_SIDE) {
                shared.add(under);
            }
        }
        if (!conceded.isEmpty()) {
            findings.add(fact(conceded, new StandingEvidence.Conceded(conceded)));
        }
        if (!shared.isEmpty()) {
            findings.add(fact(shared, new StandingEvidence.Shared(shared)));
        }
    }

    /** What a fifth rusher leaves is told with the pressure, with its time. */
    private static boolean pressure(Lineup lineup) {
        return lineup.inForce().rush() > PLAIN_RUSH;
    }

    /** With four receivers or more on the other side, one man has this side to himself. */
    private static boolean nobodyThere(Lineup lineup, Side side) {
        return lineup.features().shape().flank(side.opposite()).receivers().size() >= QUADS;
    }

    private static Finding fact(List<Under> sides, Evidence evidence) {
        return new Finding(
                AREAS,
                Severity.FACT,
                at(sides.get(0)),
                sides.stream().flatMap(u -> u.men().stream()).toList(),
                evidence);
    }

    private static Point at(Under under) {
        return new Point(under.side().sign() * 12 + 0.0, PIN_DEPTH);
    }

    /** Two neighbours who aim at one place. */
    private static void together(Lineup lineup, Row row, Row next, List<Finding> findings) {
        Limits limits = lineup.convention().limits();
        boolean lanes = row.area().lane() || next.area().lane();
        boolean squeezed = squeezed(lineup, row) || squeezed(lineup, next);
        if (!lanes
                && Math.abs(next.landmark().x() - row.landmark().x())
                        < limits.drop().landmarksApart()
                && next.landmark().y() == row.landmark().y()) {
            double apart = Math.abs(next.landmark().x() - row.landmark().x());
            findings.add(new Finding(
                    LANDMARKS,
                    squeezed ? Severity.FACT : Severity.WEAK,
                    row.landmark(),
                    List.of(row.owner(), next.owner()),
                    squeezed
                            ? new FieldEvidence.Narrow(row.owner(), next.owner(), apart)
                            : new CoverageEvidence.OneLandmark(row.owner(), next.owner(), apart)));
        }
    }

    /** Whether the field and not the call brings a landmark next to its neighbour's. */
    private static boolean squeezed(Lineup lineup, Row row) {
        return row.area().squeezed(lineup.view(row.owner()), row.side());
    }

    private static void landmark(Row row, Limits limits, List<Finding> findings) {
        Point feet = row.owner().feet();
        if (feet == null) {
            return;
        }
        double stands = feet.x();
        double aims = row.landmark().x();
        if (stands * aims < 0 && Math.abs(aims - stands) >= limits.drop().acrossTheBall()) {
            findings.add(new Finding(
                    LANDMARKS,
                    Severity.NOTE,
                    row.landmark(),
                    List.of(row.owner()),
                    new CoverageEvidence.AcrossTheBall(row.owner(), Math.abs(aims - stands))));
        }
    }

    /** A man who drops from a slot or an end he watches stands inside or over him: outside him the seam is open. */
    private static void walls(Lineup lineup, Row row, List<Finding> findings) {
        Job job = row.owner();
        Point feet = job.feet();
        Key key = job.before().key().orNull();
        if (feet == null || key == null) {
            return;
        }
        Ref first = key.men().get(0);
        Side side = lineup.view(job).side(first.where());
        double outside = !first.receiver() || first.number() < 2
                ? 0
                : lineup.view(job)
                        .man(first)
                        .map(m -> side.sign() * (feet.x() - m.x()))
                        .orElse(0.0);
        if (outside > lineup.convention().jobs().man().covers()) {
            findings.add(new Finding(
                    LANDMARKS,
                    Severity.WEAK,
                    feet,
                    List.of(job),
                    new PlaceEvidence.OutsideHisKey(job, first.words(), outside)));
        }
    }

    /**
     * Late to a landmark is weak: the ball may go elsewhere, and he breaks from where he is. Who would be in time with
     * the ball in the middle has the wide side to thank for it.
     */
    private static void late(Lineup lineup, List<Row> under, List<Finding> findings) {
        var ability = new PassAbility(lineup);
        var wide = new ArrayList<FieldEvidence.Far>();
        for (Row row : under) {
            if (row.area().lane()) {
                continue;
            }
            behind(lineup, row, findings);
            walls(lineup, row, findings);
            if (!(ability.drop(row) instanceof Ability.Late late)) {
                continue;
            }
            if (ability.byTheField(row)) {
                wide.add(new FieldEvidence.Far(row, late));
            } else {
                findings.add(new Finding(
                        LANDMARKS,
                        late.over() <= lineup.convention().jobs().late() ? Severity.NOTE : Severity.WEAK,
                        row.landmark(),
                        List.of(row.owner()),
                        new AbilityEvidence.LateDrop(row.owner(), row.area().words(), late)));
            }
        }
        if (!wide.isEmpty()) {
            findings.add(new Finding(
                    LANDMARKS,
                    Severity.FACT,
                    wide.get(0).row().landmark(),
                    wide.stream().map(f -> f.row().owner()).toList(),
                    new FieldEvidence.Wide(List.copyOf(wide))));
        }
    }

    private static void behind(Lineup lineup, Row row, List<Finding> findings) {
        Point feet = row.owner().feet();
        if (feet != null
                && feet.y()
                        > row.landmark().y() + lineup.convention().jobs().drop().behind()
                && !SituationCheck.outOfRange(lineup, row.owner())) {
            findings.add(new Finding(
                    LANDMARKS,
                    Severity.WEAK,
                    feet,
                    List.of(row.owner()),
                    new PlaceEvidence.BehindHisArea(
                            row.owner(),
                            row.area().words(),
                            feet.y(),
                            row.landmark().y())));
        }
    }
}
