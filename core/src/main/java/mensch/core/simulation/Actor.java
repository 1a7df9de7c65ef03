package mensch.core.simulation;

import mensch.core.convention.Gait;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import org.jspecify.annotations.Nullable;

/**
 * One man on the field as the simulation knows him.
 *
 * @param man of the offence, or null
 * @param job of the defence, or null
 * @param size how big his body is, steps
 * @param luck his name as chance knows it, from the play side
 */
record Actor(
        int index, String id, @Nullable Man man, @Nullable Job job, Point start, Gait gait, int size, long luck) {
    boolean defends() {
        return job != null;
    }
}
