package mensch.app.playbook;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.app.bounds.Paged;
import mensch.app.problem.Problem;
import mensch.app.version.Version;
import mensch.core.call.Call;
import mensch.core.convention.Chosen;
import mensch.core.document.Document;
import mensch.core.library.Library;
import mensch.core.play.Plays;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.Page;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The library in force: what ships, read as the programme chose among the schools, with the programme's own fronts,
 * coverages, movements, pressures and formations. Every other feature asks here. Own calls are revisions of their own
 * and are read one by one.
 */
@Service
@Transactional(readOnly = true)
public class Playbook {
    private final LibraryInForce inForce;
    private final ReadCalls calls;
    private final DocumentRevisions revisions;
    private final PlaybookEntries entries;
    private final HouseChoices houses;
    private final Clock clock;

    Playbook(
            LibraryInForce inForce,
            ReadCalls calls,
            DocumentRevisions revisions,
            PlaybookEntries entries,
            HouseChoices houses,
            Clock clock) {
        this.inForce = inForce;
        this.calls = calls;
        this.revisions = revisions;
        this.entries = entries;
        this.houses = houses;
        this.clock = clock;
    }

    /** The one library of this request. */
    public Library library() {
        return inForce.now();
    }

    /** What the offence runs, as somebody may know it: drafts of others and what is put away are none of it. */
    public Plays plays(String by) {
        Map<String, PlaybookEntry> standings = standings();
        return library().plays().only((kind, id) -> seen(standings, kind, id, by) && !retired(standings, kind, id));
    }

    /** Whether there is such a document at all, in the library or saved. */
    public boolean has(String kind, String id) {
        return library().find(kind, id).isPresent() || revisions.existsByKindAndDocId(kind, id);
    }

    /** A call document read as the programme chose. */
    public Call read(Document call, int revision) {
        return calls.read(call, revision, library());
    }

    /** One saved revision; the newest when {@code revision} is null. */
    public DocumentRevision saved(String kind, String id, @Nullable Integer revision) {
        return (revision == null ? lastSaved(kind, id) : revisions.findByKindAndDocIdAndRevision(kind, id, revision))
                .orElseThrow(() ->
                        Problem.notFound("the " + kind + " " + id + (revision == null ? "" : " revision " + revision)));
    }

    /** The newest revision of a document; empty when the programme never saved it. */
    public Optional<DocumentRevision> lastSaved(String kind, String id) {
        return revisions.findFirstByKindAndDocIdOrderByRevisionDesc(kind, id);
    }

    /** Newest revisions of every document the programme saved. */
    public List<DocumentRevision> newest() {
        return revisions.newest();
    }

    /** Newest revisions of the documents of one kind that the programme saved. */
    public List<DocumentRevision> newest(String kind) {
        return revisions.newest(kind);
    }

    public Page<DocumentRevision> history(String kind, String id, int page) {
        return revisions.findByKindAndDocIdOrderByRevisionDesc(kind, id, Paged.asked(page));
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
                .filter(id -> has(kind, id))
                .toList();
    }

    /** Whether somebody may see a document, asked of standings read once. */
    public static boolean seen(Map<String, PlaybookEntry> standings, String kind, String id, String by) {
        PlaybookEntry entry = standings.get(kind + "/" + id);
        return entry == null || entry.seenBy(by);
    }

    /** Whether the programme has put a document away, asked of standings read once. */
    public static boolean retired(Map<String, PlaybookEntry> standings, String kind, String id) {
        PlaybookEntry entry = standings.get(kind + "/" + id);
        return entry != null && entry.retired();
    }

    /** Whether somebody may know of a document. */
    public boolean isSeen(String kind, String id, String by) {
        return entry(kind, id).seenBy(by);
    }

    /** Refuses as not found what somebody may not see. */
    public void checkSeen(String kind, String id, String by) {
        if (!isSeen(kind, id, by)) {
            throw Problem.notFound("the " + kind + " " + id);
        }
    }

    /** @throws Problem when there is no such document, or somebody must not know of it */
    void checkThere(String kind, String id, String by) {
        if (!has(kind, id)) {
            throw Problem.notFound("the " + kind + " " + id);
        }
        checkSeen(kind, id, by);
    }

    /** An id made of a name. @throws Problem when the name has no letters or is taken by any document */
    public String freshId(String name) {
        String id = DocumentName.id(name);
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
        takeTurn(document);
        if (revisions.existsByDocId(document.id())) {
            throw savedAtOnce();
        }
        entries.save(new PlaybookEntry(document.kind(), document.id(), by));
        return save(document, 1, by);
    }

    /** Saves the next revision; refused when somebody saved after {@code read}. */
    @Transactional
    public DocumentRevision saveNext(Document document, Version read, String by) {
        takeTurn(document);
        DocumentRevision newest = lastSaved(document.kind(), document.id())
                .orElseThrow(() -> new Problem(
                        HttpStatus.CONFLICT,
                        "catalogue-" + document.kind(),
                        "a " + document.kind() + " of the catalogue is not changed; save it under a name of your own"));
        if (newest.revision() != read.number()) {
            throw new OvertakenException(newest);
        }
        return save(document, newest.revision() + 1, by);
    }

    /** Calls are read one by one, so that a saved call makes nobody read the library again. */
    private void takeTurn(Document document) {
        if (document.kind().equals("call")) {
            inForce.takeTurn();
        } else {
            inForce.changes();
        }
    }

    private DocumentRevision save(Document document, int revision, String by) {
        try {
            return revisions.saveAndFlush(new DocumentRevision(document, revision, by, clock.instant()));
        } catch (DataIntegrityViolationException e) {
            throw savedAtOnce();
        }
    }

    private static Problem savedAtOnce() {
        return new Problem(
                HttpStatus.CONFLICT,
                "saved-at-once",
                "somebody saved this in the same moment; look at his version and save again");
    }

    /**
     * Changes what the programme does with a document; refused when somebody changed it after {@code read}. The
     * catalogue is everyone's: its documents are retired, never hidden.
     */
    @Transactional
    public PlaybookEntry set(
            String kind, String id, Version read, PlaybookEntry.Install install, boolean published, boolean retired) {
        if (!has(kind, id)) {
            throw Problem.notFound("the " + kind + " " + id);
        }
        PlaybookEntry entry = entry(kind, id);
        if (entry.owner() == null && !published) {
            throw Problem.refused(
                    "catalogue-hidden",
                    "what ships with Mensch is everyone's and cannot be made a draft; retire it instead");
        }
        read.checkIs(
                entry.version(),
                "entry-overtaken",
                "somebody changed the standing of " + id + " after you opened it; look again");
        entry.set(install, published, retired);
        return entries.saveAndFlush(entry);
    }

    /** What the programme chose last; empty when it never did. */
    public Optional<HouseChoice> choice() {
        return houses.findFirstByOrderByIdDesc();
    }

    /** Chooses among the schools; refused when somebody chose after {@code read}. */
    @Transactional
    public void choose(Map<String, String> schools, Version read, String by) {
        choose(new Chosen(schools, chosen().figures()), read, by);
    }

    /**
     * Measures by other figures than those that ship, and by no others; refused when somebody chose after {@code read}.
     */
    @Transactional
    public void measure(Map<String, Double> figures, Version read, String by) {
        choose(new Chosen(chosen().schools(), figures), read, by);
    }

    /** As far as there still is what it chose; the library is not read for it, others wait for the connection. */
    private Chosen chosen() {
        return inForce.possible(choice().map(HouseChoice::chosen).orElse(Chosen.NOTHING));
    }

    private void choose(Chosen chosen, Version read, String by) {
        // refuses what is no choice; the library is read again by whoever asks for it next, not while others wait
        inForce.check(chosen);
        inForce.changes();
        read.checkIs(
                choice().map(HouseChoice::id).orElse(0L),
                "conventions-overtaken",
                "somebody changed the conventions after you opened them; look again");
        houses.saveAndFlush(new HouseChoice(read.number(), chosen, by, clock.instant()));
    }
}
