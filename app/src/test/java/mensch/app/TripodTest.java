package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A reel filmed from one tripod: after one play has told where it stands two places solve the next one. */
@ExtendWith(RunningApp.class)
class TripodTest {
    @TempDir
    private Path films;

    /** A camera 60 yards off the ball and 20 up, looking straight across from so far up the field, of 320 x 180 px. */
    private static Optional<String> pixel(JsonNode place, double focal, double moved) {
        double deep = 60 + place.get("x").asDouble();
        double length = Math.hypot(60, 20);
        double ahead = (deep * 60 + 20 * 20) / length;
        double u = 160 - focal * (place.get("y").asDouble() - moved) / ahead;
        double v = 90 + focal * (20 * 60 - deep * 20) / length / ahead;
        return u > 0 && u < 320 && v > 0 && v < 180
                ? Optional.of(FilmedGame.point(place.get("name").asString(), u, v))
                : Optional.empty();
    }

    private static String points(JsonNode play, double focal, double moved, Predicate<String> names, int count) {
        return String.join(
                ",",
                play.get("known")
                        .valueStream()
                        .filter(p -> names.test(p.get("name").asString()))
                        .flatMap(p -> pixel(p, focal, moved).stream())
                        .limit(count)
                        .toList());
    }

    private static JsonNode saved(FilmedGame game, JsonNode play, String points) {
        Answer saved = game.save(
                play, 0, FilmedGame.work(play.at("/angles/0/snapFrame").asInt(), points, ""));
        assertThat(saved.status()).as(String.valueOf(saved.json())).isEqualTo(200);
        return saved.json().at("/angles/0");
    }

    private static JsonNode cut(FilmedGame game, int frame) {
        Answer cut = game.cut(frame, Requests.log("anvil-drizzle"));
        assertThat(cut.status()).as(String.valueOf(cut.json())).isEqualTo(201);
        return cut.json();
    }

    @Test
    void twoPlacesSolveTheNextPlayAndACameraThatWasMovedIsSaid(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        FilmedGame game = FilmedGame.ofOneSecond(coach, films, "tripod");
        JsonNode first = cut(game, 5);
        assertThat(first.at("/angles/0/leastPoints").asInt()).isEqualTo(4);
        JsonNode told = saved(game, first, points(first, 500, 0, n -> true, 12));
        assertThat(told.at("/calibration/standing").asString()).isEqualTo("unknown");

        JsonNode second = cut(game, 15);
        assertThat(second.at("/angles/0/leastPoints").asInt()).isEqualTo(2);
        assertThat(second.at("/angles/0/tripod").asInt()).isEqualTo(1);
        List<String> next = second.at("/angles/0/nextPlaces")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
        String two = points(second, 450, 0, next.subList(0, 3)::contains, 2);
        JsonNode angle = saved(game, second, two);
        assertThat(angle.at("/calibration/standing").asString())
                .as(angle.toString())
                .isEqualTo("as before");
        assertThat(angle.at("/calibration/checksItself").asBoolean()).isTrue();

        JsonNode third = cut(game, 25);
        JsonNode moved = saved(game, third, points(third, 500, 15, n -> true, 12));
        assertThat(moved.at("/calibration/standing").asString()).isEqualTo("elsewhere");
        JsonNode one = saved(
                game,
                coach.get(game.play(third.get("id").asLong()) + "/film").json(),
                points(third, 500, 0, n -> true, 1));
        assertThat(one.get("trouble").asString()).contains("1 known point; two are enough on this reel");

        // the play that told is taken out: nothing tells any more
        long id = first.get("id").asLong();
        JsonNode log = game.log().get(0);
        assertThat(coach.delete(
                                game.play(id),
                                Browserless.version(log.get("version").asLong()))
                        .status())
                .isEqualTo(200);
        assertThat(coach.get(game.play(second.get("id").asLong()) + "/film")
                        .json()
                        .at("/angles/0/trouble")
                        .asString())
                .contains("2 known points; at least four are needed");
    }
}
