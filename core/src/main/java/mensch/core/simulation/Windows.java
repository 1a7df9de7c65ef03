package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;

/** When which receiver is open while the passer has the ball. */
final class Windows {
    private static final int SHUT = -1;
    private final Cast cast;
    private final int[] since;
    private final List<Unfolding.Window> found = new ArrayList<>();

    Windows(Cast cast) {
        this.cast = cast;
        this.since = new int[cast.defence];
        Arrays.fill(since, SHUT);
    }

    /** Who is open at this tick. */
    void look(int tick, IntPredicate open) {
        for (int man = 0; man < cast.defence; man++) {
            boolean is = open.test(man);
            if (is && since[man] == SHUT) {
                since[man] = tick;
            } else if (!is && since[man] != SHUT) {
                shuts(man, tick - 1);
            }
        }
    }

    /** All of them, those that are open still until this tick. */
    List<Unfolding.Window> until(int tick) {
        for (int man = 0; man < cast.defence; man++) {
            if (since[man] != SHUT) {
                shuts(man, tick);
            }
        }
        return List.copyOf(found);
    }

    private void shuts(int man, int tick) {
        found.add(new Unfolding.Window(cast.actors.get(man).id(), since[man], tick));
        since[man] = SHUT;
    }
}
