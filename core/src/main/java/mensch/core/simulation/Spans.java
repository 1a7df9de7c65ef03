package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;

/** From when to when something is true of each of some men. */
final class Spans {
    private static final int NOT = -1;
    private final Cast cast;
    private final int first;
    private final int[] since;
    private final List<Unfolding.Span> found = new ArrayList<>();

    /**
     * @param first of them, by his place in the cast
     * @param beyond the first who is none of them
     */
    Spans(Cast cast, int first, int beyond) {
        this.cast = cast;
        this.first = first;
        this.since = new int[beyond - first];
        Arrays.fill(since, NOT);
    }

    /** Of whom it is true at this tick. */
    void look(int tick, IntPredicate such) {
        for (int i = 0; i < since.length; i++) {
            boolean is = such.test(first + i);
            if (is && since[i] == NOT) {
                since[i] = tick;
            } else if (!is && since[i] != NOT) {
                ends(i, tick - 1);
            }
        }
    }

    /** All of them, those that last still until this tick. */
    List<Unfolding.Span> until(int tick) {
        for (int i = 0; i < since.length; i++) {
            if (since[i] != NOT) {
                ends(i, tick);
            }
        }
        return List.copyOf(found);
    }

    private void ends(int i, int tick) {
        found.add(new Unfolding.Span(cast.actors.get(first + i).id(), since[i], tick));
        since[i] = NOT;
    }
}
