package mensch.core.call;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.core.coverage.Coverage;
import mensch.core.document.Document;
import mensch.core.document.DocumentRef;
import mensch.core.front.Front;
import mensch.core.front.Role;
import mensch.core.rung.Rung;
import mensch.core.rung.RungId;

/** A call: front, coverage, its own rungs, and answers to motion. What everything downstream asks. */
public final class Call {
    private final DocumentRef ref;
    private final Document document;
    private final Front front;
    private final Coverage coverage;
    private final List<Layer> layers;
    private final List<MotionAnswer> motion;
    private final Map<String, List<LayeredRung>> ladders;

    Call(DocumentRef ref, Document document, Front front, Coverage coverage, List<Layer> own, List<MotionAnswer> motion) {
        this.ref = ref;
        this.document = document;
        this.front = front;
        this.coverage = coverage;
        this.motion = List.copyOf(motion);
        var all = new ArrayList<>(own);
        all.add(new Layer(Layer.Kind.COVERAGE, ref(coverage.document()), coverage.ladders()));
        all.add(new Layer(Layer.Kind.FRONT, ref(front.document()), front.ladders()));
        this.layers = List.copyOf(all);
        this.ladders = new LinkedHashMap<>();
        for (Role role : front.roles()) {
            ladders.put(role.id(), stacked(role));
        }
    }

    private static DocumentRef ref(Document document) {
        return new DocumentRef(document.id(), 0, document.digest());
    }

    private List<LayeredRung> stacked(Role role) {
        var stack = new ArrayList<LayeredRung>();
        for (Layer layer : layers) {
            layer.of(role).rungs().forEach(r -> stack.add(new LayeredRung(layer.kind(), r)));
            layer.everyone().rungs().forEach(r -> stack.add(new LayeredRung(layer.kind(), r)));
        }
        return List.copyOf(stack);
    }

    /** This call with a layer on top. */
    public Call under(Layer top) {
        var own = new ArrayList<Layer>();
        own.add(top);
        own.addAll(layers.subList(0, layers.size() - 2));
        return new Call(ref, document, front, coverage, own, motion);
    }

    /** All layers' rungs of a role as one ladder, top first. */
    public List<LayeredRung> ladder(Role role) {
        return ladders.get(role.id());
    }

    /** The rung of this name in any layer, or null. */
    public Rung rung(RungId id) {
        return ladders.values().stream().flatMap(List::stream).map(LayeredRung::rung).filter(r -> r.id().equals(id)).findFirst().orElse(null);
    }

    public DocumentRef ref() {
        return ref;
    }

    public String name() {
        return document.name();
    }

    /** The whole call as one document, its layers inside. */
    public Document document() {
        return document;
    }

    public Front front() {
        return front;
    }

    public Coverage coverage() {
        return coverage;
    }

    /** Top first. */
    public List<Layer> layers() {
        return layers;
    }

    public List<MotionAnswer> motion() {
        return motion;
    }
}
