package mensch.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.yaml.snakeyaml.DumperOptions;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.constructor.SafeConstructor;
import org.yaml.snakeyaml.error.YAMLException;
import org.yaml.snakeyaml.nodes.Tag;
import org.yaml.snakeyaml.representer.Representer;
import org.yaml.snakeyaml.resolver.Resolver;

/**
 * Reads documents from YAML text: several per file, plain values only, no key twice. {@code on}, {@code off},
 * {@code yes} and {@code no} are the words they are: a sentence may be called so.
 */
public final class Yaml {
    private Yaml() {}

    /** @throws DocumentException naming line and column when the text is no YAML of ours */
    public static List<Document> read(String source, String text) {
        var options = new LoaderOptions();
        options.setAllowDuplicateKeys(false);
        var documents = new ArrayList<Document>();
        try {
            for (Object value : yaml(options).loadAll(text)) {
                documents.add(Document.of(asMap(source, value)));
            }
        } catch (YAMLException e) {
            throw DocumentException.of(source, "text", String.valueOf(e.getMessage()));
        }
        return documents;
    }

    private static org.yaml.snakeyaml.Yaml yaml(LoaderOptions options) {
        var dump = new DumperOptions();
        return new org.yaml.snakeyaml.Yaml(
                new SafeConstructor(options), new Representer(dump), dump, options, new Words());
    }

    /** Truth values are written true and false, nothing else. */
    private static final class Words extends Resolver {
        private static final Pattern TRUTH = Pattern.compile("^(?:true|false)$");

        @Override
        public void addImplicitResolver(Tag tag, Pattern regexp, String first) {
            if (tag == Tag.BOOL) {
                super.addImplicitResolver(tag, TRUTH, "tf");
            } else {
                super.addImplicitResolver(tag, regexp, first);
            }
        }
    }

    private static Map<String, Object> asMap(String source, Object value) {
        if (!(value instanceof Map<?, ?> map)) {
            throw DocumentException.of(source, "text", "is no map of keys; a document starts with format, kind and id");
        }
        return Values.of(map).all();
    }
}
