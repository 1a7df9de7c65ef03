package mensch.core.matchup;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.play.Protection;

/** The rush of one line-up against protections, each made once: many passes are thrown behind the same. */
public final class Pressures {
    private final Lineup lineup;
    private final Map<Protection, Map<Side, Optional<Pressure>>> made = new HashMap<>();

    public Pressures(Lineup lineup) {
        this.lineup = lineup;
    }

    Lineup lineup() {
        return lineup;
    }

    /** With the line going where it leaves the fewest free; none when the formation has not the men for it. */
    public Optional<Pressure> of(Protection protection) {
        Optional<Pressure> left = of(protection, Side.LEFT);
        Optional<Pressure> right = of(protection, Side.RIGHT);
        boolean leaves = left.isPresent()
                && right.isPresent()
                && left.get().free().size() < right.get().free().size();
        return leaves ? left : right;
    }

    /** With the line going to a side; a boot's line goes away from the passer, a sprint's with him. */
    public Optional<Pressure> of(Protection protection, Side slide) {
        return made.computeIfAbsent(protection, p -> new EnumMap<>(Side.class))
                .computeIfAbsent(slide, side -> Pressure.of(lineup, protection, side));
    }
}
