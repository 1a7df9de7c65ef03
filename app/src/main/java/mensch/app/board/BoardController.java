package mensch.app.board;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.security.Principal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.app.call.CallShelf;
import mensch.app.call.Edit;
import mensch.app.playbook.Bookcase;
import mensch.app.playbook.PlaybookEntry;
import mensch.core.call.Call;
import mensch.core.call.Layer;
import mensch.core.document.DocumentRef;
import mensch.core.field.Code;
import mensch.core.field.Field;
import mensch.core.formation.Snap;
import mensch.core.front.Sits;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Ladder;
import mensch.core.rung.Naming;
import mensch.core.rung.Rung;
import mensch.core.rung.RungId;
import mensch.core.rung.RungReader;
import mensch.core.sheet.ChangeRow;
import mensch.core.sheet.CompareRow;
import mensch.core.sheet.Sheet;
import mensch.core.sheet.SheetMaker;
import mensch.core.sheet.StripCell;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Asks core and hands out what it says. */
@RestController
@RequestMapping("/api/board")
class BoardController {

    /** A man put somewhere for now: his job id and the phrase found for the spot. */
    record Hand(@NotBlank String job, @NotBlank String phrase) {}

    /** What to line up: the call as saved (newest when revision is null), edits not saved yet, men put somewhere by hand. */
    record BoardRequest(@Valid @NotNull SnapWords snap, @NotBlank String call, Integer revision, @Valid @NotNull List<Edit> edits, @Valid @NotNull List<Hand> hand) {}

    /** The painted field round the ball, play frame yards. */
    record FieldRow(String code, double leftSideline, double rightSideline, double leftHash, double rightHash, double numbersBottom, double numbersTop,
                    int toGoal, double endLine, int distance, boolean painted) {}

    /** Every phase from set to snap, and what changed between the first and the last. */
    record Board(String call, String callName, int revision, String digest, FieldRow field, List<Sheet> phases, List<ChangeRow> changes) {}

    record PhraseRequest(@Valid @NotNull BoardRequest board, @NotBlank String job, double x, double y) {}

    /** Words for a spot, and where they put the man. */
    record FoundPhrase(String words, double x, double y) {}

    record MotionItem(String id, String name) {}

    record FormationItem(String id, String name, String family, int players, List<MotionItem> motions) {}

    record CodeItem(String id, String name, int players) {}

    /** What the snap line offers. */
    record Choices(List<CodeItem> codes, List<FormationItem> formations) {}

    private final Bookcase bookcase;
    private final CallShelf shelf;
    private final SheetMaker sheets;

    BoardController(Bookcase bookcase, CallShelf shelf, SheetMaker sheets) {
        this.bookcase = bookcase;
        this.shelf = shelf;
        this.sheets = sheets;
    }

    @GetMapping("/choices")
    Choices choices(Principal by) {
        Map<String, PlaybookEntry> standings = bookcase.standings();
        var formations = bookcase.library().formations().stream().filter(f -> Bookcase.seen(standings, "formation", f.id(), by.getName()))
            .map(f -> new FormationItem(f.id(), f.name(), f.family() == null ? "own" : f.family(), f.players(), f.motions().stream().map(m -> new MotionItem(m.id(), m.name())).toList())).toList();
        return new Choices(List.of(Code.values()).stream().map(c -> new CodeItem(c.id(), c.words(), c.players())).toList(), formations);
    }

    @PostMapping
    Board lineUp(@Valid @RequestBody BoardRequest request, Principal by) {
        Call call = call(request, by);
        Snap snap = request.snap().snap(bookcase.library());
        var lineups = new ArrayList<Lineup>();
        for (int phase = 1; phase <= snap.phases().size(); phase++) {
            lineups.add(Lineup.of(call, snap.with(snap.phases().subList(0, phase))));
        }
        var changes = snap.moved() ? ChangeRow.between(lineups.get(0), lineups.get(lineups.size() - 1)) : List.<ChangeRow>of();
        return new Board(call.ref().id(), call.name(), call.ref().revision(), call.ref().digest(), field(snap), lineups.stream().map(sheets::of).toList(), changes);
    }

    /** One role of a call over every formation; edits not saved yet count. */
    record StripRequest(@NotBlank String call, Integer revision, @Valid @NotNull List<Edit> edits, @NotBlank String role, boolean onCoverSide, @NotBlank String spot) {}

    @PostMapping("/strip")
    List<StripCell> strip(@Valid @RequestBody StripRequest request, Principal by) {
        Call call = shelf.seen(request.call(), request.revision(), request.edits(), by.getName());
        Map<String, PlaybookEntry> standings = bookcase.standings();
        return bookcase.library().formationsFor(call).stream().filter(f -> Bookcase.seen(standings, "formation", f.id(), by.getName())).map(f -> StripCell.of(call, request.role(), request.onCoverSide(), f, spot(call, request.spot()))).toList();
    }

    /** A small-sided call is looked at on its own field. */
    private static String spot(Call call, String asked) {
        int players = call.front().players();
        return players == 11 ? asked : "flag" + players + " m 30 1&10";
    }

    /** Two calls on one snap. */
    record CompareRequest(@Valid @NotNull SnapWords snap, @NotBlank String first, @NotBlank String second) {}

    /** Both line-ups and every part that differs. */
    record Comparison(FieldRow field, String firstName, String secondName, Sheet first, Sheet second, List<CompareRow> rows) {}

    @PostMapping("/compare")
    Comparison compare(@Valid @RequestBody CompareRequest request, Principal by) {
        Snap snap = request.snap().snap(bookcase.library());
        Call first = shelf.seen(request.first(), null, List.of(), by.getName());
        Call second = shelf.seen(request.second(), null, List.of(), by.getName());
        Lineup one = Lineup.of(first, snap);
        Lineup other = Lineup.of(second, snap);
        return new Comparison(field(snap), first.name(), second.name(), sheets.of(one), sheets.of(other), CompareRow.between(one, other));
    }

    @PostMapping("/phrases")
    List<FoundPhrase> phrases(@Valid @RequestBody PhraseRequest request, Principal by) {
        Lineup lineup = Lineup.of(call(request.board(), by), request.board().snap().snap(bookcase.library()));
        Job job = lineup.job(request.job());
        if (job == null) {
            throw new IllegalArgumentException("nobody is called " + request.job() + " in this call");
        }
        var view = lineup.view(job);
        return Naming.phrases(view, new Point(request.x(), request.y())).stream().map(p -> new FoundPhrase(view.convention().labels().said(p.words()), p.place(view).feet().x(), p.place(view).feet().y())).toList();
    }

    private Call call(BoardRequest request, Principal by) {
        Call call = shelf.seen(request.call(), request.revision(), request.edits(), by.getName());
        return request.hand().isEmpty() ? call : call.under(handLayer(call, Lineup.of(call, request.snap().snap(bookcase.library())), request.hand()));
    }

    /** A man put somewhere is a rung of the hand layer; of two men of one role the condition names the one on or off the cover side. */
    private Layer handLayer(Call call, Lineup lineup, List<Hand> hands) {
        var rungs = new LinkedHashMap<String, List<Rung>>();
        for (Hand hand : hands) {
            Job job = lineup.job(hand.job());
            if (job == null) {
                throw new IllegalArgumentException("nobody is called " + hand.job() + " in this call");
            }
            String role = job.role().id();
            boolean cover = job.seat() == lineup.sides().cover().side();
            String when = job.role().sits() != Sits.EACH_SIDE ? "" : "when " + (cover ? "" : "not ") + "cover side is my side: ";
            rungs.computeIfAbsent(role, k -> new ArrayList<>())
                .add(RungReader.read(new RungId("hand", role, hand.job()), call.convention().labels().kept(when + "align " + hand.phrase()), bookcase.library().vocabulary()));
        }
        Map<String, Ladder> ladders = new LinkedHashMap<>();
        rungs.forEach((role, own) -> ladders.put(role, new Ladder(own)));
        return new Layer(Layer.Kind.HAND, new DocumentRef("hand", 0, ""), ladders);
    }

    private static FieldRow field(Snap snap) {
        Field field = snap.field();
        Code code = field.code();
        return new FieldRow(code.id(), field.sidelineX(Side.LEFT), field.sidelineX(Side.RIGHT), field.fromSideline(Side.LEFT, code.hashYards()),
            field.fromSideline(Side.RIGHT, code.hashYards()), code.numbersBottomYards(), code.numbersTopYards(), field.ball().yardsToGoal(), field.endLineDepth(),
            snap.situation().distance(), !code.flag());
    }
}
