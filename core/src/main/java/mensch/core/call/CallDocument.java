package mensch.core.call;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.DocumentException.Problem;
import mensch.core.document.Values;
import mensch.core.rung.LadderDocument;
import mensch.core.rung.RungId;
import mensch.core.rung.Sentences;

/**
 * A call as it stands written, with everything it is built of inside, its sentences not yet read. Each change is a new
 * value.
 *
 * @param document all of it
 * @param rungs its own
 * @param plan this week's for it
 * @param checked the calls it checks to, by id
 */
public record CallDocument(
        Document document,
        List<LadderDocument> layers,
        Sentences rungs,
        Sentences plan,
        Map<String, CallDocument> checked) {

    /** Document of the rungs that stand above a call's own for one week's plan; no document may have this id. */
    public static final String THIS_WEEK = "this-week";

    /**
     * Stands in a rung id where a seat would: the sentence is a check of the call, as in {@code when empty: check
     * anvil-fog, mike}.
     */
    public static final String CHECKS = "checks";

    /**
     * A call that holds its layers and the calls it checks to ({@link CallAssembly} puts them there).
     *
     * @throws DocumentException with every fault of how it is written; sentences are read later
     */
    public static CallDocument of(Document document) {
        var problems = new ArrayList<Problem>();
        var call = new CallDocument(
                document,
                layers(document, problems),
                Sentences.of(document.id(), document.values().part("rungs"), problems),
                Sentences.of(THIS_WEEK, document.values().part("plan"), problems),
                checked(document.values(), problems));
        if (!problems.isEmpty()) {
            throw new DocumentException(problems);
        }
        return call;
    }

    private static List<LadderDocument> layers(Document call, List<Problem> problems) {
        List<Values> parts = call.values().parts("layers");
        if (parts.size() < call.values().list("layers").size()) {
            problems.add(new Problem(
                    call.id(), "layers", "hold the name of a document instead of the document", -1, List.of()));
        }
        var layers = new ArrayList<LadderDocument>();
        for (Values part : parts) {
            try {
                layers.add(LadderDocument.of(Document.of(part.all()), problems));
            } catch (DocumentException e) {
                problems.addAll(e.problems());
            }
        }
        return layers;
    }

    private static Map<String, CallDocument> checked(Values call, List<Problem> problems) {
        var checked = new LinkedHashMap<String, CallDocument>();
        call.part("checked")
                .ifPresent(calls -> calls.all()
                        .keySet()
                        .forEach(id -> calls.part(id).ifPresent(inside -> {
                            try {
                                checked.put(id, of(Document.of(inside.all())));
                            } catch (DocumentException e) {
                                problems.addAll(e.problems());
                            }
                        })));
        return checked;
    }

    public String id() {
        return document.id();
    }

    /** Sentences of its checks, first first. */
    public List<String> checks() {
        return document.values().texts(CHECKS);
    }

    /** Sentences of its answers to motion, first first. */
    public List<String> motion() {
        return document.values().texts("motion");
    }

    /** The layer of this id. @throws DocumentException when the call has none */
    public Document layer(String id) {
        return layers.stream()
                .filter(l -> l.id().equals(id))
                .findFirst()
                .map(LadderDocument::document)
                .orElseThrow(() -> DocumentException.of(id(), "layers", "holds no " + id));
    }

    /** The layers of a kind. */
    public List<Document> layersOf(Layer.Kind kind) {
        return layers.stream()
                .map(LadderDocument::document)
                .filter(l -> l.kind().equals(kind.words()))
                .toList();
    }

    /** With one more layer, the last. */
    public CallDocument over(Document layer) {
        var more = new ArrayList<Object>(document.values().list("layers"));
        more.add(layer.body());
        return of(document.with("layers", more));
    }

    /**
     * With a sentence set: the rung it has, or a new one on top of that seat's ladder, in the document that the id
     * names.
     *
     * @throws DocumentException when the call has no such document
     */
    public CallDocument put(RungId id, String sentence) {
        return with(id, sentences(id).put(id.seat(), id.name(), sentence));
    }

    /** Without a rung; nothing happens when it has none of that name. */
    public CallDocument remove(RungId id) {
        return with(id, sentences(id).remove(id.seat(), id.name()));
    }

    /**
     * A change of any kind: a check on top of the call's own, or a rung as {@link #put} sets it.
     *
     * @param documents where a call that is checked to is found
     * @throws DocumentException when the call has no such document, or a check leads to no call
     */
    public CallDocument set(RungId id, String sentence, CallAssembly.Documents documents) {
        if (!id.seat().equals(CHECKS)) {
            return put(id, sentence);
        }
        var checks = new ArrayList<String>();
        checks.add(sentence);
        checks.addAll(checks());
        return CallAssembly.whole(
                document.with(CHECKS, checks),
                (kinds, wanted) -> kinds.contains("call")
                        ? Optional.ofNullable(checked.get(wanted))
                                .map(CallDocument::document)
                                .or(() -> documents.find(kinds, wanted))
                        : documents.find(kinds, wanted));
    }

    private Sentences sentences(RungId id) {
        if (id.document().equals(id())) {
            return rungs;
        }
        return id.document().equals(THIS_WEEK) ? plan : layers.get(place(id)).ladders();
    }

    private CallDocument with(RungId id, Sentences other) {
        if (id.document().equals(id())) {
            return new CallDocument(document.with("rungs", other.values()), layers, other, plan, checked);
        }
        if (id.document().equals(THIS_WEEK)) {
            return new CallDocument(document.with("plan", other.values()), layers, rungs, other, checked);
        }
        var changed = new ArrayList<>(layers);
        changed.set(place(id), layers.get(place(id)).with(other));
        return with(changed);
    }

    private CallDocument with(List<LadderDocument> other) {
        List<Map<String, Object>> bodies =
                other.stream().map(l -> l.document().body()).toList();
        return new CallDocument(document.with("layers", bodies), List.copyOf(other), rungs, plan, checked);
    }

    private int place(RungId id) {
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i).id().equals(id.document())) {
                return i;
            }
        }
        throw DocumentException.of(id(), id.words(), "names no document of this call");
    }
}
