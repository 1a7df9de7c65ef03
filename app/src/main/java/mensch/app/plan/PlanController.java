package mensch.app.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import mensch.app.bounds.Bounds;
import mensch.app.call.CallBook;
import mensch.app.playbook.Playbook;
import mensch.app.playbook.PlaybookEntry;
import mensch.core.audit.Finding;
import mensch.core.call.Call;
import mensch.core.library.LibraryFormation;
import mensch.core.matchup.TeachingLoad;
import mensch.core.play.Plays;
import mensch.core.stress.PlanAudit;
import mensch.core.stress.Standing;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One call at a time, so that the page can show how far it is and stop. */
@RestController
@RequestMapping("/api")
class PlanController {

    /** Where the ball lies and what is to gain. */
    record PlanSpot(
            @NotBlank @Size(max = Bounds.NAME) String code,
            @NotBlank @Size(max = Bounds.NAME) String hash,
            @Min(1) @Max(99) int toGoal,
            @Min(1) @Max(4) int down,
            @Min(1) @Max(99) int distance) {
        String words() {
            return code + " " + hash + " " + toGoal + " " + down + "&" + distance;
        }
    }

    /** Formations by id; motions of each as well, or only as set; met by the offence's plays, or only looked at. */
    record PlanRequest(
            @NotBlank @Size(max = Bounds.NAME) String call,
            @NotNull @Size(max = Bounds.LISTED) List<@NotBlank @Size(max = Bounds.NAME) String> formations,
            @Valid @NotNull PlanSpot spot,
            boolean motions,
            boolean plays) {}

    /**
     * A call against one formation; {@code worst} and what follows it are missing when nothing but notes is found;
     * {@code cost} puts the worst first.
     */
    record PlanCell(
            String formation,
            Standing standing,
            @Nullable String motion,
            @Nullable String worst,
            @Nullable String reason,
            int busts,
            int weak,
            int asked,
            boolean meant,
            int cost) {}

    record PlanRow(String call, List<PlanCell> cells) {}

    record LoadRequest(
            @NotEmpty @Size(max = Bounds.LISTED) List<@NotBlank @Size(max = Bounds.NAME) String> calls,
            @NotBlank @Size(max = Bounds.NAME) String formation,
            @Valid @NotNull PlanSpot spot) {}

    record AddedRow(String call, int rungs, int roles, int men) {}

    record RoleLoad(String role, int rungs) {}

    record PlanLoad(List<RoleLoad> roles, List<AddedRow> calls) {}

    private final Playbook playbook;
    private final CallBook book;

    PlanController(Playbook playbook, CallBook book) {
        this.playbook = playbook;
        this.book = book;
    }

    /** A call of a plan against every formation: the worst that is found in each. */
    @PostMapping("/plan-audits")
    PlanRow audit(@Valid @RequestBody PlanRequest request, Principal by) {
        Call call = book.seen(request.call(), null, List.of(), by.getName());
        Map<String, PlaybookEntry> standings = playbook.standings();
        List<LibraryFormation> formations = playbook.library().formationsFor(call).stream()
                .filter(f -> request.formations().contains(f.id())
                        && Playbook.seen(standings, "formation", f.id(), by.getName()))
                .toList();
        var motions = request.motions() ? PlanAudit.Motions.ALL : PlanAudit.Motions.NONE;
        return new PlanRow(
                call.ref().id(),
                PlanAudit.row(
                                call,
                                formations,
                                request.spot().words(),
                                motions,
                                request.plays() ? playbook.plays(by.getName()) : Plays.NONE)
                        .stream()
                        .map(PlanController::cell)
                        .toList());
    }

    private static PlanCell cell(PlanAudit.Cell cell) {
        Finding worst = cell.worst();
        return new PlanCell(
                cell.formation(),
                cell.standing(),
                cell.motion(),
                worst == null ? null : worst.evidence().title(),
                worst == null ? null : worst.evidence().reason(),
                cell.busts(),
                cell.weak(),
                cell.asked(),
                cell.meant(),
                cell.cost());
    }

    /** What a plan asks each role to know. */
    @PostMapping("/teaching-loads")
    PlanLoad load(@Valid @RequestBody LoadRequest request, Principal by) {
        List<Call> plan = request.calls().stream()
                .map(id -> book.seen(id, null, List.of(), by.getName()))
                .toList();
        TeachingLoad load = TeachingLoad.of(
                plan,
                playbook.library()
                        .formation(request.formation())
                        .snap(null, false, request.spot().words()));
        return new PlanLoad(
                load.byRole().entrySet().stream()
                        .map(e -> new RoleLoad(said(plan, e.getKey()), e.getValue()))
                        .sorted((a, b) -> b.rungs() - a.rungs())
                        .toList(),
                load.added().stream()
                        .map(a -> new AddedRow(a.call(), a.rungs(), a.roles(), a.men()))
                        .toList());
    }

    /** A role as the first call that has it says it. */
    private static String said(List<Call> plan, String role) {
        return plan.stream()
                .flatMap(c -> c.front().role(role).stream())
                .findFirst()
                .orElseThrow()
                .words();
    }
}
