package mensch.core.call;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;

/** Makes a call that names its documents into one that stands alone, with all of them inside. */
public final class CallAssembly {
    /** What a call may be built of. */
    public static final List<String> LAYER_KINDS = List.of("front", "coverage", "movement", "pressure");

    private static final Pattern CHECK = Pattern.compile(": check ([a-z0-9-]+)");

    private CallAssembly() {}

    /** Where documents named by id are found. */
    @FunctionalInterface
    public interface Documents {
        /** The document of one of these kinds. */
        Optional<Document> find(List<String> kinds, String id);
    }

    /** A call of documents named by id, with nothing of its own yet. */
    public static Document named(String id, String name, List<String> layers) {
        return Document.of(Map.of(
                "format", Document.FORMAT, "kind", "call", "id", id, "name", name, "layers", List.copyOf(layers)));
    }

    /**
     * The call with each layer and each checked call named by id replaced by that document.
     *
     * @throws DocumentException when it names what is not found, or is written wrongly
     */
    public static CallDocument whole(Document call, Documents documents) {
        Document whole = withLayers(call, documents);
        var checked = new LinkedHashMap<String, Object>();
        for (String id : checkIds(call)) {
            Document other = documents
                    .find(List.of("call"), id)
                    .orElseThrow(
                            () -> DocumentException.of(call.id(), "checks", "names \"" + id + "\", which is no call"));
            var target = new LinkedHashMap<>(withLayers(other, documents).body());
            target.remove(CallDocument.CHECKS);
            target.remove("checked");
            target.put("motion", withoutChecks(other.values().texts("motion")));
            checked.put(id, target);
        }
        return CallDocument.of(checked.isEmpty() ? whole : whole.with("checked", checked));
    }

    /** A line of checks or motion answers that leads to another call than it names. */
    public static String checkingTo(String line, UnaryOperator<String> other) {
        return CHECK.matcher(line).replaceFirst(m -> ": check " + other.apply(m.group(1)));
    }

    /** A call that was checked to does not check again: it answers motion by its seats. */
    private static List<String> withoutChecks(List<String> motion) {
        return motion.stream()
                .filter(line -> !CHECK.matcher(": " + line).find())
                .toList();
    }

    private static Document withLayers(Document call, Documents documents) {
        var layers = new ArrayList<Object>();
        for (Object layer : call.values().list("layers")) {
            layers.add(layer instanceof String id ? layer(call, id, documents).body() : layer);
        }
        return call.with("layers", layers);
    }

    private static Document layer(Document call, String id, Documents documents) {
        return documents
                .find(LAYER_KINDS, id)
                .orElseThrow(() -> DocumentException.of(
                        call.id(),
                        "layers",
                        "names \"" + id + "\", which is no front, coverage, movement or pressure"));
    }

    /** Ids of calls that the checks and motion answers lead to. */
    private static List<String> checkIds(Document call) {
        var ids = new LinkedHashSet<String>();
        for (String key : List.of(CallDocument.CHECKS, "motion")) {
            for (String line : call.values().texts(key)) {
                Matcher check = CHECK.matcher(line);
                if (check.find()) {
                    ids.add(check.group(1));
                }
            }
        }
        return List.copyOf(ids);
    }
}
