package mensch.core.library;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import mensch.core.convention.Convention;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.RefusedException;
import mensch.core.document.Values;
import mensch.core.field.Code;
import mensch.core.formation.Features;
import mensch.core.formation.Formation;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import org.jspecify.annotations.Nullable;

/** A formation of the catalogue, drawn with its strong side to the right, and its motions. */
public record LibraryFormation(
        String id, String name, String family, Formation formation, List<LibraryMotion> motions) {

    /**
     * Men moved by each step, in the notation; {@code shift} when all are set again after it.
     *
     * @param speed yards a second, 0 as fast as the model has it
     */
    public record LibraryMotion(String id, String name, boolean shift, double speed, List<String> steps) {
        public LibraryMotion {
            steps = List.copyOf(steps);
        }
    }

    static LibraryFormation read(Document document) {
        try {
            Formation formation =
                    Notation.formation(document.name(), document.text("men").orElse(""));
            var motions = new ArrayList<LibraryMotion>();
            for (Values motion : document.values().parts("motions")) {
                String id = motion.text("id").orElseThrow(() -> new RefusedException("a motion has no id"));
                if (motion.list("steps").isEmpty()) {
                    throw new RefusedException("motion " + id + " has no steps");
                }
                motions.add(new LibraryMotion(
                        id,
                        motion.text("name").orElse(id),
                        motion.flag("shift"),
                        motion.number("speed").orElse(0.0),
                        motion.texts("steps")));
            }
            var read = new LibraryFormation(
                    document.id(),
                    document.name(),
                    document.text("family").orElse("own"),
                    formation,
                    List.copyOf(motions));
            motions.forEach(m -> read.phases(m.id()));
            return read;
        } catch (RefusedException e) {
            throw DocumentException.of(
                    document.id(),
                    "formation",
                    "needs men: \"…\" and motions as lists of id, name, steps: " + e.getMessage());
        }
    }

    /** Men of a side: 11, or 5 to 7 in flag. */
    public int players() {
        return formation.men().size();
    }

    /** What it shows as set, in the middle of the field it is played on. */
    public Features features(Convention convention) {
        String code = Arrays.stream(Code.values())
                .filter(c -> c.players() == players())
                .findFirst()
                .orElse(Code.HIGH_SCHOOL)
                .id();
        return Features.of(snap(null, false, code + " m 50 1&10"), convention);
    }

    /**
     * The snap on a spot, with the way of a motion when one is named; {@code mirrored} turns the men, not the field.
     */
    public Snap snap(@Nullable String motion, boolean mirrored, String spot) {
        Snap placed = Notation.place(formation, spot);
        List<Formation> wished =
                phases(motion).stream().map(f -> mirrored ? f.mirror() : f).toList();
        Snap snap = Snap.of(wished, placed.field(), placed.situation(), mirrored ? Side.LEFT : Side.RIGHT);
        return motion == null
                ? snap
                : (motion(motion).shift() ? snap.shifted() : snap)
                        .moving(motion(motion).speed());
    }

    /** The formation as set and after each step; only the set formation when {@code motion} is null. */
    public List<Formation> phases(@Nullable String motion) {
        var phases = new ArrayList<Formation>();
        phases.add(formation);
        if (motion != null) {
            for (String step : motion(motion).steps()) {
                phases.add(Notation.step(phases.get(phases.size() - 1), step));
            }
        }
        return phases;
    }

    public LibraryMotion motion(String wanted) {
        return motions.stream()
                .filter(m -> m.id().equals(wanted))
                .findFirst()
                .orElseThrow(() -> new RefusedException(name + " has no motion \"" + wanted + "\"; it has "
                        + String.join(
                                ", ", motions.stream().map(LibraryMotion::id).toList())));
    }
}
