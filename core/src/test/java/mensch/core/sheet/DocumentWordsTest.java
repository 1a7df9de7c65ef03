package mensch.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.document.Document;
import mensch.core.library.Library;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every document of the playbook says what it is and what it stands together with. */
class DocumentWordsTest {
    private static final Library LIBRARY = Snaps.LIBRARY;

    private static DocumentWords of(String kind, String id) {
        Document document = LIBRARY.find(kind, id).orElseThrow();
        Call call = LIBRARY.calls().stream()
                .filter(c -> c.layers().stream().anyMatch(l -> l.document().id().equals(id)))
                .findFirst()
                .orElse(null);
        return DocumentWords.of(document, call, LIBRARY);
    }

    @ParameterizedTest
    @CsvSource({
        "coverage, drizzle, Cover 3",
        "front, anvil, Eleven men",
        "front, tack, 'Flag, 5 men'",
        "formation, pro-i, Two backs",
        "run, power, To the C gap",
        "pass, double-slants, Quick game",
        "movement, trout, ''"
    })
    void aDocumentStandsWithItsFamily(String kind, String id, String family) {
        assertThat(of(kind, id).family()).isEqualTo(family);
    }

    @Test
    void aCallIsFoundByWhatItIsAgainstWhomAndOfWhat() {
        assertThat(of("call", "anvil-drizzle").kinds()).contains("cover 3", "pro-i", "anvil", "drizzle");
        assertThat(of("call", "anvil-drizzle").summary()).contains("three deep in thirds");
    }

    @Test
    void everyDocumentOfTheCatalogueSaysSomething() {
        for (String kind : List.of(
                "call",
                "front",
                "coverage",
                "movement",
                "pressure",
                "formation",
                "run",
                "pass",
                "option",
                "protection",
                "routes")) {
            assertThat(LIBRARY.kind(kind))
                    .isNotEmpty()
                    .allSatisfy(d -> assertThat(of(kind, d.id()).summary())
                            .as(kind + " " + d.id())
                            .isNotBlank());
        }
    }
}
