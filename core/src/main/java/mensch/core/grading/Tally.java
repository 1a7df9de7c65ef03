package mensch.core.grading;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import mensch.core.rubric.Facet;

/**
 * What marks of one facet add up to. A man's play counts once, however many coaches graded it: with their mark where
 * they agree, and as not agreed where they do not. What nobody could see counts for nothing, and a fault of the call or
 * of the teaching is none of the man's.
 *
 * @param notSeen plays in which nobody could tell
 * @param notAgreed plays that two coaches marked differently
 * @param ofTheCall faults laid on the call or the teaching
 */
public record Tally(int above, int toStandard, int below, int notSeen, int notAgreed, int ofTheCall) {
    /** With fewer plays told no share is named. */
    public static final int LEAST_FOR_SHARE = 8;

    public static final Tally NONE = new Tally(0, 0, 0, 0, 0, 0);

    private record PlayOfMan(long play, String man, Object what) {}

    /** Every facet that was marked. */
    public static Map<Facet, Tally> of(List<Rep> reps) {
        var tallies = new EnumMap<Facet, Tally>(Facet.class);
        tallies.putAll(of(reps, rep -> {
            var marks = new LinkedHashMap<Facet, GradeMark>();
            rep.marks().forEach(m -> marks.put(m.facet(), m.mark()));
            return marks;
        }));
        return tallies;
    }

    /** One criterion of one rubric, whatever revision of it. */
    public record OfRubric(String rubric, String criterion) {}

    /** Every criterion that was marked. */
    public static Map<OfRubric, Tally> ofCriteria(List<Rep> reps) {
        return of(reps, rep -> {
            var marks = new LinkedHashMap<OfRubric, GradeMark>();
            rep.criteria().forEach(m -> marks.put(new OfRubric(m.rubric(), m.criterion()), m.mark()));
            return marks;
        });
    }

    private static <K> Map<K, Tally> of(List<Rep> reps, Function<Rep, Map<K, GradeMark>> marked) {
        var marks = new LinkedHashMap<PlayOfMan, Set<GradeMark>>();
        var onTheCall = new HashSet<PlayOfMan>();
        var kinds = new LinkedHashMap<Object, K>();
        for (Rep rep : reps) {
            marked.apply(rep).forEach((what, mark) -> {
                var key = new PlayOfMan(rep.play(), rep.man(), what);
                kinds.put(what, what);
                marks.computeIfAbsent(key, k -> new HashSet<>()).add(mark);
                if (rep.target() != Target.MAN) {
                    onTheCall.add(key);
                }
            });
        }
        var tallies = new LinkedHashMap<K, Tally>();
        marks.forEach(
                (key, given) -> tallies.merge(kinds.get(key.what()), one(given, onTheCall.contains(key)), Tally::plus));
        return tallies;
    }

    private static Tally one(Set<GradeMark> given, boolean onTheCall) {
        if (given.size() > 1) {
            return new Tally(0, 0, 0, 0, 1, 0);
        }
        return switch (given.iterator().next()) {
            case ABOVE -> new Tally(1, 0, 0, 0, 0, 0);
            case TO_STANDARD -> new Tally(0, 1, 0, 0, 0, 0);
            case BELOW -> onTheCall ? new Tally(0, 0, 0, 0, 0, 1) : new Tally(0, 0, 1, 0, 0, 0);
            case NOT_TOLD -> new Tally(0, 0, 0, 1, 0, 0);
        };
    }

    public Tally plus(Tally other) {
        return new Tally(
                above + other.above,
                toStandard + other.toStandard,
                below + other.below,
                notSeen + other.notSeen,
                notAgreed + other.notAgreed,
                ofTheCall + other.ofTheCall);
    }

    /** Plays to standard or above. */
    public int done() {
        return above + toStandard;
    }

    /** Plays that were told and are the man's own. */
    public int told() {
        return done() + below;
    }
}
