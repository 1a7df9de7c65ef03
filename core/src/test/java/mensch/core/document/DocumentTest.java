package mensch.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Text that is no document is refused with what is wrong and where; a document that is one has one digest however it is
 * written.
 */
class DocumentTest {
    private static final String FRONT = "format: 1\nkind: front\nid: otter\n";

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        kind: front\\nid: otter                          | format  | this version reads format: 1
        format: 2\\nkind: front\\nid: otter              | format  | is 2
        format: 1\\nid: otter                            | kind    | are missing
        format: 1\\nkind: front                          | kind    | are missing
        - a list                                         | text    | is no map of keys
        format: 1\\nkind: front\\nid: otter\\nid: stoat  | text    | line 4
        format: 1\\nkind: [front                         | text    | line 2
        format: 1\\nkind: !!java.net.URL otter           | text    | line 2
        """)
    void whatIsNoDocumentIsRefusedWithItsPlace(String text, String where, String says) {
        assertThatThrownBy(() -> Yaml.read("otters.yaml", text.replace("\\n", "\n")))
                .isInstanceOfSatisfying(DocumentException.class, refused -> {
                    assertThat(refused.problems()).hasSize(1);
                    assertThat(refused.problems().get(0).where()).contains(where);
                    assertThat(refused.getMessage()).contains(says);
                });
    }

    @Test
    void severalDocumentsStandInOneText() {
        List<Document> read =
                Yaml.read("otters.yaml", FRONT + "---\nformat: 1\nkind: coverage\nid: brook\nname: Brook\n");
        assertThat(read).extracting(Document::kind).containsExactly("front", "coverage");
        assertThat(read.get(0).name()).as("without a name its id").isEqualTo("otter");
        assertThat(read.get(1).name()).isEqualTo("Brook");
    }

    @Test
    void theDigestFollowsTheValuesAndNotTheOrder() {
        Document written = Yaml.read("a", FRONT + "name: Otter\nabout: river\n").get(0);
        var turned = new LinkedHashMap<String, Object>();
        turned.put("about", "river");
        turned.put("name", "Otter");
        turned.putAll(Yaml.read("a", FRONT).get(0).body());
        assertThat(Document.of(turned).digest()).isEqualTo(written.digest()).hasSize(64);
        assertThat(written.with("about", "lake").digest()).isNotEqualTo(written.digest());
        assertThat(written.about()).as("the old one stays").contains("river");
        assertThat(written.with("a", List.of("b", "c")).digest())
                .isNotEqualTo(written.with("a", List.of("bc")).digest());
    }

    /** Whoever reads a document cannot spoil it for the next: neither what he wrote it from nor what he got. */
    @Test
    void nothingOfADocumentCanBeChanged() {
        var steps = new java.util.ArrayList<Object>(List.of("a"));
        var body = new java.util.HashMap<String, Object>(Map.of(
                "format", 1, "kind", "call", "id", "x", "part", new java.util.HashMap<>(Map.of("steps", steps))));
        Document document = Document.of(body);
        String digest = document.digest();
        steps.add("b");
        body.put("name", "other");
        assertThat(document.digest()).isEqualTo(digest);
        assertThat(document.values().part("part").orElseThrow().texts("steps")).containsExactly("a");
        assertThatThrownBy(() -> document.body().put("id", "y")).isInstanceOf(UnsupportedOperationException.class);
        assertThatThrownBy(() -> document.body().remove("id")).isInstanceOf(UnsupportedOperationException.class);
        assertThatThrownBy(() -> ((Map<?, ?>) document.body().get("part")).clear())
                .isInstanceOf(UnsupportedOperationException.class);
        assertThatThrownBy(() -> document.values()
                        .part("part")
                        .orElseThrow()
                        .list("steps")
                        .remove(0))
                .isInstanceOf(UnsupportedOperationException.class);
    }
}
