package mensch.app.film;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.Principal;
import mensch.app.game.GameBook;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Films on their way in: the tus protocol, version 1.0.0; docs/formats.md says what a film becomes then. */
@Hidden
@RestController
class UploadController {
    private final Uploads uploads;
    private final GameBook games;

    UploadController(Uploads uploads, GameBook games) {
        this.uploads = uploads;
        this.games = games;
    }

    @RequestMapping({"/api/games/{game}/uploads", "/api/games/{game}/uploads/{id}"})
    void piece(@PathVariable Long game, HttpServletRequest request, HttpServletResponse response, Principal by)
            throws IOException {
        games.game(game);
        uploads.answer(request, response, by.getName());
    }
}
