package mensch.app.playbook;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import mensch.app.problem.Problem;
import mensch.core.call.Call;
import mensch.core.call.CallReader;
import mensch.core.document.Document;
import mensch.core.library.Library;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * The library in force: what ships, read as the programme chose among the schools, with the programme's own fronts,
 * coverages, movements, pressures and formations. Every other feature asks here. Own calls are revisions of their own
 * and are read one by one.
 */
@Service
@Transactional(readOnly = true)
public class Bookcase {
    private final Library catalogue = Library.shipped();
    private final DocumentRevisions revisions;
    private final PlaybookEntries entries;
    private final HouseChoices houses;
    private final Clock clock;
    private volatile InForce inForce = new InForce("", catalogue);

    /** The library read for one state of the database. */
    private record InForce(String state, Library library) {}

    Bookcase(DocumentRevisions revisions, PlaybookEntries entries, HouseChoices houses, Clock clock) {
        this.revisions = revisions;
        this.entries = entries;
        this.houses = houses;
        this.clock = clock;
    }

    /** Read anew only when something was saved since, by whichever node; a transaction asks once. */
    public Library library() {
        if (TransactionSynchronizationManager.getResource(this) instanceof Library asked) {
            return asked;
        }
        String now = revisions.state();
        InForce known = inForce;
        if (!known.state().equals(now)) {
            HouseChoice choice = houses.findFirstByOrderByIdDesc().orElse(null);
            Library read = choice == null ? catalogue : catalogue.choosing(choice.choices());
            var own = new ArrayList<Document>();
            revisions.newest().stream().filter(r -> !r.kind().equals("call")).forEach(r -> own.add(r.document()));
            known = new InForce(now, own.isEmpty() ? read : read.with(own));
            inForce = known;
        }
        keep(known.library());
        return known.library();
    }

    private void keep(Library library) {
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.bindResource(this, library);
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCompletion(int status) {
                    TransactionSynchronizationManager.unbindResourceIfPossible(Bookcase.this);
                }
            });
        }
    }

    /** A call document read as the programme chose. */
    public Call read(Document call, int revision) {
        return CallReader.read(call, revision, library().vocabulary());
    }

    /** One saved revision; the newest when {@code revision} is null. */
    public DocumentRevision saved(String kind, String id, Integer revision) {
        return (revision == null
                        ? revisions.findFirstByKindAndDocIdOrderByRevisionDesc(kind, id)
                        : revisions.findByKindAndDocIdAndRevision(kind, id, revision))
                .orElseThrow(() ->
                        Problem.notFound("the " + kind + " " + id + (revision == null ? "" : " revision " + revision)));
    }

    /** Newest revisions of every document the programme saved. */
    public List<DocumentRevision> newest() {
        return revisions.newest();
    }

    public List<DocumentRevision> history(String kind, String id) {
        return revisions.findByKindAndDocIdOrderByRevisionDesc(kind, id);
    }

    public PlaybookEntry entry(String kind, String id) {
        return entries.findById(new PlaybookEntry.Key(kind, id)).orElseGet(() -> new PlaybookEntry(kind, id, null));
    }

    /** Everything the programme has said about its documents, by kind/id. */
    public Map<String, PlaybookEntry> standings() {
        var all = new LinkedHashMap<String, PlaybookEntry>();
        entries.findAll().forEach(e -> all.put(e.kind() + "/" + e.docId(), e));
        return all;
    }

    /** Ids of a kind that are in this week's plan and somebody may see. */
    public List<String> planned(String kind, String by) {
        return standings().values().stream()
                .filter(e -> e.kind().equals(kind) && e.install() == PlaybookEntry.Install.PLAN && e.seenBy(by))
                .map(PlaybookEntry::docId)
                .toList();
    }

    /** Whether somebody may see a document, asked of standings read once. */
    public static boolean seen(Map<String, PlaybookEntry> standings, String kind, String id, String by) {
        PlaybookEntry entry = standings.get(kind + "/" + id);
        return entry == null || entry.seenBy(by);
    }

    /** Version of what the programme says about a document; -1 when it has said nothing yet. */
    int entryVersion(String kind, String id) {
        return entries.findById(new PlaybookEntry.Key(kind, id))
                .map(PlaybookEntry::version)
                .orElse(-1);
    }

    /** Refuses as not found what somebody may not see. */
    public void checkSeen(String kind, String id, String by) {
        if (!entry(kind, id).seenBy(by)) {
            throw Problem.notFound("the " + kind + " " + id);
        }
    }

    /** An id made of a name. @throws Problem when the name has no letters or is taken by any document */
    public String freshId(String name) {
        String id = name.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        if (id.isEmpty()) {
            throw Problem.refused("name-empty", "it needs a name with letters or digits in it");
        }
        boolean taken = library().documents().stream().anyMatch(d -> d.id().equals(id)) || revisions.existsByDocId(id);
        if (taken) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "name-taken",
                    "there is something named like \"" + name.strip() + "\" already; choose another name");
        }
        return id;
    }

    /** Saves a first revision as its author's draft. */
    @Transactional
    public DocumentRevision saveNew(Document document, String by) {
        entries.save(new PlaybookEntry(document.kind(), document.id(), by));
        return save(document, 1, by);
    }

    /** Saves the next revision; refused when somebody saved after {@code base}. */
    @Transactional
    public DocumentRevision saveNext(Document document, int base, String by) {
        DocumentRevision newest = revisions
                .findFirstByKindAndDocIdOrderByRevisionDesc(document.kind(), document.id())
                .orElseThrow(() -> new Problem(
                        HttpStatus.CONFLICT,
                        "catalogue-" + document.kind(),
                        "a " + document.kind() + " of the catalogue is not changed; save it under a name of your own"));
        if (newest.revision() != base) {
            throw new OvertakenException(newest);
        }
        return save(document, base + 1, by);
    }

    private DocumentRevision save(Document document, int revision, String by) {
        TransactionSynchronizationManager.unbindResourceIfPossible(this);
        try {
            return revisions.saveAndFlush(new DocumentRevision(document, revision, by, clock.instant()));
        } catch (DataIntegrityViolationException e) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "saved-at-once",
                    "somebody saved this in the same moment; look at his version and save again");
        }
    }

    /** Changes what the programme does with a document; refused when somebody changed it after {@code version}. */
    @Transactional
    public PlaybookEntry set(
            String kind, String id, int version, PlaybookEntry.Install install, boolean published, boolean retired) {
        PlaybookEntry entry = entry(kind, id);
        if (entryVersion(kind, id) != version) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "entry-overtaken",
                    "somebody changed the standing of " + id + " after you opened it; look again");
        }
        entry.set(install, published, retired);
        return entries.saveAndFlush(entry);
    }

    /** What the programme chose, by setting. */
    public HouseChoice choice() {
        return houses.findFirstByOrderByIdDesc().orElse(null);
    }

    /** Chooses among the schools; refused when somebody chose after {@code base}. */
    @Transactional
    public void choose(Map<String, String> choices, long base, String by) {
        long last = houses.findFirstByOrderByIdDesc().map(HouseChoice::id).orElse(0L);
        if (last != base) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "conventions-overtaken",
                    "somebody changed the conventions after you opened them; look again");
        }
        catalogue.choosing(choices);
        TransactionSynchronizationManager.unbindResourceIfPossible(this);
        houses.saveAndFlush(new HouseChoice(choices, by, clock.instant()));
    }
}
