package mensch.app.game;

import java.util.List;
import java.util.Optional;
import mensch.app.board.SnapWords;
import mensch.app.board.Snaps;
import mensch.app.bounds.Paged;
import mensch.app.call.CallBook;
import mensch.app.playbook.Playbook;
import mensch.app.problem.Problem;
import mensch.app.version.Version;
import mensch.core.call.Call;
import mensch.core.field.Code;
import mensch.core.formation.Snap;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Games and the log of their plays. What is written of one game is written one after the other. */
@Service
@Transactional(readOnly = true)
public class GameBook {
    private static final String OVERTAKEN = "play-overtaken";
    private static final List<String> PLAYS = List.of("run", "pass", "option");

    private final Games games;
    private final Plays plays;
    private final Football football;
    private final ApplicationEventPublisher events;

    /** Core's side of a log: the library in force, snaps and calls as somebody may see them. */
    @Component("gameFootball")
    record Football(Playbook playbook, CallBook calls, Snaps snaps) {}

    /** A play as core knows it. */
    public record Asked(Snap snap, Call call) {}

    GameBook(Games games, Plays plays, Football football, ApplicationEventPublisher events) {
        this.games = games;
        this.plays = plays;
        this.football = football;
        this.events = events;
    }

    Page<Games.InShort> games(int page) {
        return games.inShort(Paged.asked(page));
    }

    /** @throws Problem when there is no such game */
    public Game game(Long id) {
        return games.findById(id).orElseThrow(() -> Problem.notFound("the game " + id));
    }

    /** The game that was begun last. */
    public Optional<Game> newest() {
        return games.findFirstByOrderByIdDesc();
    }

    public List<Game> otherThan(Long id) {
        return games.findByIdNot(id);
    }

    /** Plays in the order they were played, but for those that were taken out. */
    public List<Play> plays(Long game) {
        return plays.findByGameIdAndTakenOutOrderByNumber(game, false);
    }

    public List<Play> takenOut(Long game) {
        return plays.findByGameIdAndTakenOutOrderByNumber(game, true);
    }

    /** A play that is in the game. @throws Problem when there is none, or it was taken out */
    public Play play(Long game, Long id) {
        return plays.findByIdAndGameId(id, game)
                .filter(p -> !p.takenOut())
                .orElseThrow(() -> Problem.notFound("play " + id + " of this game"));
    }

    /** A play of any game that stands. @throws Problem when there is none, or it was taken out */
    public Play play(Long id) {
        return plays.findById(id).filter(p -> !p.takenOut()).orElseThrow(() -> Problem.notFound("play " + id));
    }

    /** The line-up and the call of a log. @throws Problem when somebody must not see one of them */
    public Asked asked(PlayLog log, String by) {
        return new Asked(
                football.snaps().of(log.snap(), by), football.calls().seen(log.call(), log.revision(), List.of(), by));
    }

    @Transactional
    public Game add(GameWords words) {
        Code.written(words.code());
        return games.saveAndFlush(new Game(words));
    }

    /** What a game is called; another code of rules is one of all its plays. */
    @Transactional
    public Game change(Long id, GameWords words, Version read) {
        hold(id);
        Code.written(words.code());
        Game game = game(id);
        read.checkIs(
                game.version(),
                "game-overtaken",
                "somebody changed this game after you opened it; look at what he wrote and say yours again");
        game.said(words);
        for (Play play : plays.findByGameId(id)) {
            play.logged(under(play.log(), words.code()));
        }
        games.flush();
        return game;
    }

    /** A play at the end of the log; one that cannot be lined up is not kept. */
    @Transactional
    public Play add(Long game, PlayLog log, String by) {
        hold(game);
        PlayLog kept = checked(game(game), log, by);
        return logged(new Play(game, plays.lastNumber(game) + 1, kept), by);
    }

    /** Another log of a play; refused when somebody wrote after {@code read}. */
    @Transactional
    public Play log(Long game, Long id, Version read, PlayLog log, String by) {
        Play play = play(game, id);
        checkRead(play, read);
        play.logged(checked(game(game), log, by));
        return logged(play, by);
    }

    private Play logged(Play play, String by) {
        Play kept = plays.saveAndFlush(play);
        events.publishEvent(new PlayLogged(kept, asked(kept.log(), by)));
        return kept;
    }

    /** Gives a play another number; those between its old and its new place move up by one. */
    @Transactional
    public Play renumber(Long game, Long id, Version read, int number) {
        hold(game);
        Play play = play(game, id);
        checkRead(play, read);
        int last = plays.lastNumber(game);
        if (number < 1 || number > last) {
            throw Problem.refused(
                    "number-outside", "play " + number + " is not of this game; its plays are 1 to " + last);
        }
        int before = play.number();
        if (number != before) {
            plays.standBehindZero(id, number);
            plays.moveBehindZero(
                    game, Math.min(number, before + 1), Math.max(number, before - 1), number < before ? 1 : -1);
            plays.comeForth(game);
        }
        return play(game, id);
    }

    /** Takes a play out of the game; its film and grades wait until it is put back. */
    @Transactional
    public void takeOut(Long game, Long id, Version read) {
        hold(game);
        Play play = play(game, id);
        checkRead(play, read);
        int number = play.number();
        int last = plays.lastNumber(game);
        play.takeOut();
        plays.saveAndFlush(play);
        plays.moveBehindZero(game, number + 1, last, -1);
        plays.comeForth(game);
    }

    /** Puts a play back where it was, or at the end. */
    @Transactional
    public Play putBack(Long game, Long id) {
        hold(game);
        Play play = plays.findByIdAndGameId(id, game)
                .filter(Play::takenOut)
                .orElseThrow(() -> Problem.notFound("a play " + id + " that was taken out of this game"));
        int last = plays.lastNumber(game);
        int number = Math.min(play.number(), last + 1);
        plays.moveBehindZero(game, number, last, 1);
        plays.comeForth(game);
        Play found = plays.findByIdAndGameId(id, game).orElseThrow();
        found.putBack(number);
        return plays.saveAndFlush(found);
    }

    /** A play that was made one with another, to which all that belonged to it has gone. */
    @Transactional
    public void drop(Play joined) {
        takeOut(joined.gameId(), joined.id(), new Version(joined.version()));
        plays.deleteById(joined.id());
    }

    /** Erases a game with all that belongs to it. @return whether there was one to take away */
    @Transactional
    public boolean erase(Long id) {
        return games.erase(id) > 0;
    }

    /** Until the end of the transaction nobody else writes of this game. @throws Problem when there is no such game */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(Long game) {
        games.hold(game).orElseThrow(() -> Problem.notFound("the game " + game));
    }

    private static void checkRead(Play play, Version read) {
        read.checkIs(
                play.version(),
                OVERTAKEN,
                "somebody else changed play " + play.number()
                        + " after you opened it; look at what he wrote and say yours again");
    }

    /** Under the game's rules, and such as core can line up. */
    private PlayLog checked(Game game, PlayLog log, String by) {
        PlayLog kept = under(log, game.code());
        asked(kept, by);
        String ran = kept.theirPlay();
        if (ran != null && PLAYS.stream().noneMatch(kind -> known(kind, ran, by))) {
            throw Problem.notFound("the play " + ran);
        }
        return kept;
    }

    private boolean known(String kind, String play, String by) {
        Playbook playbook = football.playbook();
        return playbook.has(kind, play) && playbook.isSeen(kind, play, by);
    }

    private static PlayLog under(PlayLog log, String code) {
        SnapWords s = log.snap();
        return log.against(new SnapWords(
                s.formation(), s.mirrored(), s.motion(), s.men(), code, s.hash(), s.toGoal(), s.down(), s.distance()));
    }
}
