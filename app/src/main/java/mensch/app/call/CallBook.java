package mensch.app.call;

import java.util.List;
import java.util.Optional;
import mensch.app.playbook.DocumentRevision;
import mensch.app.playbook.Playbook;
import mensch.app.problem.Problem;
import mensch.app.version.Version;
import mensch.core.call.Call;
import mensch.core.call.CallAssembly;
import mensch.core.call.CallDocument;
import mensch.core.convention.Labels;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.RefusedException;
import mensch.core.front.Front;
import mensch.core.library.Library;
import mensch.core.pressure.PressureDraft;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where every other feature gets its calls: the catalogue (revision 0) and what the programme saved. */
@Service
@Transactional(readOnly = true)
public class CallBook {
    private final Playbook playbook;

    CallBook(Playbook playbook) {
        this.playbook = playbook;
    }

    /**
     * A call with edits on top, not saved.
     *
     * @param revision null for the newest
     */
    public Call call(String id, @Nullable Integer revision, List<Edit> edits) {
        Library library = playbook.library();
        boolean shipped = library.calls().stream().anyMatch(c -> c.ref().id().equals(id));
        if (shipped && (revision == null || revision == 0)) {
            return edits.isEmpty() ? library.call(id) : edited(library.call(id).written(), 0, edits);
        }
        DocumentRevision saved = playbook.saved("call", id, revision);
        return edits.isEmpty()
                ? playbook.read(saved.document(), saved.revision())
                : edited(CallDocument.of(saved.document()), saved.revision(), edits);
    }

    private Call edited(CallDocument call, int revision, List<Edit> edits) {
        CallDocument edited = call;
        Labels labels = playbook.library().vocabulary().convention().labels();
        for (Edit edit : edits) {
            edited = edit.in(edited, labels, playbook.library()::named);
        }
        return playbook.read(edited.document(), revision);
    }

    /** As {@link #call}, for somebody: a draft of another is not found. */
    public Call seen(String id, @Nullable Integer revision, List<Edit> edits, String by) {
        playbook.checkSeen("call", id, by);
        return call(id, revision, edits);
    }

    List<DocumentRevision> newest() {
        return playbook.newest("call");
    }

    /** A new call made of documents of the library; its author's draft. */
    @Transactional
    public Call compose(String name, List<String> layers, String by) {
        for (String layer : layers) {
            playbook.library()
                    .named(CallAssembly.LAYER_KINDS, layer)
                    .ifPresent(document -> playbook.checkSeen(document.kind(), layer, by));
        }
        Call composed = playbook.library().compose(CallAssembly.named(playbook.freshId(name), name.strip(), layers));
        playbook.saveNew(composed.document(), by);
        return playbook.read(composed.document(), 1);
    }

    /** A front that somebody may see, read. @throws Problem when there is none */
    public Front front(String id, String by) {
        playbook.checkSeen("front", id, by);
        Library library = playbook.library();
        return library.kind("coverage").stream()
                .flatMap(coverage -> fronted(library, id, coverage.id()).stream())
                .findFirst()
                .map(Call::front)
                .orElseThrow(() -> Problem.notFound("the front " + id));
    }

    private static Optional<Call> fronted(Library library, String front, String coverage) {
        try {
            return Optional.of(library.compose(CallAssembly.named("front-alone", "Front", List.of(front, coverage))));
        } catch (DocumentException e) {
            return Optional.empty();
        }
    }

    /**
     * A pressure of the programme's own under a name, and the call of front, coverage and it, named of all three; both
     * their author's drafts, both or neither.
     */
    @Transactional
    public Document keepPressure(PressureDraft draft, String name, String coverage, String by) {
        if (draft.men().isEmpty()) {
            throw new RefusedException("nobody is told anything yet, so it is no pressure; say first who comes");
        }
        playbook.checkSeen("coverage", coverage, by);
        Library library = playbook.library();
        String stripped = name.strip();
        Document pressure = draft.document(playbook.freshId(stripped), stripped);
        Document front = draft.front().document();
        String called = front.name() + " " + stripped + " "
                + library.find("coverage", coverage).map(Document::name).orElse(coverage);
        Document named =
                CallAssembly.named(playbook.freshId(called), called, List.of(front.id(), coverage, pressure.id()));
        Document call = library.compose(named, pressure).document();
        playbook.saveNew(pressure, by);
        playbook.saveNew(call, by);
        return call;
    }

    /** A new call of the programme's own, made of another with edits; its author's draft. */
    @Transactional
    public Call saveAs(String name, Call from, String by) {
        Document renamed = from.document().renamed(playbook.freshId(name), name.strip());
        Call call = playbook.read(renamed, 1);
        playbook.saveNew(renamed, by);
        return call;
    }

    /** The revision that was read, with edits, as the next one; refused when somebody saved meanwhile. */
    @Transactional
    public Call saveNext(String id, Version read, List<Edit> edits, String by) {
        int base = (int) Math.min(read.number(), Integer.MAX_VALUE);
        Document edited = seen(id, base, edits, by).document();
        DocumentRevision saved = playbook.saveNext(edited, read, by);
        return playbook.read(edited, saved.revision());
    }
}
