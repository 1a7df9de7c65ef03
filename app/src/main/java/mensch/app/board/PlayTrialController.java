package mensch.app.board;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.security.Principal;
import java.util.Set;
import mensch.app.board.BoardCalls.BoardRequest;
import mensch.app.playbook.TriedDocuments;
import mensch.app.playbook.TriedDocuments.TriedDocument;
import mensch.app.problem.Problem;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.sheet.PlayTrial;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A play as it is being written, tried at the call on the board; nothing is kept. */
@RestController
@RequestMapping("/api/play-trials")
class PlayTrialController {

    private static final Set<String> PLAYS = Set.of("run", "pass", "option", "protection");

    /** A run, pass, option or protection as it stands in the editor, and what it is tried at, to one side. */
    record TrialRequest(
            @Valid @NotNull BoardRequest board,
            @Min(0) @Max(20) int phase,
            @Valid @NotNull TriedDocument play,
            boolean left) {}

    private final TriedDocuments tried;
    private final BoardCalls calls;

    PlayTrialController(TriedDocuments tried, BoardCalls calls) {
        this.tried = tried;
        this.calls = calls;
    }

    @PostMapping
    PlayTrial tried(@Valid @RequestBody TrialRequest request, Principal by) {
        if (!PLAYS.contains(request.play().kind())) {
            throw Problem.refused(
                    "not-a-play",
                    "a " + request.play().kind() + " is not run at anybody; try a run, pass, option or protection");
        }
        var document = TriedDocuments.document(request.play());
        Lineup lineup = calls.lineup(request.board(), request.phase(), by);
        Side side = request.left() ? Side.LEFT : Side.RIGHT;
        return PlayTrial.of(tried.library(document), lineup, document.kind(), document.id(), side);
    }
}
