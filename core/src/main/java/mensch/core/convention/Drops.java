package mensch.core.convention;

/**
 * How deep droppers aim and how far an area reaches, yards behind the line; all <em>model</em>: what each says, its
 * unit and bounds stand in figures.yaml.
 */
public record Drops(Landmark landmark, Area area, double longToGain, double endLineMargin) {

    /** Depths that droppers aim at. */
    public record Landmark(double flat, double under, double lane, double across, double third, double half) {}

    /** How far areas reach. */
    public record Area(double underFrom, double underTo, double deepExtent) {}
}
