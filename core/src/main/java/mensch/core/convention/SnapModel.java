package mensch.core.convention;

import mensch.core.document.RefusedException;

/**
 * The snap in motion: bodies, what they hear when, and how they meet; seconds and yards, all <em>model</em>: what each
 * figure says, its unit, bounds and source stand in figures.yaml.
 */
public record SnapModel(
        Body body,
        Reaction reaction,
        Reading reading,
        Hold hold,
        Drive drive,
        Reach reach,
        Tackle tackle,
        Runner runner,
        Pursuit pursuit,
        Protect protect,
        Rush rush,
        Route route,
        Cover cover,
        Passer passer,
        Catching catching,
        SnapDetails details) {

    /** A quantity that is drawn: half of all draws lie below the median, none outside least and most. */
    public record Spread(double median, double least, double most) {
        /** @throws RefusedException when the median is not between the others */
        public Spread {
            if (median < least || median > most) {
                throw new RefusedException("is drawn from " + least + " to " + most + " with half of all draws below "
                        + median + ": set the median between the least and the most");
            }
        }
    }

    /** How a body changes its way. */
    public record Body(
            double braking, double grip, double arm, double shuffle, double pedal, double starts, double technique) {}

    /** From what can be seen until a man acts on it; once for each thing he is told. */
    public record Reaction(
            double touch,
            double sight,
            double secondLevel,
            double safety,
            double deep,
            double carries,
            double hidden,
            double fooled,
            double surprise,
            double spread) {}

    /** When a man reads his key, after the snap. */
    public record Reading(double first, double again, double until) {}

    /** How long a block holds, by how hard it is. */
    public record Hold(Spread easy, Spread fair, Spread hard, Spread space, double beaten) {}

    /** How a blocker moves the man he is on. */
    public record Drive(
            double easy, double fair, double hard, double doubled, double lasts, double climbs, double fights) {}

    /** How often a reach block seals a man in, by where it meets him. */
    public record Reach(double inside, double headUp, double outside, double wide, double wideFrom, double slanting) {}

    /** Getting a carrier down. */
    public record Tackle(
            double reach,
            double engaged,
            double insideOut,
            double space,
            double behind,
            double oneArm,
            double second,
            double near,
            double dive,
            double lunges,
            Spread forward,
            double broken) {}

    /** What a runner sees and when he makes up his mind. */
    public record Runner(
            double sees,
            double commits,
            double lane,
            double cutBack,
            double bounce,
            double shifts,
            double top,
            double misreads) {}

    /** Ways to the ball. */
    public record Pursuit(double leverage, double outside, double depth, double top) {}

    /** How long protectors hold the rush. */
    public record Protect(
            double tackle,
            double inside,
            double end,
            double back,
            double backEdge,
            double doubled,
            Spread spread,
            double wins,
            double winsIn,
            double beaten,
            double bull,
            double sets,
            double passesOff,
            double rids) {}

    /** Ways to the passer. */
    public record Rush(double contains, double closes) {}

    /** Receivers on their way. */
    public record Route(double plants, double reverses, Spread pressed, double press) {}

    /** Who covers a man or an area. */
    public record Cover(
            double sees,
            double cross,
            double plant,
            double hips,
            double turns,
            double cushion,
            double deep,
            double below,
            double holds,
            double breaks) {}

    /** The man who throws. */
    public record Passer(
            double set,
            double next,
            double sees,
            double feels,
            double reacts,
            double open,
            double tries,
            double scatter,
            double scatterFar,
            double hurried,
            double holds) {}

    /** Whether a ball that is thrown is caught. */
    public record Catching(
            double open,
            double contested,
            double covered,
            double clear,
            double near,
            double drops,
            double reaches,
            double picked,
            double inWay,
            double turns,
            double tipped) {}
}
