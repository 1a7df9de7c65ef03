package mensch.app.film;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.security.Principal;
import mensch.app.bounds.Bounds;
import mensch.app.game.PlayLog;
import mensch.app.problem.Created;
import mensch.app.version.Version;
import org.springframework.core.io.FileSystemResource;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Plays on film: where they are cut, what is clicked on them, and what comes of it. */
@RestController
@RequestMapping("/api/games/{game}")
class PlayFilmController {
    record NewPlay(
            @NotNull Long reel,
            @Min(0) int frame,
            @Valid @NotNull PlayLog log) {}

    record StoodWords(
            @NotBlank @Size(max = Bounds.NAME) String formation,
            @NotNull Boolean mirrored) {}

    record NewAngle(@NotNull Long reel, @Min(0) int frame) {}

    private final FilmRoom room;
    private final FilmStills stills;
    private final FormationOnFilm formations;

    PlayFilmController(FilmRoom room, FilmStills stills, FormationOnFilm formations) {
        this.room = room;
        this.stills = stills;
        this.formations = formations;
    }

    /** A new play at the end of the log, cut out of a reel. */
    @PostMapping("/cuts")
    @ResponseStatus(HttpStatus.CREATED)
    FilmedPlay cut(
            @PathVariable Long game, @Valid @RequestBody NewPlay request, Principal by, HttpServletResponse response) {
        FilmedPlay sheet = sheet(room.cut(game, request.reel(), request.frame(), request.log(), by.getName()), by);
        Created.at(response, "/api/games", game, "plays", sheet.id(), "film");
        return sheet;
    }

    /** A play with its angles, the clicks on them, and what the call asked. */
    @GetMapping("/plays/{play}/film")
    FilmedPlay play(@PathVariable Long game, @PathVariable Long play, Principal by) {
        return sheet(room.worked(game, play, by.getName()), by);
    }

    private FilmedPlay sheet(FilmRoom.Worked worked, Principal by) {
        return FilmedPlay.of(worked, formations.told(worked, by.getName()));
    }

    /** Logs the play in the formation that its men were marked in, and calls them as they are called in it. */
    @PutMapping("/plays/{play}/formation")
    FilmedPlay stoodAs(
            @PathVariable Long game,
            @PathVariable Long play,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            @Valid @RequestBody StoodWords as,
            Principal by) {
        return sheet(formations.take(game, play, read, as.formation(), as.mirrored(), by.getName()), by);
    }

    /** The same play on another reel of the game. */
    @PostMapping("/plays/{play}/angles")
    @ResponseStatus(HttpStatus.CREATED)
    FilmedPlay cutAlso(
            @PathVariable Long game,
            @PathVariable Long play,
            @Valid @RequestBody NewAngle request,
            Principal by,
            HttpServletResponse response) {
        FilmedPlay sheet = sheet(room.cutAlso(game, play, request.reel(), request.frame(), by.getName()), by);
        Created.at(response, "/api/games", game, "plays", play, "film");
        return sheet;
    }

    /** Saves the work on an angle; the answer is the play as it is measured by now. */
    @PutMapping("/plays/{play}/angles/{angle}")
    FilmedPlay work(
            @PathVariable Long game,
            @PathVariable Long play,
            @PathVariable Long angle,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            @Valid @RequestBody AngleWork work,
            Principal by) {
        return sheet(room.work(game, play, angle, read, work, by.getName()), by);
    }

    /** The play on one reel in eight small pictures side by side, from its first frame to its last. */
    @Hidden
    @GetMapping(path = "/plays/{play}/angles/{angle}/strip.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<Resource> strip(@PathVariable Long game, @PathVariable Long play, @PathVariable Long angle)
            throws IOException {
        FilmRoom.Stretch on = room.stretch(game, play, angle);
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(new FileSystemResource(stills.strip(on.reel(), on.from(), on.to())));
    }

    /** Takes a play off one reel, with the clicks on it. */
    @DeleteMapping("/plays/{play}/angles/{angle}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOff(
            @PathVariable Long game,
            @PathVariable Long play,
            @PathVariable Long angle,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read) {
        room.takeOff(game, play, angle, read);
    }
}
