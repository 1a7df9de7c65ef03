package mensch.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.constructor.SafeConstructor;
import org.yaml.snakeyaml.error.YAMLException;

/** Reads documents from YAML text: several per file, plain values only, no key twice. */
public final class Yaml {
    private Yaml() {}

    /** @throws DocumentException naming line and column when the text is no YAML of ours */
    public static List<Document> read(String source, String text) {
        var options = new LoaderOptions();
        options.setAllowDuplicateKeys(false);
        var documents = new ArrayList<Document>();
        try {
            for (Object value : new org.yaml.snakeyaml.Yaml(new SafeConstructor(options)).loadAll(text)) {
                documents.add(Document.of(asMap(source, value)));
            }
        } catch (YAMLException e) {
            throw DocumentException.of(source, "text", String.valueOf(e.getMessage()));
        }
        return documents;
    }

    private static Map<String, Object> asMap(String source, Object value) {
        if (!(value instanceof Map<?, ?> map)) {
            throw DocumentException.of(source, "text", "is no map of keys; a document starts with format, kind and id");
        }
        return Values.of(map).all();
    }
}
