package mensch.core.report;

import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * What the eleven did as one: each count with its plays, of those of which somebody said it.
 *
 * @param checks what became of checks, of the plays on which one was due
 * @param strength how their strength was declared
 * @param notSet plays on which somebody was not set when the ball moved
 * @param setSaid plays of which it was said whether all were set
 * @param hats how many were at the ball at the end; null where nobody counted
 * @param atTheBall so near it, yards
 * @param pressure how soon their passer was pressured; null where nobody marked it
 */
public record Eleven(
        List<Deeds.Count<Together.Check>> checks,
        List<Deeds.Count<Together.Strength>> strength,
        List<OnPlay> notSet,
        List<OnPlay> setSaid,
        @Nullable Spread hats,
        double atTheBall,
        @Nullable Spread pressure) {

    /**
     * Numbers of several plays.
     *
     * @param middle the median, in the numbers' own unit
     * @param plays the one with the most first
     */
    public record Spread(double least, double middle, double most, List<OnPlay> plays) {
        static Optional<Spread> of(Collection<Occasion> plays, Function<Occasion, @Nullable Number> what) {
            List<Occasion> told = plays.stream()
                    .filter(p -> what.apply(p) != null)
                    .sorted(Comparator.comparingDouble((Occasion p) -> number(p, what))
                            .reversed())
                    .toList();
            if (told.isEmpty()) {
                return Optional.empty();
            }
            int last = told.size() - 1;
            double middle = (number(told.get(last / 2), what) + number(told.get((last + 1) / 2), what)) / 2;
            return Optional.of(new Spread(
                    number(told.get(last), what),
                    middle,
                    number(told.get(0), what),
                    told.stream().map(Occasion::at).toList()));
        }

        private static double number(Occasion play, Function<Occasion, @Nullable Number> what) {
            return Objects.requireNonNull(what.apply(play)).doubleValue();
        }
    }

    /** @param plays each once, the newest first */
    public static Eleven of(List<Occasion> plays) {
        return new Eleven(
                counts(Together.Check.values(), plays, t -> t.check() == Together.Check.NOT_DUE ? null : t.check()),
                counts(Together.Strength.values(), plays, Together::strength),
                where(plays, t -> Objects.equals(t.allSet(), false)),
                where(plays, t -> t.allSet() != null),
                Spread.of(plays, p -> p.together().hats()).orElse(null),
                Together.AT_THE_BALL,
                Spread.of(plays, Occasion::pressureAfter).orElse(null));
    }

    private static List<OnPlay> where(List<Occasion> plays, Predicate<Together> which) {
        return plays.stream()
                .filter(p -> which.test(p.together()))
                .map(Occasion::at)
                .toList();
    }

    private static <T> List<Deeds.Count<T>> counts(
            T[] kinds, List<Occasion> plays, Function<Together, @Nullable T> what) {
        return Arrays.stream(kinds)
                .map(k -> new Deeds.Count<>(k, where(plays, t -> k.equals(what.apply(t)))))
                .filter(c -> !c.plays().isEmpty())
                .toList();
    }
}
