package mensch.core.matchup;

/**
 * Figures of the ledgers; all <em>model</em>, ours unless told.
 *
 * @param firstLevel    a backer or back no deeper than &lt;= this stands on the line, yards; a lineman always does
 * @param secondLevel   and no deeper than &lt;= this behind it
 * @param covered       a lineman is covered by a man within &lt;= this sideways, yards
 * @param edgeReach     the last blocker reaches a man so far outside him, yards
 * @param headUp        leverage within this is none, yards
 * @param close         two men within this meet at one time, seconds
 * @param atPoint       a block within this of the point decides the run, yards
 * @param climb         a double climbs no farther than &lt;= this sideways, yards
 * @param stalk         a receiver blocks a man no farther than &lt;= this, yards
 * @param bootHold      seconds a backside man holds for the boot (handbook 9: one honest step)
 * @param deepFrom      a route caught deeper than &gt;= this belongs to the deep men, yards
 * @param rub           another receiver nearer than &lt;= this to a defender's way is in his way, yards
 * @param sitsBeside    a receiver who settles no farther than &lt;= this from where a defender's way crosses his route is in his way, yards
 * @param lateBy        a defender is late when the ball is there this much before him, seconds
 * @param toldApart     two places before the snap are told apart from &gt;= this, yards
 */
record Meeting(double firstLevel, double secondLevel, double covered, double edgeReach, double headUp, double close, double atPoint, double climb, double stalk, double bootHold, double deepFrom, double rub, double sitsBeside,
               double lateBy, double toldApart) {
    static final Meeting STANDARD = new Meeting(1.25, 6.5, 1.0, 2.3, 0.2, 0.3, 1.7, 8, 9, 0.35, 14, 1.0, 4.5, 0.3, 1.5);
}
