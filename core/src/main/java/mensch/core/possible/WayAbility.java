package mensch.core.possible;

import java.util.List;
import java.util.Optional;
import mensch.core.convention.JobLimits;
import mensch.core.formation.Formation;
import mensch.core.formation.Man;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Place;
import org.jspecify.annotations.Nullable;

/**
 * Whether men can be where the answer to a motion puts them when it ends: their way at a pace that keeps the eyes on
 * the ball, against the way of the man in motion.
 */
public final class WayAbility {
    private final Lineup lineup;
    private final Lineup set;
    private final JobLimits limits;

    private WayAbility(Lineup lineup, Lineup set) {
        this.lineup = lineup;
        this.set = set;
        this.limits = lineup.convention().jobs();
    }

    /** None when nobody has moved, or the call was checked at the line. */
    public static Optional<WayAbility> of(Lineup lineup) {
        Lineup set = lineup;
        for (Optional<Lineup> before = set.before();
                before.isPresent();
                before = before.get().before()) {
            set = before.get();
        }
        return set == lineup ? Optional.empty() : Optional.of(new WayAbility(lineup, set));
    }

    /** How long the offence takes: the longest way of one man, and the second in which all are set after a shift. */
    public double seconds() {
        Snap snap = lineup.snap();
        List<Formation> phases = snap.phases();
        double longest = 0;
        for (Man man : snap.formation().men()) {
            double yards = 0;
            for (int i = 1; i < phases.size(); i++) {
                Man was = phases.get(i - 1).man(man.name());
                Man is = phases.get(i).man(man.name());
                yards += was == null || is == null ? 0 : was.feet().distance(is.feet());
            }
            longest = Math.max(longest, yards);
        }
        double pace = snap.pace() > 0 ? snap.pace() : limits.way().motion();
        return longest / pace + (snap.shift() ? limits.way().set() : 0);
    }

    /** Yards from where a man stood when the offence was set to where he is to stand now. */
    public double yards(Job job) {
        Job was = set.job(job.id());
        Point from = was == null ? null : stands(was);
        Point to = stands(job);
        return from == null || to == null ? 0 : from.distance(to);
    }

    /** Before the snap a man stands where he shows himself. */
    private static @Nullable Point stands(Job job) {
        Place show = job.before().show().orNull();
        return show == null ? job.feet() : show.feet();
    }

    /** Whether he is there when the motion ends. */
    public Ability of(Job job) {
        double yards = yards(job);
        double seconds = yards / limits.way().pace()
                + (yards > 0 ? lineup.convention().speeds().readKey() : 0);
        return seconds <= seconds() ? Ability.CAN : new Ability.Late(yards, seconds, seconds());
    }
}
