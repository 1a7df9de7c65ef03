package mensch.app.grading;

import java.io.IOException;
import java.io.InputStream;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import mensch.app.film.DemoFilmed;
import mensch.app.film.FilmRoom;
import mensch.app.film.FilmRoom.AskedOnFilm;
import mensch.app.game.Game;
import mensch.app.game.GameBook;
import mensch.app.game.GameWords;
import mensch.app.game.Play;
import mensch.app.game.PlayLog;
import mensch.app.version.Version;
import mensch.core.grading.Flag;
import mensch.core.grading.GradeMark;
import mensch.core.grading.Proposed;
import mensch.core.grading.RepOutcome;
import mensch.core.grading.Tackle;
import mensch.core.grading.Target;
import mensch.core.rubric.Facet;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Two coaches of the demo say yes to what was measured on its film, and what they saw of the read and the effort; they
 * do not see everything alike. The week before they graded by eye, where nobody graded anything.
 */
@Component
@Order(4)
@ConditionalOnProperty("mensch.demo")
class DemoGrades implements ApplicationRunner {
    private static final String FIRST = "marrow";
    private static final String SECOND = "abara";
    private static final GameWords TERNS =
            new GameWords("Saltmarsh Terns", "under 19", 2026, LocalDate.of(2026, 9, 19), "hs");
    private static final List<String> BACKERS = List.of("mike", "will");

    private final GradeBook book;
    private final GradedReps reps;
    private final GameBook games;
    private final FilmRoom film;
    private final JsonMapper json;

    DemoGrades(GradeBook book, GradedReps reps, GameBook games, FilmRoom film, JsonMapper json) {
        this.json = json;
        this.book = book;
        this.reps = reps;
        this.games = games;
        this.film = film;
    }

    @Override
    public void run(ApplicationArguments args) throws IOException {
        if (reps.count() == 0) {
            gradeTheWeekBefore();
        }
    }

    /** A game that was just filmed; what somebody said already stands. */
    @EventListener
    void filmed(DemoFilmed film) {
        games.plays(film.game()).forEach(this::grade);
    }

    /** A game without film, graded by eye: what the filmed one is compared with. */
    private void gradeTheWeekBefore() throws IOException {
        try (InputStream in = DemoGrades.class.getResourceAsStream("/demo/terns.json")) {
            Game game = games.add(TERNS);
            for (JsonNode row : json.readTree(in).get("plays")) {
                Play play = games.add(game.id(), json.convertValue(row.get("log"), PlayLog.class), FIRST);
                AskedOnFilm asked = film.askedOnFilm(play, FIRST);
                for (Map.Entry<String, JsonNode> man : row.get("men").properties()) {
                    var key = new GradeBook.RepKey(game.id(), play.id(), man.getKey());
                    book.say(asked, key, new Version(0), json.convertValue(man.getValue(), RepWords.class), FIRST);
                }
            }
        }
    }

    private void grade(Play play) {
        for (String grader : List.of(FIRST, SECOND)) {
            AskedOnFilm asked = film.askedOnFilm(play, grader);
            var byJob = new TreeMap<String, List<RepWords.Mark>>();
            for (Proposed proposal : asked.proposals().all()) {
                byJob.computeIfAbsent(proposal.job(), j -> new ArrayList<>())
                        .add(new RepWords.Mark(proposal.facet(), proposal.mark()));
            }
            byJob.forEach((job, marks) -> {
                List<RepWords.Mark> his = seen(play.number(), job, grader, marks);
                marks.removeIf(m -> his.stream().anyMatch(s -> s.facet() == m.facet()));
                marks.addAll(his);
                var key = new GradeBook.RepKey(play.gameId(), play.id(), job);
                RepWords words = words(
                        play.number(),
                        job,
                        marks,
                        ticked(asked, job, play.number(), grader),
                        grader.equals(FIRST) ? corrected(play.number(), job) : null);
                if (reps.findByPlayIdAndJobAndGrader(play.id(), job, grader).isEmpty()) {
                    book.say(asked, key, new Version(0), words, grader);
                }
            });
        }
    }

    /** The first coach ticks the backers' technique by the rubric of the play: high pads come back, and go. */
    private static List<RepWords.Ticked> ticked(AskedOnFilm asked, String job, int play, String grader) {
        if (!grader.equals(FIRST) || !BACKERS.contains(job)) {
            return List.of();
        }
        return asked.rubricsOf(job).stream()
                .flatMap(r -> r.marked().stream()
                        .map(c -> new RepWords.Ticked(
                                r.id(),
                                c.id(),
                                c.id().equals("pads") && play <= 2 ? GradeMark.BELOW : GradeMark.TO_STANDARD)))
                .toList();
    }

    /** The second coach lets reads pass every other play; the middle backer always finishes. */
    private static List<RepWords.Mark> seen(int play, String job, String grader, List<RepWords.Mark> proposed) {
        boolean told = proposed.stream().anyMatch(m -> m.facet() == Facet.KEY && m.mark() != GradeMark.NOT_TOLD);
        boolean lets = !told || play % 2 == 0 && grader.equals(SECOND);
        var effort = new RepWords.Mark(Facet.EFFORT, job.equals("mike") ? GradeMark.ABOVE : GradeMark.TO_STANDARD);
        return lets ? List.of(new RepWords.Mark(Facet.KEY, GradeMark.TO_STANDARD), effort) : List.of(effort);
    }

    private static RepWords words(
            int play,
            String job,
            List<RepWords.Mark> marks,
            List<RepWords.Ticked> ticked,
            @Nullable Correction corrected) {
        boolean loafs = job.equals("corner-left") && play == 3;
        return new RepWords(
                marks,
                loafs ? "walks when the ball goes away" : null,
                Target.MAN,
                loafs ? Set.of(Flag.LOAF) : Set.of(),
                job.equals("nose") ? RepOutcome.NEUTRAL : null,
                job.equals("mike") && play == 5,
                ticked,
                corrected,
                null,
                job.equals("mike") && play % 2 == 1 ? new RepWords.TackleWords(Tackle.How.MADE, 1) : null,
                null,
                null);
    }

    private static @Nullable Correction corrected(int play, String job) {
        return job.equals("mike") && play == 2
                ? new Correction(
                        "his first step, and his eyes on the guard",
                        null,
                        "the guard got under him",
                        "pads below the guard's, hands inside",
                        null,
                        "board drill: one step and strike")
                : null;
    }
}
