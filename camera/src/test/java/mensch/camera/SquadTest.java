package mensch.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Men wear their own numbers on film. */
class SquadTest {
    private static final String ROSTER = """
            {"players": [
              {"id": "fenn", "number": 72, "name": "Fenn", "body": "T", "weight": 259, "shuttle": 5.02},
              {"id": "dunmore", "number": 54, "name": "Dunmore", "body": "LB"}],
             "chart": [
              {"role": "nose", "personnel": [], "players": ["fenn"]},
              {"role": "mike", "personnel": [], "players": ["dunmore"]}],
             "staying": []}""";

    @Test
    void whoIsOnTheChartWearsHisNumberAndTheOthersOneEach(@TempDir Path folder) throws IOException {
        Path file = Files.writeString(folder.resolve("roster.json"), ROSTER);
        List<Scene> scenes = ReelMaker.script(Squad.read(file));
        for (Scene scene : scenes) {
            Map<String, Integer> numbers =
                    scene.bodies().stream().filter(Body::defence).collect(Collectors.toMap(Body::name, Body::number));
            assertThat(numbers)
                    .containsEntry("mike", 54)
                    .containsEntry("nose", 72)
                    .hasSize(11);
            assertThat(numbers.values()).doesNotHaveDuplicates();
        }
        assertThat(scenes.stream()
                        .map(s -> s.bodies().stream().map(Body::at).toList())
                        .toList())
                .as("and stand where they would without")
                .isEqualTo(ReelMaker.script().stream()
                        .map(s -> s.bodies().stream().map(Body::at).toList())
                        .toList());
    }
}
