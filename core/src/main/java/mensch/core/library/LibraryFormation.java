package mensch.core.library;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.formation.Formation;
import mensch.core.formation.Notation;

/** A formation of the catalogue, drawn with its strong side to the right, and its motions. */
public record LibraryFormation(String id, String name, Formation formation, List<LibraryMotion> motions) {

    /** Men moved by each step, in the notation. */
    public record LibraryMotion(String id, String name, List<String> steps) {
        public LibraryMotion {
            steps = List.copyOf(steps);
        }
    }

    static LibraryFormation read(Document document) {
        try {
            Formation formation = Notation.formation(document.name(), document.text("men"));
            var motions = new ArrayList<LibraryMotion>();
            for (Object item : document.body().get("motions") instanceof List<?> list ? list : List.of()) {
                Map<?, ?> map = (Map<?, ?>) item;
                var steps = ((List<?>) map.get("steps")).stream().map(String::valueOf).toList();
                motions.add(new LibraryMotion(String.valueOf(map.get("id")), String.valueOf(map.get("name")), steps));
            }
            var read = new LibraryFormation(document.id(), document.name(), formation, List.copyOf(motions));
            motions.forEach(m -> read.phases(m.id()));
            return read;
        } catch (ClassCastException | NullPointerException | IllegalArgumentException e) {
            throw DocumentException.of(document.id(), "formation", "needs men: \"…\" and motions as lists of id, name, steps: " + e.getMessage());
        }
    }

    /** The formation as set and after each step; only the set formation when {@code motion} is null. */
    public List<Formation> phases(String motion) {
        var phases = new ArrayList<Formation>();
        phases.add(formation);
        if (motion != null) {
            for (String step : motion(motion).steps()) {
                phases.add(Notation.step(phases.get(phases.size() - 1), step));
            }
        }
        return phases;
    }

    private LibraryMotion motion(String wanted) {
        return motions.stream().filter(m -> m.id().equals(wanted)).findFirst().orElseThrow(() -> new IllegalArgumentException(
            name + " has no motion \"" + wanted + "\"; it has " + String.join(", ", motions.stream().map(LibraryMotion::id).toList())));
    }
}
