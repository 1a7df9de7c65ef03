package mensch.core.matchup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.Snaps;
import mensch.core.event.Message;
import mensch.core.event.Whose;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.play.Block;
import mensch.core.play.MessageTable;
import mensch.core.play.MessageTable.Toward;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What every key shows, against the trade's own table; and the verbs one by one. */
class ShownTest {
    private static final String SPOT = "hs m 50 1&10";
    private static final Map<String, Whose> WHOSE =
            Map.of("key", Whose.KEY, "second", Whose.SECOND, "neighbour", Whose.NEIGHBOUR, "blocker", Whose.BLOCKER);

    static Stream<String> cases() throws IOException {
        return Files.readAllLines(Path.of("../cases/messages.txt")).stream()
                .filter(l -> !l.isBlank() && !l.startsWith("#"));
    }

    private static Lineup lineup(String call, Snap snap) {
        return Lineup.of(Snaps.LIBRARY.call(call), snap);
    }

    private static List<Shown> shown(Lineup lineup, String play, Side side) {
        var matchup = new Matchup(lineup);
        Optional<Blocking> run = Snaps.LIBRARY.plays().runs().stream()
                .filter(r -> r.id().equals(play))
                .findFirst()
                .map(r -> matchup.blocking(r, side).orElseThrow());
        return run.map(matchup::shown)
                .orElseGet(() -> matchup.shown(
                        Snaps.LIBRARY.plays().passes().stream()
                                .filter(p -> p.id().equals(play))
                                .findFirst()
                                .orElseThrow(),
                        side));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void keysShowWhatTheTradeSays(String line) {
        String[] cells = Arrays.stream(line.split("\\|")).map(String::trim).toArray(String[]::new);
        String[] where = cells[1].split(" ");
        Side side = Side.valueOf(where[1].toUpperCase(Locale.ROOT));
        Snap snap = Snaps.LIBRARY.formation(where[0]).snap(null, false, SPOT);
        List<Shown> shown = shown(lineup(cells[0], snap), cells[2], side);
        List<Shown> mirrored = shown(lineup(cells[0], snap.mirror()), cells[2], side.opposite());
        for (String fact : cells[3].split(",")) {
            String[] words = fact.strip().split(" ", 3);
            boolean not = words[1].startsWith("!");
            Whose whose = WHOSE.get(not ? words[1].substring(1) : words[1]);
            Message message = Message.of(words[2]);
            assertThat(tells(shown, words[0], whose, message)).as("%s", fact).isEqualTo(!not);
            assertThat(tells(mirrored, otherSide(words[0]), whose, message))
                    .as("mirrored: %s", fact)
                    .isEqualTo(!not);
        }
    }

    private static boolean tells(List<Shown> shown, String job, Whose whose, Message message) {
        return shown.stream()
                .anyMatch(s -> s.reader().id().equals(job) && s.whose() == whose && s.message() == message);
    }

    private static String otherSide(String job) {
        return job.endsWith("-right") ? job.replace("-right", "-left") : job.replace("-left", "-right");
    }

    /** The table, verb by verb: at me, cuts me off, across, past. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    zone           | base | cut-off | down | release
                    reach          | reach | cut-off | cut-off | release
                    base           | base | base | down | release
                    down           | down | down | down | down
                    pin            | down | down | down | down
                    back           | down | down | down | down
                    cut off        | cut-off | cut-off | cut-off | release
                    hinge          | cut-off | cut-off | cut-off | cut-off
                    climb          | base | base | release | release
                    trap           | kick | kick | pull | pull
                    pull kick      | kick | kick | pull | pull
                    pull lead      | pull | pull | pull | pull
                    pull force     | pull | pull | pull | pull
                    pull corner    | pull | pull | pull | pull
                    wham           | kick | kick | back away | back to me
                    kick           | kick | kick | back away | back to me
                    kick back edge | kick | kick | back away | back to me
                    seal back edge | back to me | back to me | back away | back to me
                    insert         | back to me | back to me | back away | back to me
                    lead           | back to me | back to me | back away | back to me
                    lead force     | back to me | back to me | back away | back to me
                    arc            | reach | reach | release | release
                    crack          | crack on me | crack on me | crack | crack
                    arc back edge  | reach | reach | release | release
                    stalk          | stalk | stalk | stalk | stalk
                    fake           | back to me | back away | back away | back to me
                    """)
    void aVerbShows(String verb, String atMe, String cutsMeOff, String across, String past) {
        Block block = Arrays.stream(Block.values())
                .filter(b -> b.words().equals(verb))
                .findFirst()
                .orElseThrow();
        List<String> wanted = List.of(atMe, cutsMeOff, across, past);
        for (Toward toward : Toward.values()) {
            assertThat(MessageTable.shows(block, toward).get(0).words())
                    .as("%s", toward)
                    .isEqualTo(wanted.get(toward.ordinal()));
        }
    }

    @Test
    void everyVerbHasItsRow() {
        for (Block block : Block.values()) {
            for (Toward toward : Toward.values()) {
                assertThat(MessageTable.shows(block, toward))
                        .as("%s %s", block, toward)
                        .isNotEmpty();
            }
        }
    }

    @Test
    void everybodyOnEveryRunHasSomethingToDo() {
        for (String formation : List.of("pro-i", "doubles-gun", "trips-open", "empty-3x2", "heavy-22-i")) {
            Lineup lineup =
                    lineup("anvil-drizzle", Snaps.LIBRARY.formation(formation).snap(null, false, SPOT));
            var matchup = new Matchup(lineup);
            Snaps.LIBRARY
                    .plays()
                    .runs()
                    .forEach(run -> matchup.blocking(run, Side.RIGHT).ifPresent(b -> {
                        assertThat(b.doings())
                                .as("%s against %s", run.name(), formation)
                                .extracting(Blocking.Doing::man)
                                .containsExactlyInAnyOrderElementsOf(
                                        lineup.snap().formation().men());
                        assertThat(b.doings().stream()
                                        .filter(d -> d.does() == Blocking.Does.CARRIES)
                                        .count())
                                .as("%s against %s", run.name(), formation)
                                .isEqualTo(1);
                    }));
        }
    }

    /** A counter step shows the wrong way first, a draw the pass first: what is true comes later. */
    @Test
    void theTruthComesLater() {
        Lineup lineup =
                lineup("anvil-drizzle", Snaps.LIBRARY.formation("doubles-gun").snap(null, false, SPOT));
        List<Shown> counter = shown(lineup, "counter", Side.LEFT);
        assertThat(seconds(counter, "will", Message.FLOW_AWAY))
                .isLessThan(seconds(counter, "will", Message.FLOW_TO_ME));
        List<Shown> draw = shown(lineup, "draw", Side.RIGHT);
        assertThat(seconds(draw, "end-call", Message.PASS_SET)).isEqualTo(0.3);
        assertThat(seconds(draw, "mike", Message.FLOW_TO_ME)).isEqualTo(1.2);
    }

    private static double seconds(List<Shown> shown, String job, Message message) {
        return shown.stream()
                .filter(s -> s.reader().id().equals(job) && s.message() == message)
                .mapToDouble(Shown::seconds)
                .min()
                .orElseThrow();
    }
}
