package mensch.core.convention;

import java.util.List;

/**
 * Every setting that the engine reads. {@link #standard()} is the default of each.
 *
 * @param labels technique words as this programme says them; geometry is kept in {@link Labels#standard()} words
 * @param house what the programme chose, for rungs that ask
 * @param figures all that the groups above were read from
 */
public record Convention(
        Thresholds thresholds,
        Tolerances tolerances,
        Bodies bodies,
        Speeds speeds,
        Drops drops,
        Limits limits,
        JobLimits jobs,
        BlockLimits blocks,
        RouteLimits routes,
        SightLimits sights,
        OptionLimits options,
        MessageTimes messages,
        KeyLimits keys,
        SnapModel snap,
        FilmLimits film,
        GradeFigures grades,
        Labels labels,
        LandmarkSet landmarks,
        House house,
        Figures figures) {
    private static final Convention STANDARD = of(House.NONE, Figures.shipped(), List.of());

    public static Convention standard() {
        return STANDARD;
    }

    /**
     * Figures with what a programme chose.
     *
     * @param dictionaries technique dictionaries that the setting {@code technique-words} may name besides the standard
     *     one
     */
    public static Convention of(House house, Figures shipped, List<Labels> dictionaries) {
        Figures figures = chosen(house, shipped);
        String words = house.choice("technique-words", Labels.standard().name());
        Labels labels = dictionaries.stream()
                .filter(d -> d.name().equals(words))
                .findFirst()
                .orElse(Labels.standard());
        return new Convention(
                figures.read(Thresholds.class),
                figures.read(Tolerances.class),
                figures.read(Bodies.class),
                figures.read(Speeds.class),
                figures.read(Drops.class),
                figures.read(Limits.class),
                figures.read(JobLimits.class),
                figures.read(BlockLimits.class),
                figures.read(RouteLimits.class),
                figures.read(SightLimits.class),
                figures.read(OptionLimits.class),
                figures.read(MessageTimes.class),
                figures.read(KeyLimits.class),
                figures.read(SnapModel.class),
                figures.read(FilmLimits.class),
                figures.read(GradeFigures.class),
                labels,
                LandmarkSet.of(house),
                house,
                figures);
    }

    /** A league draws the rush line where it likes; what a programme sets itself goes before that. */
    private static Figures chosen(House house, Figures figures) {
        Figures taught =
                house.teaches(School.FLAG_RUSH_LINE_AT_FIVE) ? figures.with("limits", "rush-line", 5.0) : figures;
        return taught.measuring(house.figures());
    }
}
