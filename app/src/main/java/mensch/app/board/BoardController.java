package mensch.app.board;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import mensch.app.board.BoardCalls.BoardRequest;
import mensch.app.bounds.Bounds;
import mensch.app.call.CallBook;
import mensch.app.call.Edit;
import mensch.app.playbook.Playbook;
import mensch.app.playbook.PlaybookEntry;
import mensch.core.call.Call;
import mensch.core.convention.Convention;
import mensch.core.document.RefusedException;
import mensch.core.field.BallSpot;
import mensch.core.field.Code;
import mensch.core.formation.ByHand;
import mensch.core.formation.Features;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.library.Library;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Naming;
import mensch.core.sheet.Asked;
import mensch.core.sheet.AskedMaker;
import mensch.core.sheet.CompareRow;
import mensch.core.sheet.Sheet;
import mensch.core.sheet.StripCell;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Asks core and hands out what it says. */
@RestController
@RequestMapping("/api")
class BoardController {

    record PhraseRequest(
            @Valid @NotNull BoardRequest board,
            @NotBlank @Size(max = Bounds.NAME) String job,
            double x,
            double y) {}

    /** Words for a spot, and where they put the man. */
    record FoundPhrase(String words, double x, double y) {}

    record MotionItem(String id, String name) {}

    /**
     * A formation to choose.
     *
     * @param personnel backs then ends, as coaches say it: 11
     * @param receivers receivers by side, the larger number first: 3x1
     */
    record FormationItem(
            String id,
            String name,
            String family,
            int players,
            String personnel,
            String receivers,
            List<MotionItem> motions) {}

    record CodeItem(String id, String name, int players) {}

    /** What the snap line offers; {@code spots} are words for 1 to 99 yards to the goal line. */
    record Choices(List<CodeItem> codes, List<FormationItem> formations, List<RunItem> runs, List<String> spots) {}

    record RunItem(String id, String name) {}

    private final Playbook playbook;
    private final CallBook book;
    private final BoardCalls calls;
    private final Snaps snaps;
    private final RepairBench repairs;
    private final BoardMaker boards;

    BoardController(
            Playbook playbook, CallBook book, BoardCalls calls, Snaps snaps, RepairBench repairs, BoardMaker boards) {
        this.playbook = playbook;
        this.book = book;
        this.calls = calls;
        this.snaps = snaps;
        this.repairs = repairs;
        this.boards = boards;
    }

    /** What a snap line may say: rules, formations with their motions, runs, spots. */
    @GetMapping("/choices")
    Choices choices(Principal by) {
        Library library = playbook.library();
        Map<String, PlaybookEntry> standings = playbook.standings();
        var formations = library.formations().stream()
                .filter(f -> Playbook.seen(standings, "formation", f.id(), by.getName()))
                .map(f -> item(f, library.vocabulary().convention()))
                .toList();
        return new Choices(
                List.of(Code.values()).stream()
                        .map(c -> new CodeItem(c.id(), c.words(), c.players()))
                        .toList(),
                formations,
                playbook.plays(by.getName()).runs().stream()
                        .map(r -> new RunItem(r.id(), r.name()))
                        .toList(),
                IntStream.rangeClosed(1, 99)
                        .mapToObj(y -> BallSpot.middle(y).words())
                        .toList());
    }

    private static FormationItem item(LibraryFormation f, Convention convention) {
        Features features = f.features(convention);
        return new FormationItem(
                f.id(),
                f.name(),
                f.family(),
                f.players(),
                features.personnel(),
                features.receivers(),
                f.motions().stream().map(m -> new MotionItem(m.id(), m.name())).toList());
    }

    /** Lines a call up against a snap: every phase, each with jobs, ledgers and findings, and what changed. */
    @PostMapping("/line-ups")
    BoardMaker.Board lineUp(@Valid @RequestBody BoardRequest request, Principal by) {
        return boards.board(calls.of(request, by), snaps.of(request.snap(), by.getName()), by);
    }

    /** A man of the offence put somewhere: x yards right of the ball, y yards before the line. */
    record PlaceRequest(
            @Valid @NotNull SnapWords snap,
            @NotBlank @Size(max = Bounds.NAME) String man,
            double x,
            double y) {}

    /** The offence as it stands then, in the notation, for {@code men} of a snap. */
    record PlacedOffence(String men) {}

    /** The offence with one man put somewhere by hand, on a spot that an offence would take. */
    @PostMapping("/placements")
    PlacedOffence place(@Valid @RequestBody PlaceRequest request, Principal by) {
        Snap snap = snaps.of(request.snap(), by.getName());
        return new PlacedOffence(
                Notation.print(ByHand.placed(snap.formation(), request.man(), new Point(request.x(), request.y()))));
    }

    /** One role of a call over every formation; edits not saved yet count. */
    record StripRequest(
            @NotBlank @Size(max = Bounds.NAME) String call,
            @Min(0) @Nullable Integer revision,
            @NotNull @Size(max = Bounds.EDITS) List<@Valid @NotNull Edit> edits,
            @NotBlank @Size(max = Bounds.NAME) String role,
            boolean onCoverSide,
            @NotBlank @Size(max = Bounds.NAME) String spot) {}

    /** One role of a call against every formation of its game. */
    @PostMapping("/strips")
    List<StripCell> strip(@Valid @RequestBody StripRequest request, Principal by) {
        Call call = book.seen(request.call(), request.revision(), request.edits(), by.getName());
        Map<String, PlaybookEntry> standings = playbook.standings();
        return playbook.library().formationsFor(call).stream()
                .filter(f -> Playbook.seen(standings, "formation", f.id(), by.getName()))
                .map(f -> StripCell.of(call, request.role(), request.onCoverSide(), f, spot(call, request.spot())))
                .toList();
    }

    /** A small-sided call is looked at on its own field. */
    private static String spot(Call call, String asked) {
        int players = call.front().players();
        return players == 11 ? asked : "flag" + players + " m 30 1&10";
    }

    /** Two calls on one snap. */
    record CompareRequest(
            @Valid @NotNull SnapWords snap,
            @NotBlank @Size(max = Bounds.NAME) String first,
            @NotBlank @Size(max = Bounds.NAME) String second) {}

    /** Both line-ups and every part that differs. */
    record Comparison(
            BoardMaker.FieldRow field,
            String firstName,
            String secondName,
            Sheet first,
            Sheet second,
            List<CompareRow> rows) {}

    /** Two calls on one snap, part by part. */
    @PostMapping("/comparisons")
    Comparison compare(@Valid @RequestBody CompareRequest request, Principal by) {
        Snap snap = snaps.of(request.snap(), by.getName());
        Call first = book.seen(request.first(), null, List.of(), by.getName());
        Call second = book.seen(request.second(), null, List.of(), by.getName());
        Lineup one = Lineup.of(first, snap);
        Lineup other = Lineup.of(second, snap);
        return new Comparison(
                BoardMaker.field(snap),
                first.name(),
                second.name(),
                boards.sheet(one, by),
                boards.sheet(other, by),
                CompareRow.between(one, other));
    }

    /** A finding of the board on one of its phases, 0 for the set offence. */
    record RepairRequest(
            @Valid @NotNull BoardRequest board,
            @Min(0) @Max(20) int phase,
            @NotBlank @Size(max = Bounds.NOTE) String finding,

            @NotNull @Size(max = Bounds.SEEN)
            List<@NotNull @Size(max = Bounds.EDITS) List<@Valid @NotNull Edit>> seen) {}

    /** Changes that mend a finding, each tried; none that was seen. */
    @PostMapping("/repairs")
    RepairBench.RepairOffer repairs(@Valid @RequestBody RepairRequest request, Principal by) {
        Snap snap = snaps.of(request.board().snap(), by.getName());
        int phases = Math.max(1, Math.min(request.phase() + 1, snap.phases().size()));
        return repairs.offer(
                calls.of(request.board(), by),
                snap.with(snap.phases().subList(0, phases)),
                request.finding(),
                request.seen(),
                by.getName());
    }

    /**
     * Something on one phase of the board that somebody points at: a man, a gap or an area, named as the sheet does.
     */
    record AskedRequest(
            @Valid @NotNull BoardRequest board,
            @Min(0) @Max(20) int phase,
            @NotNull Asked.Kind kind,
            @NotBlank @Size(max = Bounds.NAME) String name) {}

    /** Who has a man of the offence, a gap or an area, and by which rung. */
    @PostMapping("/answers")
    Asked answer(@Valid @RequestBody AskedRequest request, Principal by) {
        Lineup lineup = calls.lineup(request.board(), request.phase(), by);
        return new AskedMaker(lineup, playbook.library())
                .of(request.kind(), request.name())
                .orElseThrow(() -> new RefusedException(
                        "there is no " + request.name() + " on this board; point at what is drawn"));
    }

    /** Words of the rung language for a spot. */
    @PostMapping("/phrases")
    List<FoundPhrase> phrases(@Valid @RequestBody PhraseRequest request, Principal by) {
        Lineup lineup = Lineup.of(
                calls.of(request.board(), by), snaps.of(request.board().snap(), by.getName()));
        Job job = lineup.job(request.job());
        if (job == null) {
            throw new RefusedException("nobody is called " + request.job() + " in this call");
        }
        var view = lineup.view(job);
        return Naming.phrases(view, new Point(request.x(), request.y())).stream()
                .map(p -> new FoundPhrase(
                        view.convention().labels().said(p.words()),
                        p.place(view).feet().x(),
                        p.place(view).feet().y()))
                .toList();
    }
}
