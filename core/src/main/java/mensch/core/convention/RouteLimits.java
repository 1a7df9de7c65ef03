package mensch.core.convention;

/**
 * From where a route is one thing or another; all <em>model</em>, ours unless told.
 *
 * @param deepFrom a route caught deeper than &gt;= this belongs to the deep men, yards
 * @param matchedFrom a match begins when the receiver is so deep, yards (handbook 9, quarters)
 * @param breaks a break of more than &gt;= this sideways asks for leverage, yards
 * @param fastFlat a fast route to the flat is caught no deeper than &lt;= this, yards
 * @param rub another receiver nearer than &lt;= this to a defender's way is in his way, yards
 * @param sitsBeside a receiver who settles no farther than &lt;= this from where a defender's way crosses his route is
 *     in his way, yards
 * @param oneLevel two defenders nearer than &lt; this in depth can be picked together, yards (handbook 9, zone-off)
 * @param lateBy a defender is late when the ball is there more than &gt; this before him, seconds
 * @param quick a throw that leaves the hand no later than &lt;= this beats most pressure, seconds (handbook 2, quick
 *     game)
 * @param passerUnder how deep the passer throws from under the centre, yards
 * @param passerGun the same from the gun, yards
 * @param watchFrom traffic on a way is looked for from here on, seconds after the snap
 * @param watchEvery and so often, seconds
 */
public record RouteLimits(
        double deepFrom,
        double matchedFrom,
        double breaks,
        double fastFlat,
        double rub,
        double sitsBeside,
        double oneLevel,
        double lateBy,
        double quick,
        double passerUnder,
        double passerGun,
        double watchFrom,
        double watchEvery) {}
