package mensch.core.roster;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.lineup.Job;

/**
 * Who fills which job of one line-up.
 *
 * @param byJob by {@link Job#id()}; a job without a man is missing here and noted
 * @param notes what a coach should know of it, in the order of the front's roles
 */
public record Manning(Map<String, Player> byJob, List<Note> notes) {
    /** Nobody is listed, nothing is noted: a programme that keeps no roster. */
    public static final Manning NONE = new Manning(Map.of(), List.of());

    /** Something about one man on one job. */
    public record Note(String job, String words) {}

    /** The man on a job; none when nobody is left on the chart. */
    public Optional<Player> on(Job job) {
        return Optional.ofNullable(byJob.get(job.id()));
    }

    /** The job that a man has, if he is on the field. */
    public Optional<String> jobOf(Player player) {
        return byJob.entrySet().stream()
                .filter(e -> e.getValue().equals(player))
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
