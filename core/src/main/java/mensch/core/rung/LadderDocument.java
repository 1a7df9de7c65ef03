package mensch.core.rung;

import java.util.List;
import mensch.core.document.Document;
import mensch.core.document.DocumentException.Problem;

/**
 * A document that ladders are written in: front, coverage, movement or pressure.
 *
 * @param document all of it, the ladders too
 */
public record LadderDocument(Document document, Sentences ladders) {

    /** @param problems takes every fault of how the ladders are written */
    public static LadderDocument of(Document document, List<Problem> problems) {
        return new LadderDocument(
                document, Sentences.of(document.id(), document.values().part(key(document)), problems));
    }

    /** A coverage is written to seats. */
    private static String key(Document document) {
        return document.kind().equals("coverage") ? "seats" : "rungs";
    }

    public String kind() {
        return document.kind();
    }

    public String id() {
        return document.id();
    }

    /** The same document with other ladders. */
    public LadderDocument with(Sentences other) {
        return new LadderDocument(document.with(key(document), other.values()), other);
    }
}
