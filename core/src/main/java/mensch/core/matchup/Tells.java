package mensch.core.matchup;

import java.util.ArrayList;
import java.util.List;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Place;

/**
 * What an offence sees before the snap: this line-up against others of the plan on the same snap.
 *
 * @param travels how far each man is from where he shows to where he plays, and what that costs him after the snap;
 *     only who moves
 * @param pairs calls that can be told from this one, the plainest first
 */
public record Tells(List<Travel> travels, List<Pair> pairs) {

    /** A man who shows one place and plays another. */
    public record Travel(Job job, double yards, double seconds) {}

    /**
     * A call that looks different.
     *
     * @param call its name
     * @param by the man who gives it away most
     * @param yards how far his two places are apart before the snap
     * @param men how many men are told apart
     * @param stance a man whose stance differs, or null
     */
    public record Pair(String call, Job by, double yards, int men, Job stance) {}

    public Tells {
        travels = List.copyOf(travels);
        pairs = List.copyOf(pairs);
    }

    /** @param others other calls of the plan on the same snap */
    public static Tells of(Lineup lineup, List<Lineup> others) {
        var travels = new ArrayList<Travel>();
        for (Job job : lineup.jobs()) {
            Point shown = shown(job);
            if (shown != null && job.feet() != null && shown.distance(job.feet()) > 0) {
                double yards = shown.distance(job.feet());
                travels.add(new Travel(
                        job,
                        yards,
                        Builds.gait(job.role().body(), lineup.convention().speeds())
                                .time(yards)));
            }
        }
        var pairs = new ArrayList<Pair>();
        for (Lineup other : others) {
            Pair pair = pair(lineup, other);
            if (pair != null) {
                pairs.add(pair);
            }
        }
        pairs.sort((a, b) -> Double.compare(b.yards(), a.yards()));
        return new Tells(travels, pairs);
    }

    /** Where he stands before the ball is snapped: his disguise, or his place. */
    private static Point shown(Job job) {
        Place show = job.before().show().orNull();
        return show == null ? job.feet() : show.feet();
    }

    /** Null when no man is told apart and no stance differs. */
    private static Pair pair(Lineup lineup, Lineup other) {
        Job most = null;
        double yards = 0;
        int men = 0;
        Job stance = null;
        for (Job job : lineup.jobs()) {
            double apart = apart(job, other);
            men += apart >= lineup.convention().sights().toldApart() ? 1 : 0;
            if (apart > yards) {
                yards = apart;
                most = job;
            }
            Job his = other.job(job.id());
            boolean differs = his != null
                    && job.before().stance().orNull() != null
                    && !job.before()
                            .stance()
                            .orNull()
                            .equals(his.before().stance().orNull());
            stance = stance == null && differs ? job : stance;
        }
        return men == 0 && stance == null ? null : new Pair(other.inForce().name(), most, yards, men, stance);
    }

    /** How far his place is from the nearest man of the other picture: an offence sees bodies, not roles. */
    private static double apart(Job job, Lineup other) {
        Point here = shown(job);
        double nearest = Double.POSITIVE_INFINITY;
        for (Job there : other.jobs()) {
            Point at = shown(there);
            nearest = here == null || at == null ? nearest : Math.min(nearest, here.distance(at));
        }
        return nearest == Double.POSITIVE_INFINITY ? 0 : nearest;
    }
}
