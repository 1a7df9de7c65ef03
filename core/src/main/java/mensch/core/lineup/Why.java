package mensch.core.lineup;

import java.util.List;
import mensch.core.call.Layer;
import mensch.core.geometry.Side;
import mensch.core.rung.FeatureFact;
import mensch.core.rung.RungId;

/** The rung that gave a part, its layer, and the facts its condition used with the answers they had. */
public record Why(RungId rung, Layer.Kind layer, List<FeatureFact> facts) {
    public Why {
        facts = List.copyOf(facts);
    }

    Why mirror() {
        return new Why(rung, layer, facts.stream().map(Why::mirror).toList());
    }

    private static FeatureFact mirror(FeatureFact fact) {
        Side side = fact.side();
        return side == null ? fact : new FeatureFact(fact.feature(), side.opposite(), fact.answer());
    }
}
