package mensch.app.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.security.Principal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import mensch.core.call.Call;
import mensch.core.call.LayeredRung;
import mensch.core.call.MotionAnswer;
import mensch.core.front.Role;
import mensch.core.library.Library;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Calls as a coach lists, opens and saves them. */
@RestController
@RequestMapping("/api/calls")
class CallController {

    /** A call in a list; {@code savedBy} is null for the catalogue. */
    record CallItem(String id, String name, int revision, String savedBy, Instant savedAt, String digest) {}

    /** One rung of a role's stacked ladder, top first. */
    record RungRow(String id, String layer, String sentence) {}

    record RoleRow(String id, String label, String sits, List<RungRow> rungs) {}

    /** A call with all its sentences. */
    record CallSheet(String id, String name, int revision, String digest, List<RoleRow> roles, List<String> motion) {}

    record NewCall(@NotBlank String name, @NotBlank String from, @NotNull Integer fromRevision, @Valid @NotNull List<Edit> edits) {}

    record NextRevision(@NotNull Integer base, @Valid @NotNull List<Edit> edits) {}

    private final CallShelf shelf;
    private final Library library;

    CallController(CallShelf shelf, Library library) {
        this.shelf = shelf;
        this.library = library;
    }

    @GetMapping
    List<CallItem> list() {
        var items = new ArrayList<CallItem>();
        library.calls().forEach(c -> items.add(new CallItem(c.ref().id(), c.name(), 0, null, null, c.ref().digest())));
        shelf.newest().forEach(r -> items.add(item(r)));
        return items;
    }

    private static CallItem item(CallRevision r) {
        return new CallItem(r.callId(), r.name(), r.revision(), r.savedBy(), r.savedAt(), r.digest());
    }

    @GetMapping("/{id}")
    CallSheet open(@PathVariable String id, @RequestParam(required = false) Integer revision) {
        return sheet(shelf.call(id, revision, List.of()));
    }

    @GetMapping("/{id}/revisions")
    List<CallItem> history(@PathVariable String id) {
        return shelf.history(id).stream().map(CallController::item).toList();
    }

    @PostMapping
    CallSheet saveAs(@Valid @RequestBody NewCall request, Principal by) {
        Call edited = shelf.call(request.from(), request.fromRevision(), request.edits());
        return sheet(shelf.saveAs(request.name(), edited, by.getName()));
    }

    @PutMapping("/{id}")
    CallSheet saveNext(@PathVariable String id, @Valid @RequestBody NextRevision request, Principal by) {
        return sheet(shelf.saveNext(shelf.call(id, request.base(), request.edits()), request.base(), by.getName()));
    }

    @ExceptionHandler
    ProblemDetail overtaken(OvertakenException e) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(e.status(), e.getMessage());
        detail.setProperty("code", e.code());
        detail.setProperty("theirs", item(e.theirs()));
        detail.setProperty("theirCall", open(e.theirs().callId(), e.theirs().revision()));
        return detail;
    }

    static CallSheet sheet(Call call) {
        var roles = call.front().roles().stream().map(r -> new RoleRow(r.id(), r.label(), r.sits().words(), rungs(call, r))).toList();
        return new CallSheet(call.ref().id(), call.name(), call.ref().revision(), call.ref().digest(), roles, call.motion().stream().map(MotionAnswer::words).toList());
    }

    private static List<RungRow> rungs(Call call, Role role) {
        var rows = new LinkedHashSet<RungRow>();
        for (boolean onCoverSide : new boolean[] {true, false}) {
            for (LayeredRung layered : call.ladder(role, onCoverSide).rungs()) {
                rows.add(new RungRow(layered.rung().id().words(), layered.layer().words(), layered.rung().words()));
            }
        }
        return List.copyOf(rows);
    }
}
