package mensch.app.film;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.security.Principal;
import java.util.List;
import mensch.app.grading.GradeBook;
import mensch.app.problem.Problem;
import mensch.core.sheet.SheetMaker;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Reels, their video, their snaps. */
@RestController
@RequestMapping("/api/reels")
class FilmController {

    record ReelItem(long id, String name, String view, int snaps, int calibrated, int marked, int frames) {}

    record SnapItem(int number, int firstFrame, int snapFrame, int points, int marks) {}

    /** A reel to play; {@code frameTimes} are exact presentation times in seconds. */
    record ReelSheet(
            long id, String name, String view, int width, int height, List<Double> frameTimes, List<SnapItem> snaps) {}

    record SaveSnap(
            @NotNull Integer version, @Valid @NotNull SnapWork work) {}

    record NewSnap(@Min(0) int frame, @Valid @NotNull SnapLog log) {}

    private final FilmRoom room;
    private final FilmStore store;
    private final GradeBook grades;
    private final SheetMaker sheets;

    FilmController(FilmRoom room, FilmStore store, GradeBook grades, SheetMaker sheets) {
        this.room = room;
        this.store = store;
        this.grades = grades;
        this.sheets = sheets;
    }

    @GetMapping
    List<ReelItem> list() {
        return room.reels().stream()
                .map(r -> {
                    List<FilmSnap> snaps = room.snaps(r.id());
                    return new ReelItem(
                            r.id(),
                            r.name(),
                            r.view(),
                            snaps.size(),
                            (int) snaps.stream()
                                    .filter(s -> s.points().size() >= 4)
                                    .count(),
                            (int) snaps.stream()
                                    .filter(s -> !s.marks().isEmpty())
                                    .count(),
                            r.frameTimes().size());
                })
                .toList();
    }

    @GetMapping("/{id}")
    ReelSheet open(@PathVariable Long id) {
        Reel r = room.reel(id);
        var snaps = room.snaps(id).stream()
                .map(s -> new SnapItem(
                        s.number(),
                        s.firstFrame(),
                        s.snapFrame(),
                        s.points().size(),
                        s.marks().size()))
                .toList();
        return new ReelSheet(r.id(), r.name(), r.view(), r.width(), r.height(), r.frameTimes(), snaps);
    }

    /** The body is the film itself; it goes to disk as it comes. */
    @Hidden
    @PostMapping(consumes = MediaType.ALL_VALUE)
    ReelSheet upload(@RequestParam String name, @RequestParam String view, HttpServletRequest request, Principal by)
            throws IOException {
        if (name.isBlank()) {
            throw Problem.refused("name-empty", "a reel needs a name");
        }
        return open(room.upload(name.strip(), view, request.getInputStream(), by.getName())
                .id());
    }

    /** Gone for good, with its snaps, clicks and grades. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@PathVariable Long id) throws IOException {
        room.erase(id);
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

    @GetMapping("/{id}/snaps/{number}")
    SnapSheet snap(@PathVariable Long id, @PathVariable int number) {
        return SnapSheet.of(room.worked(room.snap(id, number)), sheets);
    }

    @PostMapping("/{id}/snaps")
    SnapSheet add(@PathVariable Long id, @Valid @RequestBody NewSnap request) {
        return SnapSheet.of(room.worked(room.add(id, request.frame(), request.log())), sheets);
    }

    /** Saves the work on a snap; the alignment facet of each marked man is filled from his verdict. */
    @PutMapping("/{id}/snaps/{number}")
    SnapSheet work(
            @PathVariable Long id, @PathVariable int number, @Valid @RequestBody SaveSnap request, Principal by) {
        FilmRoom.Worked worked = room.work(id, number, request.version(), request.work());
        grades.fill(worked.snap().id(), worked.call().ref(), worked.judged(), by.getName());
        return SnapSheet.of(worked, sheets);
    }
}
