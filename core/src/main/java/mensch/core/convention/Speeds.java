package mensch.core.convention;

/**
 * Bodies and their clocks; all <em>model</em> (handbook 9, speeds and clocks).
 *
 * @param receiver wide receiver
 * @param tightEnd attached end, wing or H-back
 * @param back running back, also as a lead blocker
 * @param defensiveBack corner, safety, nickel, and every defender of small-sided football
 * @param backer linebacker
 * @param edge defensive end
 * @param inside interior lineman, of either side of the ball
 * @param quarterback quarterback
 * @param quickThrow when a quick throw leaves the hand, seconds after the snap
 * @param readKey seconds a second-level man takes to read flow before he goes
 * @param release seconds from the decision to throw until the ball leaves the hand
 * @param ball yards per second of a flat throw
 * @param freeEdge seconds of a free rusher round the edge to a gun quarterback
 * @param freeInside the same, straight or inside
 * @param blockedMore seconds one block adds at least
 */
public record Speeds(
        Gait receiver,
        Gait tightEnd,
        Gait back,
        Gait defensiveBack,
        Gait backer,
        Gait edge,
        Gait inside,
        Gait quarterback,
        double quickThrow,
        double readKey,
        double release,
        double ball,
        double freeEdge,
        double freeInside,
        double blockedMore) {

    /** The gait of a defender by his body as the fronts name it: E, T, LB, DB. */
    public Gait of(String body) {
        return switch (body) {
            case "E" -> edge;
            case "T" -> inside;
            case "LB" -> backer;
            default -> defensiveBack;
        };
    }
}
