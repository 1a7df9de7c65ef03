package mensch.app.grading;

import mensch.app.version.Versioned;
import mensch.core.grading.GradeMark;
import org.jspecify.annotations.Nullable;

/**
 * A grade with the snap it came from.
 *
 * @param overruled the coach's mark over the measured one, with his {@code note}
 * @param version goes back as If-Match with the next word on it
 */
public record GradeRow(
        String job,
        String verdict,
        GradeMark mark,
        @Nullable GradeMark overruled,
        @Nullable String note,
        long reel,
        String reelName,
        int snap,
        String call,
        int callRevision,
        long version)
        implements Versioned {

    static GradeRow of(PlacedGrade placed) {
        Grade g = placed.grade();
        return new GradeRow(
                g.job(),
                g.verdict(),
                g.mark(),
                g.overruled(),
                g.note(),
                placed.reel(),
                placed.reelName(),
                placed.snap(),
                g.callId(),
                g.callRevision(),
                g.version());
    }
}
