package mensch.app.film;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.security.Principal;
import java.util.List;
import mensch.app.bounds.Bounds;
import mensch.app.bounds.Paged;
import mensch.app.problem.Created;
import mensch.app.problem.Problem;
import mensch.app.version.Version;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
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

/** Reels, their video, their snaps. */
@RestController
@RequestMapping("/api/reels")
class FilmController {
    /**
     * A reel in the list.
     *
     * @param bytes size of the film, 0 when it was taken in before sizes were kept
     * @param seconds from the first frame to the last
     * @param rotation degrees clockwise that the film asks to be turned when shown
     */
    record ReelItem(
            long id,
            String name,
            View view,
            int snaps,
            int calibrated,
            int marked,
            int frames,
            int width,
            int height,
            int rotation,
            long bytes,
            double seconds) {}

    record SnapItem(int number, int firstFrame, int snapFrame, int points, int marks, long version) {}

    /** A reel to play; {@code frameTimes} are exact presentation times in seconds. */
    record ReelSheet(
            long id,
            String name,
            View view,
            int width,
            int height,
            int rotation,
            long bytes,
            List<Double> frameTimes,
            List<SnapItem> snaps) {}

    record NewSnap(@Min(0) int frame, @Valid @NotNull SnapLog log) {}

    private final FilmRoom room;
    private final FilmIntake intake;
    private final FilmStore store;

    FilmController(FilmRoom room, FilmIntake intake, FilmStore store) {
        this.room = room;
        this.intake = intake;
        this.store = store;
    }

    /** Reels, newest first. */
    @GetMapping
    Paged<ReelItem> list(@RequestParam(defaultValue = "0") @Min(0) @Max(Bounds.LAST_PAGE) int page) {
        return Paged.of(room.reels(page), FilmController::item);
    }

    private static ReelItem item(Reels.InShort r) {
        return new ReelItem(
                r.getId(),
                r.getName(),
                r.getView(),
                r.getSnaps(),
                r.getCalibrated(),
                r.getMarked(),
                r.getFrames(),
                r.getWidth(),
                r.getHeight(),
                r.getRotation(),
                r.getBytes(),
                r.getSeconds());
    }

    /** A reel with its snaps. */
    @GetMapping("/{id}")
    ReelSheet open(@PathVariable Long id) {
        Reel r = room.reel(id);
        var snaps = room.snaps(id).stream()
                .map(s -> new SnapItem(
                        s.number(),
                        s.firstFrame(),
                        s.snapFrame(),
                        s.points().size(),
                        s.marks().size(),
                        s.version()))
                .toList();
        return new ReelSheet(
                r.id(), r.name(), r.view(), r.width(), r.height(), r.rotation(), r.bytes(), r.frameTimes(), snaps);
    }

    /** The body is the film itself; it goes to disk as it comes. */
    @Hidden
    @PostMapping(consumes = MediaType.ALL_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    ReelSheet upload(
            @RequestParam String name,
            @RequestParam View view,
            HttpServletRequest request,
            Principal by,
            HttpServletResponse response)
            throws IOException {
        if (name.isBlank() || name.length() > Bounds.NAME) {
            throw Problem.refused("name-empty", "a reel needs a name of 1 to " + Bounds.NAME + " characters");
        }
        Long id = intake.upload(name.strip(), view, request.getInputStream(), by.getName())
                .id();
        Created.at(response, "/api/reels", id);
        return open(id);
    }

    /** Gone for good, with its snaps, clicks and grades. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@PathVariable Long id) throws IOException {
        intake.erase(room.reel(id));
    }

    /** Whole or in ranges, as the player asks. */
    @Hidden
    @GetMapping("/{id}/video")
    ResponseEntity<Resource> video(@PathVariable Long id) {
        String file = room.reel(id).file();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(file.endsWith(".webm") ? "video/webm" : "video/mp4"))
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(store.resource(file));
    }

    /** A snap with its clicks, its view, and what the call asked. */
    @GetMapping("/{id}/snaps/{number}")
    SnapSheet snap(@PathVariable Long id, @PathVariable int number, Principal by) {
        return SnapSheet.of(room.worked(id, number, by.getName()));
    }

    /** Marks a snap in a reel, with its log. */
    @PostMapping("/{id}/snaps")
    @ResponseStatus(HttpStatus.CREATED)
    SnapSheet add(
            @PathVariable Long id, @Valid @RequestBody NewSnap request, Principal by, HttpServletResponse response) {
        SnapSheet sheet = SnapSheet.of(room.add(id, request.frame(), request.log(), by.getName()));
        Created.at(response, "/api/reels", id, "snaps", sheet.number());
        return sheet;
    }

    /** Saves the work on a snap; the alignment facet of each marked man is filled from his verdict. */
    @PutMapping("/{id}/snaps/{number}")
    SnapSheet work(
            @PathVariable Long id,
            @PathVariable int number,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            @Valid @RequestBody SnapWork work,
            Principal by) {
        return SnapSheet.of(room.work(id, number, read, work, by.getName()));
    }

    /** Takes one snap out of the log, with its clicks and grades. */
    @DeleteMapping("/{id}/snaps/{number}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void eraseSnap(@PathVariable Long id, @PathVariable int number, @RequestHeader(HttpHeaders.IF_MATCH) Version read) {
        room.erase(id, number, read);
    }
}
