package mensch.core.matchup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.geometry.Point;
import mensch.core.lineup.Given;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.possible.Builds;
import mensch.core.rung.Place;
import org.jspecify.annotations.Nullable;

/**
 * What an offence sees before the snap: this line-up against others of the plan on the same snap.
 *
 * @param travels how far each man is from where he shows to where he plays, and what that costs him after the snap;
 *     only who moves
 * @param pairs calls that can be told from this one, the plainest first
 */
public record Tells(List<Travel> travels, List<Pair> pairs) {

    /** A man who shows one place and plays another. */
    public record Travel(Job job, Point feet, double yards, double seconds) {}

    /**
     * A call that looks different.
     *
     * @param call its name
     * @param by the man who gives it away most, or null when only a stance does
     * @param yards how far his two places are apart before the snap
     * @param men how many men are told apart
     * @param stance a man whose stance differs, or null
     */
    public record Pair(
            String call,
            @Nullable Job by,
            double yards,
            int men,
            @Nullable Job stance) {}

    public Tells {
        travels = List.copyOf(travels);
        pairs = List.copyOf(pairs);
    }

    /** @param others other calls of the plan on the same snap */
    public static Tells of(Lineup lineup, List<Lineup> others) {
        var travels = new ArrayList<Travel>();
        for (Lineup.Placed placed : lineup.placed()) {
            Job job = placed.job();
            double yards = shown(job).orElse(placed.feet()).distance(placed.feet());
            if (yards > 0) {
                travels.add(new Travel(
                        job,
                        placed.feet(),
                        yards,
                        Builds.gait(job.role().body(), lineup.convention().speeds())
                                .time(yards)));
            }
        }
        var pairs = new ArrayList<Pair>();
        for (Lineup other : others) {
            pair(lineup, other).ifPresent(pairs::add);
        }
        pairs.sort((a, b) -> Double.compare(b.yards(), a.yards()));
        return new Tells(travels, pairs);
    }

    /** Where he stands before the ball is snapped: his disguise, or his place. */
    private static Optional<Point> shown(Job job) {
        return Optional.ofNullable(job.before().show().orNull())
                .map(Place::feet)
                .or(() -> Optional.ofNullable(job.feet()));
    }

    /** None when no man is told apart and no stance differs. */
    private static Optional<Pair> pair(Lineup lineup, Lineup other) {
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
                    && job.before().stance() instanceof Given.By<String> by
                    && !by.value().equals(his.before().stance().orNull());
            stance = stance == null && differs ? job : stance;
        }
        return men == 0 && stance == null
                ? Optional.empty()
                : Optional.of(new Pair(other.inForce().name(), most, yards, men, stance));
    }

    /** How far his place is from the nearest man of the other picture: an offence sees bodies, not roles. */
    private static double apart(Job job, Lineup other) {
        return shown(job).stream()
                .flatMapToDouble(here -> other.jobs().stream()
                        .flatMap(there -> shown(there).stream())
                        .mapToDouble(here::distance))
                .min()
                .orElse(0);
    }
}
