package mensch.core.possible;

import java.util.Optional;
import mensch.core.convention.Gait;
import mensch.core.convention.JobLimits;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Phrase;
import mensch.core.rung.Place;

/** Men and drops (handbook 3, a job must be possible). */
public final class PassAbility {
    private final Lineup lineup;
    private final JobLimits limits;

    public PassAbility(Lineup lineup) {
        this.lineup = lineup;
        this.limits = lineup.convention().jobs();
    }

    /** Whether a man can cover another man to man: how far he stands beside the leverage he is asked for. */
    public Ability man(Job job, Man his) {
        Point feet = job.feet();
        if (feet == null) {
            return Ability.CAN;
        }
        Shape shape = lineup.features().shape();
        if (shape.backs().contains(his)) {
            double beside = Math.abs(feet.x() - his.x());
            return beside <= limits.man().back() ? Ability.CAN : new Ability.Beside(beside, false);
        }
        if (job.role().lineman() && !attached(shape, his)) {
            return new Ability.Lineman();
        }
        double beside = Math.abs(feet.x() - his.x()) - leverage(job, his);
        return beside <= limits.man().covers()
                ? Ability.CAN
                : new Ability.Beside(beside, beside > limits.man().chases());
    }

    private static boolean attached(Shape shape, Man man) {
        return shape.flank(Side.LEFT).attached(man) || shape.flank(Side.RIGHT).attached(man);
    }

    /** Yards beside his man where his job puts him, when it puts him over that man; else a usual shade. */
    private double leverage(Job job, Man his) {
        Place place = job.before().align().orNull();
        if (place != null && place.phrase() instanceof Phrase.Over over) {
            Optional<Point> over1 = lineup.view(job).feet(over.ref());
            if (over1.filter(his.feet()::equals).isPresent()) {
                return Math.max(over.lateral(), limits.man().shade());
            }
        }
        return limits.man().shade();
    }

    /** Whether a dropper is near his landmark when a five-step throw leaves. */
    public Ability drop(AreaLedger.Row row) {
        return drop(row, row.travel());
    }

    /** Of a man who is late: whether he would not be, or by a little, with the ball in the middle of the field. */
    public boolean byTheField(AreaLedger.Row row) {
        Point feet = row.owner().feet();
        double lateral = lineup.snap().field().ball().lateralYards();
        if (feet == null || lateral == 0) {
            return false;
        }
        Point there = new Point(row.landmark().x() + lateral, row.landmark().y());
        return !(drop(row, feet.distance(there)) instanceof Ability.Late late && late.over() > limits.late());
    }

    private Ability drop(AreaLedger.Row row, double travel) {
        double yards = Math.max(0, travel - limits.drop().near());
        Gait gait = Builds.gait(row.owner().role().body(), lineup.convention().speeds());
        double seconds = gait.time(yards);
        return seconds <= limits.drop().by()
                ? Ability.CAN
                : new Ability.Late(travel, seconds, limits.drop().by());
    }
}
