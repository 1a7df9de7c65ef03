package mensch.camera;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import mensch.core.front.Role.Body;
import mensch.core.roster.ChartLine;
import mensch.core.roster.Player;
import mensch.core.roster.Roster;
import mensch.core.roster.Staying;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The demo's roster as it is exported, so that its men wear their own numbers on film. */
final class Squad {
    private Squad() {}

    /** @param file a roster as the application exports it */
    static Roster read(Path file) throws IOException {
        JsonNode sheet = JsonMapper.builder().build().readTree(Files.readString(file));
        return new Roster(
                sheet.get("players")
                        .valueStream()
                        .map(p -> new Player(
                                p.get("id").asString(),
                                p.get("number").asInt(),
                                p.get("name").asString(),
                                Body.valueOf(p.get("body").asString()),
                                null,
                                null))
                        .toList(),
                sheet.get("chart")
                        .valueStream()
                        .map(l -> new ChartLine(
                                l.get("role").asString(),
                                Set.copyOf(words(l.get("personnel"))),
                                words(l.get("players"))))
                        .toList(),
                sheet.get("staying")
                        .valueStream()
                        .map(p -> new Staying(
                                p.get("right").asString(), p.get("left").asString()))
                        .toList());
    }

    private static List<String> words(JsonNode list) {
        return list.valueStream().map(JsonNode::asString).toList();
    }
}
