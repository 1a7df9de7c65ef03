package mensch.app.game;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.LocalDate;
import java.util.List;
import mensch.app.bounds.Bounds;
import mensch.app.bounds.Paged;
import mensch.app.problem.Created;
import mensch.app.version.Version;
import mensch.app.version.Versioned;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Games and their logs. */
@RestController
@RequestMapping("/api/games")
class GameController {
    /**
     * A game in the list.
     *
     * @param season the year it began in
     * @param playedOn null when nobody said it
     */
    record GameItem(
            long id,
            String opponent,
            String squad,
            int season,
            @Nullable LocalDate playedOn,
            String code,
            int plays) {}

    /** A row of the log. */
    record PlayRow(long id, int number, PlayLog log, long version) implements Versioned {
        static PlayRow of(Play play) {
            return new PlayRow(play.id(), play.number(), play.log(), play.version());
        }
    }

    /**
     * A game and its log.
     *
     * @param takenOut plays that were taken out and can be put back
     */
    record GameSheet(long id, GameWords game, List<PlayRow> plays, List<PlayRow> takenOut, long version)
            implements Versioned {}

    record PlayNumber(@NotNull @Min(1) Integer number) {}

    /**
     * A log that is taken in at once.
     *
     * @param plays how many the game had when it was read
     * @param rows in the order they were played
     */
    record WholeLog(
            @NotNull @Min(0) Integer plays,
            @NotNull @Size(min = 1, max = Bounds.LISTED) List<LogIntake.@Valid @NotNull LogRow> rows) {}

    private final GameBook book;
    private final LogIntake intake;

    GameController(GameBook book, LogIntake intake) {
        this.book = book;
        this.intake = intake;
    }

    /** Games, the newest first. */
    @GetMapping
    Paged<GameItem> list(@RequestParam(defaultValue = "0") @Min(0) @Max(Bounds.LAST_PAGE) int page) {
        return Paged.of(
                book.games(page),
                g -> new GameItem(
                        g.getId(),
                        g.getOpponent(),
                        g.getSquad(),
                        g.getSeason(),
                        g.getPlayedOn(),
                        g.getCode(),
                        g.getPlays()));
    }

    /** A game with its log. */
    @GetMapping("/{id}")
    GameSheet open(@PathVariable Long id) {
        return sheet(book.game(id));
    }

    /** A new game. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    GameSheet add(@Valid @RequestBody GameWords words, HttpServletResponse response) {
        Game game = book.add(words);
        Created.at(response, "/api/games", game.id());
        return sheet(game);
    }

    /** What a game is called, and by which rules it was played. */
    @PutMapping("/{id}")
    GameSheet change(
            @PathVariable Long id,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            @Valid @RequestBody GameWords words) {
        return sheet(book.change(id, words, read));
    }

    private GameSheet sheet(Game game) {
        return new GameSheet(
                game.id(),
                new GameWords(game.opponent(), game.squad(), game.season(), game.playedOn(), game.code()),
                book.plays(game.id()).stream().map(PlayRow::of).toList(),
                book.takenOut(game.id()).stream().map(PlayRow::of).toList(),
                game.version());
    }

    /** A play at the end of the log, filmed or not. */
    @PostMapping("/{id}/plays")
    @ResponseStatus(HttpStatus.CREATED)
    PlayRow addPlay(
            @PathVariable Long id, @Valid @RequestBody PlayLog log, Principal by, HttpServletResponse response) {
        PlayRow added = PlayRow.of(book.add(id, log, by.getName()));
        Created.at(response, "/api/games", id, "plays", added.id());
        return added;
    }

    /** All rows of a log, or none: those of plays that are there, and new ones at the end. */
    @PutMapping("/{id}/plays")
    GameSheet take(@PathVariable Long id, @Valid @RequestBody WholeLog log, Principal by) {
        intake.take(id, log.plays(), log.rows(), by.getName());
        return open(id);
    }

    /** A row of the log. */
    @GetMapping("/{id}/plays/{play}")
    PlayRow play(@PathVariable Long id, @PathVariable Long play) {
        return PlayRow.of(book.play(id, play));
    }

    /** Another log of a play. */
    @PutMapping("/{id}/plays/{play}")
    PlayRow log(
            @PathVariable Long id,
            @PathVariable Long play,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            @Valid @RequestBody PlayLog log,
            Principal by) {
        return PlayRow.of(book.log(id, play, read, log, by.getName()));
    }

    /** Another number of a play; those between move by one. */
    @PutMapping("/{id}/plays/{play}/number")
    GameSheet renumber(
            @PathVariable Long id,
            @PathVariable Long play,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            @Valid @RequestBody PlayNumber place) {
        book.renumber(id, play, read, place.number());
        return open(id);
    }

    /** Takes a play out of the game; it can be put back with all that belongs to it. */
    @DeleteMapping("/{id}/plays/{play}")
    GameSheet takeOut(
            @PathVariable Long id, @PathVariable Long play, @RequestHeader(HttpHeaders.IF_MATCH) Version read) {
        book.takeOut(id, play, read);
        return open(id);
    }

    /** Puts a play back that was taken out. */
    @PostMapping("/{id}/plays/{play}/back")
    GameSheet putBack(@PathVariable Long id, @PathVariable Long play) {
        book.putBack(id, play);
        return open(id);
    }
}
