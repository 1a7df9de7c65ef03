package mensch.app.work;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A piece of work, as a coach sees it.
 *
 * @param percent done of it, 0 to 100
 * @param words what is done now, or how it ended
 * @param cancelling whether it was taken back and has not heard of it yet
 * @param endedAt null while it waits or runs
 */
public record WorkRow(
        long id,
        String kind,
        long about,
        WorkState state,
        int percent,
        String words,
        boolean cancelling,
        String askedBy,
        Instant askedAt,
        @Nullable Instant endedAt) {

    static WorkRow of(Work work) {
        return new WorkRow(
                work.id(),
                work.kind(),
                work.about(),
                work.state(),
                work.percent(),
                work.words(),
                work.cancelAsked() && !work.state().ended(),
                work.askedBy(),
                work.askedAt(),
                work.endedAt());
    }
}
