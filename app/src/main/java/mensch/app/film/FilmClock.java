package mensch.app.film;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mensch.core.event.Observed;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When something was on a play, seconds since the ball moved, by the frames of the reel it was seen on. */
@Service
@Transactional(readOnly = true)
public class FilmClock {
    private final Angles angles;
    private final Reels reels;

    FilmClock(Angles angles, Reels reels) {
        this.angles = angles;
        this.reels = reels;
    }

    /** When a frame was; none when the play is not on that reel any more. */
    public Optional<Double> sinceBall(Long play, Long reel, int frame) {
        return angles.findByPlayIdOrderByReelId(play).stream()
                .filter(a -> a.reelId().equals(reel))
                .findFirst()
                .flatMap(a -> reels.findById(reel).flatMap(r -> sinceBall(a, r.frameTimes(), frame)));
    }

    /** When a moment was first marked on each play on which it was marked; by play. */
    public Map<Long, Double> first(Observed what) {
        List<Angle> marked = angles.marked("[{\"what\": \"" + what.name() + "\"}]");
        Map<Long, List<Double>> times =
                reels.findAllById(marked.stream().map(Angle::reelId).distinct().toList()).stream()
                        .collect(Collectors.toMap(Reel::id, Reel::frameTimes));
        var first = new HashMap<Long, Double>();
        for (Angle angle : marked) {
            angle.seen().stream()
                    .filter(s -> s.what() == what)
                    .flatMap(s -> sinceBall(angle, times.getOrDefault(angle.reelId(), List.of()), s.frame()).stream())
                    .forEach(t -> first.merge(angle.playId(), t, Math::min));
        }
        return Map.copyOf(first);
    }

    private static Optional<Double> sinceBall(Angle angle, List<Double> times, int frame) {
        return frame < times.size() && angle.snapFrame() < times.size()
                ? Optional.of(times.get(frame) - times.get(angle.snapFrame()))
                : Optional.empty();
    }
}
