package mensch.app.film;

import java.time.LocalDate;
import java.util.List;
import mensch.app.game.GameBook;
import mensch.app.game.GameWords;
import mensch.app.work.WorkBook;
import mensch.app.work.WorkState;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Begins the demo's game and asks for its film, once: what a coach erases afterwards stays erased. */
@Component
@Order(3)
@ConditionalOnProperty("mensch.demo.camera")
class DemoFilm implements ApplicationRunner {
    private static final String LOGGED_BY = "marrow";
    private static final GameWords STOATS =
            new GameWords("Quarry Bend Stoats", "under 19", 2026, LocalDate.of(2026, 9, 26), "hs");

    private final GameBook games;
    private final WorkBook works;
    private final TransactionTemplate transaction;

    DemoFilm(GameBook games, WorkBook works, TransactionTemplate transaction) {
        this.games = games;
        this.works = works;
        this.transaction = transaction;
    }

    @Override
    public void run(ApplicationArguments args) {
        List<Long> failed = works.lastEnded(FilmTheDemo.KIND, WorkState.FAILED);
        transaction.executeWithoutResult(t -> {
            if (works.wasAsked(FilmTheDemo.KIND)) {
                failed.forEach(game -> works.ask(FilmTheDemo.KIND, game, LOGGED_BY));
            } else if (games.newest().isEmpty()) {
                works.ask(FilmTheDemo.KIND, games.add(STOATS).id(), LOGGED_BY);
            }
        });
    }
}
