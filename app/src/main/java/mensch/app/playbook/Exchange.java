package mensch.app.playbook;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.app.problem.Problem;
import mensch.app.version.Version;
import mensch.core.call.CallAssembly;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.Values;
import mensch.core.document.Worded;
import mensch.core.library.Library;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Takes documents out as open JSON and in again: looked at first, then all of it or nothing. */
@Service
@Transactional(readOnly = true)
class Exchange {
    /** Of many faults the first are told. */
    private static final int TOLD = 5;

    /** What an import would do with one document; {@code base} is the revision it would follow. */
    record ImportRow(String kind, String id, String name, State state, int base, String message) {}

    /** What becomes of a document that comes in. */
    enum State implements Worded {
        NEW,
        CHANGED,
        SAME,
        CONFLICT
    }

    private final Library catalogue;
    private final Playbook playbook;
    private final Mutes mutes;
    private final SaidFindings said;
    private final JsonMapper json;
    private final Clock clock;
    private final DocumentSchema schema;

    Exchange(
            Playbook playbook,
            LibraryInForce inForce,
            Mutes mutes,
            SaidFindings said,
            DocumentSchema schema,
            JsonMapper json,
            Clock clock) {
        this.catalogue = inForce.catalogue();
        this.playbook = playbook;
        this.mutes = mutes;
        this.said = said;
        this.json = json;
        this.clock = clock;
        this.schema = schema;
    }

    /** Documents as one playbook; {@code what} is own, all, formations or kind/id. Drafts of others stay out. */
    Map<String, Object> taken(String what, String by) {
        List<Document> documents = wanted(what, by);
        if (documents.isEmpty()) {
            throw Problem.notFound(what.equals("own") ? "anything of your own to export" : what);
        }
        var out = new LinkedHashMap<String, Object>();
        out.put("format", Document.FORMAT);
        out.put("kind", "playbook");
        out.put("made", clock.instant().toString());
        out.put(
                "landmarks",
                playbook.library().vocabulary().convention().landmarks().words());
        out.put("documents", documents.stream().map(Document::body).toList());
        List<Map<String, Object>> muted = documents.stream()
                .filter(d -> d.kind().equals("call"))
                .flatMap(d -> mutes.of(d.id(), by).stream())
                .map(Exchange::muted)
                .toList();
        if (!muted.isEmpty()) {
            out.put("muted", muted);
        }
        return out;
    }

    private List<Document> wanted(String what, String by) {
        var documents = new ArrayList<Document>();
        for (String kind : List.of(
                "formation",
                "front",
                "coverage",
                "movement",
                "pressure",
                "routes",
                "run",
                "pass",
                "option",
                "protection",
                "rubric")) {
            documents.addAll(playbook.library().kind(kind));
        }
        playbook.library().calls().forEach(c -> documents.add(c.document()));
        List<DocumentRevision> newest = playbook.newest();
        newest.stream().filter(r -> r.kind().equals("call")).forEach(r -> documents.add(r.document()));
        Map<String, PlaybookEntry> standings = playbook.standings();
        List<String> own = newest.stream().map(r -> r.kind() + "/" + r.docId()).toList();
        return documents.stream()
                .filter(d -> wanted(d, what, own))
                .filter(d -> Playbook.seen(standings, d.kind(), d.id(), by))
                .toList();
    }

    /** A finding somebody lives with goes out with its call. */
    private static Map<String, Object> muted(Mutes.Muted mute) {
        var row = new LinkedHashMap<String, Object>();
        row.put("call", mute.call());
        row.put("finding", mute.finding());
        row.put("title", mute.title());
        row.put("reason", mute.reason());
        return row;
    }

    private static boolean wanted(Document document, String what, List<String> own) {
        String key = document.kind() + "/" + document.id();
        return switch (what) {
            case "all" -> true;
            case "own" -> own.contains(key);
            case "formations" -> document.kind().equals("formation");
            default -> key.equals(what);
        };
    }

    /**
     * What would happen, nothing written. @throws Problem when the text is no playbook; DocumentException when a
     * document is faulty
     */
    List<ImportRow> looked(String text, String by) {
        List<Document> documents = documents(text);
        check(documents);
        return documents.stream().map(d -> row(d, by)).toList();
    }

    private List<Document> documents(String text) {
        Values in;
        try {
            in = Values.of(json.readValue(text, Map.class));
        } catch (JacksonException e) {
            throw refused("the text is no JSON: " + e.getOriginalMessage() + " at line "
                    + e.getLocation().getLineNr() + ", column "
                    + e.getLocation().getColumnNr());
        }
        int format = in.whole("format").orElse(Document.FORMAT);
        if (format > Document.FORMAT) {
            throw refused(
                    "it was made by a newer version (format " + format + "); this one reads format " + Document.FORMAT);
        }
        List<String> faults = schema.faults(text);
        if (!faults.isEmpty()) {
            throw refused("it is no playbook of ours, " + faults.size()
                    + (faults.size() == 1 ? " fault: " : " faults: ")
                    + String.join("; ", faults.subList(0, Math.min(TOLD, faults.size()))));
        }
        return in.parts("documents").stream().map(d -> Document.of(d.all())).toList();
    }

    /** What the text says is lived with; the schema has been checked. */
    private List<Mutes.Mute> muted(String text) {
        return json.readTree(text)
                .path("muted")
                .valueStream()
                .map(m -> new Mutes.Mute(
                        m.get("call").asString(),
                        m.path("finding")
                                .asString(SaidFindings.SAID + m.path("check").asString("")),
                        m.get("title").asString(),
                        m.get("reason").asString()))
                .toList();
    }

    private static Problem refused(String why) {
        return Problem.refused("import-refused", "Nothing was imported: " + why);
    }

    /** Every document must be readable in the library as it would be. */
    private void check(List<Document> documents) {
        Library library = playbook.library()
                .with(documents.stream().filter(d -> !d.kind().equals("call")).toList());
        var problems = new ArrayList<DocumentException.Problem>();
        for (Document call :
                documents.stream().filter(d -> d.kind().equals("call")).toList()) {
            try {
                library.compose(call);
            } catch (DocumentException e) {
                problems.addAll(e.problems());
            }
        }
        if (!problems.isEmpty()) {
            throw new DocumentException(problems);
        }
    }

    private ImportRow row(Document document, String by) {
        Optional<Document> shipped = catalogue.named(List.of(document.kind()), document.id());
        Optional<DocumentRevision> saved = playbook.lastSaved(document.kind(), document.id());
        if (saved.isPresent() && !playbook.entry(document.kind(), document.id()).seenBy(by)) {
            return row(document, State.CONFLICT, 0, "somebody else has a draft of this name; rename yours");
        }
        if (saved.isPresent()) {
            int revision = saved.get().revision();
            return saved.get().digest().equals(document.digest())
                    ? row(document, State.SAME, revision, "as it is here")
                    : row(document, State.CHANGED, revision, "becomes revision " + (revision + 1));
        }
        if (shipped.isPresent()) {
            return same(shipped.get(), document)
                    ? row(document, State.SAME, 0, "as in the catalogue")
                    : row(
                            document,
                            State.CONFLICT,
                            0,
                            "the catalogue has another of this name and is not changed; rename yours");
        }
        boolean taken = playbook.library().documents().stream().anyMatch(d -> d.id().equals(document.id()));
        return taken
                ? row(document, State.CONFLICT, 0, "another kind of document has this name; rename it")
                : row(document, State.NEW, 0, "your draft");
    }

    /** As it ships, or, for a call, with the documents it names inside. */
    private boolean same(Document shipped, Document document) {
        return shipped.digest().equals(document.digest())
                || document.kind().equals("call")
                        && CallAssembly.whole(shipped, catalogue::named)
                                .document()
                                .digest()
                                .equals(document.digest());
    }

    private static ImportRow row(Document document, State state, int base, String message) {
        return new ImportRow(document.kind(), document.id(), document.name(), state, base, message);
    }

    private void save(ImportRow row, Document document, Library asImported, String by) {
        Document whole =
                row.kind().equals("call") ? asImported.compose(document).document() : document;
        if (row.state() == State.NEW) {
            playbook.saveNew(whole, by);
        } else if (row.state() == State.CHANGED) {
            playbook.saveNext(whole, new Version(row.base()), by);
        }
    }

    /** Imports what was looked at: all of it, or nothing when something conflicts or changed since. */
    @Transactional
    public List<ImportRow> taken(String text, List<ImportRow> asLooked, String by) {
        List<ImportRow> rows = looked(text, by);
        if (!rows.equals(asLooked)) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "import-overtaken",
                    "the playbook changed after you looked at this import; look again, nothing was written");
        }
        if (rows.stream().anyMatch(r -> r.state() == State.CONFLICT)) {
            throw refused("some names are in conflict");
        }
        List<Document> documents = documents(text);
        Library asImported = playbook.library()
                .with(documents.stream().filter(d -> !d.kind().equals("call")).toList());
        for (int i = 0; i < rows.size(); i++) {
            save(rows.get(i), documents.get(i), asImported, by);
        }
        muted(text).stream()
                .filter(m -> rows.stream()
                        .anyMatch(r -> r.kind().equals("call") && r.id().equals(m.call()) && r.state() != State.SAME))
                .forEach(m -> mutes.take(said.known(m), by));
        return rows;
    }
}
