package mensch.core.convention;

/**
 * How far from the asked point a man may stand and be right, yards; all <em>model</em>: what each says, its unit and
 * bounds stand in figures.yaml.
 */
public record Tolerances(Technique technique, Box backer, UpTo near, Box far, From deep, UpTo press) {

    /** A technique on a lineman. */
    public record Technique(double lateral, double looseOutward, double deeper) {}

    /** To either side, and in depth. */
    public record Box(double lateral, double depth) {}

    /** To either side and in depth, up to a depth. */
    public record UpTo(double lateral, double depth, double upTo) {}

    /** In depth, from a depth on. */
    public record From(double depth, double from) {}
}
