package mensch.core.document;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** One document: kind, id and the values under them, which nobody can change. */
public record Document(String kind, String id, Values values) {

    public static final int FORMAT = 1;

    /** @throws DocumentException when format, kind or id is missing or not ours */
    public static Document of(Map<String, Object> body) {
        String id = String.valueOf(body.getOrDefault("id", "(no id)"));
        if (!Integer.valueOf(FORMAT).equals(body.get("format"))) {
            throw DocumentException.of(
                    id, "format", "is " + body.get("format") + "; this version reads format: " + FORMAT);
        }
        if (!(body.get("kind") instanceof String kind) || !(body.get("id") instanceof String)) {
            throw DocumentException.of(id, "kind, id", "are missing; a document starts with format, kind and id");
        }
        return new Document(kind, id, Values.of(body));
    }

    /** All its values, frozen. */
    public Map<String, Object> body() {
        return values.all();
    }

    public String name() {
        return text("name").orElse(id);
    }

    /** The text under a key; empty when there is none or it is no text. */
    public Optional<String> text(String key) {
        return values.text(key);
    }

    /** What it is for, in a coach's words; empty when it does not say. */
    public Optional<String> about() {
        return text("about");
    }

    /** The same document with one value set. */
    public Document with(String key, Object value) {
        var copy = new LinkedHashMap<>(body());
        copy.put(key, value);
        return of(copy);
    }

    /** The same document under another id and name. */
    public Document renamed(String otherId, String name) {
        return with("id", otherId).with("name", name);
    }

    /** SHA-256 of the values in canonical order, hexadecimal. */
    public String digest() {
        try {
            var out = new StringBuilder();
            canonical(body(), out);
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256")
                            .digest(out.toString().getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    private static void canonical(Object value, StringBuilder out) {
        if (value instanceof Map<?, ?> map) {
            var sorted = new TreeMap<String, Object>();
            map.forEach((k, v) -> sorted.put(String.valueOf(k), v));
            out.append('{');
            sorted.forEach((k, v) -> {
                quoted(k, out);
                out.append(':');
                canonical(v, out);
                out.append(',');
            });
            out.append('}');
        } else if (value instanceof List<?> list) {
            out.append('[');
            list.forEach(v -> {
                canonical(v, out);
                out.append(',');
            });
            out.append(']');
        } else {
            quoted(String.valueOf(value), out);
        }
    }

    private static void quoted(String text, StringBuilder out) {
        out.append('"').append(text.replace("\\", "\\\\").replace("\"", "\\\"")).append('"');
    }
}
