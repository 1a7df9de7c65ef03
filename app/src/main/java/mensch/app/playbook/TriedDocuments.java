package mensch.app.playbook;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.app.bounds.Bounds;
import mensch.app.problem.Problem;
import mensch.core.document.Document;
import mensch.core.library.Library;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Documents of the offence as they are written, before they are kept: the library as it would be with one. */
@Service
public class TriedDocuments {
    /** What is edited as a whole; calls and their layers have editors of their own. */
    static final List<String> WHOLE = List.of("run", "pass", "option", "protection", "routes", "formation", "rubric");

    /** What a document is called while it has no name yet. */
    private static final String NEW = "new-document";

    private final Playbook playbook;
    private final DocumentSchema schema;

    TriedDocuments(Playbook playbook, DocumentSchema schema) {
        this.playbook = playbook;
        this.schema = schema;
    }

    /** A document to be tried; {@code id} is null for one that is new. */
    public record TriedDocument(
            @NotBlank @Size(max = Bounds.NAME) String kind,
            @Nullable @Size(max = Bounds.NAME) String id,
            @NotNull @Size(max = Bounds.NAME) String name,
            @NotNull Map<String, Object> body) {}

    /** The document as it would be read. */
    public static Document document(TriedDocument written) {
        checkWhole(written.kind());
        return document(written.kind(), written.id() == null ? NEW : written.id(), written.name(), written.body());
    }

    /** The library with it: a document that cannot be read, or that breaks another, is refused here. */
    public Library library(Document document) {
        schema.check(document);
        return playbook.library().with(List.of(document));
    }

    static void checkWhole(String kind) {
        if (!WHOLE.contains(kind)) {
            throw Problem.notFound("a " + kind + " that is edited as a whole");
        }
    }

    static Document document(String kind, String id, String name, Map<String, Object> written) {
        var body = new LinkedHashMap<String, Object>();
        body.put("format", Document.FORMAT);
        body.put("kind", kind);
        body.put("id", id);
        body.put("name", name.strip());
        written.forEach(body::putIfAbsent);
        return Document.of(body);
    }
}
