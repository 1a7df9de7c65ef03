package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.convention.Bodies;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Place;

/**
 * Nobody in the neutral zone, behind the end line, over a sideline or on another's spot; depths that the goal line took
 * away are told.
 */
final class PlaceCheck implements Check {
    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        var findings = new ArrayList<Finding>();
        for (Job job : lineup.jobs()) {
            if (job.feet() != null) {
                neutralZone(lineup.convention().bodies(), job, findings);
                bounds(lineup, job, findings);
                compression(job, findings);
                offTheBall(lineup, job, findings);
            }
        }
        oneSpot(lineup, findings);
        return findings;
    }

    private static void oneSpot(Lineup lineup, List<Finding> findings) {
        double limit = lineup.convention().bodies().ownPlace();
        List<Job> placed = lineup.jobs().stream().filter(j -> j.feet() != null).toList();
        for (int i = 0; i < placed.size(); i++) {
            for (int j = i + 1; j < placed.size(); j++) {
                double apart = placed.get(i).feet().distance(placed.get(j).feet());
                if (apart < limit - 1e-9) {
                    findings.add(new Finding(
                            CheckId.ONE_SPOT,
                            Severity.WEAK,
                            placed.get(i).feet(),
                            List.of(placed.get(i), placed.get(j)),
                            new Evidence.OneSpot(placed.get(i), placed.get(j), apart, limit)));
                }
            }
        }
    }

    private static void neutralZone(Bodies bodies, Job job, List<Finding> findings) {
        double reach = job.role().lineman() ? bodies.reachThreePoint() : bodies.reachTwoPoint();
        double helmet = job.feet().y() - reach;
        if (helmet < bodies.neutralZone() - 1e-9) {
            findings.add(new Finding(
                    CheckId.NEUTRAL_ZONE,
                    Severity.BUST,
                    job.feet(),
                    List.of(job),
                    new Evidence.InNeutralZone(job, helmet, bodies.neutralZone())));
        }
    }

    private static void bounds(Lineup lineup, Job job, List<Finding> findings) {
        Point feet = job.feet();
        double behind = feet.y() - lineup.snap().field().endLineDepth();
        if (behind > 0) {
            findings.add(new Finding(
                    CheckId.BOUNDS,
                    Severity.BUST,
                    feet,
                    List.of(job),
                    new Evidence.OutOfBounds(job, "end line", behind)));
        }
        Side side = feet.x() < 0 ? Side.LEFT : Side.RIGHT;
        double inside = lineup.snap().field().yardsFromSideline(side, feet.x());
        if (inside < 0) {
            findings.add(new Finding(
                    CheckId.BOUNDS,
                    Severity.BUST,
                    feet,
                    List.of(job),
                    new Evidence.OutOfBounds(job, "sideline", -inside)));
        }
    }

    /** A man of the line plays on it. */
    private static void offTheBall(Lineup lineup, Job job, List<Finding> findings) {
        double limit = lineup.convention().limits().lineDepth();
        if (job.role().lineman()
                && !lineup.snap().field().code().flag()
                && job.feet().y() > limit) {
            findings.add(new Finding(
                    CheckId.OFF_THE_BALL,
                    Severity.WEAK,
                    job.feet(),
                    List.of(job),
                    new Evidence.OffTheBall(job, job.feet().y(), limit)));
        }
    }

    private static void compression(Job job, List<Finding> findings) {
        Place.Squeeze squeezed = job.before().align().orNull().squeezed();
        if (squeezed != null) {
            findings.add(new Finding(
                    CheckId.COMPRESSION,
                    Severity.NOTE,
                    job.feet(),
                    List.of(job),
                    new Evidence.Compressed(job, squeezed)));
        }
    }
}
