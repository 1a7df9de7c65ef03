package mensch.core.convention;

/**
 * Where a run-pass option and a plain option look for their men; all <em>model</em>, ours.
 *
 * @param overhangDepth an overhang is no deeper than &lt;= this, yards
 * @param overhangInside and no farther inside the tackle than &lt;= this, yards
 * @param overhangBeside he is looked for halfway to a second receiver, or to so far outside the tackle with none, yards
 * @param forceDepth a force man has a way of the ball when &lt;= this deep, yards
 * @param sameGap a man has the dive when his gap is nearer than &lt; this to the point, yards
 */
public record OptionLimits(
        double overhangDepth, double overhangInside, double overhangBeside, double forceDepth, double sameGap) {}
