package mensch.app.playbook;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.List;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.Shipped;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The one description of every kind of document: what comes in is held against it, and so is what ships. */
@Component
class DocumentSchema {
    private static final String FILE = "/library/playbook.schema.json";
    private static final String AT = "https://mensch.invalid/playbook.schema.json";
    private static final int TOLD = 5;

    private final JsonMapper json;
    private final Schema playbook;
    private final Schema document;

    DocumentSchema(JsonMapper json) {
        this.json = json;
        String text = text();
        SchemaRegistry registry = SchemaRegistry.withDefaultDialect(
                SpecificationVersion.DRAFT_2020_12, builder -> builder.schemas(java.util.Map.of(AT, text)));
        this.playbook = registry.getSchema(SchemaLocation.of(AT));
        this.document = registry.getSchema(SchemaLocation.of(AT + "#/$defs/document"));
    }

    static String text() {
        return Shipped.text(FILE);
    }

    /** What is wrong with a playbook, each with its place; empty when it is one of ours. */
    List<String> faults(String text) {
        return playbook.validate(text, InputFormat.JSON).stream()
                .map(DocumentSchema::said)
                .toList();
    }

    /** @throws DocumentException naming the first faults of a document and their places */
    void check(Document one) {
        List<DocumentException.Problem> problems =
                document.validate(json.writeValueAsString(one.body()), InputFormat.JSON).stream()
                        .limit(TOLD)
                        .map(e -> new DocumentException.Problem(
                                one.id(), String.valueOf(e.getInstanceLocation()), e.getMessage(), -1, List.of()))
                        .toList();
        if (!problems.isEmpty()) {
            throw new DocumentException(problems);
        }
    }

    private static String said(Error error) {
        return (error.getInstanceLocation() + " " + error.getMessage()).strip();
    }
}
