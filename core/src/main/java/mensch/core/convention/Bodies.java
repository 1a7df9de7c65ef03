package mensch.core.convention;

/**
 * Bodies and distances between them, yards; all <em>model</em>.
 *
 * @param helmetDepth a defensive lineman's helmet behind the line of scrimmage, on his side
 * @param reachThreePoint feet behind the helmet in a three-point stance
 * @param reachTwoPoint feet behind the helmet standing
 * @param neutralZone half length that no defender's helmet may enter: the ball
 * @param shade lateral offset of a shade from his reference man
 * @param shadeTight the same, tight
 * @param shadeLoose the same, loose
 * @param halfMan "half a man"
 * @param sidelineMargin a receiver stays so far from the sideline
 * @param receiverMargin and so far from the next receiver when the field gets narrow
 * @param secondLevelFloor least depth of a second-level man when the goal line compresses depths
 * @param ownPlace two defenders nearer than &lt; this to each other stand on one spot; ours: elbow to elbow
 * @param compressionFrom yards to goal from which alignment depths are compressed
 */
public record Bodies(
        double helmetDepth,
        double reachThreePoint,
        double reachTwoPoint,
        double neutralZone,
        double shade,
        double shadeTight,
        double shadeLoose,
        double halfMan,
        double sidelineMargin,
        double receiverMargin,
        double secondLevelFloor,
        double ownPlace,
        int compressionFrom) {}
