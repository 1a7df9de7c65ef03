package mensch.core.rung;

import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.geometry.Side;
import org.jspecify.annotations.Nullable;

/** One fact a condition asked for, with the answer it got; {@code side} is null for a fact of the whole formation. */
public record FeatureFact(Feature feature, @Nullable Side side, Answer answer) {
    /** What was asked, with its side. */
    public String asked() {
        return feature.words() + (side == null ? "" : " " + side.words());
    }

    public String words() {
        return asked() + ": " + answer.words();
    }

    FeatureFact mirror() {
        return side == null ? this : new FeatureFact(feature, side.opposite(), answer);
    }
}
