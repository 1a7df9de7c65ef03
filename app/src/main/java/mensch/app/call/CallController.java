package mensch.app.call;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.app.bounds.Bounds;
import mensch.app.playbook.DocumentRevision;
import mensch.app.playbook.OvertakenException;
import mensch.app.playbook.Playbook;
import mensch.app.playbook.PlaybookEntry;
import mensch.app.problem.Created;
import mensch.app.version.Version;
import mensch.app.version.Versioned;
import mensch.core.call.Call;
import mensch.core.call.CallDocument;
import mensch.core.call.Layer;
import mensch.core.call.LayeredRung;
import mensch.core.convention.Labels;
import mensch.core.document.Document;
import mensch.core.document.RefusedException;
import mensch.core.field.Code;
import mensch.core.front.Role;
import mensch.core.library.Library;
import mensch.core.rung.Rung;
import mensch.core.sheet.CallWords;
import mensch.core.sheet.WhenItChanges;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
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

/** Calls as a coach lists, opens and saves them. */
@RestController
@RequestMapping("/api")
class CallController {

    /**
     * A call in a list; {@code savedBy} is null for the catalogue.
     *
     * @param words what it is in the trade's words; empty when it lines up against nothing
     * @param kinds what it is called wherever the game is played, for finding it
     * @param meantFor formations it is meant for; empty for all
     */
    record CallItem(
            String id,
            String name,
            String words,
            List<String> kinds,
            List<String> meantFor,
            int players,
            int revision,
            @Nullable String savedBy,
            @Nullable Instant savedAt,
            String digest) {}

    /**
     * One rung of a role's stacked ladder, top first.
     *
     * @param saved its saved sentence when this one is not saved
     * @param added whether no saved revision has it
     */
    record RungRow(
            String id,
            String layer,
            String sentence,
            @Nullable String saved,
            boolean added) {}

    /**
     * A role and its ladder.
     *
     * @param name as coaches say it
     * @param fresh a name for the next rung of the call's own
     * @param freshThisWeek a name for the next rung of this week
     */
    record RoleRow(
            String id,
            String name,
            String label,
            String sits,
            List<RungRow> rungs,
            String fresh,
            String freshThisWeek) {}

    /** A call as it would be with edits that are not saved. */
    record EditedCall(
            @Min(0) @Nullable Integer revision,
            @NotNull @Size(max = Bounds.EDITS) List<@Valid @NotNull Edit> edits) {}

    /** Something known by its id, with its name. */
    record Named(String id, String name) {}

    /**
     * A call with all its sentences.
     *
     * @param pictures what it does when the picture changes, as it is told to the men
     */
    record CallSheet(
            String id,
            String name,
            int revision,
            String digest,
            List<LayerRow> layers,
            List<RoleRow> roles,
            List<String> pictures,
            List<String> points,
            List<Named> meantFor)
            implements Versioned {

        /** The revision, which goes back as If-Match with the next one. */
        @Override
        public long version() {
            return revision;
        }
    }

    /** A document inside a call. */
    record LayerRow(String kind, String id, String name) {}

    record NewCall(
            @NotBlank @Size(max = Bounds.NAME) String name,
            @NotBlank @Size(max = Bounds.NAME) String from,
            @NotNull @Min(0) Integer fromRevision,
            @NotNull @Size(max = Bounds.EDITS) List<@Valid @NotNull Edit> edits) {}

    /** A new call from documents of the library: front, coverage, and what goes on top. */
    record ComposedCall(
            @NotBlank @Size(max = Bounds.NAME) String name,
            @NotNull @Size(max = Bounds.LAYERS) List<@NotBlank @Size(max = Bounds.NAME) String> layers) {}

    /** Edits on top of the revision that If-Match names. */
    record NextRevision(@NotNull @Size(max = Bounds.EDITS) List<@Valid @NotNull Edit> edits) {}

    private final CallBook book;
    private final Playbook playbook;

    CallController(CallBook book, Playbook playbook) {
        this.book = book;
        this.playbook = playbook;
    }

    /** Every call somebody may see, newest revision. */
    @GetMapping("/calls")
    List<CallItem> list(Principal by) {
        var items = new ArrayList<CallItem>();
        Library library = playbook.library();
        library.calls().forEach(c -> items.add(item(c, library)));
        book.newest().forEach(r -> items.add(item(r, library)));
        Map<String, PlaybookEntry> standings = playbook.standings();
        items.removeIf(i ->
                !Playbook.seen(standings, "call", i.id(), by.getName()) || Playbook.retired(standings, "call", i.id()));
        return items;
    }

    /** Players of the front inside a saved call; a list asks no more of it, and shows it though it cannot be read. */
    private static int players(DocumentRevision saved) {
        return saved.document().values().parts("layers").stream()
                .flatMap(l -> l.whole("players").stream())
                .findFirst()
                .orElse(Code.HIGH_SCHOOL.players());
    }

    private static CallItem item(Call c, Library library) {
        Optional<CallWords> said = CallWords.of(c, library);
        return new CallItem(
                c.ref().id(),
                c.name(),
                said.map(CallWords::words).orElse(""),
                said.map(CallWords::kinds).orElse(List.of()),
                c.meantFor(),
                c.front().players(),
                0,
                null,
                null,
                c.ref().digest());
    }

    /** A saved call is listed even when it cannot be read any more; then nothing is said of what it is. */
    private CallItem item(DocumentRevision r, Library library) {
        Optional<CallWords> said = said(r, library);
        return new CallItem(
                r.docId(),
                r.name(),
                said.map(CallWords::words).orElse(""),
                said.map(CallWords::kinds).orElse(List.of()),
                r.document().values().texts("for"),
                players(r),
                r.revision(),
                r.savedBy(),
                r.savedAt(),
                r.digest());
    }

    private Optional<CallWords> said(DocumentRevision r, Library library) {
        try {
            return CallWords.of(playbook.read(r.document(), r.revision()), library);
        } catch (RefusedException unreadable) {
            return Optional.empty();
        }
    }

    /** A call with all its sentences; a revision, or the newest. */
    @GetMapping("/calls/{id}")
    CallSheet open(@PathVariable String id, @RequestParam(required = false) @Nullable Integer revision, Principal by) {
        return sheet(book.seen(id, revision, List.of(), by.getName()));
    }

    /** The same with edits laid over it. */
    @PostMapping("/calls/{id}/drafts")
    CallSheet edited(@PathVariable String id, @Valid @RequestBody EditedCall request, Principal by) {
        Call saved = book.seen(id, request.revision(), List.of(), by.getName());
        return sheet(book.seen(id, request.revision(), request.edits(), by.getName()), saved);
    }

    /** Keeps a call, with edits, under a name of its own. */
    @PostMapping("/calls")
    @ResponseStatus(HttpStatus.CREATED)
    CallSheet saveAs(@Valid @RequestBody NewCall request, Principal by, HttpServletResponse response) {
        Call edited = book.seen(request.from(), request.fromRevision(), request.edits(), by.getName());
        return made(book.saveAs(request.name(), edited, by.getName()), response);
    }

    /** Makes a call of a front, a coverage and what goes on top. */
    @PostMapping("/compositions")
    @ResponseStatus(HttpStatus.CREATED)
    CallSheet compose(@Valid @RequestBody ComposedCall request, Principal by, HttpServletResponse response) {
        return made(book.compose(request.name(), request.layers(), by.getName()), response);
    }

    private CallSheet made(Call call, HttpServletResponse response) {
        Created.at(response, "/api/calls", call.ref().id());
        return sheet(call);
    }

    /** Saves the next revision; refused with the other one when somebody saved before. */
    @PutMapping("/calls/{id}")
    CallSheet saveNext(
            @PathVariable String id,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            @Valid @RequestBody NextRevision request,
            Principal by) {
        return sheet(book.saveNext(id, read, request.edits(), by.getName()));
    }

    @ExceptionHandler
    ProblemDetail overtaken(OvertakenException e) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(e.status(), e.getMessage());
        detail.setProperty("code", e.code());
        detail.setProperty("theirs", item(e.theirs(), playbook.library()));
        detail.setProperty(
                "theirCall", sheet(book.call(e.theirs().docId(), e.theirs().revision(), List.of())));
        return detail;
    }

    private CallSheet sheet(Call call) {
        return sheet(call, call);
    }

    private CallSheet sheet(Call call, Call saved) {
        Library library = playbook.library();
        var roles = call.front().roles().stream()
                .map(r -> new RoleRow(
                        r.id(),
                        r.words(),
                        r.label(),
                        r.sits().words(),
                        rungs(call, saved, r),
                        call.fresh(call.ref().id(), r.id(), "own").words(),
                        call.fresh(CallDocument.THIS_WEEK, r.id(), "own").words()))
                .toList();
        return new CallSheet(
                call.ref().id(),
                call.name(),
                call.ref().revision(),
                call.ref().digest(),
                layers(call),
                roles,
                WhenItChanges.of(call),
                call.points(),
                call.meantFor().stream()
                        .map(f -> new Named(
                                f,
                                library.find("formation", f).map(Document::name).orElse(f)))
                        .toList());
    }

    /** The documents inside a call; its own rungs and this week's are none. */
    private static List<LayerRow> layers(Call call) {
        return call.layers().stream()
                .filter(l -> l.kind() != Layer.Kind.CALL && l.kind() != Layer.Kind.PLAN)
                .map(l -> call.written().layer(l.document().id()))
                .map(d -> new LayerRow(d.kind(), d.id(), d.name()))
                .toList();
    }

    private static List<RungRow> rungs(Call call, Call saved, Role role) {
        var rows = new LinkedHashSet<RungRow>();
        for (boolean onCoverSide : new boolean[] {true, false}) {
            for (LayeredRung layered : call.ladder(role, onCoverSide).rungs()) {
                Labels labels = call.convention().labels();
                String sentence = labels.said(layered.rung().words());
                Optional<String> before =
                        saved.rung(layered.rung().id()).map(Rung::words).map(labels::said);
                rows.add(new RungRow(
                        layered.rung().id().words(),
                        layered.layer().words(),
                        sentence,
                        before.filter(b -> !b.equals(sentence)).orElse(null),
                        before.isEmpty()));
            }
        }
        return List.copyOf(rows);
    }
}
