package mensch.app.grading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.app.bounds.Bounds;
import mensch.app.game.GameBook;
import mensch.app.game.Play;
import mensch.app.problem.Problem;
import mensch.app.version.Version;
import mensch.app.version.Versioned;
import mensch.core.grading.GradeMark;
import mensch.core.grading.Topic;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Where two coaches differed and talked about it, one of them says which mark stands. What each said himself stays as
 * it is: how far they agreed is told by that.
 */
@Service
@Transactional
class Settling {
    /** @param of rubric by id; empty for a facet */
    record About(
            @NotNull @Size(max = Bounds.NAME) String of,
            @NotBlank @Size(max = Bounds.NAME) String what) {
        Topic topic() {
            return new Topic(of, what);
        }
    }

    /** Which mark stands. */
    record SettledWords(
            @NotNull @Valid About topic, @NotNull GradeMark mark) {}

    /** @param version goes back as If-Match with the next word; 0 before the first */
    record SettledRow(GradeMark mark, String by, Instant at, long version) implements Versioned {
        static SettledRow of(SettledMark settled) {
            return new SettledRow(settled.mark(), settled.settledBy(), settled.settledAt(), settled.version() + 1L);
        }
    }

    private final SettledMarks settled;
    private final GradedReps reps;
    private final GameBook games;
    private final Clock clock;

    Settling(SettledMarks settled, GradedReps reps, GameBook games, Clock clock) {
        this.settled = settled;
        this.reps = reps;
        this.games = games;
        this.clock = clock;
    }

    /** Refused when the two do not differ, when the mark is neither's, or when somebody settled it since. */
    SettledRow settle(GradeBook.RepKey key, Version read, SettledWords words, String by) {
        Play play = games.play(key.game(), key.play());
        Topic topic = words.topic().topic();
        Set<GradeMark> given = given(play.id(), key.job(), topic);
        String what = topic.what() + " of " + key.job() + " on play " + play.number();
        if (given.size() < 2) {
            throw Problem.refused(
                    "nothing-to-settle", "no two coaches differ in " + what + "; nothing is to be settled");
        }
        if (!given.contains(words.mark())) {
            throw Problem.refused(
                    "mark-of-neither",
                    "nobody gave " + what + " " + words.mark().words() + "; choose "
                            + given.stream().map(GradeMark::words).collect(Collectors.joining(" or ")));
        }
        Optional<SettledMark> before = before(play.id(), key.job(), topic);
        checkRead(read, before, what);
        SettledMark mark =
                before.orElseGet(() -> new SettledMark(play.id(), key.job(), topic, words.mark(), by, clock.instant()));
        mark.say(words.mark(), by, clock.instant());
        return SettledRow.of(settled.saveAndFlush(mark));
    }

    /** Leaves it open again. */
    void leaveOpen(GradeBook.RepKey key, Version read, About about) {
        Play play = games.play(key.game(), key.play());
        String what = about.what() + " of " + key.job() + " on play " + play.number();
        SettledMark mark = before(play.id(), key.job(), about.topic())
                .orElseThrow(() -> Problem.notFound("a settled mark for " + what));
        checkRead(read, Optional.of(mark), what);
        settled.delete(mark);
    }

    private Set<GradeMark> given(Long play, String job, Topic topic) {
        Set<GradeMark> given = EnumSet.noneOf(GradeMark.class);
        List<GradedRep> said = reps.findByPlayIdOrderByJobAscGraderAsc(play);
        said.stream()
                .filter(r -> r.job().equals(job))
                .flatMap(r -> Optional.ofNullable(r.rep(job, null).given().get(topic)).stream())
                .forEach(given::add);
        return given;
    }

    private Optional<SettledMark> before(Long play, String job, Topic topic) {
        return settled.findByPlayIdAndJobAndTopicOfAndTopicWhat(play, job, topic.of(), topic.what());
    }

    private static void checkRead(Version read, Optional<SettledMark> now, String what) {
        read.checkIs(
                now.map(s -> SettledRow.of(s).version()).orElse(0L),
                "settled-overtaken",
                "somebody settled " + what + " after you opened this page; load it anew and look at his");
    }
}
