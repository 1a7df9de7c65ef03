package mensch.app.film;

import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
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
        return named(reel, "csv", CutTable.csv(cuts.of(reel)));
    }

    @Hidden
    @GetMapping(value = "/cuts.vtt", produces = "text/vtt")
    ResponseEntity<byte[]> cues(@PathVariable Long id) {
        Reel reel = room.reel(id);
        List<Double> times = reel.frameTimes();
        double lasts = times.size() < 2 ? 1 : times.get(1) - times.get(0);
        return named(reel, "vtt", CutTable.vtt(cuts.of(reel), lasts));
    }

    private static ResponseEntity<byte[]> named(Reel reel, String kind, String text) {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", kind, StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(reel.name() + "." + kind, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    /** Takes in a file of either kind; plays that are cut already are refused, and nothing is taken then. */
    @PostMapping(value = "/cuts", consumes = MediaType.TEXT_PLAIN_VALUE)
    TakenIn take(@PathVariable Long id, @RequestBody String text) {
        return new TakenIn(cuts.take(id, CutTable.read(text)));
    }
}
