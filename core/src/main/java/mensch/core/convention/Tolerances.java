package mensch.core.convention;

/**
 * How far from the asked point a man may stand and be right, yards, plus or minus unless told; all <em>model</em>.
 *
 * @param techniqueLateral a technique: halfway to the neighbouring label, at most this
 * @param looseOutward a loose technique: outward up to this, still the label
 * @param techniqueDeeper a technique: deeper by this, never shallower
 * @param backerLateral gap and stack phrases
 * @param backerDepth gap and stack phrases
 * @param nearLateral man phrases, depth &lt;= {@code nearDepthLimit}
 * @param nearDepth the same, depth
 * @param farLateral deeper man phrases, landmarks, deep phrases
 * @param farDepth the same, depth
 * @param deepDepth depth tolerance from {@code deepFrom} on
 * @param pressLateral press: lateral
 * @param pressDepth press: depth
 * @param nearDepthLimit depth up to which the near tolerance holds
 * @param deepFrom depth from which the deep tolerance holds
 * @param pressLimit depth up to which a man phrase is press
 * @param nominalSigma film: one standard deviation of a man who was not clicked and is taken to stand where the log has
 *     him
 * @param depthChange film: a man of the offence stands at another depth than logged when he is off by more than &gt;
 *     this beyond doubt
 */
public record Tolerances(
        double techniqueLateral,
        double looseOutward,
        double techniqueDeeper,
        double backerLateral,
        double backerDepth,
        double nearLateral,
        double nearDepth,
        double farLateral,
        double farDepth,
        double deepDepth,
        double pressLateral,
        double pressDepth,
        double nearDepthLimit,
        double deepFrom,
        double pressLimit,
        double nominalSigma,
        double depthChange) {}
