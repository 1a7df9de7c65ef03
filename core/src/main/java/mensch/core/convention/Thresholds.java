package mensch.core.convention;

/**
 * Where a formation feature begins, yards; all <em>model</em>: what each says, its unit and bounds stand in
 * figures.yaml.
 */
public record Thresholds(Surface surface, Wing wing, HBack hBack, Backfield backfield, Splits splits) {

    /** Men on the line and beside it. */
    public record Surface(double onLine, double attached, double detached, double sameLateral) {}

    /** A man behind and outside the end man. */
    public record Wing(double shallow, double deep, double wide) {}

    /** A man behind and inside the end man. */
    public record HBack(double deep, double wide) {}

    /** Backs and the passer. */
    public record Backfield(
            double backDeep, double offset, double pistolLateral, double underCentre, double gun, double takes) {}

    /** Receivers away from the line. */
    public record Splits(double bunch, double stack, double reduced, double wideSlot, double veryWide) {}
}
