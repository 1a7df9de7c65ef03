package mensch.core.convention;

/** What grades are added up by; all <em>model</em>: what each says, its unit and bounds stand in figures.yaml. */
public record GradeFigures(int leastForShare, int learntAfter, int clips, Weight weight) {

    /** What a facet is worth where facets are weighted. */
    public record Weight(
            double alignment,
            double stance,
            double getOff,
            double key,
            double assignment,
            double technique,
            double effort,
            double communication) {}
}
