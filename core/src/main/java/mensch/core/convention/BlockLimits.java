package mensch.core.convention;

/**
 * From where a block is one thing or another; all <em>model</em>, ours unless told.
 *
 * @param firstLevel a backer or back no deeper than &lt;= this stands on the line, yards; a lineman always does
 * @param secondLevel and no deeper than &lt;= this behind it
 * @param covered a lineman is covered by a man within &lt;= this sideways, yards
 * @param edgeReach the last blocker reaches a man so far outside him, yards
 * @param headUp leverage within this is none, yards
 * @param close two men within this meet at one time, seconds
 * @param atPoint a block within this of the point decides the run, yards
 * @param climb a double climbs no farther than &lt;= this sideways, yards
 * @param stalk a receiver blocks a man no farther than &lt;= this, yards
 * @param bootHold seconds a backside man holds for the boot (handbook 9: one honest step)
 * @param lighterBy a blocker so many &gt;= steps of body smaller has no easy block: receiver, back, tight end, lineman
 *     against back, backer, end, inside man
 * @param deepForce with the force man taken, who leads onto him looks for a man deeper than &gt; this, yards
 * @param slack two men count as in line within this, yards
 * @param meets a man whose movement takes him through a gap meets the play so deep, yards
 * @param outsidePoint a run outside aims so far outside the last gap, yards
 */
public record BlockLimits(
        double firstLevel,
        double secondLevel,
        double covered,
        double edgeReach,
        double headUp,
        double close,
        double atPoint,
        double climb,
        double stalk,
        double bootHold,
        int lighterBy,
        double deepForce,
        double slack,
        double meets,
        double outsidePoint) {}
