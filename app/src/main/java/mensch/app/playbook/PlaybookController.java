package mensch.app.playbook;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import mensch.app.bounds.Bounds;
import mensch.app.bounds.Paged;
import mensch.app.playbook.PlaybookEntry.Install;
import mensch.app.problem.Created;
import mensch.app.version.Version;
import mensch.app.version.Versioned;
import mensch.core.call.Call;
import mensch.core.call.CallDocument;
import mensch.core.document.Document;
import mensch.core.field.Code;
import mensch.core.formation.Formation;
import mensch.core.formation.Legality;
import mensch.core.formation.Notation;
import mensch.core.library.Library;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Lineup;
import mensch.core.sheet.DocumentWords;
import mensch.core.sheet.PlayDrawing;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Lists of everything in the playbook, its standing, and the formations and layers of one's own. */
@RestController
@RequestMapping("/api/playbook")
class PlaybookController {
    private static final List<String> KINDS = List.of(
            "call",
            "front",
            "coverage",
            "movement",
            "pressure",
            "formation",
            "run",
            "pass",
            "option",
            "protection",
            "routes");
    private static final String NEUTRAL_SPOT = "hs m 50 1&10";
    private static final String NEUTRAL_FORMATION = "doubles-gun";

    /**
     * One document in a list.
     *
     * @param summary what it is, in the trade's words
     * @param family what it stands together with in a list; empty when its kind is one family
     * @param kinds what such a thing is called wherever the game is played, for finding it
     * @param savedBy who saved the newest revision; null for the catalogue
     * @param version of the programme's standing; goes back as If-Match with the next change of it
     */
    record PlaybookItem(
            String kind,
            String id,
            String name,
            String summary,
            String family,
            List<String> kinds,
            int revision,
            @Nullable String savedBy,
            @Nullable Instant savedAt,
            Install install,
            boolean published,
            boolean retired,
            long version,
            Sketch sketch) {}

    /** What the programme says of a document. */
    record Standing(@NotNull Install install, boolean published, boolean retired) {}

    /** The same with its version, which goes back as If-Match with the next change. */
    record StandingSheet(Standing standing, long version) implements Versioned {
        static StandingSheet of(PlaybookEntry e) {
            return new StandingSheet(new Standing(e.install(), e.published(), e.retired()), e.version());
        }
    }

    /** A revision in the history of a document. */
    record RevisionItem(int revision, String name, String savedBy, Instant savedAt, String digest) {
        static RevisionItem of(DocumentRevision r) {
            return new RevisionItem(r.revision(), r.name(), r.savedBy(), r.savedAt(), r.digest());
        }
    }

    /** A formation as placed on the board, in the notation. */
    record NewFormation(
            @NotBlank @Size(max = Bounds.NAME) String name,
            @NotBlank @Size(max = Bounds.MEN) String men) {}

    /** A layer of a call to be kept as a document of its own. */
    record LiftedLayer(
            @NotBlank @Size(max = Bounds.NAME) String call,
            @Min(0) @Nullable Integer revision,
            @NotBlank @Size(max = Bounds.NAME) String layer,
            @NotBlank @Size(max = Bounds.NAME) String name) {}

    private final Playbook playbook;

    PlaybookController(Playbook playbook) {
        this.playbook = playbook;
    }

    /** Everything in the playbook that somebody may see. */
    @GetMapping
    List<PlaybookItem> list(Principal by) {
        Library library = playbook.library();
        var saved = new LinkedHashMap<String, DocumentRevision>();
        playbook.newest().forEach(r -> saved.put(r.kind() + "/" + r.docId(), r));
        var users = new TreeMap<String, Call>();
        library.calls()
                .forEach(c ->
                        c.layers().forEach(l -> users.putIfAbsent(l.document().id(), c)));
        Map<String, PlaybookEntry> standings = playbook.standings();
        var items = new ArrayList<PlaybookItem>();
        var plays = new PlayDrawing(library);
        for (String kind : KINDS) {
            for (Document document : library.kind(kind)) {
                items.add(item(
                        document,
                        DocumentWords.of(document, users.get(document.id()), library),
                        standings.get(kind + "/" + document.id()),
                        saved.get(kind + "/" + document.id()),
                        plays.sketch(kind, document.id()).orElseGet(() -> sketch(library, document, users))));
            }
        }
        saved.values().stream().filter(r -> r.kind().equals("call")).forEach(r -> {
            Call call = playbook.read(r.document(), r.revision());
            items.add(item(
                    r.document(),
                    DocumentWords.of(r.document(), call, library),
                    standings.get("call/" + r.docId()),
                    r,
                    sketch(library, call)));
        });
        items.removeIf(i -> !Playbook.seen(standings, i.kind(), i.id(), by.getName()));
        return items;
    }

    private PlaybookItem item(
            Document document,
            DocumentWords said,
            @Nullable PlaybookEntry standing,
            @Nullable DocumentRevision saved,
            Sketch sketch) {
        PlaybookEntry entry = standing == null ? new PlaybookEntry(document.kind(), document.id(), null) : standing;
        return new PlaybookItem(
                document.kind(),
                document.id(),
                document.name(),
                said.summary(),
                said.family(),
                said.kinds(),
                saved == null ? 0 : saved.revision(),
                saved == null ? null : saved.savedBy(),
                saved == null ? null : saved.savedAt(),
                entry.install(),
                entry.published(),
                entry.retired(),
                entry.version(),
                sketch);
    }

    /** A layer is drawn inside the first call that uses it; one that no call uses yet shows the formation alone. */
    private static Sketch sketch(Library library, Document document, Map<String, Call> users) {
        if (document.kind().equals("formation")) {
            return Sketch.of(library.formation(document.id()).formation());
        }
        Call call = document.kind().equals("call") ? library.call(document.id()) : users.get(document.id());
        return call == null ? Sketch.of(library.formation(NEUTRAL_FORMATION).formation()) : sketch(library, call);
    }

    private static Sketch sketch(Library library, Call call) {
        int players = call.front().players();
        if (players < 11) {
            return Sketch.of(Lineup.of(
                    call, library.formationsFor(call).get(0).snap(null, false, "flag" + players + " m 30 1&10")));
        }
        String formation = call.meantFor(NEUTRAL_FORMATION)
                ? NEUTRAL_FORMATION
                : call.meantFor().get(0);
        boolean known = library.formations().stream().map(LibraryFormation::id).anyMatch(formation::equals);
        return Sketch.of(Lineup.of(
                call, library.formation(known ? formation : NEUTRAL_FORMATION).snap(null, false, NEUTRAL_SPOT)));
    }

    /** Revisions of a document, newest first. */
    @GetMapping("/{kind}/{id}/revisions")
    Paged<RevisionItem> history(
            @PathVariable String kind,
            @PathVariable String id,
            @RequestParam(defaultValue = "0") @Min(0) @Max(Bounds.LAST_PAGE) int page,
            Principal by) {
        playbook.checkThere(kind, id, by.getName());
        return Paged.of(playbook.history(kind, id, page), RevisionItem::of);
    }

    /** What the programme says of a document: installed, published, put away. */
    @GetMapping("/{kind}/{id}/standing")
    StandingSheet standing(@PathVariable String kind, @PathVariable String id, Principal by) {
        playbook.checkThere(kind, id, by.getName());
        return StandingSheet.of(playbook.entry(kind, id));
    }

    /** Says it; refused when somebody said something else before. */
    @PutMapping("/{kind}/{id}/standing")
    StandingSheet stand(
            @PathVariable String kind,
            @PathVariable String id,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            @Valid @RequestBody Standing said,
            Principal by) {
        playbook.checkThere(kind, id, by.getName());
        return StandingSheet.of(playbook.set(kind, id, read, said.install(), said.published(), said.retired()));
    }

    /** Keeps a formation of one's own; what the rules have against it is reported, not repaired. */
    @PostMapping("/formations")
    @ResponseStatus(HttpStatus.CREATED)
    List<String> keep(@Valid @RequestBody NewFormation request, Principal by, HttpServletResponse response) {
        Formation formation = Notation.formation(request.name().strip(), request.men());
        var body = new LinkedHashMap<String, Object>();
        body.put("format", Document.FORMAT);
        body.put("kind", "formation");
        body.put("id", playbook.freshId(request.name()));
        body.put("name", request.name().strip());
        body.put("men", Notation.print(formation));
        Document document = Document.of(body);
        playbook.library().with(List.of(document));
        playbook.saveNew(document, by.getName());
        Created.at(response, "/api/playbook/formation", document.id(), "revisions");
        return Legality.problems(
                formation,
                code(formation),
                playbook.library().vocabulary().convention().thresholds());
    }

    /** The code a formation is for, by its number of men. */
    private static Code code(Formation formation) {
        return Arrays.stream(Code.values())
                .filter(c -> c.players() == formation.men().size())
                .findFirst()
                .orElse(Code.HIGH_SCHOOL);
    }

    /** Keeps a layer of a call, as edited there, under a name of its own, so that other calls can stand on it. */
    @PostMapping("/layers")
    @ResponseStatus(HttpStatus.CREATED)
    RevisionItem lift(@Valid @RequestBody LiftedLayer request, Principal by, HttpServletResponse response) {
        playbook.checkSeen("call", request.call(), by.getName());
        Library library = playbook.library();
        boolean shipped = library.calls().stream().anyMatch(c -> c.ref().id().equals(request.call()));
        Document call = shipped
                ? library.call(request.call()).document()
                : playbook.saved("call", request.call(), request.revision()).document();
        Document layer = CallDocument.of(call)
                .layer(request.layer())
                .renamed(playbook.freshId(request.name()), request.name().strip());
        library.with(List.of(layer));
        DocumentRevision saved = playbook.saveNew(layer, by.getName());
        Created.at(response, "/api/playbook", layer.kind(), layer.id(), "revisions");
        return RevisionItem.of(saved);
    }
}
