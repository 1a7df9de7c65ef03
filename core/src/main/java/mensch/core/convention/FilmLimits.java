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
        double hiddenPixels) {}
