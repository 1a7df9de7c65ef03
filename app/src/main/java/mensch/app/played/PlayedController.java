package mensch.app.played;

import jakarta.validation.Valid;
import java.security.Principal;
import java.util.Map;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who played. */
@RestController
@RequestMapping("/api/games/{game}/plays/{play}/played")
class PlayedController {
    private final WhoPlayed played;

    PlayedController(WhoPlayed played) {
        this.played = played;
    }

    /** Who played a seat from this play on; the players of this play, by job. */
    @PutMapping("/{job}")
    Map<String, String> say(
            @PathVariable Long game,
            @PathVariable Long play,
            @PathVariable String job,
            @Valid @RequestBody PlayedWords words,
            Principal by) {
        return played.say(game, play, job, words, by.getName());
    }
}
