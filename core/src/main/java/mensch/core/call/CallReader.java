package mensch.core.call;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import mensch.core.coverage.Coverage;
import mensch.core.coverage.CoverageReader;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.DocumentException.Problem;
import mensch.core.document.DocumentRef;
import mensch.core.front.Front;
import mensch.core.front.FrontReader;
import mensch.core.front.Role;
import mensch.core.rung.Condition;
import mensch.core.rung.Ladder;
import mensch.core.rung.LadderReader;
import mensch.core.rung.RungReader;
import mensch.core.rung.SentenceException;
import mensch.core.rung.Vocabulary;

/** Reads a call with its layers, gathering every fault of every layer before it gives up. */
public final class CallReader {
    private final Document document;
    private final Vocabulary vocabulary;
    private final List<Problem> problems = new ArrayList<>();

    private CallReader(Document document, Vocabulary vocabulary) {
        this.document = document;
        this.vocabulary = vocabulary;
    }

    /**
     * A call whose layers are inside it ({@link #whole} puts them there).
     *
     * @throws DocumentException with every fault
     */
    public static Call read(Document whole, int revision, Vocabulary vocabulary) {
        return new CallReader(whole, vocabulary).call(revision);
    }

    /** The call with each layer named by id replaced by that layer's document, so that it stands alone. */
    public static Document whole(Document call, Function<String, Document> library) {
        var layers = new ArrayList<Object>();
        for (Object layer : call.body().get("layers") instanceof List<?> named ? named : List.of()) {
            if (layer instanceof String id) {
                Document found = library.apply(id);
                if (found == null) {
                    throw DocumentException.of(call.id(), "layers", "names \"" + id + "\", which is no front or coverage of the library");
                }
                layers.add(found.body());
            } else {
                layers.add(layer);
            }
        }
        var body = new LinkedHashMap<>(call.body());
        body.put("layers", layers);
        return Document.of(body);
    }

    private Call call(int revision) {
        Front front = null;
        Coverage coverage = null;
        for (Document layer : layers()) {
            if (layer.kind().equals("front")) {
                front = FrontReader.read(layer, vocabulary, problems);
            } else if (layer.kind().equals("coverage")) {
                coverage = CoverageReader.read(layer, vocabulary, problems);
            } else {
                fault("layers", "holds a " + layer.kind() + "; a call is built of a front and a coverage");
            }
        }
        if (front == null || coverage == null) {
            fault("layers", "need one front and one coverage");
            throw new DocumentException(problems);
        }
        List<Layer> own = own(front);
        List<MotionAnswer> motion = motion(front);
        checkSeats(front, coverage);
        if (!problems.isEmpty()) {
            throw new DocumentException(problems);
        }
        return new Call(new DocumentRef(document.id(), revision, document.digest()), document, front, coverage, own, motion);
    }

    @SuppressWarnings("unchecked")
    private List<Document> layers() {
        var layers = new ArrayList<Document>();
        for (Object layer : document.body().get("layers") instanceof List<?> list ? list : List.of()) {
            if (layer instanceof Map<?, ?> map) {
                layers.add(Document.of((Map<String, Object>) map));
            } else {
                fault("layers", "holds \"" + layer + "\" instead of a document");
            }
        }
        return layers;
    }

    private List<Layer> own(Front front) {
        List<String> roles = front.roles().stream().map(Role::id).toList();
        Map<String, Ladder> ladders = new LadderReader(document.id(), vocabulary.withRoles(Set.copyOf(roles)), problems).read(document.body().get("rungs"));
        for (String seat : ladders.keySet()) {
            if (!roles.contains(seat) && !seat.equals("everyone")) {
                fault("rungs/" + seat, "is no role of the front; roles are " + String.join(", ", roles));
            }
        }
        return ladders.isEmpty() ? List.of() : List.of(new Layer(Layer.Kind.CALL, new DocumentRef(document.id(), 0, ""), ladders));
    }

    /** A coverage seat nobody fills is a fault of the pair: its job would be missing. */
    private void checkSeats(Front front, Coverage coverage) {
        for (String seat : coverage.ladders().keySet()) {
            if (!seat.equals("everyone") && front.roles().stream().noneMatch(r -> r.seat().words().equals(seat))) {
                fault("layers", "seat unfilled: " + coverage.document().id() + " asks for " + seat + ", " + front.document().id() + " has nobody there");
            }
        }
    }

    private List<MotionAnswer> motion(Front front) {
        var answers = new ArrayList<MotionAnswer>();
        for (Object line : document.body().get("motion") instanceof List<?> list ? list : List.of()) {
            try {
                answers.add(answer(String.valueOf(line), front));
            } catch (SentenceException e) {
                problems.add(new Problem(document.id(), "motion", "\"" + line + "\": " + e.getMessage(), e.at(), e.expected()));
            } catch (IllegalArgumentException e) {
                fault("motion", e.getMessage());
            }
        }
        return answers;
    }

    private MotionAnswer answer(String line, Front front) {
        String[] halves = line.split(":", 2);
        boolean conditional = halves.length == 2;
        Condition when = conditional ? RungReader.readCondition(halves[0].trim().replaceFirst("^when ", ""), vocabulary) : new Condition.Always();
        String[] words = halves[conditional ? 1 : 0].trim().split(" ", 2);
        for (MotionAnswer.Kind kind : MotionAnswer.Kind.values()) {
            if (kind.words().equals(words[0])) {
                List<String> roles = words.length == 1 ? List.of() : Arrays.stream(words[1].split(",")).map(String::trim).toList();
                return new MotionAnswer(when, kind, checked(roles, front, line));
            }
        }
        throw new IllegalArgumentException("\"" + line + "\" gives no answer; write bump, reseat <roles>, travel <role>, rotate or stay");
    }

    private static List<String> checked(List<String> roles, Front front, String line) {
        for (String role : roles) {
            if (front.role(role) == null) {
                throw new IllegalArgumentException("\"" + line + "\" names " + role + ", which is no role of the front");
            }
        }
        return roles;
    }

    private void fault(String where, String message) {
        problems.add(new Problem(document.id(), where, message, -1, List.of()));
    }
}
