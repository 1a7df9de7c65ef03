package mensch.core.convention;

/**
 * From where a route is one thing or another, yards and seconds; all <em>model</em>: what each says, its unit and
 * bounds stand in figures.yaml.
 */
public record RouteLimits(
        double deepFrom,
        double matchedFrom,
        double breaks,
        double fastFlat,
        Traffic traffic,
        Clock clock,
        Passer passer) {

    /** What is in the way of a defender. */
    public record Traffic(double rub, double sitsBeside, double oneLevel, double watchFrom, double watchEvery) {}

    /** Seconds. */
    public record Clock(double lateBy, double quick) {}

    /** Where the ball is thrown from. */
    public record Passer(double under, double gun, double rollAcross, double rollDeep) {}
}
