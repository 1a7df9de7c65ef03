package mensch.core.call;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import mensch.core.convention.Convention;
import mensch.core.coverage.CoverSeat;
import mensch.core.coverage.Coverage;
import mensch.core.coverage.Shell;
import mensch.core.document.Document;
import mensch.core.document.DocumentRef;
import mensch.core.formation.Feature;
import mensch.core.formation.SideWord;
import mensch.core.front.Front;
import mensch.core.front.Role;
import mensch.core.rung.Condition;
import mensch.core.rung.Ladder;
import mensch.core.rung.ReadTable;
import mensch.core.rung.Rung;
import mensch.core.rung.RungId;
import mensch.core.rung.Vocabulary;

/**
 * A call: front, coverage, movement, pressure, its own rungs, answers to motion and checks. What everything downstream
 * asks.
 */
public final class Call {
    private final DocumentRef ref;
    private final CallDocument written;
    private final Vocabulary vocabulary;
    private final Base base;
    private final List<Layer> layers;
    private final Answers answers;
    private final Map<String, Stack> onCoverSide = new LinkedHashMap<>();
    private final Map<String, Stack> away = new LinkedHashMap<>();
    private final Set<Feature> asked = EnumSet.noneOf(Feature.class);

    /** What every call stands on, and the side words it binds. */
    record Base(Front front, Coverage coverage, SideWord callSide, SideWord coverSide, Optional<Shell> deep) {}

    /** What it does when the picture changes; {@code checked} holds the calls its checks lead to, by id. */
    record Answers(List<MotionAnswer> motion, List<CallCheck> checks, Map<String, Call> checked) {}

    Call(DocumentRef ref, CallDocument written, Vocabulary vocabulary, Base base, List<Layer> layers, Answers answers) {
        this.ref = ref;
        this.written = written;
        this.vocabulary = vocabulary;
        this.base = base;
        this.layers = List.copyOf(layers);
        this.answers = answers;
        for (Role role : base.front().roles()) {
            stack(role);
        }
        answers.checks().forEach(c -> ask(c.when()));
    }

    /** A call with a layer on top: ladders that the layer does not touch are shared with the call below it. */
    private Call(Call below, Layer top) {
        this.ref = below.ref;
        this.written = below.written;
        this.vocabulary = below.vocabulary;
        this.base = below.base;
        var more = new ArrayList<Layer>();
        more.add(top);
        more.addAll(below.layers);
        this.layers = List.copyOf(more);
        this.answers = below.answers;
        onCoverSide.putAll(below.onCoverSide);
        away.putAll(below.away);
        asked.addAll(below.asked);
        base.front().roles().stream().filter(top::touches).forEach(this::stack);
    }

    private Call(Call below, CallCheck check, Call target) {
        this.ref = below.ref;
        this.written = below.written;
        this.vocabulary = below.vocabulary;
        this.base = below.base;
        this.layers = below.layers;
        var checks = new ArrayList<CallCheck>();
        checks.add(check);
        checks.addAll(below.answers.checks());
        var checked = new LinkedHashMap<>(below.answers.checked());
        checked.put(check.call(), target);
        this.answers = new Answers(below.answers.motion(), List.copyOf(checks), checked);
        onCoverSide.putAll(below.onCoverSide);
        away.putAll(below.away);
        asked.addAll(below.asked);
        ask(check.when());
    }

    private void stack(Role role) {
        Stack on = stacked(role, true);
        Stack off = stacked(role, false);
        onCoverSide.put(role.id(), on);
        away.put(role.id(), off);
        on.rungs().forEach(r -> ask(r.rung().when()));
        off.rungs().forEach(r -> ask(r.rung().when()));
    }

    private void ask(Condition condition) {
        condition.features().forEach(asked::add);
    }

    private Stack stacked(Role role, boolean onCoverSide) {
        var stack = new ArrayList<LayeredRung>();
        for (Layer layer : layers) {
            layer.of(role, onCoverSide).rungs().forEach(r -> stack.add(new LayeredRung(layer.kind(), r)));
            layer.everyone().rungs().forEach(r -> stack.add(new LayeredRung(layer.kind(), r)));
        }
        return new Stack(stack);
    }

    /** This call with a layer on top. */
    public Call under(Layer top) {
        return new Call(this, top);
    }

    /** This call with rungs of its own on top; none when it could not be saved so. */
    public Optional<Call> adding(Map<String, Ladder> rungs) {
        Call with = under(new Layer(Layer.Kind.CALL, new DocumentRef(ref.id(), 0, ""), rungs));
        return new Soundness(with).problems(rungs).isEmpty() ? Optional.of(with) : Optional.empty();
    }

    /** This call with a check before its others. */
    public Call checking(CallCheck check, Call target) {
        return new Call(this, check, target);
    }

    /** All layers' rungs of a role as one ladder, top first, for the seat that its side gives it. */
    public Stack ladder(Role role, boolean isOnCoverSide) {
        Stack stack = (isOnCoverSide ? onCoverSide : away).get(role.id());
        return Objects.requireNonNull(stack, () -> name() + " has no role " + role.id());
    }

    /** The same for one of the seats a role may play. */
    public Stack ladder(Role role, CoverSeat cover) {
        return ladder(role, cover == role.seat());
    }

    /** The rung of this name in any layer. */
    public Optional<Rung> rung(RungId id) {
        for (Layer layer : layers) {
            for (Rung rung :
                    layer.ladders().getOrDefault(id.seat(), Ladder.EMPTY).rungs()) {
                if (rung.id().equals(id)) {
                    return Optional.of(rung);
                }
            }
        }
        return Optional.empty();
    }

    /** A name for one more rung of a seat in a document that no rung of this call has: {@code stem-1} and on. */
    public RungId fresh(String document, String seat, String stem) {
        return IntStream.iterate(1, n -> n + 1)
                .mapToObj(n -> new RungId(document, seat, stem + "-" + n))
                .filter(id -> rung(id).isEmpty())
                .findFirst()
                .orElseThrow();
    }

    /** Whether any rung or check of this call asks for a feature: a picture nobody asks for has no answer. */
    public boolean asks(Feature feature) {
        return asked.contains(feature);
    }

    public DocumentRef ref() {
        return ref;
    }

    public String name() {
        return document().name();
    }

    /** As it stands written, its layers inside. */
    public CallDocument written() {
        return written;
    }

    /** The whole call as one document. */
    public Document document() {
        return written.document();
    }

    /** What the programme chose when this call was read. */
    public Convention convention() {
        return vocabulary.convention();
    }

    /** What is taught on each event, by the id that rungs name. */
    public Optional<ReadTable> readTable(String id) {
        return Optional.ofNullable(vocabulary.readTables().get(id));
    }

    public Front front() {
        return base.front();
    }

    public Coverage coverage() {
        return base.coverage();
    }

    /** The side word its call side means. */
    public SideWord callSide() {
        return base.callSide();
    }

    /** The side word its cover side means. */
    public SideWord coverSide() {
        return base.coverSide();
    }

    /** The deep help it promises, when its coverage or its pressure says so. */
    public Optional<Shell> deep() {
        return base.deep();
    }

    /** Top first. */
    public List<Layer> layers() {
        return layers;
    }

    public List<MotionAnswer> motion() {
        return answers.motion();
    }

    public List<CallCheck> checks() {
        return answers.checks();
    }

    /** The call a check leads to. */
    public Call checked(String id) {
        return Objects.requireNonNull(answers.checked().get(id), () -> name() + " checks to no " + id);
    }

    /** Formations this call is meant for, by id; empty means all. */
    public List<String> meantFor() {
        return document().values().texts("for");
    }

    /** Whether it is meant for a formation. */
    public boolean meantFor(String formation) {
        return meantFor().isEmpty() || meantFor().contains(formation);
    }

    /** Whether a pressure is one of its layers. */
    public boolean pressures() {
        return layers.stream().anyMatch(l -> l.kind() == Layer.Kind.PRESSURE);
    }

    /** How many rush, as its pressure says; 0 when it has none or does not say. */
    public int rush() {
        return written.layersOf(Layer.Kind.PRESSURE).stream()
                .flatMap(l -> l.values().whole("rush").stream())
                .findFirst()
                .orElse(0);
    }

    /** What a coach says when he teaches it: the call's own points, then what its layers are about, top first. */
    public List<String> points() {
        var points = new ArrayList<>(document().values().texts("points"));
        for (Layer layer : layers) {
            if (layer.kind() != Layer.Kind.CALL) {
                about(layer).ifPresent(points::add);
            }
        }
        return List.copyOf(points);
    }

    /** What a layer is for; rungs of this week's plan stand in no document. */
    private Optional<String> about(Layer layer) {
        return layer.kind() == Layer.Kind.PLAN || layer.kind() == Layer.Kind.HAND
                ? Optional.empty()
                : written.layer(layer.document().id()).about();
    }
}
