package mensch.app.call;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import mensch.app.problem.Problem;
import mensch.core.call.Call;
import mensch.core.call.CallEdit;
import mensch.core.call.CallReader;
import mensch.core.document.Document;
import mensch.core.library.Library;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where every other feature gets its calls: the shipped catalogue (revision 0) and what the programme saved. */
@Service
@Transactional(readOnly = true)
public class CallShelf {
    private final Library library;
    private final CallRevisions revisions;
    private final Clock clock;

    CallShelf(Library library, CallRevisions revisions, Clock clock) {
        this.library = library;
        this.revisions = revisions;
        this.clock = clock;
    }

    /**
     * A call with edits on top, not saved.
     *
     * @param revision null for the newest
     */
    public Call call(String id, Integer revision, List<Edit> edits) {
        Call call = found(id, revision);
        if (edits.isEmpty()) {
            return call;
        }
        Document document = call.document();
        for (Edit edit : edits) {
            document = edit.in(document);
        }
        return CallReader.read(document, call.ref().revision(), library.vocabulary());
    }

    private Call found(String id, Integer revision) {
        boolean shipped = library.calls().stream().anyMatch(c -> c.ref().id().equals(id));
        if (shipped && (revision == null || revision == 0)) {
            return library.call(id);
        }
        CallRevision saved = (revision == null ? revisions.findFirstByCallIdOrderByRevisionDesc(id) : revisions.findByCallIdAndRevision(id, revision))
            .orElseThrow(() -> Problem.notFound("the call " + id + (revision == null ? "" : " revision " + revision)));
        return CallReader.read(saved.document(), saved.revision(), library.vocabulary());
    }

    List<CallRevision> newest() {
        return revisions.newest();
    }

    List<CallRevision> history(String id) {
        return revisions.findByCallIdOrderByRevisionDesc(id);
    }

    /** A new call of the programme's own, made of another with edits. */
    @Transactional
    public Call saveAs(String name, Call from, String by) {
        String id = name.strip().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        if (id.isEmpty()) {
            throw new Problem(HttpStatus.UNPROCESSABLE_ENTITY, "name-empty", "a call needs a name with letters or digits in it");
        }
        boolean taken = library.calls().stream().anyMatch(c -> c.ref().id().equals(id)) || revisions.findFirstByCallIdOrderByRevisionDesc(id).isPresent();
        if (taken) {
            throw new Problem(HttpStatus.CONFLICT, "name-taken", "there is a call named like \"" + name.strip() + "\" already; choose another name");
        }
        return save(CallEdit.renamed(from.document(), id, name.strip()), 1, by);
    }

    /** The next revision of a saved call; refused when somebody saved after {@code base}. */
    @Transactional
    public Call saveNext(Call edited, int base, String by) {
        String id = edited.ref().id();
        CallRevision newest = revisions.findFirstByCallIdOrderByRevisionDesc(id)
            .orElseThrow(() -> new Problem(HttpStatus.CONFLICT, "catalogue-call", "a call of the catalogue is not changed; save it under a name of your own"));
        if (newest.revision() != base) {
            throw new OvertakenException(newest);
        }
        return save(edited.document(), base + 1, by);
    }

    private Call save(Document document, int revision, String by) {
        Call call = CallReader.read(document, revision, library.vocabulary());
        try {
            revisions.saveAndFlush(new CallRevision(document, revision, by, clock.instant()));
        } catch (DataIntegrityViolationException e) {
            throw new Problem(HttpStatus.CONFLICT, "saved-at-once", "somebody saved this call in the same moment; look at his version and save again");
        }
        return call;
    }
}
