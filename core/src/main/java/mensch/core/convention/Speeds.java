package mensch.core.convention;

/**
 * Bodies and their clocks, seconds and yards per second; all <em>model</em>: what each says, its unit and bounds stand
 * in figures.yaml.
 */
public record Speeds(Gaits gaits, Passer passer, Rush rush, double readKey) {

    /** How each body gets going. */
    public record Gaits(
            Gait receiver,
            Gait tightEnd,
            Gait back,
            Gait defensiveBack,
            Gait backer,
            Gait edge,
            Gait inside,
            Gait quarterback) {}

    /** The passer and the ball. */
    public record Passer(double quickThrow, double release, double ball) {}

    /** Rushers on their way to the passer. */
    public record Rush(double freeEdge, double freeInside, double blockedMore) {}

    /** The gait of a defender by his body as the fronts name it: E, T, LB, DB. */
    public Gait of(String body) {
        return switch (body) {
            case "E" -> gaits.edge();
            case "T" -> gaits.inside();
            case "LB" -> gaits.backer();
            default -> gaits.defensiveBack();
        };
    }
}
