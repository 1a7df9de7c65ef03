package mensch.core.convention;

/**
 * From where a block is one thing or another, yards unless told; all <em>model</em>: what each says, its unit and
 * bounds stand in figures.yaml.
 */
public record BlockLimits(
        Level level,
        Reach reach,
        Threat threat,
        Alike alike,
        Point point,
        double bootHold,
        int lighterBy,
        double deepForce) {

    /** Who stands where. */
    public record Level(double first, double second, double covered) {}

    /** How far a blocker gets. */
    public record Reach(double edge, double climb, double climbDepth, double wing, double stalk) {}

    /**
     * Whom a kick-out or a lead meets: no deeper, no farther outside the end man; whom a crack finds: so far beside the
     * man over the cracker, no deeper.
     */
    public record Threat(double depth, double outside, double over, double cracked) {}

    /** When two are one; seconds for {@code close}. */
    public record Alike(double headUp, double close, double slack) {}

    /** Where the run is decided. */
    public record Point(double decides, double meets, double outside) {}
}
