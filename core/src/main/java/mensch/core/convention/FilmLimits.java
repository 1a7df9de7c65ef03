package mensch.core.convention;

/**
 * What film can be told by, yards and pixels; all <em>model</em>: what each says, its unit and bounds stand in
 * figures.yaml.
 */
public record FilmLimits(
        double nominalSigma,
        double depthChange,
        double lineDepth,
        double paintPixels,
        double paintWorth,
        double feetPixels,
        double foundPixels,
        double hiddenPixels,
        double stillBefore,
        Ball ball,
        Read read,
        double getOffLate,
        double landmarkNear,
        Path path) {

    /** Where the ball may lie. */
    public record Ball(double lateral, double depth, double asked) {}

    /** What a man's movement tells of his read. */
    public record Read(double step, double gait, double sure, double late) {}

    /** What a man's path tells who was followed: yards a second, seconds, seconds. */
    public record Path(double urge, double gap, double held) {}
}
