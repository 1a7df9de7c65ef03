package mensch.core.call;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.rung.RungId;

/** Changes of a whole call document; each returns a new document and leaves the old one as it was. */
public final class CallEdit {
    private CallEdit() {}

    /** The call with one rung's sentence replaced, in whichever layer it stands. */
    public static Document sentence(Document call, RungId id, String sentence) {
        Document changed = change(call, id, rungs -> {
            for (int i = 0; i < rungs.size(); i++) {
                if (rungs.get(i) instanceof Map<?, ?> rung && rung.containsKey(id.name())) {
                    rungs.set(i, Map.of(id.name(), sentence));
                    return true;
                }
            }
            return false;
        });
        if (changed == null) {
            throw DocumentException.of(call.id(), id.words(), "is no rung of this call");
        }
        return changed;
    }

    /** The call with a rung of its own on top of a role's ladder. */
    public static Document add(Document call, String role, String name, String sentence) {
        Document withSeat = new Document(call.kind(), call.id(), withSeat(call.body(), "rungs", role));
        return change(withSeat, new RungId(call.id(), role, name), rungs -> {
            rungs.removeIf(r -> r instanceof Map<?, ?> rung && rung.containsKey(name));
            rungs.add(0, Map.of(name, sentence));
            return true;
        });
    }

    /** The call under another id and name. */
    public static Document renamed(Document call, String id, String name) {
        var body = new LinkedHashMap<>(call.body());
        body.put("id", id);
        body.put("name", name);
        return Document.of(body);
    }

    @FunctionalInterface
    private interface Change {
        boolean in(List<Object> rungs);
    }

    private static Document change(Document call, RungId id, Change change) {
        var body = new LinkedHashMap<>(call.body());
        if (id.document().equals(call.id()) && changed(body, "rungs", id, change)) {
            return Document.of(body);
        }
        var layers = new ArrayList<Object>();
        boolean found = false;
        for (Object layer : (List<?>) body.get("layers")) {
            var copy = copy((Map<?, ?>) layer);
            if (!found && id.document().equals(copy.get("id"))) {
                found = changed(copy, "rungs", id, change) || changed(copy, "seats", id, change);
            }
            layers.add(copy);
        }
        body.put("layers", layers);
        return found ? Document.of(body) : null;
    }

    private static boolean changed(Map<String, Object> body, String key, RungId id, Change change) {
        if (!(body.get(key) instanceof Map<?, ?> seats) || !(seats.get(id.seat()) instanceof List<?> rungs)) {
            return false;
        }
        var list = new ArrayList<Object>(rungs);
        if (!change.in(list)) {
            return false;
        }
        var map = copy(seats);
        map.put(id.seat(), list);
        body.put(key, map);
        return true;
    }

    private static Map<String, Object> withSeat(Map<String, Object> body, String key, String seat) {
        var copy = new LinkedHashMap<>(body);
        Map<String, Object> seats = copy.get(key) instanceof Map<?, ?> map ? copy(map) : new LinkedHashMap<>();
        seats.putIfAbsent(seat, List.of());
        copy.put(key, seats);
        return copy;
    }

    private static Map<String, Object> copy(Map<?, ?> map) {
        var copy = new LinkedHashMap<String, Object>();
        map.forEach((k, v) -> copy.put(String.valueOf(k), v));
        return copy;
    }
}
