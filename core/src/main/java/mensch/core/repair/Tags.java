package mensch.core.repair;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import mensch.core.call.Call;
import mensch.core.call.CallDocument;
import mensch.core.call.Layer;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.DocumentRef;
import mensch.core.front.Role;
import mensch.core.library.Library;
import mensch.core.lineup.Given;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Gives;
import mensch.core.rung.Ladder;
import mensch.core.rung.LadderDocument;
import mensch.core.rung.LadderReader;
import mensch.core.rung.Part;
import org.jspecify.annotations.Nullable;

/**
 * Tags: a movement or pressure of the library on a call that has none of that kind, for one picture, written as what it
 * tells each man.
 */
final class Tags {
    private static final List<Layer.Kind> KINDS = List.of(Layer.Kind.MOVEMENT, Layer.Kind.PRESSURE);
    private final Library library;
    private volatile @Nullable Tagged last;

    /** A call with each tag it can carry, by the tag's name. */
    private record Tagged(CallDocument call, Map<String, Call> by) {}

    Tags(Library library) {
        this.library = library;
    }

    /**
     * Names of tags by the steps that make them.
     *
     * @param sentence the condition of one man's picture before what he is told
     */
    Map<List<Sentence>, String> changes(Call call, Lineup before, BiFunction<Job, String, Sentence> sentence) {
        var changes = new LinkedHashMap<List<Sentence>, String>();
        tagged(call).forEach((name, with) -> {
            List<Sentence> steps = steps(with, before, sentence);
            if (!steps.isEmpty()) {
                changes.putIfAbsent(steps, name);
            }
        });
        return changes;
    }

    private Map<String, Call> tagged(Call call) {
        Tagged known = last;
        if (known == null || known.call() != call.written()) {
            known = new Tagged(call.written(), read(call));
            last = known;
        }
        return known.by();
    }

    private Map<String, Call> read(Call call) {
        var by = new LinkedHashMap<String, Call>();
        for (Layer.Kind kind : KINDS) {
            boolean has = !call.written().layersOf(kind).isEmpty();
            for (Document tag : has ? List.<Document>of() : library.kind(kind.words())) {
                carried(call, kind, tag).ifPresent(with -> by.put(tag.name(), with));
            }
        }
        return by;
    }

    /** The call with the tag on top; a tag that asks for men this front has not is no tag of this call. */
    private Optional<Call> carried(Call call, Layer.Kind kind, Document tag) {
        var problems = new ArrayList<DocumentException.Problem>();
        Set<String> roles = call.front().roles().stream().map(Role::id).collect(Collectors.toSet());
        Map<String, Ladder> ladders = new LadderReader(
                        tag.id(), library.vocabulary().withRoles(roles), problems)
                .read(LadderDocument.of(tag, problems).ladders());
        boolean manned = ladders.keySet().stream()
                .allMatch(seat -> seat.equals("everyone") || roles.contains(seat) || seated(call, seat));
        return problems.isEmpty() && manned
                ? Optional.of(call.under(new Layer(kind, new DocumentRef(tag.id(), 0, ""), ladders)))
                : Optional.empty();
    }

    private static boolean seated(Call call, String seat) {
        return call.front().roles().stream()
                .anyMatch(r ->
                        r.seat().words().equals(seat) || r.otherwise().words().equals(seat));
    }

    /** What each man is told by the tag in this picture; none when a man's change cannot be said in one sentence. */
    private static List<Sentence> steps(Call with, Lineup before, BiFunction<Job, String, Sentence> sentence) {
        Lineup after = Lineup.of(with, before.snap());
        var steps = new LinkedHashMap<String, Sentence>();
        for (Job was : before.jobs()) {
            Job is = after.job(was.id());
            var words = new ArrayList<String>();
            for (Part part : Part.values()) {
                if (is == null || !was.part(part).equals(is.part(part)) && !follows(was.part(part), is.part(part))) {
                    Optional<Gives> gives = is == null ? Optional.empty() : given(with, is, part);
                    if (gives.isEmpty()) {
                        return List.of();
                    }
                    words.add(gives.get().words());
                }
            }
            if (!words.isEmpty() && steps.put(was.role().id(), sentence.apply(was, String.join("; ", words))) != null) {
                return List.of();
            }
        }
        return List.copyOf(steps.values());
    }

    /** The same rung gives it as before: it changed because of something else that the tag says. */
    private static boolean follows(Given<?> was, Given<?> is) {
        return !was.chain().isEmpty()
                && !is.chain().isEmpty()
                && was.chain().get(0).equals(is.chain().get(0));
    }

    private static Optional<Gives> given(Call call, Job job, Part part) {
        Given<?> given = job.part(part);
        return given.state() == Given.State.VALUE && given.chain().size() == 1
                ? call.rung(given.chain().get(0).rung()).flatMap(r -> r.give(part))
                : Optional.empty();
    }
}
