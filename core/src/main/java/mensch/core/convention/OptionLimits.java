package mensch.core.convention;

/**
 * Where a run-pass option and a plain option look for their men; all <em>model</em>: what each says, its unit and
 * bounds stand in figures.yaml.
 */
public record OptionLimits(Overhang overhang, double forceDepth, double sameGap, double asksWithin) {

    /** Who may be an overhang. */
    public record Overhang(double depth, double inside, double beside) {}
}
