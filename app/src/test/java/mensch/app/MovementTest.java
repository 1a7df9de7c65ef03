package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Men clicked after the snap and moments marked: what they propose, through the application. */
@ExtendWith(RunningApp.class)
class MovementTest {
    private static final int SNAP = FilmedGame.FRAME;
    /** Than the film of the other tests: so that clicks tell tenths of a yard. */
    private static final int LARGER = 4;
    /** Half a second and more later, each. */
    private static final List<Integer> LATER = List.of(SNAP + 18, SNAP + 27, SNAP + 36, SNAP + 45, SNAP + 63);

    private static final String MIKE = feet("ball", 160, 120) + "," + feet("mike", 163, 106);

    @TempDir
    static Path folder;

    private static String feet(String man, double x, double y) {
        return FilmedGame.feet(man, LARGER * x, LARGER * y);
    }

    private static FilmedGame game(int port) throws IOException {
        return FilmedGame.of(
                Browserless.signedIn(port, "marrow"), folder, "moves", "testsrc=duration=3:size=1280x720:rate=30");
    }

    private static String ran(String play, String side) {
        return Requests.log("anvil-drizzle")
                .replace(
                        "}, \"call\"", "}, \"theirPlay\": \"" + play + "\", \"theirSide\": \"" + side + "\", \"call\"");
    }

    private static JsonNode cut(FilmedGame game, String log) {
        return game.cut(SNAP, log).json();
    }

    private static JsonNode grades(FilmedGame game, JsonNode play) {
        return game.coach().get(game.play(play.get("id").asLong()) + "/grades").json();
    }

    private static Optional<JsonNode> proposed(JsonNode grades, String job, String facet) {
        return grades.get("proposals")
                .valueStream()
                .filter(p -> p.get("job").asString().equals(job)
                        && p.get("facet").asString().equals(facet))
                .findFirst();
    }

    /** Mike at the snap, and so many yards to the right and up in the frames he is clicked in. */
    private static String mike(double[] right, double[] up) {
        var clicks = new StringBuilder(MIKE);
        for (int i = 0; i < LATER.size(); i++) {
            String feet = feet("mike", 163 + 5 * right[i], 106 - 3 * up[i]);
            clicks.append(",").append(FilmedGame.in(LATER.get(i), feet));
        }
        return clicks.toString();
    }

    private static String downhill() {
        return mike(new double[5], new double[] {-0.1, -0.5, -1.3, -2.4, -4.3});
    }

    private static JsonNode save(FilmedGame game, JsonNode play, String marks, String seen) {
        Browserless.Answer saved =
                game.save(play, 0, FilmedGame.work(SNAP, FilmedGame.straightAbove(play, LARGER), marks, seen));
        assertThat(saved.status()).as(String.valueOf(saved.json())).isEqualTo(200);
        return saved.json();
    }

    @Test
    void whatHisKeysToldHimIsSaidAndWhatHeMadeOfItIsProposed(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = cut(game, ran("power", "right"));
        JsonNode snap = save(game, play, MIKE, "");
        JsonNode before = grades(game, play);
        JsonNode asked = before.get("asked")
                .valueStream()
                .filter(a -> a.get("job").asString().equals("mike"))
                .findFirst()
                .orElseThrow();
        assertThat(asked.at("/told/0/message").asString()).isEqualTo("run");
        assertThat(asked.get("taught")).isNotEmpty();
        assertThat(before.get("untold").asString()).isEmpty();
        assertThat(proposed(before, "mike", "KEY")).isEmpty();

        JsonNode up = save(game, snap, downhill(), "");
        JsonNode right = proposed(grades(game, play), "mike", "KEY").orElseThrow();
        assertThat(right.get("measured").asString()).startsWith("moved as on run");
        assertThat(right.get("mark").asString()).isEqualTo("=");

        JsonNode back =
                save(game, up, mike(new double[] {0, 0, 0.3, 1.2, 3.3}, new double[] {-0.1, -0.3, -0.3, 0, 1.4}), "");
        JsonNode wrong = proposed(grades(game, play), "mike", "KEY").orElseThrow();
        assertThat(wrong.get("mark").asString()).isEqualTo("-");
        assertThat(wrong.get("measured").asString()).startsWith("moved as on a pass, told run");

        JsonNode away = save(game, back, mike(new double[] {-9, 9, -9, 9, -9}, new double[5]), "");
        assertThat(proposed(grades(game, play), "mike", "KEY")
                        .orElseThrow()
                        .get("measured")
                        .asString())
                .contains("moved unlike who reads it right, late or wrong");

        // nobody knows what they ran: nothing is said of his read
        game.coach()
                .put(
                        game.play(play.get("id").asLong()),
                        Browserless.version(away.get("version").asLong()),
                        Requests.log("anvil-drizzle"));
        assertThat(grades(game, play).get("untold").asString()).contains("is not in the log");
        assertThat(proposed(grades(game, play), "mike", "KEY")).isEmpty();
    }

    @Test
    void aGetOffIsProposedFromTheFrameInWhichHeMoves(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = cut(game, Requests.log("anvil-drizzle"));
        JsonNode early = save(game, play, "", FilmedGame.seen("man moves", "nose", SNAP + 6));
        JsonNode onTime = proposed(grades(game, play), "nose", "GO").orElseThrow();
        assertThat(onTime.get("mark").asString()).isEqualTo("=");
        assertThat(onTime.get("measured").asString()).startsWith("moved 0.20 s (\u00b1 0.03) after the ball");
        JsonNode late = save(game, early, "", FilmedGame.seen("man moves", "nose", SNAP + 15));
        assertThat(proposed(grades(game, play), "nose", "GO")
                        .orElseThrow()
                        .get("mark")
                        .asString())
                .isEqualTo("-");
        save(game, late, "", FilmedGame.seen("man moves", "nose", SNAP - 3));
        assertThat(proposed(grades(game, play), "nose", "GO")
                        .orElseThrow()
                        .get("measured")
                        .asString())
                .startsWith("moved 0.10 s (\u00b1 0.03) before the ball");
    }

    /** Between the two blockers who bound it at the snap, wherever those are by then. */
    @Test
    void hisGapIsLookedAtWhenTheBackCommits(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = cut(game, ran("power", "right"));
        int commits = SNAP + 30;
        String gap = grades(game, play).get("asked").isEmpty() ? "" : "mike";
        assertThat(gap).isEqualTo("mike");
        for (double[] at : new double[][] {{163, 1}, {145, 0}}) {
            String marks = MIKE;
            for (String[] blocker : new String[][] {{"C", "160"}, {"RG", "167"}, {"LG", "153"}}) {
                String feet = feet(blocker[0], Double.parseDouble(blocker[1]), 118);
                marks += "," + feet + "," + FilmedGame.in(commits, feet);
            }
            marks += "," + FilmedGame.in(commits, feet("mike", at[0], 116));
            JsonNode now = game.coach()
                    .get(game.play(play.get("id").asLong()) + "/film")
                    .json();
            save(game, now, marks, FilmedGame.seen("back commits", "", commits));
            JsonNode fit = proposed(grades(game, play), "mike", "AS").orElseThrow();
            assertThat(fit.get("measured").asString()).contains("gap right when the back commits");
            assertThat(fit.get("mark").asString()).isEqualTo(at[1] == 1 ? "=" : "-");
        }
    }

    /** Who has pulled past his neighbour, or climbed, bounds no gap any more. */
    @Test
    void aGapWhoseBlockerHasLeftIsNotTold(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = cut(game, ran("power", "right"));
        int commits = SNAP + 30;
        for (double[] centre : new double[][] {{171, 118}, {160, 103}}) {
            String marks = MIKE + "," + FilmedGame.in(commits, feet("mike", 163, 116)) + ","
                    + FilmedGame.in(commits, feet("RG", 167, 118)) + ","
                    + FilmedGame.in(commits, feet("C", centre[0], centre[1]));
            JsonNode now = game.coach()
                    .get(game.play(play.get("id").asLong()) + "/film")
                    .json();
            save(game, now, marks, FilmedGame.seen("back commits", "", commits));
            JsonNode fit = proposed(grades(game, play), "mike", "AS").orElseThrow();
            assertThat(fit.get("measured").asString()).contains("the gap reaches to the next man");
            assertThat(fit.get("mark").asString()).isEqualTo("n/a");
        }
    }

    /** A man in motion may be clicked before the snap: that tells nothing of his read, and breaks nothing. */
    @Test
    void whoIsClickedBeforeTheSnapHasNotReadAnything(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = cut(game, ran("power", "right"));
        save(game, play, MIKE + "," + FilmedGame.in(SNAP - 9, feet("mike", 150, 100)), "");
        assertThat(proposed(grades(game, play), "mike", "KEY")).isEmpty();
        assertThat(proposed(grades(game, play), "mike", "AL")).isPresent();
    }

    @Test
    void aCameraThatTurnedMeasuresNobodyUntilFourPlacesAreClicked(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = cut(game, ran("power", "right"));
        String points = FilmedGame.straightAbove(play, LARGER);
        String place = play.at("/known/0/name").asString();
        String same = points.lines().findFirst().orElseThrow();
        assertThat(same).contains("xPixels");
        JsonNode still =
                game.save(play, 0, FilmedGame.work(SNAP, points, downhill())).json();
        assertThat(still.at("/angles/0/stills/0/checked").asBoolean()).isFalse();
        assertThat(still.at("/angles/0/stills/0/trouble").asString()).isEmpty();
        String moved = FilmedGame.in(LATER.get(0), FilmedGame.point(place, 20, 20));
        JsonNode turned = game.save(still, 0, FilmedGame.work(SNAP, points + "," + moved, downhill()))
                .json();
        assertThat(turned.at("/angles/0/stills/0/trouble").asString())
                .contains("the camera has moved between this frame and the snap");
        assertThat(turned.at("/angles/0/stills/1/trouble").asString()).isEmpty();
    }

    @Test
    void momentsAreRefusedThatSayNothing(int port) throws IOException {
        FilmedGame game = game(port);
        JsonNode play = cut(game, Requests.log("anvil-drizzle"));
        String twice = FilmedGame.seen("contact", "mike", 20) + "," + FilmedGame.seen("contact", "mike", 21);
        for (String[] wrong : new String[][] {
            {twice, "marked-twice"},
            {FilmedGame.seen("contact", "", 20), "mark-of-nobody"},
            {FilmedGame.seen("ball thrown", "mike", 20), "mark-of-nobody"},
            {FilmedGame.seen("contact", "mike", 900), "frame-missing"}
        }) {
            assertThat(game.save(play, 0, FilmedGame.work(SNAP, "", "", wrong[0]))
                            .code())
                    .as(wrong[0])
                    .isEqualTo(wrong[1]);
        }
    }
}
