package mensch.core.rung;

import java.util.List;
import java.util.Optional;
import mensch.core.geometry.Point;
import mensch.core.geometry.Region;
import org.jspecify.annotations.Nullable;

/**
 * A phrase put on the ground.
 *
 * @param feet the asked point, play frame yards
 * @param region where he may stand and be right; contains {@code feet}
 * @param from the men the phrase leans on
 * @param squeezed set when the goal line took depth away, else null
 */
public record Place(
        Phrase phrase,
        Point feet,
        Region region,
        List<Ref> from,
        @Nullable Squeeze squeezed) {

    /** Wanted and given depth, yards. */
    public record Squeeze(double wantedDepth, double givenDepth) {}

    /** On which half of his man he stands; none when he lines up on nobody. */
    public Optional<Leverage> leverage() {
        return phrase instanceof Phrase.Over over ? Optional.of(over.leverage()) : Optional.empty();
    }

    /** The same phrase with his feet elsewhere; where he may stand moves with him. */
    public Place moved(double right, double deep) {
        return new Place(
                phrase, new Point(feet.x() + right, feet.y() + deep), region.moved(right, deep), from, squeezed);
    }

    public Place mirror() {
        return new Place(phrase, feet.mirror(), region.mirror(), from, squeezed);
    }
}
