package mensch.app.board;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mensch.app.bounds.Bounds;
import mensch.app.call.CallBook;
import mensch.app.playbook.Playbook;
import mensch.app.problem.Created;
import mensch.core.document.Document;
import mensch.core.formation.Snap;
import mensch.core.front.Front;
import mensch.core.front.Role;
import mensch.core.pressure.CoverageLeft;
import mensch.core.pressure.PressureDraft;
import mensch.core.pressure.PressureDraft.ToldMan;
import mensch.core.pressure.Told;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A pressure begun as one: who comes, which coverages are left, and the call that is kept of it. */
@RestController
@RequestMapping("/api/pressures")
class PressureController {

    /** A man of the front and what he is told; of two men of one role the one on the cover side, or the other. */
    record ToldRow(
            @NotBlank @Size(max = Bounds.NAME) String role,
            boolean coverSide,
            @NotNull Told told) {}

    /** Who comes, from which front, against what; {@code coverage} is null for the one behind which least breaks. */
    record PressureRequest(
            @Valid @NotNull SnapWords snap,
            @NotBlank @Size(max = Bounds.NAME) String front,
            @NotNull @Size(max = Bounds.HANDS) List<@Valid @NotNull ToldRow> men,
            @Nullable @Size(max = Bounds.NAME) String coverage) {}

    /** What a man may be told, in words. */
    record ToldChoice(Told told, String words) {}

    /**
     * A coverage that is left.
     *
     * @param words what the call is on this snap, in the trade's words
     * @param rush men who come, {@code cover} the others
     * @param usual whether so many are sent with this behind them as a rule
     * @param worst the worst that breaks, or null when nothing does
     */
    record LeftRow(
            String coverage,
            String name,
            String words,
            boolean carried,
            int rush,
            int cover,
            boolean usual,
            int busts,
            int weak,
            @Nullable String worst) {}

    /**
     * A pressure as it is begun.
     *
     * @param choices what men of each body may be told, by their role
     * @param left coverages, those first behind which the least breaks
     * @param board the line-up with the coverage asked for, or the first left; null when none is
     */
    record BegunPressure(
            Map<String, List<ToldChoice>> choices,
            List<LeftRow> left,
            @Nullable String coverage,
            BoardMaker.@Nullable Board board) {}

    /** A pressure to be kept, with the call it is first of. */
    record KeptPressure(
            @NotBlank @Size(max = Bounds.NAME) String name,
            @NotBlank @Size(max = Bounds.NAME) String front,
            @NotBlank @Size(max = Bounds.NAME) String coverage,
            @NotNull @Size(max = Bounds.HANDS) List<@Valid @NotNull ToldRow> men) {}

    /** The call that was made, and what it is called. */
    record MadeCall(String call, String name) {}

    private final Playbook playbook;
    private final CallBook book;
    private final Snaps snaps;
    private final BoardMaker boards;

    PressureController(Playbook playbook, CallBook book, Snaps snaps, BoardMaker boards) {
        this.playbook = playbook;
        this.book = book;
        this.snaps = snaps;
        this.boards = boards;
    }

    /** What is left for the others, and how it lines up; nothing is kept. */
    @PostMapping("/trials")
    BegunPressure begun(@Valid @RequestBody PressureRequest request, Principal by) {
        Snap snap = snaps.of(request.snap(), by.getName());
        Front front = book.front(request.front(), by.getName());
        Document pressure = new PressureDraft(front, told(request.men())).document("begun", "Begun");
        List<CoverageLeft> left =
                CoverageLeft.of(playbook.library(), front, pressure, snap, playbook.plays(by.getName())).stream()
                        .filter(c -> playbook.isSeen("coverage", c.coverage().id(), by.getName()))
                        .toList();
        CoverageLeft shown = left.stream()
                .filter(c -> c.coverage().id().equals(request.coverage()))
                .findFirst()
                .orElse(left.isEmpty() ? null : left.get(0));
        return new BegunPressure(
                front.roles().stream().collect(Collectors.toMap(Role::id, PressureController::choices)),
                left.stream().map(PressureController::row).toList(),
                shown == null ? null : shown.coverage().id(),
                shown == null ? null : boards.board(shown.call(), snap, by));
    }

    /**
     * Keeps it as a pressure of the programme's own and a call of front, coverage and it; both their author's draft.
     */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    MadeCall keep(@Valid @RequestBody KeptPressure kept, Principal by, HttpServletResponse response) {
        Front front = book.front(kept.front(), by.getName());
        var draft = new PressureDraft(front, told(kept.men()));
        MadeCall made = made(book.keepPressure(draft, kept.name(), kept.coverage(), by.getName()));
        Created.at(response, "/api/calls", made.call());
        return made;
    }

    private static MadeCall made(Document call) {
        return new MadeCall(call.id(), call.name());
    }

    private static List<ToldMan> told(List<ToldRow> men) {
        return men.stream()
                .map(m -> new ToldMan(m.role(), m.coverSide(), m.told()))
                .toList();
    }

    private static List<ToldChoice> choices(Role role) {
        return Told.choices(role.body()).stream()
                .map(t -> new ToldChoice(t, t.words()))
                .toList();
    }

    private static LeftRow row(CoverageLeft left) {
        return new LeftRow(
                left.coverage().id(),
                left.coverage().name(),
                left.words(),
                left.carried(),
                left.behind().rush(),
                left.behind().cover(),
                left.behind().usual(),
                left.busts(),
                left.weak(),
                left.found().stream().findFirst().map(f -> f.evidence().title()).orElse(null));
    }
}
