package mensch.app.film;

import jakarta.validation.constraints.Min;
import java.io.IOException;
import java.security.Principal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a frame of film shows by itself: proposed, and nothing until somebody saves it as his clicks. */
@RestController
@RequestMapping("/api")
class PictureController {
    private final MenOnFilm men;
    private final PlacesOnFilm places;
    private final BallOnFilm ball;

    PictureController(MenOnFilm men, PlacesOnFilm places, BallOnFilm ball) {
        this.men = men;
        this.places = places;
        this.ball = ball;
    }

    /** Men whom a frame of an angle shows. */
    @GetMapping("/games/{game}/plays/{play}/angles/{angle}/men")
    MenOnFilm.FoundMen men(
            @PathVariable Long game,
            @PathVariable Long play,
            @PathVariable Long angle,
            @RequestParam @Min(0) int frame,
            Principal by)
            throws IOException {
        return men.in(game, play, angle, frame, by.getName());
    }

    /** Known places of the field that a frame of an angle shows. */
    @GetMapping("/games/{game}/plays/{play}/angles/{angle}/places")
    PlacesOnFilm.FoundPlaces places(
            @PathVariable Long game,
            @PathVariable Long play,
            @PathVariable Long angle,
            @RequestParam @Min(0) int frame,
            Principal by)
            throws IOException {
        return places.in(game, play, angle, frame, by.getName());
    }

    /** The frame near another in which the picture shows the ball move. */
    @GetMapping("/reels/{id}/ball")
    BallOnFilm.FoundBall ball(@PathVariable Long id, @RequestParam @Min(0) int near) throws IOException {
        return ball.near(id, near);
    }
}
