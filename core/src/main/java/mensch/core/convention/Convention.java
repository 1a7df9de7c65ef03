package mensch.core.convention;

import java.util.List;

/**
 * Every setting that the engine reads. {@link #standard()} is the default of each.
 *
 * @param labels technique words as this programme says them; geometry is kept in {@link Labels#standard()} words
 * @param house what the programme chose, for rungs that ask
 */
public record Convention(
        Thresholds thresholds,
        Tolerances tolerances,
        Bodies bodies,
        Speeds speeds,
        Drops drops,
        Limits limits,
        BlockLimits blocks,
        RouteLimits routes,
        SightLimits sights,
        Labels labels,
        LandmarkSet landmarks,
        House house) {
    private static final Convention STANDARD = of(House.NONE, List.of());

    public static Convention standard() {
        return STANDARD;
    }

    /**
     * The standard figures with what a programme chose.
     *
     * @param dictionaries technique dictionaries that the setting {@code technique-words} may name besides the standard
     *     one
     */
    public static Convention of(House house, List<Labels> dictionaries) {
        String words = house.choice("technique-words", Labels.standard().name());
        Labels labels = dictionaries.stream()
                .filter(d -> d.name().equals(words))
                .findFirst()
                .orElse(Labels.standard());
        return new Convention(
                thresholds(house),
                Tolerances.standard(),
                Bodies.standard(),
                Speeds.standard(),
                Drops.standard(),
                Limits.standard(),
                BlockLimits.standard(),
                RouteLimits.standard(),
                SightLimits.standard(),
                labels,
                LandmarkSet.of(house),
                house);
    }

    /** A league draws the rush line where it likes. */
    private static Thresholds thresholds(House house) {
        return house.teaches(School.FLAG_RUSH_LINE_AT_FIVE)
                ? Thresholds.standard().withRushLine(5)
                : Thresholds.standard();
    }
}
