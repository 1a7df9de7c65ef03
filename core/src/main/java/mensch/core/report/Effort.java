package mensch.core.report;

import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import mensch.core.film.FilmedPath;
import org.hipparchus.stat.descriptive.rank.Median;
import org.jspecify.annotations.Nullable;

/**
 * How fast a man ran on film, play by play, against his own speed. One fast play is no speed of his own yet, so shares
 * are named from as many plays on as any share is.
 *
 * @param own so fast he surely was once, yards a second; null with fewer plays than a share may be named of
 * @param medianPercent of his own, over plays; null where that is not known
 * @param plays on which he was followed for long enough, the newest first
 */
public record Effort(@Nullable Double own, @Nullable Integer medianPercent, List<OnOnePlay> plays) {
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
        OptionalDouble surely = his.stream()
                .mapToDouble(r -> r.pace().atLeast())
                .filter(v -> v > 0)
                .max();
        @Nullable Double own = his.size() < leastForShare || surely.isEmpty() ? null : (Double) surely.getAsDouble();
        List<OnOnePlay> plays = his.stream().map(r -> play(r, own)).toList();
        double[] percents = plays.stream()
                .map(OnOnePlay::percent)
                .filter(Objects::nonNull)
                .mapToDouble(Integer::doubleValue)
                .toArray();
        return new Effort(
                own, percents.length == 0 ? null : (Integer) (int) Math.round(new Median().evaluate(percents)), plays);
    }

    private static OnOnePlay play(Ran ran, @Nullable Double own) {
        FilmedPath.Pace pace = ran.pace();
        return new OnOnePlay(
                ran.at(),
                pace.yardsASecond(),
                pace.atMost() - pace.yardsASecond(),
                own == null ? null : (Integer) (int) Math.round(100 * pace.yardsASecond() / own));
    }
}
