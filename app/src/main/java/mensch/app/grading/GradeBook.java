package mensch.app.grading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import mensch.app.problem.Problem;
import mensch.core.document.DocumentRef;
import mensch.core.grading.FilmJudge.Judged;
import mensch.core.grading.FilmJudge.Row;
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
            String overruled,
            String note,
            long reel,
            String reelName,
            int snap,
            String call,
            int callRevision) {}

    /** A man's alignment: snaps to standard or above of those told; {@code notTold} were too close to call. */
    public record GradedMan(String job, int toStandard, int told, int notTold, List<GradeRow> grades) {}

    private final Grades grades;

    GradeBook(Grades grades) {
        this.grades = grades;
    }

    /**
     * The alignment facet of every marked man; a man no longer marked loses his grade, an overruled one keeps the
     * coach's word.
     */
    @Transactional
    public void fill(Long snapId, DocumentRef call, Judged judged, String by) {
        Map<String, Grade> before =
                grades.findBySnapId(snapId).stream().collect(Collectors.toMap(Grade::job, Function.identity()));
        var kept = new ArrayList<String>();
        for (Row row : judged == null ? List.<Row>of() : judged.rows()) {
            Grade grade = before.getOrDefault(
                    row.job().id(), new Grade(snapId, row.job().id(), ALIGNMENT));
            grade.judge(row.verdict(), call, by);
            grades.save(grade);
            kept.add(row.job().id());
        }
        before.values().stream()
                .filter(g -> !kept.contains(g.job()) && g.overruled() == null)
                .forEach(grades::delete);
    }

    @Transactional
    public void overrule(Long reel, int snap, String job, String mark, String note, String by) {
        Grades.Place place = grades.places().stream()
                .filter(p -> p.getReel().equals(reel)
                        && p.getSnap() == snap
                        && grades.findById(p.getId()).orElseThrow().job().equals(job))
                .findFirst()
                .orElseThrow(() -> Problem.notFound("a grade of " + job + " on snap " + snap));
        if (mark != null && (note == null || note.isBlank())) {
            throw Problem.refused("note-missing", "say in a note why the measured verdict is overruled");
        }
        grades.findById(place.getId()).orElseThrow().overrule(mark, mark == null ? null : note, by);
    }

    public List<GradedMan> men() {
        Map<Long, Grades.Place> places = grades.places().stream()
                .collect(Collectors.toMap(Grades.Place::getId, Function.identity(), (a, b) -> a, LinkedHashMap::new));
        var byMan = new TreeMap<String, List<Map.Entry<Grade, Grades.Place>>>();
        places.forEach((id, place) -> {
            Grade grade = grades.findById(id).orElseThrow();
            byMan.computeIfAbsent(grade.job(), k -> new ArrayList<>()).add(Map.entry(grade, place));
        });
        return byMan.entrySet().stream().map(e -> man(e.getKey(), e.getValue())).toList();
    }

    private static GradedMan man(String job, List<Map.Entry<Grade, Grades.Place>> rows) {
        int told = (int)
                rows.stream().filter(r -> !r.getKey().given().equals("n/a")).count();
        int good = (int) rows.stream()
                .filter(r ->
                        r.getKey().given().equals("=") || r.getKey().given().equals("+"))
                .count();
        return new GradedMan(
                job,
                good,
                told,
                rows.size() - told,
                rows.stream().map(r -> row(r.getKey(), r.getValue())).toList());
    }

    private static GradeRow row(Grade g, Grades.Place p) {
        return new GradeRow(
                g.job(),
                ALIGNMENT,
                g.verdict(),
                g.mark(),
                g.overruled(),
                g.note(),
                p.getReel(),
                p.getReelName(),
                p.getSnap(),
                g.callId(),
                g.callRevision());
    }
}
