package mensch.core.convention;

/**
 * When a man can do his job from where he stands, yards and seconds; all <em>model</em>: what each says, its unit and
 * bounds stand in figures.yaml.
 *
 * @param late seconds up to which late is weak, and from which it is a bust
 */
public record JobLimits(double late, Gap gap, Force force, Man man, Drop drop, Deep deep, Way way, Rush rush) {

    /** Taking a gap. */
    public record Gap(
            double headUp,
            double mouth,
            double insideBy,
            double offTackleBy,
            double outsideBy,
            double grace,
            double over) {}

    /** Turning the ball in. */
    public record Force(double outside, double by, double wide, double apart, double deep, double deepest) {}

    /** Getting to the passer. */
    public record Rush(double by, double outside) {}

    /** Man to man: yards beside the leverage asked. */
    public record Man(
            double covers, double chases, double deep, double cushion, double back, double shade, double help) {}

    /** Dropping to a landmark. */
    public record Drop(double near, double by, double behind, double lineman) {}

    /** Staying deeper than the deepest. */
    public record Deep(double throwAt, double behind, double beside, double outside, double central) {}

    /** Going to another place while a man is in motion. */
    public record Way(double motion, double pace, double set, double longest) {}
}
