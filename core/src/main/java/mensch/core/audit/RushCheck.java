package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.geometry.Point;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.RushCount;
import mensch.core.rung.Area;
import mensch.core.rung.Part;
import mensch.core.rung.Task;

/** As many rush as the pressure says it brings, and behind a zone pressure somebody replaces the middle. */
final class RushCheck implements Check {
    static final CheckId RUSH = CheckId.of("rush", Rule.PRESSURE, Part.PASS, Part.MOVE);

    private static final Point POCKET = new Point(0, -4);
    private static final Point MIDDLE = new Point(0, 8);
    private static final int PLAIN_RUSH = 4;

    @Override
    public List<CheckId> finds() {
        return List.of(RUSH);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        int asked = lineup.inForce().rush();
        RushCount count = subject.rush();
        var findings = new ArrayList<Finding>();
        if (asked != 0 && asked != count.rushers().size()) {
            findings.add(new Finding(
                    RUSH,
                    Severity.WEAK,
                    POCKET,
                    count.rushers(),
                    new RunEvidence.RushCountOff(asked, count.rushers())));
        }
        if (count.rushers().size() > PLAIN_RUSH && zone(lineup) && !hasMiddle(lineup)) {
            findings.add(new Finding(
                    RUSH,
                    Severity.BUST,
                    MIDDLE,
                    count.rushers(),
                    new RunEvidence.NobodyInTheMiddle(count.rushers().size())));
        }
        return findings;
    }

    private static boolean zone(Lineup lineup) {
        return lineup.jobs().stream()
                .anyMatch(j -> j.passTask() instanceof Task.Cover c
                        && !c.area().deep()
                        && !c.area().lane());
    }

    private static boolean hasMiddle(Lineup lineup) {
        return lineup.jobs().stream()
                .anyMatch(j -> j.passTask() instanceof Task.Cover c && (c.area().hook() || c.area() == Area.MIDDLE_HOOK)
                        || j.passTask() instanceof Task.Hole);
    }
}
