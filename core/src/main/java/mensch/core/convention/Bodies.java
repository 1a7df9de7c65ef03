package mensch.core.convention;

/**
 * Bodies and distances between them, yards; all <em>model</em>: what each says, its unit and bounds stand in
 * figures.yaml.
 */
public record Bodies(
        Stance stance, Shade shade, Margin margin, Compression compression, double halfMan, double ownPlace) {

    /** Helmet and feet. */
    public record Stance(double helmetDepth, double reachThreePoint, double reachTwoPoint, double neutralZone) {}

    /** Beside a man. */
    public record Shade(double offset, double tight, double loose) {}

    /** Receivers in a narrow field. */
    public record Margin(double sideline, double receiver) {}

    /**
     * Depths near the goal, yards.
     *
     * @param from yards to goal from which nobody lines up in the end zone
     * @param floor the least depth of a second-level man
     * @param tight yards to goal inside which the levels are pressed together between floor and ceiling
     * @param ceiling depth of the last of them
     * @param room depth behind the floor that is left to the levels when the goal line leaves none
     * @param levels a man who wants this depth or more stands at the ceiling
     */
    public record Compression(int from, double floor, double tight, double ceiling, double room, double levels) {}
}
