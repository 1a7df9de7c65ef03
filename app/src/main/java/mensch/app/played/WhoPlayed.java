package mensch.app.played;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.app.game.GameBook;
import mensch.app.game.Play;
import mensch.app.game.PlayLogged;
import mensch.app.problem.Problem;
import mensch.app.roster.RosterBook;
import mensch.app.version.Version;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.roster.Seated;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Who played which seat. A play that is logged has the men of the play before it, and where that has not such a seat
 * the chart's, as it stood then; a coach says where it was another, from one play on.
 */
@Service
@Transactional(readOnly = true)
public class WhoPlayed {
    private final PlayedSeats seats;
    private final GameBook games;
    private final RosterBook roster;

    WhoPlayed(PlayedSeats seats, GameBook games, RosterBook roster) {
        this.seats = seats;
        this.games = games;
        this.roster = roster;
    }

    /** Players of a play, by job; seats of an earlier log of it among them. */
    public Map<String, String> of(Long play) {
        return seats.findByPlayId(play).stream().collect(Collectors.toMap(PlayedSeat::job, PlayedSeat::player));
    }

    /** Everybody on every play. */
    public List<WasOn> all() {
        return seats.all();
    }

    @EventListener
    @Transactional
    void logged(PlayLogged logged) {
        fill(logged.play(), Lineup.of(logged.asked().call(), logged.asked().snap()));
    }

    /** Puts men at the seats of a line-up where nobody is said to have played yet. */
    @Transactional
    public void fill(Play play, Lineup lineup) {
        List<String> jobs = lineup.jobs().stream().map(Job::id).toList();
        List<PlayedSeat> kept = seats.findByPlayId(play.id());
        Map<String, String> standing = men(kept.stream().filter(PlayedSeat::onField));
        if (standing.keySet().equals(Set.copyOf(jobs))) {
            return;
        }
        keep(
                play.id(),
                kept,
                Seated.of(jobs, List.of(standing, men(kept.stream()), last(play), roster.playing(lineup))),
                s -> !jobs.contains(s.job()));
    }

    private static Map<String, String> men(Stream<PlayedSeat> of) {
        return of.collect(Collectors.toMap(PlayedSeat::job, PlayedSeat::player, (latest, before) -> latest));
    }

    /** Who played each seat last before a play. */
    private Map<String, String> last(Play play) {
        return men(seats.before(play.gameId(), play.number()).stream());
    }

    /**
     * The seats of a play are these.
     *
     * @param gone seats that its line-up has no more: who had one is kept, off the field
     */
    private void keep(Long play, List<PlayedSeat> kept, Seated seated, Predicate<PlayedSeat> gone) {
        for (PlayedSeat seat : kept) {
            @Nullable String man = seated.men().get(seat.job());
            if (man == null && !gone.test(seat)) {
                seats.delete(seat);
            } else {
                seat.played(man);
            }
        }
        Set<String> known = kept.stream().map(PlayedSeat::job).collect(Collectors.toSet());
        seated.men().forEach((job, player) -> {
            if (!known.contains(job)) {
                seats.save(new PlayedSeat(play, job, player));
            }
        });
        seats.flush();
    }

    /**
     * Says who played a seat on a play, and on those after it as far as they have the same man there. If he is at
     * another seat of such a play, the two have changed places.
     *
     * @return players of this play, by job
     */
    @Transactional
    public Map<String, String> say(Long game, Long id, String job, PlayedWords words, String by) {
        games.hold(game);
        Play play = games.play(game, id);
        GameBook.Asked asked = games.asked(play.log(), by);
        Lineup lineup = Lineup.of(asked.call(), asked.snap());
        if (lineup.job(job) == null) {
            throw Problem.notFound(job + " in the line-up of play " + play.number());
        }
        if (roster.player(words.player()).isEmpty()) {
            throw Problem.notFound("the player " + words.player() + " of the roster");
        }
        fill(play, lineup);
        @Nullable String now = of(id).get(job);
        if (!Objects.equals(now, words.instead())) {
            throw Version.overtaken(
                    "played-overtaken",
                    "somebody else said who played " + job + " on play " + play.number()
                            + " after you opened it; look at what he said and say yours again");
        }
        substitute(play, job, words.player());
        return of(id);
    }

    private void substitute(Play first, String job, String player) {
        Map<Long, List<PlayedSeat>> plays = new LinkedHashMap<>();
        // it may have nobody yet
        plays.put(first.id(), new ArrayList<>());
        seats.from(first.gameId(), first.number())
                .forEach(s -> plays.computeIfAbsent(s.playId(), p -> new ArrayList<>())
                        .add(s));
        List<Seated> after = Seated.substituted(
                plays.values().stream().map(WhoPlayed::onField).toList(), job, player);
        int i = 0;
        for (Map.Entry<Long, List<PlayedSeat>> play : plays.entrySet()) {
            keep(play.getKey(), play.getValue(), after.get(i++), s -> !s.onField());
        }
    }

    private static Seated onField(List<PlayedSeat> of) {
        return new Seated(men(of.stream().filter(PlayedSeat::onField)));
    }

    /** Two plays were one: seats of which only the other's men were graded are theirs who played them there. */
    @Transactional
    public void join(Long from, Long to, Set<String> jobs) {
        List<PlayedSeat> here = seats.findByPlayId(to);
        Seated joined = onField(here);
        for (PlayedSeat there : seats.findByPlayId(from)) {
            if (jobs.contains(there.job())) {
                joined = joined.with(there.job(), there.player());
            }
        }
        keep(to, here, joined, s -> !s.onField());
    }
}
