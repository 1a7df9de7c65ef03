package mensch.core.rung;

import java.util.ArrayList;
import java.util.List;

/** Rungs in order; for each part the first that holds and names it gives it. */
public record Ladder(List<Rung> rungs) {
    public static final Ladder EMPTY = new Ladder(List.of());

    /** This ladder with another under it. */
    public Ladder above(Ladder under) {
        var all = new ArrayList<>(rungs);
        all.addAll(under.rungs);
        return new Ladder(all);
    }

    public Ladder {
        rungs = List.copyOf(rungs);
    }
}
