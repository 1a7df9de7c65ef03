package mensch.core.convention;

/**
 * From where the audit speaks; all <em>model</em>.
 *
 * @param landmarksApart two men whose landmarks are nearer than &lt; this at one depth drop to one landmark, yards
 *     (handbook 9, clamp rule)
 * @param acrossTheBall a drop to the other side of the ball is told from &gt;= this sideways, yards; ours: less is a
 *     shuffle
 * @param longDrop a sideways drop of more than &gt; this is told, yards; ours
 * @param lanesFrom goal-line lanes are for &lt;= this many yards to goal (handbook 4 and 9: from the 5, the 7 at most)
 * @param toGainFrom drops to the line to gain are for &gt;= this distance, yards
 * @param boxDepth the box is no deeper than &lt;= this, yards (handbook 9, force and gaps)
 * @param boxBeyondEnd and no wider than this outside an attached end, yards
 * @param boxBeyondTackle or outside an open tackle
 * @param sentencesPerRole a role for whom more than &gt; this many sentences of one call can speak has much to know;
 *     ours
 * @param deepBy a deep man is at his landmark within &lt;= this, seconds after the snap (handbook 9, landmarks)
 * @param lineDepth feet of a man of the line are no deeper than &lt;= this, yards; ours
 * @param support a force man counts with the box when &lt;= this deep and &lt;= this outside the end man, yards
 */
public record Limits(
        double landmarksApart,
        double acrossTheBall,
        double longDrop,
        int lanesFrom,
        int toGainFrom,
        double boxDepth,
        double boxBeyondEnd,
        double boxBeyondTackle,
        double support,
        int sentencesPerRole,
        double lineDepth,
        double deepBy) {}
