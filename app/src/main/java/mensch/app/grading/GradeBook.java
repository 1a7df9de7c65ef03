package mensch.app.grading;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import mensch.app.bounds.Paged;
import mensch.app.playbook.Playbook;
import mensch.app.problem.Problem;
import mensch.app.version.Version;
import mensch.core.document.DocumentRef;
import mensch.core.grading.FilmJudge.Judged;
import mensch.core.grading.FilmJudge.Row;
import mensch.core.grading.GradeMark;
import mensch.core.library.Library;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Fills and overrules grades, and adds them up: always "n of m", never a rate of hand-picked snaps. */
@Service
@Transactional(readOnly = true)
public class GradeBook {
    static final String ALIGNMENT = "AL";

    /** Grades of a man that are shown before anybody asks for more. */
    private static final int NEWEST = 12;

    /**
     * A man's alignment.
     *
     * @param toStandard snaps to standard or above, of those told
     * @param notTold snaps too close to call
     * @param newest his last grades, the newest film first
     */
    public record GradedMan(String job, String name, long toStandard, long told, long notTold, List<GradeRow> newest) {
        static GradedMan of(String job, String name, Map<GradeMark, Long> times, List<GradeRow> newest) {
            long good = times.getOrDefault(GradeMark.ABOVE, 0L) + times.getOrDefault(GradeMark.TO_STANDARD, 0L);
            return new GradedMan(
                    job,
                    name,
                    good,
                    good + times.getOrDefault(GradeMark.BELOW, 0L),
                    times.getOrDefault(GradeMark.NOT_TOLD, 0L),
                    newest);
        }
    }

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

    /** The coach's word over the measured one; refused when the grade changed after {@code read}. */
    @Transactional
    public GradeRow overrule(GradeKey key, Version read, @Nullable GradeMark mark, @Nullable String note, String by) {
        PlacedGrade placed = placed(key);
        String why = note == null ? "" : note.strip();
        if (mark != null && why.isEmpty()) {
            throw Problem.refused("note-missing", "say in a note why the measured verdict is overruled");
        }
        read.checkIs(
                placed.grade().version(),
                "grade-overtaken",
                "somebody graded " + key.job() + " on snap " + key.snap()
                        + " after you opened the page; look at his word and say yours again");
        placed.grade().overrule(mark, mark == null ? null : why, by);
        grades.flush();
        return GradeRow.of(placed);
    }

    private PlacedGrade placed(GradeKey key) {
        return grades.of(key.reel(), key.snap(), key.job(), ALIGNMENT)
                .orElseThrow(() -> Problem.notFound("a grade of " + key.job() + " on snap " + key.snap()));
    }

    GradeRow grade(GradeKey key) {
        return GradeRow.of(placed(key));
    }

    List<GradeRow> ofSnap(long reel, int snap) {
        return grades.ofSnap(reel, snap).stream().map(GradeRow::of).toList();
    }

    Paged<GradeRow> ofMan(String job, int page) {
        return Paged.of(grades.ofMan(job, Paged.asked(page)), GradeRow::of);
    }

    List<GradedMan> men() {
        var byMan = new TreeMap<String, Map<GradeMark, Long>>();
        grades.times()
                .forEach(t -> byMan.computeIfAbsent(t.getJob(), k -> new EnumMap<>(GradeMark.class))
                        .put(t.getMark(), t.getTimes()));
        Map<String, List<GradeRow>> newest =
                grades.newest(NEWEST).stream().map(GradeRow::of).collect(Collectors.groupingBy(GradeRow::job));
        Library library = playbook.library();
        return byMan.entrySet().stream()
                .map(m -> GradedMan.of(
                        m.getKey(), library.said(m.getKey()), m.getValue(), newest.getOrDefault(m.getKey(), List.of())))
                .toList();
    }
}
