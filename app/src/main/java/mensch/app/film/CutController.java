package mensch.app.film;

import io.swagger.v3.oas.annotations.Hidden;
import java.security.Principal;
import mensch.app.problem.TakenAlong;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The cuts of a reel as files. */
@RestController
@RequestMapping("/api/reels/{id}")
class CutController {
    private final Cuts cuts;
    private final FilmRoom room;

    CutController(Cuts cuts, FilmRoom room) {
        this.cuts = cuts;
        this.room = room;
    }

    /** @param plays how many were cut */
    record TakenIn(int plays) {}

    @Hidden
    @GetMapping(value = "/cuts.csv", produces = "text/csv")
    ResponseEntity<byte[]> table(@PathVariable Long id) {
        Reel reel = room.reel(id);
        return TakenAlong.text(reel.name(), "csv", CutTable.csv(cuts.of(reel)));
    }

    @Hidden
    @GetMapping(value = "/cuts.vtt", produces = "text/vtt")
    ResponseEntity<byte[]> cues(@PathVariable Long id) {
        Reel reel = room.reel(id);
        return TakenAlong.text(reel.name(), "vtt", CutTable.vtt(cuts.of(reel), reel.frameTimes()));
    }

    /** Takes in a file of either kind; plays that are cut already are refused, and nothing is taken then. */
    @PostMapping(value = "/cuts", consumes = MediaType.TEXT_PLAIN_VALUE)
    TakenIn take(@PathVariable Long id, @RequestBody String text, Principal by) {
        return new TakenIn(cuts.take(id, CutTable.read(text), by.getName()));
    }
}
