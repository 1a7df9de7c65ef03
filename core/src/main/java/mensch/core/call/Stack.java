package mensch.core.call;

import java.util.List;
import java.util.stream.IntStream;
import mensch.core.rung.Gives;
import mensch.core.rung.Part;

/** All layers' rungs of one seat as one ladder, top first, with an index from each part to the rungs that name it. */
public final class Stack {
    private static final Part[] PARTS = Part.values();
    private final List<LayeredRung> rungs;
    private final int[][] naming;
    private final Gives[][] gives;

    Stack(List<LayeredRung> rungs) {
        this.rungs = List.copyOf(rungs);
        this.naming = new int[PARTS.length][];
        this.gives = new Gives[PARTS.length][];
        for (Part part : PARTS) {
            naming[part.ordinal()] = IntStream.range(0, rungs.size())
                    .filter(i -> rungs.get(i).rung().give(part).isPresent())
                    .toArray();
            gives[part.ordinal()] =
                    rungs.stream().flatMap(r -> r.rung().give(part).stream()).toArray(Gives[]::new);
        }
    }

    public List<LayeredRung> rungs() {
        return rungs;
    }

    public LayeredRung get(int position) {
        return rungs.get(position);
    }

    public int size() {
        return rungs.size();
    }

    /** How many rungs name a part. */
    public int naming(Part part) {
        return naming[part.ordinal()].length;
    }

    /** Position in the ladder of the n-th rung that names a part. */
    public int naming(Part part, int n) {
        return naming[part.ordinal()][n];
    }

    /** What the n-th rung that names a part gives for it. */
    public Gives give(Part part, int n) {
        return gives[part.ordinal()][n];
    }
}
