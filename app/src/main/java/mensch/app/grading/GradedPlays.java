package mensch.app.grading;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mensch.app.bounds.Paged;
import mensch.app.film.FilmClock;
import mensch.app.film.Paths;
import mensch.app.game.Game;
import mensch.app.game.Play;
import mensch.app.game.PlayLog;
import mensch.app.playbook.Playbook;
import mensch.app.played.WasOn;
import mensch.app.played.WhoPlayed;
import mensch.core.event.Observed;
import mensch.core.film.FilmedPath;
import mensch.core.grading.Settled;
import mensch.core.grading.Topic;
import mensch.core.report.Effort;
import mensch.core.report.Graded;
import mensch.core.report.Occasion;
import mensch.core.report.OnPlay;
import mensch.core.report.Snaps;
import mensch.core.report.Together;
import mensch.core.simulation.Playable;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was graded, as every report reads it. */
@Service
@Transactional(readOnly = true)
public class GradedPlays {
    private final GradedReps reps;
    private final SettledMarks settled;
    private final FilmClock clock;
    private final WhoPlayed played;
    private final Playbook playbook;
    private final Paths paths;

    GradedPlays(
            GradedReps reps, SettledMarks settled, FilmClock clock, WhoPlayed played, Playbook playbook, Paths paths) {
        this.reps = reps;
        this.settled = settled;
        this.clock = clock;
        this.played = played;
        this.playbook = playbook;
        this.paths = paths;
    }

    /**
     * All of it.
     *
     * @param words the newest game first and its last play first
     * @param graded the same, for core to add up
     */
    public record Everything(List<GradedPlay> words, Graded graded) {}

    /** Every coach's word, the newest game first and its last play first. */
    List<GradedPlay> words() {
        return reps.all().stream().map(this::word).toList();
    }

    /** All that was graded, asked for once. */
    public Everything everything() {
        List<PlacedRep> placed = reps.all();
        List<GradedPlay> words = placed.stream().map(this::word).toList();
        Map<String, Playable.Kind> kinds = new Playable(playbook.library().plays())
                .named().stream().collect(Collectors.toMap(Playable.Named::id, Playable.Named::kind, (a, b) -> a));
        Map<Long, Double> pressed = clock.first(Observed.PRESSURES);
        Map<Long, Occasion> plays = placed.stream()
                .collect(Collectors.toMap(
                        p -> p.play().id(), p -> occasion(p.game(), p.play(), kinds, pressed), (a, b) -> a));
        return new Everything(
                words,
                new Graded(
                        words.stream().map(GradedPlay::rep).toList(),
                        plays,
                        settled(placed),
                        field(kinds, pressed),
                        ran()));
    }

    /** Words of one man, the newest game first. */
    public Paged<GradedPlay> ofMan(String man, int page) {
        return Paged.of(reps.ofMan(man, Paged.asked(page)), this::word);
    }

    private GradedPlay word(PlacedRep placed) {
        return new GradedPlay(
                at(placed.game(), placed.play()),
                placed.play().id(),
                RepRow.of(placed.rep(), placed.player()),
                placed.rep().rep(placed.man(), wrongAfter(placed)));
    }

    private @Nullable Double wrongAfter(PlacedRep placed) {
        return Optional.ofNullable(placed.rep().body().correction())
                .map(Correction::wrongAt)
                .flatMap(at -> clock.sinceBall(placed.play().id(), at.reel(), at.frame()))
                .orElse(null);
    }

    private static OnPlay at(Game game, Play play) {
        return new OnPlay(game.id(), game.opponent(), play.number());
    }

    private static Occasion occasion(
            Game game, Play play, Map<String, Playable.Kind> kinds, Map<Long, Double> pressed) {
        PlayLog log = play.log();
        return new Occasion(
                at(game, play),
                log.unit(),
                pass(log, kinds),
                log.gain(),
                log.together() == null ? Together.NOT_SAID : log.together().together(),
                pressed.get(play.id()));
    }

    private List<Snaps.OnField> field(Map<String, Playable.Kind> kinds, Map<Long, Double> pressed) {
        Map<Long, List<WasOn>> plays = played.all().stream()
                .collect(Collectors.groupingBy(w -> w.play().id(), LinkedHashMap::new, Collectors.toList()));
        return plays.values().stream()
                .map(men -> new Snaps.OnField(
                        occasion(men.get(0).game(), men.get(0).play(), kinds, pressed),
                        men.stream().map(WasOn::player).collect(Collectors.toSet())))
                .toList();
    }

    /** Players of the roster who were followed on film, on each play. */
    public List<Effort.Ran> ran() {
        Map<Long, Map<String, FilmedPath.Pace>> paces = paths.paces();
        return paces.isEmpty()
                ? List.of()
                : played.all().stream()
                        .flatMap(w -> Optional.ofNullable(
                                paces.getOrDefault(w.play().id(), Map.of()).get(w.job()))
                                .map(pace -> new Effort.Ran(w.player(), at(w.game(), w.play()), pace))
                                .stream())
                        .toList();
    }

    /** By how it ended, else by what they ran; an option is either. */
    private static @Nullable Boolean pass(PlayLog log, Map<String, Playable.Kind> kinds) {
        if (log.result() != null && log.result().afterPass()) {
            return true;
        }
        return switch (log.theirPlay() == null
                ? Playable.Kind.OPTION
                : kinds.getOrDefault(log.theirPlay(), Playable.Kind.OPTION)) {
            case RUN -> false;
            case PASS -> true;
            case OPTION -> null;
        };
    }

    private record Seat(Long play, String job) {}

    private List<Settled> settled(List<PlacedRep> placed) {
        Map<Seat, String> men = new HashMap<>();
        placed.forEach(p -> men.put(new Seat(p.play().id(), p.rep().job()), p.man()));
        return settled.findAll().stream()
                .flatMap(s -> Optional.ofNullable(men.get(new Seat(s.playId(), s.job())))
                        .map(man -> new Settled(s.playId(), man, s.topic(), s.mark()))
                        .stream())
                .toList();
    }

    /** What was settled, by play, job and topic. */
    public record SettledAt(long play, String job, Topic topic) {}

    Map<SettledAt, Settling.SettledRow> settledRows() {
        return settled.findAll().stream()
                .collect(Collectors.toMap(s -> new SettledAt(s.playId(), s.job(), s.topic()), Settling.SettledRow::of));
    }
}
