package mensch.app.playbook;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mensch.app.bounds.Bounds;
import mensch.app.problem.Created;
import mensch.app.version.Version;
import mensch.app.version.Versioned;
import mensch.core.document.Document;
import mensch.core.library.Library;
import mensch.core.play.PlayReader;
import mensch.core.rubric.Facet;
import mensch.core.rubric.Rubric;
import mensch.core.sheet.PlayDrawing;
import mensch.core.sheet.PlayTerms;
import mensch.core.sheet.Sketch;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * Documents that are edited as a whole: runs, passes, options, protections, routes and formations with their motions,
 * and what men are graded by. They are opened, tried, kept under a name of one's own and saved again.
 */
@RestController
@RequestMapping("/api/playbook")
class DocumentController {
    private static final String ROUTES = "routes";
    private static final String RUBRIC = "rubric";

    /** A document as it is written; {@code revision} 0 for one of the catalogue. */
    record DocumentSheet(String kind, String id, String name, int revision, Map<String, Object> body)
            implements Versioned {
        @Override
        public long version() {
            return revision;
        }
    }

    /** A document to be kept under a new name: its values without format, kind, id and name. */
    record WrittenDocument(
            @NotBlank @Size(max = Bounds.NAME) String kind,
            @NotBlank @Size(max = Bounds.NAME) String name,
            @NotNull Map<String, Object> body) {}

    /** The next revision of a document. */
    record NextDocument(
            @NotBlank @Size(max = Bounds.NAME) String name,
            @NotNull Map<String, Object> body) {}

    /** What a document comes to: formations that can run a play; a formation as it is drawn. */
    record Preview(
            List<PlayDrawing.Fit> fits,
            int formations,
            @Nullable Sketch sketch) {}

    /**
     * The words a play is written in.
     *
     * @param routes every route of every book
     * @param needs what any play asks of a formation
     * @param starts what a new document of each kind begins as
     */
    record PlayWords(
            PlayTerms terms,
            List<PlayTerms.Term> routes,
            List<String> needs,
            Map<String, Map<String, Object>> starts) {}

    private final Playbook playbook;
    private final TriedDocuments tried;

    DocumentController(Playbook playbook, TriedDocuments tried) {
        this.playbook = playbook;
        this.tried = tried;
    }

    /** The words plays of this programme may use. */
    @GetMapping("/play-words")
    PlayWords words(Principal by) {
        return new PlayWords(PlayTerms.of(playbook.plays(by.getName())), routes(), needs(by.getName()), starts());
    }

    private List<String> needs(String by) {
        Map<String, PlaybookEntry> standings = playbook.standings();
        return playbook.library().documents().stream()
                .filter(d -> Playbook.seen(standings, d.kind(), d.id(), by))
                .flatMap(d -> PlayReader.needsOf(d).stream())
                .distinct()
                .sorted()
                .toList();
    }

    private List<PlayTerms.Term> routes() {
        return playbook.library().kind("routes").stream()
                .flatMap(d -> d.values().part(ROUTES).stream())
                .flatMap(r -> r.all().keySet().stream())
                .distinct()
                .sorted()
                .map(PlayTerms.Term::plain)
                .toList();
    }

    /** A new document begins as the first of its kind; a book of routes with one route. */
    private Map<String, Map<String, Object>> starts() {
        var starts = new LinkedHashMap<String, Map<String, Object>>();
        for (String kind : TriedDocuments.WHOLE) {
            playbook.library().kind(kind).stream().findFirst().ifPresent(first -> starts.put(kind, written(first)));
        }
        starts.computeIfPresent(ROUTES, (kind, book) -> Map.of(ROUTES, firstOf(book.get(ROUTES))));
        return starts;
    }

    private static Map<Object, Object> firstOf(@Nullable Object routes) {
        return routes instanceof Map<?, ?> all
                ? all.entrySet().stream().limit(1).collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue))
                : Map.of();
    }

    /** A document as it is written. */
    @GetMapping("/{kind}/{id}/document")
    DocumentSheet open(@PathVariable String kind, @PathVariable String id, Principal by) {
        TriedDocuments.checkWhole(kind);
        playbook.checkThere(kind, id, by.getName());
        return playbook.lastSaved(kind, id)
                .map(r -> sheet(r.document(), r.revision()))
                .orElseGet(() -> sheet(playbook.library().find(kind, id).orElseThrow(), 0));
    }

    /**
     * What men of a technique are graded by.
     *
     * @param revision 0 for one of the catalogue
     * @param inForce whether men are graded by it, or by one that stands for it
     * @param draft only its author is asked by it until it is published
     */
    record RubricItem(
            String id,
            String name,
            List<String> of,
            String plays,
            int criteria,
            int revision,
            boolean inForce,
            boolean draft) {}

    /** @param facets in the order they are marked in */
    record RubricSheet(List<RubricItem> rubrics, List<PlayTerms.Term> techniques, List<PlayTerms.Term> facets) {}

    /** Every rubric that one may see, and the words it is written in. */
    @GetMapping("/rubrics")
    RubricSheet rubrics(Principal by) {
        return new RubricSheet(
                items(by.getName()),
                playbook.library().techniques().stream()
                        .map(t -> new PlayTerms.Term(t.id(), t.name()))
                        .toList(),
                Arrays.stream(Facet.values())
                        .map(f -> new PlayTerms.Term(f.words(), f.meaning()))
                        .toList());
    }

    private List<RubricItem> items(String by) {
        Map<String, PlaybookEntry> standings = playbook.standings();
        List<Rubric> seen = playbook.library().rubrics().stream()
                .filter(r -> Playbook.seen(standings, RUBRIC, r.id(), by))
                .toList();
        List<Rubric> inForce = Rubric.inForce(seen.stream()
                .filter(r -> !Playbook.retired(standings, RUBRIC, r.id()))
                .toList());
        return seen.stream()
                .map(r -> new RubricItem(
                        r.id(),
                        r.name(),
                        r.of(),
                        r.plays().words(),
                        r.criteria().size(),
                        playbook.lastSaved(RUBRIC, r.id())
                                .map(DocumentRevision::revision)
                                .orElse(0),
                        inForce.contains(r),
                        Optional.ofNullable(standings.get(RUBRIC + "/" + r.id()))
                                .map(e -> !e.published())
                                .orElse(false)))
                .toList();
    }

    /** What a document would come to, nothing kept. */
    @PostMapping("/previews")
    Preview preview(@Valid @RequestBody TriedDocuments.TriedDocument written) {
        Document document = TriedDocuments.document(written);
        Library with = tried.library(document);
        boolean formation = written.kind().equals("formation");
        boolean play = !formation && !List.of(ROUTES, RUBRIC).contains(written.kind());
        return new Preview(
                play ? new PlayDrawing(with).fits(written.kind(), document.id()) : List.of(),
                with.formations().size(),
                formation ? Sketch.of(with.formation(document.id()).formation()) : null);
    }

    /** Keeps a document under a new name, as its author's draft. */
    @PostMapping("/documents")
    @ResponseStatus(HttpStatus.CREATED)
    DocumentSheet keep(@Valid @RequestBody WrittenDocument written, Principal by, HttpServletResponse response) {
        TriedDocuments.checkWhole(written.kind());
        Document document = TriedDocuments.document(
                written.kind(), playbook.freshId(written.name()), written.name(), written.body());
        tried.library(document);
        DocumentRevision saved = playbook.saveNew(document, by.getName());
        Created.at(response, "/api/playbook", document.kind(), document.id(), "document");
        return sheet(saved.document(), saved.revision());
    }

    /** Saves the next revision; refused when somebody saved after it was opened. */
    @PutMapping("/{kind}/{id}/document")
    DocumentSheet save(
            @PathVariable String kind,
            @PathVariable String id,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            @Valid @RequestBody NextDocument next,
            Principal by) {
        TriedDocuments.checkWhole(kind);
        playbook.checkThere(kind, id, by.getName());
        Document document = TriedDocuments.document(kind, id, next.name(), next.body());
        tried.library(document);
        DocumentRevision saved = playbook.saveNext(document, read, by.getName());
        return sheet(saved.document(), saved.revision());
    }

    private static DocumentSheet sheet(Document document, int revision) {
        return new DocumentSheet(document.kind(), document.id(), document.name(), revision, written(document));
    }

    private static Map<String, Object> written(Document document) {
        var body = new LinkedHashMap<>(document.body());
        List.of("format", "kind", "id", "name").forEach(body::remove);
        return body;
    }
}
