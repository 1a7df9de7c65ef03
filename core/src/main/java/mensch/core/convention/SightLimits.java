package mensch.core.convention;

/**
 * What can be seen before the snap, yards; all <em>model</em>: what each says, its unit and bounds stand in
 * figures.yaml.
 */
public record SightLimits(double body, double upright, double over, double toldApart) {}
