package mensch.core.convention;

/** Every setting that the engine reads. {@link #standard()} is the default of each. */
public record Convention(Thresholds thresholds, Tolerances tolerances, Bodies bodies, Labels labels, LandmarkSet landmarks) {

    private static final Convention STANDARD =
        new Convention(Thresholds.standard(), Tolerances.standard(), Bodies.standard(), Labels.standard(), LandmarkSet.MIDWAY);

    public static Convention standard() {
        return STANDARD;
    }
}
