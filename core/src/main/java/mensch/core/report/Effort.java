package mensch.core.report;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mensch.core.film.FilmedPath;
import org.hipparchus.stat.descriptive.rank.Median;
import org.jspecify.annotations.Nullable;

/**
 * How fast a man ran on film, play by play, against his own speed: what he reached twice, on plays that tell it well
 * enough. One fast play may be a mistake of the measure, so shares are named from as many plays on as any share is.
 *
 * @param own so fast he was on two plays, yards a second; null with fewer plays than a share may be named of
 * @param medianPercent of his own, over plays; null where that is not known
 * @param plays on which he was followed for long enough, the newest first
 */
public record Effort(@Nullable Double own, @Nullable Integer medianPercent, List<OnOnePlay> plays) {
    /** A play tells a speed that it knows to such a share, 95 %. <em>Model.</em> */
    private static final double TELLS = 0.4;

    public Effort {
        plays = List.copyOf(plays);
    }

    /**
     * A man who was followed on a play.
     *
     * @param man by key
     */
    public record Ran(String man, OnPlay at, FilmedPath.Pace pace) {}

    /**
     * The fastest that he was on a play.
     *
     * @param doubt yards a second, 95 %
     * @param percent of his own; null where that is not known
     */
    public record OnOnePlay(
            OnPlay at,
            double yardsASecond,
            double doubt,
            @Nullable Integer percent) {}

    public static Effort of(String man, List<Ran> all, int leastForShare) {
        List<Ran> his = all.stream().filter(r -> r.man().equals(man)).toList();
        @Nullable Double own = his.size() < leastForShare ? null : twice(his).orElse(null);
        List<OnOnePlay> plays = his.stream().map(r -> play(r, own)).toList();
        double[] percents = plays.stream()
                .map(OnOnePlay::percent)
                .filter(Objects::nonNull)
                .mapToDouble(Integer::doubleValue)
                .toArray();
        return new Effort(
                own, percents.length == 0 ? null : (Integer) (int) Math.round(new Median().evaluate(percents)), plays);
    }

    private static Optional<Double> twice(List<Ran> his) {
        return his.stream()
                .map(Ran::pace)
                .filter(p -> p.doubt() < TELLS * p.yardsASecond())
                .map(FilmedPath.Pace::yardsASecond)
                .sorted(Comparator.reverseOrder())
                .skip(1)
                .findFirst();
    }

    private static OnOnePlay play(Ran ran, @Nullable Double own) {
        FilmedPath.Pace pace = ran.pace();
        return new OnOnePlay(
                ran.at(),
                pace.yardsASecond(),
                pace.doubt(),
                own == null ? null : (Integer) (int) Math.round(100 * pace.yardsASecond() / own));
    }
}
