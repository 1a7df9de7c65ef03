package mensch.core.possible;

import java.util.Optional;
import mensch.core.convention.Gait;
import mensch.core.convention.JobLimits;
import mensch.core.convention.Speeds;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Gap;
import mensch.core.rung.GapWord;
import mensch.core.rung.Move;
import mensch.core.rung.Numbers;
import mensch.core.rung.Task;

/**
 * Gaps and edges (handbook 3, a job must be possible). On the line a man has the gaps beside his shade, or the one his
 * move takes him to; a man behind it is in the mouth of his gap in time; force comes to two yards outside the end man.
 */
public final class RunAbility {
    private final Lineup lineup;
    private final JobLimits limits;
    private final Speeds speeds;

    public RunAbility(Lineup lineup) {
        this.lineup = lineup;
        this.limits = lineup.convention().jobs();
        this.speeds = lineup.convention().speeds();
    }

    /** Whether a man can own a gap; a man without a place, or a gap that is not there, is told elsewhere. */
    public Ability gap(Job job, Gap gap) {
        Point feet = job.feet();
        if (feet == null || gap.index() >= Gap.count(flank(gap.side()))) {
            return Ability.CAN;
        }
        Move move = job.after().move().orNull();
        if (move != null && move.gap() != null) {
            return moved(job, feet, move.gap(), gap);
        }
        return onTheLine(job, feet) ? shaded(job, feet, gap) : filled(job, feet, gap);
    }

    private boolean onTheLine(Job job, Point feet) {
        return job.role().lineman()
                ? feet.y() <= lineup.convention().limits().lineDepth()
                : feet.y() <= lineup.convention().blocks().level().first();
    }

    private Ability moved(Job job, Point feet, GapWord word, Gap gap) {
        Optional<Gap> to = word.in(lineup.view(job));
        boolean edge = gap.last(flank(gap.side())) && lineup.view(job).side(word.where()) == gap.side();
        boolean agrees = to.map(gap::equals).orElse(edge);
        if (!agrees) {
            return new Ability.MovesElsewhere(to.map(Gap::words).orElse(word.words()));
        }
        return inTime(job, feet, new Point(gap.middle(flank(gap.side())).x(), Math.min(feet.y(), 1)), gap, 0);
    }

    private Ability shaded(Job job, Point feet, Gap gap) {
        Flank flank = flank(gap.side());
        double u = gap.side().sign() * feet.x();
        double headUp = limits.gap().headUp();
        boolean last = gap.last(flank);
        double inside = gap.side().sign() * gap.innerX(flank) - headUp;
        double outside = last ? Double.MAX_VALUE : gap.side().sign() * gap.outerX(flank) + headUp;
        double middle = gap.side().sign() * gap.middle(flank).x();
        if (last && u - middle > limits.gap().over()) {
            return new Ability.Outside(u - middle);
        }
        if (u < inside || u > outside) {
            return new Ability.AnotherGap(standsIn(feet));
        }
        return last && u > inside + 2 * headUp
                ? inTime(job, feet, new Point(gap.middle(flank).x(), feet.y()), gap, 0)
                : Ability.CAN;
    }

    /** The gap a man on the line stands in. */
    private Gap standsIn(Point feet) {
        Side side = feet.x() < lineup.features().shape().centre().x() ? Side.LEFT : Side.RIGHT;
        Flank flank = flank(side);
        var gap = new Gap(side, 0);
        while (!gap.last(flank) && side.sign() * feet.x() > side.sign() * gap.outerX(flank)) {
            gap = new Gap(side, gap.index() + 1);
        }
        return gap;
    }

    private Ability filled(Job job, Point feet, Gap gap) {
        var mouth = new Point(
                gap.middle(flank(gap.side())).x(),
                Math.min(feet.y(), limits.gap().mouth()));
        return inTime(job, feet, mouth, gap, speeds.readKey());
    }

    private Ability inTime(Job job, Point feet, Point to, Gap gap, double read) {
        double yards = feet.distance(to);
        double seconds = seconds(job, yards, read);
        double by = ballIn(gap) + limits.gap().grace();
        return seconds <= by ? Ability.CAN : new Ability.Late(yards, seconds, by);
    }

    /** The reading stands in place of the start that his gait has anyhow. */
    private double seconds(Job job, double yards, double read) {
        Gait gait = Builds.gait(job.role().body(), speeds);
        return yards <= 0 ? 0 : gait.time(yards) + Math.max(0, read - gait.delay());
    }

    private double ballIn(Gap gap) {
        return switch (gap.index()) {
            case 0, 1 -> limits.gap().insideBy();
            case 2 -> limits.gap().offTackleBy();
            default -> limits.gap().outsideBy();
        };
    }

    private Flank flank(Side side) {
        return lineup.features().shape().flank(side);
    }

    /**
     * Whether a man can turn the ball in on a side: he stands no farther inside than the end man, is told no gap
     * between blockers, and comes to two yards outside the end man, on the line, in time, unless he is wider already.
     */
    public Ability force(Job job, Side side) {
        Point feet = job.feet();
        if (feet == null || !(job.fit() instanceof Task.Fit fit)) {
            return Ability.CAN;
        }
        Flank flank = flank(side);
        Gap told = fit.gap() == null ? null : fit.gap().in(lineup.view(job)).orElse(null);
        if (told != null && told.index() < flank.surface().size()) {
            return new Ability.NotAnEdge(told);
        }
        double end = side.sign() * flank.endMan().x();
        double out = side.sign() * feet.x();
        boolean comes = comesOutside(job);
        if (out < end - limits.gap().headUp() && !comes) {
            return new Ability.InsideTheEdge(end - out);
        }
        double yards = toTheEdge(feet, side);
        double seconds = seconds(job, yards, onTheLine(job, feet) ? 0 : speeds.readKey());
        return seconds <= limits.force().by()
                ? Ability.CAN
                : new Ability.Late(yards, seconds, limits.force().by());
    }

    /** A man whose move takes him outside is force from where he comes out. */
    private static boolean comesOutside(Job job) {
        Move move = job.after().move().orNull();
        return move != null
                && (move.aim() != null || move.gap() != null && move.gap().kind() != GapWord.Kind.LETTER);
    }

    /** Who comes down from where and when he is there, as in "nickel from 5.8 yd in 1.5 s". */
    public String comesFrom(Job job, Side side) {
        Point feet = job.feet();
        if (feet == null) {
            return job.words();
        }
        double yards = toTheEdge(feet, side);
        double seconds = seconds(job, yards, onTheLine(job, feet) ? 0 : speeds.readKey());
        return job.words() + " from " + Numbers.tenth(yards) + " yd in " + Numbers.tenth(seconds) + " s";
    }

    private double toTheEdge(Point feet, Side side) {
        double end = side.sign() * flank(side).endMan().x();
        double x = Math.max(side.sign() * feet.x(), end + limits.force().outside());
        return feet.distance(new Point(side.sign() * x, 0));
    }
}
