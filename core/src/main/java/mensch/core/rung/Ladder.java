package mensch.core.rung;

import java.util.List;

/** Rungs in order; for each part the first that holds and names it gives it. */
public record Ladder(List<Rung> rungs) {
    public static final Ladder EMPTY = new Ladder(List.of());

    public Ladder {
        rungs = List.copyOf(rungs);
    }
}
