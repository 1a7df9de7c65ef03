package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.RushCount;
import mensch.core.possible.Ability;
import mensch.core.possible.Builds;
import mensch.core.rung.Area;
import mensch.core.rung.Move;
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
        count.rushers().forEach(rusher -> far(lineup, rusher, findings));
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

    /** From too wide or too deep he is no part of the rush: the ball is gone when he comes. */
    private static void far(Lineup lineup, Job rusher, List<Finding> findings) {
        Point feet = rusher.feet();
        if (feet == null) {
            return;
        }
        var convention = lineup.convention();
        Point passer = new Point(0, -convention.routes().passer().gun());
        double yards = feet.distance(passer);
        double seconds = Builds.gait(rusher.role().body(), convention.speeds()).time(yards);
        double by = convention.jobs().rush().by();
        Side side = feet.x() < 0 ? Side.LEFT : Side.RIGHT;
        double outside = side.sign()
                * (feet.x() - lineup.features().shape().flank(side).endMan().x());
        if (lineup.flag()) {
            return;
        }
        if (seconds > by) {
            findings.add(weak(
                    rusher, feet, new AbilityEvidence.RushesFromFar(rusher, new Ability.Late(yards, seconds, by))));
        } else if (!sent(rusher) && outside > convention.jobs().rush().outside()) {
            findings.add(weak(rusher, feet, new PlaceEvidence.RushesFromWide(rusher, outside)));
        }
    }

    private static Finding weak(Job rusher, Point feet, Evidence evidence) {
        return new Finding(RUSH, Severity.WEAK, feet, List.of(rusher), evidence);
    }

    /** Who is sent by a movement comes from where he stands; everybody else rushes from the front. */
    private static boolean sent(Job rusher) {
        Move move = rusher.after().move().orNull();
        return move != null && move.verb() != null;
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
