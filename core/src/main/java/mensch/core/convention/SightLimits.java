package mensch.core.convention;

/**
 * What can be seen before the snap, yards; all <em>model</em>, ours.
 *
 * @param body a man within &lt;= this of a line of sight is in it: half a man, and who looks past him
 * @param upright a man deeper than &gt; this stands upright; on the line, and under centre, he is down
 * @param over a lineman reads the man he stands on within &lt;= this
 * @param toldApart two places before the snap are told apart from &gt;= this
 */
public record SightLimits(double body, double upright, double over, double toldApart) {}
