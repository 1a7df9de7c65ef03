package mensch.app.grading;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import mensch.app.version.Versioned;
import mensch.core.grading.CriterionMark;
import mensch.core.grading.FacetMark;
import mensch.core.grading.Flag;
import mensch.core.grading.Lane;
import mensch.core.grading.Proposed;
import mensch.core.grading.RepOutcome;
import mensch.core.grading.Tackle;
import mensch.core.grading.Target;
import mensch.core.grading.Thrown;
import org.jspecify.annotations.Nullable;

/**
 * What a coach said of one man on one play.
 *
 * @param player of the roster, who played there; null where nobody is known to have
 * @param technique what his marked criteria propose; null where none is marked
 * @param gradedAt null of what was graded before times were kept
 * @param version goes back as If-Match with his next word; 0 before his first
 */
public record RepRow(
        String job,
        @Nullable String player,
        String grader,
        List<FacetMark> marks,
        @Nullable String note,
        Target target,
        Set<Flag> flags,
        @Nullable RepOutcome outcome,
        boolean extraCredit,
        List<CriterionMark> criteria,
        @Nullable Correction correction,
        @Nullable Long setsUp,
        @Nullable Tackle tackle,
        @Nullable Thrown thrown,
        @Nullable Lane lane,
        @Nullable Proposed technique,
        String call,
        int callRevision,
        @Nullable Instant gradedAt,
        long version)
        implements Versioned {

    static RepRow of(GradedRep rep, @Nullable String player) {
        RepBody body = rep.body();
        return new RepRow(
                rep.job(),
                player,
                rep.grader(),
                body.marks(),
                body.note(),
                body.target(),
                body.flags(),
                body.outcome(),
                body.extraCredit(),
                body.criteria(),
                body.correction(),
                body.setsUp(),
                body.tackle(),
                body.thrown(),
                body.lane(),
                CriterionMark.proposes(rep.job(), body.criteria()).orElse(null),
                rep.callId(),
                rep.callRevision(),
                rep.gradedAt(),
                rep.said());
    }
}
