package mensch.app.joining;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mensch.app.film.FilmRoom;
import mensch.app.game.Game;
import mensch.app.game.GameBook;
import mensch.app.game.Play;
import mensch.app.grading.GradeBook;
import mensch.app.problem.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds plays that look like one play seen from two sides, and makes them one when a coach says so. */
@Service
@Transactional(readOnly = true)
class Joining {
    private final GameBook games;
    private final FilmRoom film;
    private final GradeBook grades;

    /** A play of this game, and one of another that is logged the same and filmed on other reels. */
    record Pair(Play here, Play there) {}

    /** Another game of which at least half of the plays are logged as plays of this one are. */
    record Offer(Game other, int plays, List<Pair> pairs) {}

    Joining(GameBook games, FilmRoom film, GradeBook grades) {
        this.games = games;
        this.film = film;
        this.grades = grades;
    }

    /** Games that look like this one from another side, the likest first. */
    List<Offer> offers(Long game) {
        Game here = games.game(game);
        return games.otherThan(game).stream()
                .filter(other -> mayBeOne(here, other))
                .map(other -> offer(games.plays(game), other))
                .filter(offer -> !offer.pairs().isEmpty() && 2 * offer.pairs().size() >= offer.plays())
                .sorted((a, b) -> Integer.compare(b.pairs().size(), a.pairs().size()))
                .toList();
    }

    private static boolean mayBeOne(Game here, Game other) {
        return here.playedOn() == null || other.playedOn() == null || Objects.equals(here.playedOn(), other.playedOn());
    }

    private Offer offer(List<Play> plays, Game other) {
        List<Play> theirs = games.plays(other.id());
        var left = new ArrayList<>(theirs);
        var pairs = new ArrayList<Pair>();
        for (Play play : plays) {
            Optional<Play> same = left.stream()
                    .filter(p -> p.log().sameAs(play.log()) && !film.onOneReel(p.id(), play.id()))
                    .findFirst();
            same.ifPresent(p -> {
                pairs.add(new Pair(play, p));
                left.remove(p);
            });
        }
        return new Offer(other, theirs.size(), List.copyOf(pairs));
    }

    /**
     * Makes two plays one: the film and the grades of the other are those of this one, whose log stands. A game that
     * has given all its plays away, and its reels, is gone.
     */
    @Transactional
    public void join(Long game, Long play, Long otherGame, Long otherPlay) {
        Play here = games.play(game, play);
        Play there = games.play(otherGame, otherPlay);
        if (game.equals(otherGame) && play.equals(otherPlay)) {
            throw Problem.refused("same-play", "a play cannot be joined with itself; choose another");
        }
        if (film.onOneReel(play, otherPlay)) {
            throw Problem.refused(
                    "on-one-reel",
                    "play " + here.number() + " and play " + there.number()
                            + " are cut out of one reel, so they are two plays; take one cut off first");
        }
        grades.join(there.id(), here.id());
        film.join(there.id(), here.id(), game);
        games.drop(there);
        if (games.plays(otherGame).isEmpty() && games.takenOut(otherGame).isEmpty() && film.reelsOf(otherGame) == 0) {
            games.erase(otherGame);
        }
    }
}
