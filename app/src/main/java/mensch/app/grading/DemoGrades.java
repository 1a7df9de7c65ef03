package mensch.app.grading;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import mensch.app.game.GameBook;
import mensch.app.game.Play;
import mensch.app.version.Version;
import mensch.core.grading.Facet;
import mensch.core.grading.Flag;
import mensch.core.grading.GradeMark;
import mensch.core.grading.RepOutcome;
import mensch.core.grading.Target;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Two coaches of the demo say yes to what was measured on its film, and what they saw of the read and the effort; they
 * do not see everything alike. Only where nobody graded anything.
 */
@Component
@Order(4)
@ConditionalOnProperty("mensch.demo")
class DemoGrades implements ApplicationRunner {
    private static final String FIRST = "marrow";
    private static final String SECOND = "abara";

    private final GradeBook book;
    private final GradedReps reps;
    private final GameBook games;

    DemoGrades(GradeBook book, GradedReps reps, GameBook games) {
        this.book = book;
        this.reps = reps;
        this.games = games;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (reps.count() == 0) {
            games.newest().ifPresent(game -> games.plays(game.id()).forEach(this::grade));
        }
    }

    private void grade(Play play) {
        for (String grader : List.of(FIRST, SECOND)) {
            var byJob = new TreeMap<String, List<RepWords.Mark>>();
            for (GradeBook.Proposal proposal :
                    book.ofPlay(play.gameId(), play.id(), grader).proposals()) {
                byJob.computeIfAbsent(proposal.job(), j -> new ArrayList<>())
                        .add(new RepWords.Mark(proposal.facet(), proposal.mark()));
            }
            byJob.forEach((job, marks) -> {
                marks.addAll(seen(play.number(), job, grader));
                var key = new GradeBook.RepKey(play.gameId(), play.id(), job);
                book.say(key, new Version(0), words(play.number(), job, marks), grader);
            });
        }
    }

    /**
     * The backer on the weak side reads late every other play, which only the second coach sees; the middle one always
     * finishes.
     */
    private static List<RepWords.Mark> seen(int play, String job, String grader) {
        boolean late = job.equals("will") && play % 2 == 0 && grader.equals(SECOND);
        return List.of(
                new RepWords.Mark(Facet.KEY, late ? GradeMark.BELOW : GradeMark.TO_STANDARD),
                new RepWords.Mark(Facet.EFFORT, job.equals("mike") ? GradeMark.ABOVE : GradeMark.TO_STANDARD));
    }

    private static RepWords words(int play, String job, List<RepWords.Mark> marks) {
        boolean loafs = job.equals("corner-left") && play == 3;
        return new RepWords(
                marks,
                loafs ? "walks when the ball goes away" : null,
                Target.MAN,
                loafs ? Set.of(Flag.LOAF) : Set.of(),
                job.equals("nose") ? RepOutcome.NEUTRAL : null,
                job.equals("mike") && play == 5);
    }
}
