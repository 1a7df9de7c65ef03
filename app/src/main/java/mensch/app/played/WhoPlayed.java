package mensch.app.played;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mensch.app.game.GameBook;
import mensch.app.game.Play;
import mensch.app.game.PlayLogged;
import mensch.app.problem.Problem;
import mensch.app.roster.RosterBook;
import mensch.app.version.Version;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
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
        Set<String> jobs = lineup.jobs().stream().map(Job::id).collect(Collectors.toSet());
        Map<String, PlayedSeat> kept = byJob(seats.findByPlayId(play.id()));
        kept.values().forEach(s -> s.stands(jobs.contains(s.job())));
        if (kept.keySet().containsAll(jobs)) {
            return;
        }
        Set<String> there = kept.values().stream()
                .filter(PlayedSeat::onField)
                .map(PlayedSeat::player)
                .collect(Collectors.toSet());
        Map<String, String> before = before(play);
        Map<String, String> chart = roster.playing(lineup);
        // whoever played a seat last goes before the chart; a man plays once
        for (Map<String, String> men : List.of(before, chart)) {
            for (String job : lineup.jobs().stream().map(Job::id).toList()) {
                String player = men.get(job);
                if (player != null && !kept.containsKey(job) && there.add(player)) {
                    kept.put(job, seats.save(new PlayedSeat(play.id(), job, player)));
                }
            }
        }
        seats.flush();
    }

    private static Map<String, PlayedSeat> byJob(List<PlayedSeat> of) {
        return of.stream().collect(Collectors.toMap(PlayedSeat::job, Function.identity(), (a, b) -> a, HashMap::new));
    }

    /** Who played each seat last before a play. */
    private Map<String, String> before(Play play) {
        var last = new HashMap<String, String>();
        seats.before(play.gameId(), play.number()).forEach(s -> last.putIfAbsent(s.job(), s.player()));
        return last;
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
        if (now == null) {
            put(byJob(seats.findByPlayId(id)), id, job, words.player());
        } else {
            change(game, play.number(), job, now, words.player());
        }
        seats.flush();
        return of(id);
    }

    /** Two plays were one: seats of which only the other's men were graded are theirs who played them there. */
    @Transactional
    public void join(Long from, Long to, Set<String> jobs) {
        Map<String, PlayedSeat> here = byJob(seats.findByPlayId(to));
        seats.findByPlayId(from).stream()
                .filter(s -> jobs.contains(s.job()))
                .forEach(s -> put(here, to, s.job(), s.player()));
        seats.flush();
    }

    private void change(Long game, int first, String job, String from, String to) {
        Map<Long, List<PlayedSeat>> plays = seats.from(game, first).stream()
                .collect(Collectors.groupingBy(PlayedSeat::playId, LinkedHashMap::new, Collectors.toList()));
        for (Map.Entry<Long, List<PlayedSeat>> play : plays.entrySet()) {
            Map<String, PlayedSeat> men = byJob(play.getValue());
            PlayedSeat seat = men.get(job);
            if (seat != null) {
                if (!seat.player().equals(from)) {
                    return;
                }
                put(men, play.getKey(), job, to);
            }
        }
    }

    private void put(Map<String, PlayedSeat> men, Long play, String job, String player) {
        Optional<PlayedSeat> seat = Optional.ofNullable(men.get(job));
        men.values().stream()
                .filter(s ->
                        s.onField() && s.player().equals(player) && !s.job().equals(job))
                .findFirst()
                .ifPresent(other -> seat.ifPresentOrElse(s -> other.by(s.player()), () -> seats.delete(other)));
        seat.ifPresentOrElse(s -> s.by(player), () -> seats.save(new PlayedSeat(play, job, player)));
    }
}
