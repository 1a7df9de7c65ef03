package mensch.core.rung;

import java.util.List;
import java.util.Optional;
import mensch.core.convention.Labels;
import mensch.core.convention.Labels.Label;

/**
 * What a width tells of the technique of a man of the line, in steps: on which side of his man he is, so which gap is
 * his, then which label it is.
 *
 * @param side whether he is on the side of his man that was asked; {@link GapSide#NONE} of a man asked head-up
 * @param may labels it may be, from the ball outward
 */
public record Shading(String asked, GapSide side, List<String> may) {

    /** On which side of his man he stands. */
    public enum GapSide {
        RIGHT,
        WRONG,
        NOT_TOLD,
        NONE
    }

    public Shading {
        may = List.copyOf(may);
    }

    /**
     * Empty when he was asked no technique.
     *
     * @param view of the man
     * @param x where he stands, play frame yards
     * @param doubt of how far he is from his man, yards, 95 %
     */
    public static Optional<Shading> of(View view, Phrase phrase, double x, double doubt) {
        if (!(phrase instanceof Phrase.Technique technique)) {
            return Optional.empty();
        }
        var geometry = new TechniqueGeometry(view, view.my());
        double outward = view.my().sign() * x;
        Label asked = Labels.standard().find(technique.label()).orElseThrow();
        return Optional.of(new Shading(
                technique.label(),
                side(asked, (outward - geometry.lineman(asked)) * asked.shade(), doubt),
                geometry.between(outward - doubt, outward + doubt)));
    }

    private static GapSide side(Label asked, double onHisSide, double doubt) {
        if (asked.shade() == 0) {
            return GapSide.NONE;
        }
        return Math.abs(onHisSide) <= doubt ? GapSide.NOT_TOLD : onHisSide > 0 ? GapSide.RIGHT : GapSide.WRONG;
    }

    /** "reads as 5, asked 7", "right gap side; 5 or 7 not told". */
    public String words() {
        String label = may.size() == 1
                ? "reads as " + may.get(0) + (may.get(0).equals(asked) ? "" : ", asked " + asked)
                : String.join(" or ", may) + " not told";
        return switch (side) {
            case RIGHT -> "right gap side; " + label;
            case WRONG -> "wrong gap side; " + label;
            case NOT_TOLD -> "gap side not told";
            case NONE -> label;
        };
    }
}
