package mensch.core.report;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import mensch.core.grading.Counts;
import mensch.core.grading.ManPlay;
import mensch.core.grading.Rep;
import mensch.core.grading.Settled;
import mensch.core.grading.Topic;

/**
 * What was graded, as every report reads it.
 *
 * @param reps the newest game first, its last play first
 * @param plays every play of them, by id
 * @param settled marks that stand where two coaches differed
 * @param field who was on the field, of every play of which it is known, graded or not; the newest game first
 * @param ran how fast men were who were followed on film, graded or not; the newest game first
 */
public record Graded(
        List<Rep> reps,
        Map<Long, Occasion> plays,
        List<Settled> settled,
        List<Snaps.OnField> field,
        List<Effort.Ran> ran) {
    public Graded {
        reps = List.copyOf(reps);
        plays = Map.copyOf(plays);
        settled = List.copyOf(settled);
        field = List.copyOf(field);
        ran = List.copyOf(ran);
    }

    /** Of these reps only. */
    public Graded where(Predicate<Rep> which) {
        return new Graded(reps.stream().filter(which).toList(), plays, settled, field, ran);
    }

    public Graded of(Collection<String> men) {
        return where(r -> men.contains(r.man()));
    }

    /** Against one of their units; empty is where the log does not say. */
    public Graded against(Optional<TheirUnit> unit) {
        return where(r -> Optional.ofNullable(on(r.play()).unit()).equals(unit));
    }

    public Graded inGame(long game) {
        return where(r -> on(r.play()).at().game() == game);
    }

    /** How each play counts, by topic, the newest first. */
    public Map<Topic, List<Counts.Play>> counts() {
        return Counts.of(reps, settled);
    }

    /** How many plays, each once. */
    public int size() {
        return (int) reps.stream().map(Rep::play).distinct().count();
    }

    public Occasion on(long play) {
        Occasion on = plays.get(play);
        if (on == null) {
            throw new IllegalArgumentException("play " + play + " was graded and is not known");
        }
        return on;
    }

    /** Plays that were graded or of which it is known who was on the field, each once. */
    public List<Occasion> occasions() {
        var seen = new LinkedHashMap<OnPlay, Occasion>();
        field.forEach(f -> seen.putIfAbsent(f.on().at(), f.on()));
        reps.forEach(r -> seen.putIfAbsent(on(r.play()).at(), on(r.play())));
        return List.copyOf(seen.values());
    }

    /** Where to look at plays, each once, in this order. */
    List<OnPlay> at(Stream<ManPlay> of) {
        return of.map(ManPlay::play).distinct().map(p -> on(p).at()).toList();
    }

    /** Plays of reps that somebody said this of, each once. */
    List<OnPlay> at(Predicate<Rep> which) {
        return at(reps.stream().filter(which).map(Rep::of));
    }
}
