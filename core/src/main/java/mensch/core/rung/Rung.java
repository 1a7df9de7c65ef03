package mensch.core.rung;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** One sentence: when its condition holds, it gives the parts it names and says nothing of the others. */
public record Rung(RungId id, Condition when, List<Gives> gives) {
    public Rung {
        gives = List.copyOf(gives);
    }

    /** What this rung gives for a part, if it names it. */
    public Optional<Gives> give(Part part) {
        for (int i = 0; i < gives.size(); i++) {
            if (gives.get(i).part() == part) {
                return Optional.of(gives.get(i));
            }
        }
        return Optional.empty();
    }

    /** Normal form; reads back to an equal rung. */
    public String words() {
        String parts = gives.stream().map(Gives::words).collect(Collectors.joining("; "));
        return when instanceof Condition.Always ? parts : "when " + when.words() + ": " + parts;
    }
}
