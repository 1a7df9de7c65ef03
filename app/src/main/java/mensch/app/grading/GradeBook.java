package mensch.app.grading;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.app.film.FilmRoom;
import mensch.app.film.FilmRoom.AskedOnFilm;
import mensch.app.game.GameBook;
import mensch.app.game.Play;
import mensch.app.game.PlayLog;
import mensch.app.played.WhoPlayed;
import mensch.app.problem.Problem;
import mensch.app.version.Version;
import mensch.core.grading.CriterionMark;
import mensch.core.grading.FacetMark;
import mensch.core.grading.Flag;
import mensch.core.grading.Proposals;
import mensch.core.grading.Proposed;
import mensch.core.grading.ReadJudge;
import mensch.core.grading.Topic;
import mensch.core.lineup.Job;
import mensch.core.rubric.Facet;
import mensch.core.rubric.Rubric;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What coaches say of men on plays. What is measured is only proposed; a grade is a coach's word, one for each coach,
 * and nobody writes over another's.
 */
@Service
@Transactional(readOnly = true)
public class GradeBook {
    private static final String OVERTAKEN = "grade-overtaken";

    /** One man on one play of one game. */
    record RepKey(Long game, Long play, String job) {}

    /**
     * What the play they ran told a man.
     *
     * @param message that he acts on, and when, seconds after the snap
     * @param taught what he does on it, as he is told
     * @param toClick at what moment a click on him would show his read; empty when that is clicked, or shows nowhere
     * @param order what marked moments say of his technique
     * @param pace how fast he was, and what that is of his own speed; empty where he was not followed
     * @param ofTheJob facets that his job is marked by
     * @param rubrics he is graded by on this play, by id
     */
    record AskedOnPlay(
            String job,
            List<ReadJudge.Told> told,
            List<String> taught,
            String toClick,
            List<String> order,
            String pace,
            List<Facet> ofTheJob,
            List<String> rubrics) {}

    /** A facet as coaches write it, and what it is. */
    record FacetWords(Facet facet, String meaning) {}

    /**
     * The grades of a play as one coach may see them.
     *
     * @param facets that there are, in the order they are marked in
     * @param untold why it is not known what the keys told anybody on this play; empty when it is
     * @param players of the roster by job, where it is known who played
     * @param rubrics that men of the play are graded by
     * @param mine his own
     * @param earlier men whom he graded by an earlier revision of the call or of a rubric
     * @param others of men whom he has graded himself
     * @param waiting coaches who graded men of this play whom he has not, and whose word he sees when he has
     */
    record PlayGrades(
            List<FacetWords> facets,
            List<Proposed> proposals,
            List<AskedOnPlay> asked,
            String untold,
            Map<String, String> players,
            List<Rubric> rubrics,
            List<RepRow> mine,
            Set<String> earlier,
            List<RepRow> others,
            Set<String> waiting) {}

    private static final List<FacetWords> FACETS = Arrays.stream(Facet.values())
            .map(facet -> new FacetWords(facet, facet.meaning()))
            .toList();

    private final GradedReps reps;
    private final SettledMarks settled;
    private final GameBook games;
    private final FilmRoom film;
    private final WhoPlayed played;
    private final PaceWords paces;
    private final Clock clock;

    GradeBook(
            GradedReps reps,
            SettledMarks settled,
            GameBook games,
            FilmRoom film,
            WhoPlayed played,
            PaceWords paces,
            Clock clock) {
        this.reps = reps;
        this.settled = settled;
        this.games = games;
        this.film = film;
        this.played = played;
        this.paces = paces;
        this.clock = clock;
    }

    /** Graders do not see each other's word of a man before they said theirs. */
    PlayGrades ofPlay(Long game, Long play, String by) {
        Play found = games.play(game, play);
        List<GradedRep> all = reps.findByPlayIdOrderByJobAscGraderAsc(play);
        Map<String, String> players = played.of(play);
        List<RepRow> mine = all.stream()
                .filter(r -> r.grader().equals(by))
                .map(r -> row(r, players))
                .toList();
        Set<String> done = mine.stream().map(RepRow::job).collect(Collectors.toSet());
        var others = new ArrayList<RepRow>();
        var waiting = new TreeSet<String>();
        for (GradedRep rep : all) {
            if (rep.grader().equals(by)) {
                continue;
            }
            if (done.contains(rep.job())) {
                others.add(row(rep, players));
            } else {
                waiting.add(rep.grader());
            }
        }
        AskedOnFilm asked = film.askedOnFilm(found, by);
        List<AskedOnPlay> onPlay = onPlay(asked, paces.words(found, players));
        List<Rubric> used = asked.rubrics().stream()
                .filter(r -> onPlay.stream().anyMatch(a -> a.rubrics().contains(r.id())))
                .toList();
        return new PlayGrades(
                FACETS,
                asked.proposals().all(),
                onPlay,
                untold(found.log(), asked),
                players,
                used,
                mine,
                earlier(all, by, asked),
                others,
                waiting);
    }

    private static RepRow row(GradedRep rep, Map<String, String> players) {
        return RepRow.of(rep, players.get(rep.job()));
    }

    private static Set<String> earlier(List<GradedRep> all, String by, AskedOnFilm asked) {
        return all.stream()
                .filter(r -> r.grader().equals(by))
                .filter(r -> !r.callDigest().equals(asked.lineup().call().digest())
                        || r.body().criteria().stream().anyMatch(c -> overtaken(c, asked.inForce())))
                .map(GradedRep::job)
                .collect(Collectors.toSet());
    }

    private static boolean overtaken(CriterionMark mark, List<Rubric> rubrics) {
        return rubrics.stream()
                .noneMatch(r -> r.id().equals(mark.rubric()) && r.digest().equals(mark.digest()));
    }

    private static String untold(PlayLog log, AskedOnFilm asked) {
        if (asked.reads().isPresent()) {
            return "";
        }
        return log.theirPlay() == null || log.theirSide() == null
                ? "what they ran, and to which side, is not in the log: say it, and it is told what his keys told him"
                : "this formation cannot run what is logged to that side: look at play, side and formation in the log";
    }

    private static List<AskedOnPlay> onPlay(AskedOnFilm asked, Map<String, String> paces) {
        return asked.lineup().jobs().stream()
                .map(job -> new AskedOnPlay(
                        job.id(),
                        asked.reads().map(r -> r.told(job)).orElse(List.of()),
                        asked.reads().map(r -> r.taught(job)).orElse(List.of()),
                        asked.proposals().stillToClick(job).orElse(""),
                        asked.proposals().order(job),
                        paces.getOrDefault(job.id(), ""),
                        Proposals.ofTheJob(job),
                        asked.rubricsOf(job.id()).stream().map(Rubric::id).toList()))
                .toList();
    }

    /**
     * A coach's word of one man; refused when he himself said another after {@code read}, on another screen.
     *
     * @param read 0 before his first
     */
    @Transactional
    public RepRow say(RepKey key, Version read, RepWords words, String by) {
        if (words.correction() != null) {
            words.correction().shown().forEach(at -> film.checkShown(at.game(), at.reel(), at.frame()));
        }
        return say(film.askedOnFilm(games.play(key.game(), key.play()), by), key, read, words, by);
    }

    /** The same of a play that was measured already. */
    @Transactional
    RepRow say(AskedOnFilm asked, RepKey key, Version read, RepWords words, String by) {
        Play play = games.play(key.game(), key.play());
        checkSetsUp(words.setsUp(), play);
        Job job = asked.lineup().jobs().stream()
                .filter(j -> j.id().equals(key.job()))
                .findFirst()
                .orElseThrow(() -> Problem.notFound(key.job() + " in the line-up of play " + play.number()));
        Optional<GradedRep> before = reps.findByPlayIdAndJobAndGrader(play.id(), key.job(), by);
        checkRead(read, before.map(GradedRep::said).orElse(0L), key, play);
        GradedRep rep = before.orElseGet(() -> new GradedRep(play.id(), key.job(), by));
        rep.said(body(words, asked, job), asked.lineup().call(), clock.instant());
        played.fill(play, asked.lineup());
        return row(reps.saveAndFlush(rep), played.of(play.id()));
    }

    private void checkSetsUp(@Nullable Long later, Play play) {
        if (later != null && games.play(play.gameId(), later).number() <= play.number()) {
            throw Problem.refused(
                    "sets-up-earlier",
                    "play " + play.number() + " can set up a later play of its game only; choose one after it");
        }
    }

    private static void checkRead(Version read, long current, RepKey key, Play play) {
        read.checkIs(
                current,
                OVERTAKEN,
                "you graded " + key.job() + " on play " + play.number()
                        + " on another screen after this one was opened; look at that and say it again");
    }

    private static RepBody body(RepWords words, AskedOnFilm asked, Job job) {
        List<CriterionMark> criteria = criteria(words, asked.rubrics());
        var proposals = new ArrayList<>(asked.proposals().of(job));
        CriterionMark.proposes(job.id(), criteria).ifPresent(proposals::add);
        var marks = new ArrayList<FacetMark>();
        for (RepWords.Mark mark : words.marks()) {
            if (marks.stream().anyMatch(m -> m.facet() == mark.facet())) {
                throw Problem.refused("facet-twice", mark.facet().meaning() + " is marked twice; mark it once");
            }
            Optional<Proposed> proposed =
                    proposals.stream().filter(p -> p.facet() == mark.facet()).findFirst();
            marks.add(new FacetMark(
                    mark.facet(),
                    mark.mark(),
                    proposed.map(Proposed::mark).orElse(null),
                    proposed.map(Proposed::measured).orElse(null)));
        }
        marks.sort(Comparator.comparing(FacetMark::facet));
        return new RepBody(
                List.copyOf(marks),
                stripped(words.note()),
                words.target(),
                words.flags(),
                words.outcome(),
                words.extraCredit(),
                criteria,
                words.correction(),
                words.setsUp(),
                words.tackle() == null ? null : words.tackle().tackle(),
                words.thrown(),
                words.lane());
    }

    private static List<CriterionMark> criteria(RepWords words, List<Rubric> rubrics) {
        var marks = new LinkedHashMap<String, CriterionMark>();
        for (RepWords.Ticked said : words.criteria()) {
            Rubric rubric = rubrics.stream()
                    .filter(r -> r.id().equals(said.rubric())
                            && r.criterion(said.criterion()).isPresent())
                    .findFirst()
                    .orElseThrow(() ->
                            Problem.notFound("the criterion " + said.criterion() + " of the rubric " + said.rubric()));
            var mark = new CriterionMark(rubric.id(), rubric.digest(), said.criterion(), said.mark());
            if (marks.put(rubric.id() + " " + said.criterion(), mark) != null) {
                throw Problem.refused("criterion-twice", said.criterion() + " is marked twice; mark it once");
            }
        }
        return List.copyOf(marks.values());
    }

    private static @Nullable String stripped(@Nullable String note) {
        return note == null || note.isBlank() ? null : note.strip();
    }

    /** Takes a coach's own word of one man back. */
    @Transactional
    public void takeBack(RepKey key, Version read, String by) {
        Play play = games.play(key.game(), key.play());
        GradedRep rep = reps.findByPlayIdAndJobAndGrader(play.id(), key.job(), by)
                .orElseThrow(() -> Problem.notFound("your grade of " + key.job() + " on play " + play.number()));
        checkRead(read, rep.said(), key, play);
        reps.delete(rep);
    }

    /**
     * Grades of a play that was made one with another. Where the same coach graded the same man in both, what he said
     * here stands, and what he said there is kept in its note.
     */
    @Transactional
    public void join(Long from, Long to) {
        Set<String> graded = reps.findByPlayIdOrderByJobAscGraderAsc(to).stream()
                .map(GradedRep::job)
                .collect(Collectors.toSet());
        List<GradedRep> all = reps.findByPlayIdOrderByJobAscGraderAsc(from);
        played.join(
                from,
                to,
                all.stream()
                        .map(GradedRep::job)
                        .filter(job -> !graded.contains(job))
                        .collect(Collectors.toSet()));
        for (GradedRep there : all) {
            Optional<GradedRep> here = reps.findByPlayIdAndJobAndGrader(to, there.job(), there.grader());
            if (here.isPresent()) {
                here.get().also(joined(here.get().body(), there.body()));
            } else {
                there.ofPlay(to);
            }
        }
        reps.flush();
        for (SettledMark there : settled.findByPlayId(from)) {
            Topic topic = there.topic();
            if (settled.findByPlayIdAndJobAndTopicOfAndTopicWhat(to, there.job(), topic.of(), topic.what())
                    .isEmpty()) {
                there.ofPlay(to);
            }
        }
        settled.flush();
    }

    private static RepBody joined(RepBody here, RepBody there) {
        var marks = new ArrayList<>(here.marks());
        var said = new ArrayList<String>();
        if (here.note() != null) {
            said.add(here.note());
        }
        for (FacetMark mark : there.marks()) {
            Optional<FacetMark> same =
                    here.marks().stream().filter(m -> m.facet() == mark.facet()).findFirst();
            if (same.isEmpty()) {
                marks.add(mark);
            } else if (!same.get().equals(mark)) {
                said.add("from the other side: " + mark.facet().words() + " "
                        + mark.mark().words() + (mark.measured() == null ? "" : ", " + mark.measured()));
            }
        }
        if (there.note() != null) {
            said.add(there.note());
        }
        marks.sort(Comparator.comparing(FacetMark::facet));
        Set<Flag> flags = EnumSet.noneOf(Flag.class);
        flags.addAll(here.flags());
        flags.addAll(there.flags());
        return new RepBody(
                List.copyOf(marks),
                said.isEmpty() ? null : String.join("; ", said),
                here.target(),
                flags,
                here.outcome() == null ? there.outcome() : here.outcome(),
                here.extraCredit() || there.extraCredit(),
                Stream.concat(
                                here.criteria().stream(),
                                there.criteria().stream()
                                        .filter(c -> here.criteria().stream()
                                                .noneMatch(h -> h.rubric().equals(c.rubric())
                                                        && h.criterion().equals(c.criterion()))))
                        .toList(),
                here.correction() == null ? there.correction() : here.correction(),
                here.setsUp() == null ? there.setsUp() : here.setsUp(),
                here.tackle() == null ? there.tackle() : here.tackle(),
                here.thrown() == null ? there.thrown() : here.thrown(),
                here.lane() == null ? there.lane() : here.lane());
    }
}
