package mensch.core.call;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.rung.RungId;

/** Changes of a whole call document; each returns a new document and leaves the old one as it was. */
public final class CallEdit {
    /** Document of the rungs that stand above a call's own for one week's plan; no document may have this id. */
    public static final String THIS_WEEK = "this-week";

    private CallEdit() {}

    /**
     * The call with one rung's sentence replaced, in whichever layer it stands. @throws DocumentException when there is
     * no such rung
     */
    public static Document sentence(Document call, RungId id, String sentence) {
        boolean[] found = {false};
        Document changed = changed(
                call,
                id,
                rungs -> rungs.replaceAll(r -> {
                    boolean meant = r instanceof Map<?, ?> rung && rung.containsKey(id.name());
                    found[0] |= meant;
                    return meant ? Map.of(id.name(), sentence) : r;
                }));
        if (!found[0]) {
            throw DocumentException.of(call.id(), id.words(), "is no rung of this call");
        }
        return changed;
    }

    /** The call with a rung of its own on top of a role's ladder. */
    public static Document add(Document call, String role, String name, String sentence) {
        return put(call, new RungId(call.id(), role, name), sentence);
    }

    /**
     * The call with a sentence set: the rung it has, or a new one on top of that seat's ladder, in the document that
     * the id names.
     *
     * @throws DocumentException when the call has no such document
     */
    public static Document put(Document call, RungId id, String sentence) {
        return changed(call, id, rungs -> {
            for (int i = 0; i < rungs.size(); i++) {
                if (rungs.get(i) instanceof Map<?, ?> rung && rung.containsKey(id.name())) {
                    rungs.set(i, Map.of(id.name(), sentence));
                    return;
                }
            }
            rungs.add(0, Map.of(id.name(), sentence));
        });
    }

    /**
     * Stands in a rung id where a seat would: the sentence is a check of the call, as in {@code when empty: check
     * anvil-fog, mike}.
     */
    public static final String CHECKS = "checks";

    /**
     * A change of any kind: a check on top of the call's own, or a rung as {@link #put} sets it.
     *
     * @param documents where a call that is checked to is found
     * @throws DocumentException when the call has no such document, or a check leads to no call
     */
    public static Document set(Document call, RungId id, String sentence, CallReader.Documents documents) {
        if (!id.seat().equals(CHECKS)) {
            return put(call, id, sentence);
        }
        var checks = new ArrayList<Object>();
        checks.add(sentence);
        checks.addAll(call.values().list(CHECKS));
        return CallReader.whole(call.with(CHECKS, checks), (kinds, wanted) -> checked(call, kinds, wanted, documents));
    }

    /** A call it checks to already stays as it stands inside it. */
    private static Optional<Document> checked(
            Document call, List<String> kinds, String id, CallReader.Documents documents) {
        return Optional.of(kinds)
                .filter(k -> k.contains("call"))
                .flatMap(k -> call.values().part("checked"))
                .flatMap(checked -> checked.part(id))
                .map(inside -> Document.of(inside.all()))
                .or(() -> documents.find(kinds, id));
    }

    /** The call without a rung; nothing happens when it has none of that name. */
    public static Document remove(Document call, RungId id) {
        return changed(
                call, id, rungs -> rungs.removeIf(r -> r instanceof Map<?, ?> rung && rung.containsKey(id.name())));
    }

    /** A call of documents named by id, with nothing of its own yet. */
    public static Document composed(String id, String name, List<String> layers) {
        var body = new LinkedHashMap<String, Object>();
        body.put("format", Document.FORMAT);
        body.put("kind", "call");
        body.put("id", id);
        body.put("name", name);
        body.put("layers", List.copyOf(layers));
        body.put("motion", List.of("bump"));
        return Document.of(body);
    }

    /** A layer of a whole call as a document. @throws DocumentException when the call has none of that id */
    public static Document layer(Document call, String id) {
        return call.values().parts("layers").stream()
                .filter(l -> l.text("id").filter(id::equals).isPresent())
                .findFirst()
                .map(l -> Document.of(l.all()))
                .orElseThrow(() -> DocumentException.of(call.id(), "layers", "holds no " + id));
    }

    /** The call under another id and name. */
    public static Document renamed(Document call, String id, String name) {
        var body = new LinkedHashMap<>(call.body());
        body.put("id", id);
        body.put("name", name);
        return Document.of(body);
    }

    private static Document changed(Document call, RungId id, Consumer<List<Object>> change) {
        if (id.document().equals(call.id())) {
            return Document.of(inSeat(call.body(), "rungs", id.seat(), change));
        }
        if (id.document().equals(THIS_WEEK)) {
            return Document.of(inSeat(call.body(), "plan", id.seat(), change));
        }
        var body = new LinkedHashMap<>(call.body());
        var layers = new ArrayList<Object>();
        boolean found = false;
        for (Object layer : call.values().list("layers")) {
            boolean meant =
                    !found && layer instanceof Map<?, ?> map && id.document().equals(map.get("id"));
            layers.add(
                    meant
                            ? inSeat(
                                    copy((Map<?, ?>) layer),
                                    "coverage".equals(((Map<?, ?>) layer).get("kind")) ? "seats" : "rungs",
                                    id.seat(),
                                    change)
                            : layer);
            found |= meant;
        }
        if (!found) {
            throw DocumentException.of(call.id(), id.words(), "names no document of this call");
        }
        body.put("layers", layers);
        return Document.of(body);
    }

    private static Map<String, Object> inSeat(
            Map<String, Object> body, String key, String seat, Consumer<List<Object>> change) {
        var copy = new LinkedHashMap<>(body);
        Map<String, Object> seats = copy.get(key) instanceof Map<?, ?> map ? copy(map) : new LinkedHashMap<>();
        var rungs = new ArrayList<Object>(seats.get(seat) instanceof List<?> list ? list : List.of());
        change.accept(rungs);
        if (rungs.isEmpty()) {
            seats.remove(seat);
        } else {
            seats.put(seat, rungs);
        }
        copy.put(key, seats);
        return copy;
    }

    private static Map<String, Object> copy(Map<?, ?> map) {
        var copy = new LinkedHashMap<String, Object>();
        map.forEach((k, v) -> copy.put(String.valueOf(k), v));
        return copy;
    }
}
