package mensch.core.matchup;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mensch.core.convention.Gait;
import mensch.core.convention.Speeds;
import mensch.core.event.Message;
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
 * @param pulled when that is, after the snap (model)
 */
public record FlagRun(
        Run run, Side play, Point crosses, double seconds, Optional<Job> puller, double gain, double pulled) {
    private static final double STEP = 0.25;

    /** None when it is no run of small-sided football, or the formation cannot run it to that side. */
    public static Optional<FlagRun> of(Lineup lineup, Run run, Side play) {
        var view = lineup.viewFrom(play);
        if (!lineup.flag() || run.fits(view) != Answer.YES) {
            return Optional.empty();
        }
        Man carrier = run.carrier(view);
        Man quarterback = lineup.features().shape().quarterback();
        Speeds speeds = lineup.convention().speeds();
        Gait gait = Builds.gait(carrier, lineup.features().shape(), speeds);
        Point crosses = run.crosses(view);
        Point hand = run.mesh(view);
        boolean keeps = quarterback == null || carrier.equals(quarterback);
        double given = Math.max(run.meshSeconds(view), gait.time(carrier.feet().distance(hand)));
        double seconds = given + gait.time(hand.distance(crosses)) - (keeps ? 0 : gait.delay());
        double top = lineup.snap().field().endLineDepth();
        var chase = new Chase(lineup, AreaLedger.of(lineup).rows(), given, seconds);
        for (double y = 0; y < top; y += STEP) {
            var at = new Point(crosses.x(), y);
            double there = seconds + y / gait.topSpeed();
            Optional<Job> puller = lineup.jobs().stream()
                    .filter(j -> j.feet() != null && chase.arrives(j, at) <= there)
                    .min(Comparator.comparingDouble(j -> chase.arrives(j, at)));
            if (puller.isPresent()) {
                return Optional.of(new FlagRun(run, play, crosses, seconds, puller, y, there));
            }
        }
        return Optional.of(
                new FlagRun(run, play, crosses, seconds, Optional.empty(), top, seconds + top / gait.topSpeed()));
    }

    /** When a man may go for a ball that is handed off. */
    public enum Leaves {
        /** He rushes. */
        AT_THE_SNAP,
        /** He has seen the hand-off: he is up, it comes to his zone, or nobody tells him to stay home. */
        ON_THE_HAND_OFF,
        /** He stays home until the ball crosses the line. */
        ON_CROSSING
    }

    /**
     * When a man may go for a ball.
     *
     * @param zones of the same line-up
     * @param x where the ball goes, yards from the middle of the field
     */
    public static Leaves leaves(Lineup lineup, List<AreaLedger.Row> zones, Job job, double x) {
        if (job.passTask() instanceof Task.Rush) {
            return Leaves.AT_THE_SNAP;
        }
        boolean home = job.after().reactions().stream()
                .anyMatch(r -> r.taught() && r.on().equals(Message.BALL_CROSSES.shown()));
        boolean his = zones.stream()
                .anyMatch(r -> r.owner().id().equals(job.id())
                        && !r.area().deep()
                        && x >= r.extent().xMin()
                        && x <= r.extent().xMax());
        Point feet = job.feet();
        boolean up =
                feet != null && feet.y() <= lineup.convention().limits().flag().up();
        return !home || his || up ? Leaves.ON_THE_HAND_OFF : Leaves.ON_CROSSING;
    }

    /**
     * The same as a ledger of blocks: nobody has one, and who pulls the flag is free; the last man is no help at the
     * line.
     */
    public Blocking nobodyBlocks(Lineup lineup) {
        double deepest = lineup.placed().stream()
                .mapToDouble(placed -> placed.feet().y())
                .max()
                .orElse(0);
        List<Blocking.Free> free = puller
                .filter(job -> job.feetOr(crosses).y() < deepest)
                .map(job -> new Blocking.Free(job, pulled, Blocking.Delay.NONE))
                .stream()
                .toList();
        return new Blocking(
                run,
                play,
                List.of(),
                List.of(),
                free,
                List.of(),
                crosses,
                seconds,
                new FitCount(0, List.of(), List.of(), 0, List.of(), List.of(), 0));
    }

    /** Who may leave when, and when he is there; seconds after the snap. */
    private record Chase(Lineup lineup, List<AreaLedger.Row> zones, double given, double crosses) {
        double arrives(Job job, Point at) {
            Speeds speeds = lineup.convention().speeds();
            return starts(job, at, speeds)
                    + Builds.gait(job.role().body(), speeds).time(job.feetOr(at).distance(at));
        }

        private double starts(Job job, Point at, Speeds speeds) {
            return switch (leaves(lineup, zones, job, at.x())) {
                case AT_THE_SNAP -> 0;
                case ON_THE_HAND_OFF -> given + speeds.readKey();
                case ON_CROSSING -> crosses;
            };
        }
    }
}
