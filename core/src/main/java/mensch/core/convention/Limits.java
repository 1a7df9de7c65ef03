package mensch.core.convention;

/**
 * From where the audit speaks, yards unless told; all <em>model</em>: what each says, its unit and bounds stand in
 * figures.yaml.
 */
public record Limits(
        Drop drop,
        Box box,
        int lanesFrom,
        int toGainFrom,
        double rushLine,
        Flag flag,
        double lineDepth,
        double apart,
        int sentencesPerRole) {

    /** Small-sided runs. */
    public record Flag(double up, double wide) {}

    /** Droppers. */
    public record Drop(double landmarksApart, double acrossTheBall) {}

    /** Men against the run. */
    public record Box(double depth, double beyondEnd, double beyondTackle, double support) {}
}
