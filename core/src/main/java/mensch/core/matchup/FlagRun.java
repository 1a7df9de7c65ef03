package mensch.core.matchup;

import java.util.List;
import java.util.Optional;
import mensch.core.convention.Gait;
import mensch.core.convention.Speeds;
import mensch.core.formation.Answer;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.play.Run;
import mensch.core.possible.Builds;
import mensch.core.rung.Task;

/**
 * A run of small-sided football: nobody blocks, so it goes until the first flag is pulled (handbook 7). The rusher
 * comes at the snap; a man a yard or two off the ball, and one whose zone it comes to, once he has read the hand-off;
 * everybody else leaves his zone when the ball crosses the line.
 *
 * @param crosses where the ball crosses the line, play frame
 * @param seconds when, after the snap (model)
 * @param puller who is there first, when anybody is
 * @param gain yards past the line by then
 */
public record FlagRun(Run run, Side play, Point crosses, double seconds, Optional<Job> puller, double gain) {
    private static final double STEP = 0.25;
    /** A run goes out to the middle of its half of the field. */
    private static final double WIDE = 0.25;
    /** A man nearer to the line than this attacks a hand-off at once. */
    private static final double UP = 2.5;

    /** None when it is no run of small-sided football, or the formation cannot run it to that side. */
    public static Optional<FlagRun> of(Lineup lineup, Run run, Side play) {
        var view = lineup.viewFrom(play);
        if (!lineup.snap().field().code().flag() || run.fits(view) != Answer.YES) {
            return Optional.empty();
        }
        Man carrier = run.carrier(view);
        Man quarterback = lineup.features().shape().quarterback();
        Speeds speeds = lineup.convention().speeds();
        Gait gait = Builds.gait(carrier, lineup.features().shape(), speeds);
        var field = lineup.snap().field();
        var crosses = new Point(field.fromSideline(play, field.code().widthYards() * WIDE), 0);
        Point hand = run.mesh(view);
        boolean keeps = quarterback == null || carrier.equals(quarterback);
        double given = Math.max(run.meshSeconds(view), gait.time(carrier.feet().distance(hand)));
        double seconds = given + gait.time(hand.distance(crosses)) - (keeps ? 0 : gait.delay());
        double top = field.endLineDepth();
        List<AreaLedger.Row> zones = AreaLedger.of(lineup).rows();
        for (double y = 0; y < top; y += STEP) {
            var at = new Point(crosses.x(), y);
            double there = seconds + y / gait.topSpeed();
            Optional<Job> puller = lineup.jobs().stream()
                    .filter(j -> j.feet() != null
                            && arrives(j, at, starts(j, at, zones, given, seconds, speeds), speeds) <= there)
                    .findFirst();
            if (puller.isPresent()) {
                return Optional.of(new FlagRun(run, play, crosses, seconds, puller, y));
            }
        }
        return Optional.of(new FlagRun(run, play, crosses, seconds, Optional.empty(), top));
    }

    private static double starts(
            Job job, Point at, List<AreaLedger.Row> zones, double given, double crosses, Speeds speeds) {
        boolean his = zones.stream()
                .anyMatch(r -> r.owner() == job
                        && at.x() >= r.extent().xMin()
                        && at.x() <= r.extent().xMax());
        return job.passTask() instanceof Task.Rush
                ? 0
                : his || job.feetOr(at).y() <= UP ? given + speeds.readKey() : crosses;
    }

    private static double arrives(Job job, Point at, double starts, Speeds speeds) {
        return starts
                + Builds.gait(job.role().body(), speeds).time(job.feetOr(at).distance(at));
    }
}
