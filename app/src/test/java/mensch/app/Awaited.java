package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.Supplier;
import tools.jackson.databind.JsonNode;

/** Work that goes on while a test looks at it. */
final class Awaited {
    private static final Duration PATIENCE = Duration.ofMinutes(2);

    private Awaited() {}

    /** Looks again and again until it is so. */
    static JsonNode until(Supplier<JsonNode> look, Predicate<JsonNode> so) {
        Instant latest = Instant.now().plus(PATIENCE);
        JsonNode seen = look.get();
        while (!so.test(seen)) {
            assertThat(Instant.now()).as(String.valueOf(seen)).isBefore(latest);
            seen = look.get();
        }
        return seen;
    }

    /** Until work has ended, however it did. */
    static JsonNode ended(Supplier<JsonNode> work) {
        return until(work, Awaited::hasEnded);
    }

    static boolean hasEnded(JsonNode work) {
        return List.of("done", "failed", "cancelled").contains(work.get("state").asString());
    }
}
