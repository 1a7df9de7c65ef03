package mensch.core.convention;

/**
 * From where the audit speaks, yards unless told; all <em>model</em>: what each says, its unit and bounds stand in
 * figures.yaml.
 */
public record Limits(
        Drop drop, Box box, int lanesFrom, int toGainFrom, double rushLine, double lineDepth, int sentencesPerRole) {

    /** Droppers. */
    public record Drop(double landmarksApart, double acrossTheBall) {}

    /** Men against the run. */
    public record Box(double depth, double beyondEnd, double beyondTackle, double support) {}
}
