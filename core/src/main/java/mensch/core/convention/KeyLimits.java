package mensch.core.convention;

/** How the first steps of a key are told apart; what each figure says, its unit and bounds stand in figures.yaml. */
public record KeyLimits(
        double step,
        double upField,
        double crossesWithin,
        double goesAlong,
        double headUp,
        Line line,
        Back back,
        Quarterback quarterback,
        Receiver receiver) {

    /** A man of the line, by those who read him. */
    public record Line(
            double tells,
            double flat,
            double sets,
            double catches,
            double leaves,
            double pastTheLine,
            double past,
            double slants,
            double arcs,
            double steps,
            double next) {}

    /** A back, and the ball that is carried. */
    public record Back(double past, double stands, double protectsAfter, double place) {}

    /** The quarterback. */
    public record Quarterback(double bootsAfter, double boots, double runs, double dropsAfter, double drops) {}

    /** A receiver. */
    public record Receiver(
            double gathers,
            double backfield,
            double ahead,
            double runs,
            double cracks,
            double stalksFrom,
            double stalksAfter,
            double deepSpeed,
            double underFrom,
            double cracksUpTo,
            double cracksAfter,
            double releases) {}
}
