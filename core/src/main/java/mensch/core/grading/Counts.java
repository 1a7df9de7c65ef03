package mensch.core.grading;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How each play counts for what was marked of it, the one place that says so. A man's play counts once, however many
 * coaches graded it: with their mark where they agree or have settled it, and as not agreed where they have not. What
 * nobody could see counts for nothing, and a fault of the call or of the teaching is none of the man's.
 */
public final class Counts {
    private Counts() {}

    /** A man's play, and how it counts for one topic. */
    public record Play(ManPlay of, Counted as) {}

    private static final class Said {
        private final Set<GradeMark> marks = EnumSet.noneOf(GradeMark.class);
        private boolean onTheCall;
    }

    /** By topic, plays in the order of the reps. */
    public static Map<Topic, List<Play>> of(List<Rep> reps, List<Settled> settled) {
        Map<Topic, Map<ManPlay, Said>> said = new LinkedHashMap<>();
        for (Rep rep : reps) {
            rep.given().forEach((topic, mark) -> {
                Said one = said.computeIfAbsent(topic, t -> new LinkedHashMap<>())
                        .computeIfAbsent(rep.of(), p -> new Said());
                one.marks.add(mark);
                one.onTheCall |= rep.target() != Target.MAN;
            });
        }
        // they may have come to one mark since, or to others
        for (Settled one : settled) {
            Map<ManPlay, Said> plays = said.getOrDefault(one.topic(), Map.of());
            Said of = plays.get(new ManPlay(one.play(), one.man()));
            if (of != null && of.marks.size() > 1 && of.marks.contains(one.mark())) {
                of.marks.clear();
                of.marks.add(one.mark());
            }
        }
        var counts = new LinkedHashMap<Topic, List<Play>>();
        said.forEach((topic, plays) -> {
            var counted = new ArrayList<Play>();
            plays.forEach((of, s) -> counted.add(new Play(
                    of,
                    s.marks.size() > 1
                            ? Counted.NOT_AGREED
                            : Counted.of(s.marks.iterator().next(), s.onTheCall))));
            counts.put(topic, counted);
        });
        return counts;
    }
}
