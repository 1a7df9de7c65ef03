package mensch.app.film;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import mensch.app.bounds.Bounds;
import mensch.app.problem.Created;
import mensch.app.work.WorkBook;
import mensch.app.work.WorkRow;
import mensch.core.film.Places;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Reels, their video, and the angles of plays on them. */
@RestController
@RequestMapping("/api")
class FilmController {
    /**
     * A reel of a game.
     *
     * @param plays of the game that are on it
     * @param placed of them, on which known places were clicked
     * @param bytes size of the film, 0 when it was taken in before sizes were kept
     * @param seconds from the first frame to the last
     * @param rotation degrees clockwise that the film asks to be turned when shown
     * @param hindrance why it should be made over before it is worked on; null when it plays and steps well
     * @param madeOver the last time it was asked to be made over, if ever
     */
    record ReelItem(
            long id,
            String name,
            View view,
            int plays,
            int placed,
            int marked,
            int frames,
            int width,
            int height,
            int rotation,
            long bytes,
            double seconds,
            @Nullable String hindrance,
            @Nullable WorkRow madeOver) {}

    /**
     * Where a play is on a reel, and how much of it is done.
     *
     * @param points clicks on known places
     * @param marks men clicked at the snap
     */
    record AngleItem(
            long id,
            long play,
            long reel,
            int firstFrame,
            int snapFrame,
            @Nullable Integer lastFrame,
            int points,
            int marks,
            long version) {}

    /**
     * The film of a game.
     *
     * @param filming the demo's film while it is made, and how that ended; null of every other game
     */
    record GameFilm(
            List<ReelItem> reels,
            List<AngleItem> angles,
            @Nullable WorkRow filming) {}

    /** A reel to play; {@code frameTimes} are exact presentation times in seconds. */
    record ReelSheet(
            long id,
            long game,
            String name,
            View view,
            int width,
            int height,
            int rotation,
            long bytes,
            List<Double> frameTimes) {}

    /** @param upload last part of the address it was uploaded to */
    record NewReel(
            @NotBlank @Size(max = Bounds.NAME) String name,
            @NotNull View view,
            @NotBlank @Size(max = Bounds.NAME) String upload) {}

    private final FilmRoom room;
    private final FilmIntake intake;
    private final FilmStore store;
    private final FilmStills stills;
    private final WorkBook works;

    FilmController(FilmRoom room, FilmIntake intake, FilmStore store, FilmStills stills, WorkBook works) {
        this.room = room;
        this.intake = intake;
        this.store = store;
        this.stills = stills;
        this.works = works;
    }

    /** Reels of a game, and where its plays are on them. */
    @GetMapping("/games/{game}/film")
    GameFilm film(@PathVariable Long game) {
        List<Reels.InShort> reels = room.reels(game);
        Map<Long, WorkRow> madeOver = works.last(
                MakePlayable.KIND, reels.stream().map(Reels.InShort::getId).toList());
        return new GameFilm(
                reels.stream().map(r -> item(r, madeOver.get(r.getId()))).toList(),
                room.angles(game).stream().map(FilmController::item).toList(),
                works.last(FilmTheDemo.KIND, List.of(game)).get(game));
    }

    private static ReelItem item(Reels.InShort r, @Nullable WorkRow madeOver) {
        return new ReelItem(
                r.getId(),
                r.getName(),
                r.getView(),
                r.getPlays(),
                r.getPlaced(),
                r.getMarked(),
                r.getFrames(),
                r.getWidth(),
                r.getHeight(),
                r.getRotation(),
                r.getBytes(),
                r.getSeconds(),
                r.getHindrance(),
                madeOver);
    }

    private static AngleItem item(Angle a) {
        return new AngleItem(
                a.id(),
                a.playId(),
                a.reelId(),
                a.firstFrame(),
                a.snapFrame(),
                a.lastFrame(),
                a.points().size(),
                menClicked(a),
                a.version());
    }

    /** Men who were clicked at the snap. */
    private static int menClicked(Angle angle) {
        return (int) angle.marks().stream()
                .filter(m -> m.frame() == null && !m.man().equals(Places.BALL))
                .count();
    }

    /** Erases a game for good: its plays, their films, clicks and grades. */
    @DeleteMapping("/games/{game}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void eraseGame(@PathVariable Long game) throws IOException {
        intake.eraseGame(game);
    }

    /** A reel with the time of each of its frames. */
    @GetMapping("/reels/{id}")
    ReelSheet open(@PathVariable Long id) {
        Reel r = room.reel(id);
        return new ReelSheet(
                r.id(), r.gameId(), r.name(), r.view(), r.width(), r.height(), r.rotation(), r.bytes(), r.frameTimes());
    }

    /** Takes a film in that was uploaded; it is checked first. */
    @PostMapping("/games/{game}/reels")
    @ResponseStatus(HttpStatus.CREATED)
    ReelSheet take(
            @PathVariable Long game, @Valid @RequestBody NewReel reel, Principal by, HttpServletResponse response)
            throws IOException {
        Long id = intake.take(game, reel.name().strip(), reel.view(), reel.upload(), by.getName())
                .id();
        Created.at(response, "/api/reels", id);
        return open(id);
    }

    /** Gone for good, with the clicks on it; the plays it showed stay in the log. */
    @DeleteMapping("/reels/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@PathVariable Long id) throws IOException {
        intake.erase(room.reel(id));
    }

    /** Asks for a film that plays and steps well to be made of it; it goes on when nobody waits, and the film stays. */
    @PostMapping("/reels/{id}/playable")
    @ResponseStatus(HttpStatus.ACCEPTED)
    WorkRow makePlayable(@PathVariable Long id, Principal by) {
        return works.ask(MakePlayable.KIND, room.reel(id).id(), by.getName());
    }

    /** Whole or in ranges, as the player asks. */
    @Hidden
    @GetMapping("/reels/{id}/video")
    ResponseEntity<Resource> video(@PathVariable Long id) {
        String file = room.reel(id).file();
        return ResponseEntity.ok()
                .contentType(type(file))
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(store.resource(file));
    }

    /** A small picture of one frame. */
    @Hidden
    @GetMapping(path = "/reels/{id}/frames/{frame}.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<Resource> still(@PathVariable Long id, @PathVariable int frame) throws IOException {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(new FileSystemResource(stills.of(room.reel(id), frame)));
    }

    private static MediaType type(String file) {
        return file.endsWith(".mp4")
                ? MediaType.valueOf("video/mp4")
                : file.endsWith(".webm") ? MediaType.valueOf("video/webm") : MediaType.APPLICATION_OCTET_STREAM;
    }
}
