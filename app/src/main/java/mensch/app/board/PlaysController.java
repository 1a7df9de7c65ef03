package mensch.app.board;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import mensch.app.board.BoardCalls.BoardRequest;
import mensch.app.bounds.Bounds;
import mensch.app.call.CallBook;
import mensch.app.playbook.Playbook;
import mensch.app.problem.Problem;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.sheet.PlaySheet;
import mensch.core.sheet.PlaySheetMaker;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the line-up on the board meets: all plays at once in short, one play in full, two calls against one run. */
@RestController
@RequestMapping("/api")
class PlaysController {

    /** One phase of the board, 0 for the set offence. */
    record AgainstRequest(
            @Valid @NotNull BoardRequest board,
            @Min(0) @Max(20) int phase) {}

    /** A play by id, to the left or the right. */
    record PlayRequest(
            @Valid @NotNull BoardRequest board,
            @Min(0) @Max(20) int phase,
            @NotBlank @Size(max = Bounds.NAME) String play,
            boolean left) {}

    /** A run by id against two calls. */
    record RunCompareRequest(
            @Valid @NotNull SnapWords snap,
            @NotBlank @Size(max = Bounds.NAME) String first,
            @NotBlank @Size(max = Bounds.NAME) String second,
            @NotBlank @Size(max = Bounds.NAME) String play,
            boolean left) {}

    /** Blocks of one run against each; null where it cannot be run. */
    record RunComparison(PlaySheet.@Nullable RunSheet first, PlaySheet.@Nullable RunSheet second) {}

    private final Playbook playbook;
    private final CallBook book;
    private final Snaps snaps;
    private final BoardCalls calls;

    PlaysController(Playbook playbook, CallBook book, Snaps snaps, BoardCalls calls) {
        this.snaps = snaps;
        this.playbook = playbook;
        this.book = book;
        this.calls = calls;
    }

    private PlaySheetMaker sheets(Principal by) {
        return new PlaySheetMaker(playbook.plays(by.getName()));
    }

    /**
     * A line-up met by every play of the offence, beside the other calls of the plan: rules answered, findings, runs,
     * passes, pressures.
     */
    @PostMapping("/audits")
    PlaySheet against(@Valid @RequestBody AgainstRequest request, Principal by) {
        Lineup lineup = calls.lineup(request.board(), request.phase(), by);
        return sheets(by).of(lineup, calls.planned(lineup, request.board().snap(), by));
    }

    /** Every block of one run to one side. */
    @PostMapping("/blockings")
    PlaySheet.RunSheet run(@Valid @RequestBody PlayRequest request, Principal by) {
        return there(
                sheets(by)
                        .run(calls.lineup(request.board(), request.phase(), by), request.play(), side(request.left())),
                request.play());
    }

    /** Every route of one pass concept to one side, and who has it. */
    @PostMapping("/distributions")
    PlaySheet.PassSheet pass(@Valid @RequestBody PlayRequest request, Principal by) {
        return there(
                sheets(by)
                        .pass(calls.lineup(request.board(), request.phase(), by), request.play(), side(request.left())),
                request.play());
    }

    /** Blocks, routes and keys of one run-pass option to one side, and what it asks of the man it reads. */
    @PostMapping("/options")
    PlaySheet.OptionSheet option(@Valid @RequestBody PlayRequest request, Principal by) {
        return there(
                sheets(by)
                        .option(
                                calls.lineup(request.board(), request.phase(), by),
                                request.play(),
                                side(request.left())),
                request.play());
    }

    private static <T> T there(Optional<T> sheet, String play) {
        return sheet.orElseThrow(() -> Problem.refused(
                "play-not-run", "this formation cannot run " + play + " to that side; choose one of the list"));
    }

    /** One run against two calls on one snap. */
    @PostMapping("/blocking-comparisons")
    RunComparison compare(@Valid @RequestBody RunCompareRequest request, Principal by) {
        Snap snap = snaps.of(request.snap(), by.getName());
        return new RunComparison(
                blocks(request.first(), snap, request, by), blocks(request.second(), snap, request, by));
    }

    private PlaySheet.@Nullable RunSheet blocks(String call, Snap snap, RunCompareRequest request, Principal by) {
        return sheets(by)
                .run(
                        Lineup.of(book.seen(call, null, List.of(), by.getName()), snap),
                        request.play(),
                        side(request.left()))
                .orElse(null);
    }

    private static Side side(boolean left) {
        return left ? Side.LEFT : Side.RIGHT;
    }
}
