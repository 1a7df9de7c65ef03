package mensch.core.film;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import mensch.core.event.Observed;

/**
 * When things happened on a play, put together from all sides. A frame tells a moment to half its length, and so it
 * tells the snap: every time is unsure by one frame. Two that are no farther apart than that are not different.
 */
public final class Times {
    private final Map<Key, Time> times = new LinkedHashMap<>();
    private final Map<Key, Double> apart = new LinkedHashMap<>();

    private record Key(Observed what, String who) {}

    /**
     * What was marked on one side.
     *
     * @param who a defender by job; empty for what is the play's
     * @param seconds after the ball moved on that side
     * @param frame how long a frame lasts there, seconds
     */
    public record Marked(Observed what, String who, double seconds, double frame) {}

    /** Seconds after the ball moved, and how far off that may be. */
    public record Time(double seconds, double doubt) {

        /** Whether it was surely before another. */
        public boolean before(Time other) {
            return other.seconds - seconds > Math.max(doubt, other.doubt) + FINE;
        }

        public boolean after(Time other) {
            return other.before(this);
        }
    }

    /** Presentation times are rounded. */
    private static final double FINE = 1e-3;

    private Times() {}

    public static Times of(List<Marked> marks) {
        var all = new Times();
        for (Marked mark : marks) {
            var key = new Key(mark.what(), mark.who());
            var time = new Time(mark.seconds(), mark.frame());
            Time before = all.times.get(key);
            if (before == null) {
                all.times.put(key, time);
            } else if (Math.abs(before.seconds() - time.seconds()) > before.doubt() + time.doubt() + FINE) {
                all.apart.merge(key, Math.abs(before.seconds() - time.seconds()), Math::max);
            } else {
                all.times.put(
                        key, new Time((before.seconds() + time.seconds()) / 2, Math.min(before.doubt(), time.doubt())));
            }
        }
        all.apart.keySet().forEach(all.times::remove);
        return all;
    }

    /** When it happened; none where nobody marked it or the sides say different moments. */
    public Optional<Time> of(Observed what, String who) {
        return Optional.ofNullable(times.get(new Key(what, what.ofAMan() ? who : "")));
    }

    /** Of the play. */
    public Optional<Time> of(Observed what) {
        return of(what, "");
    }

    /** What the sides put at different moments, in words. */
    public List<String> apart() {
        return apart.entrySet().stream()
                .map(a -> a.getKey().what().words()
                        + (a.getKey().who().isEmpty() ? "" : " of " + a.getKey().who())
                        + String.format(Locale.ROOT, ", %.2f s", a.getValue()))
                .toList();
    }
}
