package mensch.core.convention;

/**
 * Where a formation feature begins, yards; all <em>model</em>. Each comment states which side of the limit counts
 * (handbook 2).
 *
 * @param onLine on the line: depth &lt; this
 * @param attached on the surface: lateral gap to the next man inside &lt;= this
 * @param wingShallow wing: depth &gt;= this
 * @param wingDeep and depth &lt;= this
 * @param wingWide and lateral distance outside the end man &lt;= this
 * @param hBackDeep H-back: wingShallow &lt;= depth &lt;= this, inside the end man
 * @param hBackWide and at least this far from the ball, so that a fullback in line is none
 * @param backDeep a man inside the tackle is a back when depth &gt; this
 * @param bunch three receivers within &lt;= this of each other laterally
 * @param stack two receivers within &lt;= this laterally, one behind the other
 * @param reduced #1 closer than &lt; this to the tackle
 * @param wideSlot #2 is a wide slot when farther than &gt; this from the tackle
 * @param veryWide #1 is very wide when farther than &gt; this outside the bottom of the numbers
 * @param rushLine flag: a rusher stands at least &gt;= this deep at the snap
 * @param lateForce a force man deeper than &gt; this comes late
 * @param underCentre quarterback depth &lt; this
 * @param gun quarterback depth &gt;= this
 * @param pistolLateral pistol: a back behind him within &lt;= this
 * @param offset a back counts as offset when farther than &gt;= this from the ball
 * @param sameLateral two receivers stand equally wide when within &lt;= this
 */
public record Thresholds(
        double onLine,
        double attached,
        double wingShallow,
        double wingDeep,
        double wingWide,
        double hBackDeep,
        double hBackWide,
        double backDeep,
        double bunch,
        double stack,
        double reduced,
        double wideSlot,
        double veryWide,
        double rushLine,
        double lateForce,
        double underCentre,
        double gun,
        double pistolLateral,
        double offset,
        double sameLateral) {}
