package mensch.app.film;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import mensch.app.game.GameBook;
import mensch.app.game.Play;
import mensch.app.problem.Problem;
import mensch.core.event.Observed;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where the plays are on a reel, and what was marked there: taken along, and taken in. */
@Service
@Transactional(readOnly = true)
class Cuts {
    /** How far a time may lie from a frame, of how long the frame lasts; more is another film. */
    private static final double SLACK = 1.5;
    /** What is no moment of a play, but where it lies. */
    private static final Set<String> FRAMES = Set.of(Cut.CUT, Cut.OPEN_CUT, Cut.BALL_MOVES);

    private final Reels reels;
    private final Angles angles;
    private final GameBook games;

    Cuts(Reels reels, Angles angles, GameBook games) {
        this.reels = reels;
        this.angles = angles;
        this.games = games;
    }

    /** Play by play; each begins with its cut and goes on in the order of time. */
    List<Cut> of(Reel reel) {
        Map<Long, Angle> here = angles.ofGame(reel.gameId()).stream()
                .filter(a -> a.reelId().equals(reel.id()))
                .collect(Collectors.toMap(Angle::playId, Function.identity()));
        return games.plays(reel.gameId()).stream()
                .flatMap(p -> Optional.ofNullable(here.get(p.id())).stream()
                        .flatMap(a -> of(a, p.number(), reel.frameTimes()).stream()))
                .toList();
    }

    private static List<Cut> of(Angle angle, int play, List<Double> times) {
        var cuts = new ArrayList<Cut>();
        Integer last = angle.lastFrame();
        cuts.add(new Cut(
                play,
                last == null ? Cut.OPEN_CUT : Cut.CUT,
                null,
                times.get(angle.firstFrame()),
                last == null ? null : times.get(last)));
        cuts.add(new Cut(play, Cut.BALL_MOVES, null, times.get(angle.snapFrame()), null));
        angle.seen().stream()
                .sorted(Comparator.comparing(SeenAt::frame))
                .forEach(s -> cuts.add(new Cut(play, s.what().words(), s.man(), times.get(s.frame()), null)));
        return cuts;
    }

    /**
     * Cuts plays of the log out of a reel that they are not cut out of yet; all of them or none.
     *
     * @return how many plays
     */
    @Transactional
    int take(Long id, List<Cut> cuts, String by) {
        Reel reel = reels.findById(id).orElseThrow(() -> Problem.notFound("the reel " + id));
        games.hold(reel.gameId());
        Map<Integer, Play> plays =
                games.plays(reel.gameId()).stream().collect(Collectors.toMap(Play::number, Function.identity()));
        Map<Integer, List<Cut>> byPlay =
                cuts.stream().collect(Collectors.groupingBy(Cut::play, LinkedHashMap::new, Collectors.toList()));
        byPlay.forEach((number, its) -> {
            Play play = Optional.ofNullable(plays.get(number))
                    .orElseThrow(() -> refused(number, "it is not in the log of this game: log it first"));
            if (angles.existsByPlayIdAndReelId(play.id(), id)) {
                throw refused(number, "it is cut out of this reel already: take it off first");
            }
            checkMen(its, play, by);
            AngleWork work = work(number, its, reel.frameTimes());
            work.check(reel);
            angles.save(Angle.of(play.id(), id, work));
        });
        angles.flush();
        return byPlay.size();
    }

    /** A moment is of a man whom the play has. */
    private void checkMen(List<Cut> cuts, Play play, String by) {
        GameBook.Asked asked = games.asked(play.log(), by);
        Set<String> jobs = Lineup.of(asked.call(), asked.snap()).jobs().stream()
                .map(Job::id)
                .collect(Collectors.toSet());
        cuts.stream()
                .filter(c -> c.man() != null && !jobs.contains(c.man()))
                .findFirst()
                .ifPresent(c -> {
                    throw refused(
                            c.play(),
                            "it has no " + c.man() + "; its men are " + String.join(", ", new TreeSet<>(jobs)));
                });
    }

    private static AngleWork work(int number, List<Cut> cuts, List<Double> times) {
        int snap = one(number, cuts, Cut.BALL_MOVES)
                .map(c -> frame(c, c.from(), times))
                .orElseThrow(() -> refused(number, "nothing says when its ball moves"));
        Optional<Cut> cut = one(number, cuts, Cut.CUT).or(() -> one(number, cuts, Cut.OPEN_CUT));
        return new AngleWork(
                cut.map(c -> frame(c, c.from(), times)).orElse(snap),
                snap,
                cut.flatMap(c -> Optional.ofNullable(c.to()).map(to -> frame(c, to, times)))
                        .orElse(null),
                List.of(),
                List.of(),
                cuts.stream()
                        .filter(c -> !FRAMES.contains(c.what()))
                        .map(c -> new SeenAt(what(c), c.man(), frame(c, c.from(), times)))
                        .toList(),
                List.of());
    }

    private static Optional<Cut> one(int number, List<Cut> cuts, String what) {
        List<Cut> found = cuts.stream().filter(c -> c.what().equals(what)).toList();
        if (found.size() > 1) {
            throw refused(number, "\"" + what + "\" is there twice");
        }
        return found.stream().findFirst();
    }

    private static Observed what(Cut cut) {
        return Arrays.stream(Observed.values())
                .filter(o -> o.words().equals(cut.what()))
                .findFirst()
                .orElseThrow(() -> refused(
                        cut.play(),
                        "\"" + cut.what() + "\" is no moment; there are "
                                + Arrays.stream(Observed.values())
                                        .map(Observed::words)
                                        .collect(Collectors.joining(", "))));
    }

    /** The frame that is shown at a time. */
    private static int frame(Cut cut, double seconds, List<Double> times) {
        int nearest = 0;
        for (int i = 1; i < times.size(); i++) {
            if (Math.abs(times.get(i) - seconds) < Math.abs(times.get(nearest) - seconds)) {
                nearest = i;
            }
        }
        double end = times.get(times.size() - 1);
        double lasts = times.size() < 2 ? 1 : (end - times.get(0)) / (times.size() - 1);
        if (!(Math.abs(times.get(nearest) - seconds) <= SLACK * lasts)) {
            throw refused(
                    cut.play(),
                    String.format(
                            Locale.ROOT,
                            "%.2f s is not on this film, which has frames from %.2f to %.2f s",
                            seconds,
                            times.get(0),
                            end));
        }
        return nearest;
    }

    private static Problem refused(int play, String why) {
        return Problem.refused(
                "cuts-do-not-fit", "play " + play + " cannot be cut: " + why + ", or leave its rows out");
    }
}
