package mensch.app.grading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import mensch.app.playbook.Playbook;
import mensch.app.problem.Problem;
import mensch.core.document.DocumentRef;
import mensch.core.grading.FilmJudge.Judged;
import mensch.core.grading.FilmJudge.Row;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Fills and overrules grades, and adds them up: always "n of m", never a rate of hand-picked snaps. */
@Service
@Transactional(readOnly = true)
public class GradeBook {
    static final String ALIGNMENT = "AL";

    /** A grade with the snap it came from; {@code overruled} and {@code note} may be absent. */
    public record GradeRow(
            String job,
            String facet,
            String verdict,
            String mark,
            @Nullable String overruled,
            @Nullable String note,
            long reel,
            String reelName,
            int snap,
            String call,
            int callRevision,
            int version) {}

    /** A man's alignment: snaps to standard or above of those told; {@code notTold} were too close to call. */
    public record GradedMan(String job, String name, int toStandard, int told, int notTold, List<GradeRow> grades) {}

    /** One man on one snap of one reel. */
    public record GradeKey(long reel, int snap, String job) {}

    private final Grades grades;
    private final Playbook playbook;

    GradeBook(Grades grades, Playbook playbook) {
        this.playbook = playbook;
        this.grades = grades;
    }

    /**
     * The alignment facet of every marked man; a man no longer marked loses his grade, an overruled one keeps the
     * coach's word.
     */
    @Transactional
    public void fill(Long snapId, DocumentRef call, @Nullable Judged judged, String by) {
        Map<String, Grade> before =
                grades.findBySnapId(snapId).stream().collect(Collectors.toMap(Grade::job, Function.identity()));
        var kept = new ArrayList<String>();
        for (Row row : judged == null ? List.<Row>of() : judged.rows()) {
            Grade grade = before.get(row.job().id());
            if (grade == null) {
                grades.save(new Grade(snapId, row.job().id(), ALIGNMENT, row.verdict(), call, by));
            } else {
                grade.judge(row.verdict(), call, by);
            }
            kept.add(row.job().id());
        }
        before.values().stream()
                .filter(g -> !kept.contains(g.job()) && g.overruled() == null)
                .forEach(grades::delete);
    }

    /** The coach's word over the measured one; refused when the grade changed after {@code version}. */
    @Transactional
    public void overrule(GradeKey key, int version, @Nullable String mark, @Nullable String note, String by) {
        Grade grade = grades.of(key.reel(), key.snap(), key.job(), ALIGNMENT)
                .orElseThrow(() -> Problem.notFound("a grade of " + key.job() + " on snap " + key.snap()));
        String why = note == null ? "" : note.strip();
        if (mark != null && why.isEmpty()) {
            throw Problem.refused("note-missing", "say in a note why the measured verdict is overruled");
        }
        if (grade.version() != version) {
            throw overtaken(key);
        }
        grade.overrule(mark, mark == null ? null : why, by);
        try {
            grades.flush();
        } catch (OptimisticLockingFailureException e) {
            throw overtaken(key);
        }
    }

    private static Problem overtaken(GradeKey key) {
        return new Problem(
                HttpStatus.CONFLICT,
                "grade-overtaken",
                "somebody graded " + key.job() + " on snap " + key.snap()
                        + " after you opened the page; look at his word and say yours again");
    }

    public List<GradedMan> men() {
        var byMan = new TreeMap<String, List<PlacedGrade>>();
        grades.placed()
                .forEach(p -> byMan.computeIfAbsent(p.grade().job(), k -> new ArrayList<>())
                        .add(p));
        return byMan.entrySet().stream().map(e -> man(e.getKey(), e.getValue())).toList();
    }

    private GradedMan man(String job, List<PlacedGrade> rows) {
        List<String> told = rows.stream()
                .map(r -> r.grade().given())
                .filter(m -> !m.equals("n/a"))
                .toList();
        int good =
                (int) told.stream().filter(m -> m.equals("=") || m.equals("+")).count();
        return new GradedMan(
                job,
                playbook.library().said(job),
                good,
                told.size(),
                rows.size() - told.size(),
                rows.stream().map(GradeBook::row).toList());
    }

    private static GradeRow row(PlacedGrade placed) {
        Grade g = placed.grade();
        return new GradeRow(
                g.job(),
                ALIGNMENT,
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
