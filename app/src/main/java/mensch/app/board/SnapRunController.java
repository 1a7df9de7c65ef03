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
import java.util.stream.Stream;
import mensch.app.board.BoardCalls.BoardRequest;
import mensch.app.board.PlaysController.AgainstRequest;
import mensch.app.board.PlaysController.PlayRequest;
import mensch.app.board.RepairBench.MendOffer;
import mensch.app.bounds.Bounds;
import mensch.app.playbook.Playbook;
import mensch.app.problem.Problem;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.play.Route;
import mensch.core.sheet.SnapRun;
import mensch.core.sheet.SnapRunMaker;
import mensch.core.simulation.Fault;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plays as they run at the line-up on the board: one to be watched, one beside another call, all of them. */
@RestController
@RequestMapping("/api/snap-runs")
class SnapRunController {

    /**
     * Something one man does otherwise, put in to see what it costs.
     *
     * @param amount ticks of 0.05 s or yards; of a place less than nothing is to the left or closer
     * @param route what he runs instead; null for everything else
     */
    record FaultWords(
            @NotBlank @Size(max = Bounds.NAME) String man,
            @NotNull Fault.Kind kind,
            @Min(-40) @Max(40) double amount,
            @Size(max = Bounds.NAME) @Nullable String route) {
        Fault fault(List<Route> routes) {
            return route == null
                    ? new Fault(man, kind, amount)
                    : new Fault(man, kind, amount, Fault.route(route, routes));
        }
    }

    /**
     * A play by id, to be run.
     *
     * @param seed the snap to be watched; null for a typical one
     */
    record SnapRequest(
            @Valid @NotNull BoardRequest board,
            @Min(0) @Max(20) int phase,
            @NotBlank @Size(max = Bounds.NAME) String play,
            boolean left,
            @Valid @NotNull @Size(max = FAULTS) List<FaultWords> faults,
            @Min(0) @Max(SEEDS - 1) @Nullable Long seed) {}

    /** The same at another call, as it is saved, with the same luck; the faults are put in at the first. */
    record BesideRequest(
            @Valid @NotNull SnapRequest first,
            @NotBlank @Size(max = Bounds.NAME) String call) {}

    /** How many snaps a range is of. */
    private static final int SEEDS = 200;
    /** The same where every play is run. */
    private static final int SEEDS_OF_EACH = 40;
    /** So much can be put in at once. */
    private static final int FAULTS = 12;

    private final Playbook playbook;
    private final BoardCalls calls;
    private final RepairBench bench;

    SnapRunController(Playbook playbook, BoardCalls calls, RepairBench bench) {
        this.playbook = playbook;
        this.calls = calls;
        this.bench = bench;
    }

    /** One play as it runs: the range over many snaps, one of them to be watched, and why it went so. */
    @PostMapping
    SnapRun snap(@Valid @RequestBody SnapRequest request, Principal by) {
        return run(
                maker(by)
                        .of(
                                lineup(request, by),
                                request.play(),
                                side(request.left()),
                                faults(request, by),
                                SEEDS,
                                request.seed()),
                request.play());
    }

    /** The same play at another call on the same snap, to be watched in step. */
    @PostMapping("/beside")
    SnapRun.BesideRow beside(@Valid @RequestBody BesideRequest request, Principal by) {
        SnapRequest first = request.first();
        Lineup lineup = lineup(first, by);
        return run(
                maker(by)
                        .beside(
                                lineup,
                                faults(first, by),
                                calls.other(request.call(), lineup, by),
                                first.play(),
                                side(first.left()),
                                SEEDS,
                                first.seed() == null ? 0 : first.seed()),
                first.play());
    }

    /** One play at this call and at the others of the week's plan that may meet the formation, the best first. */
    @PostMapping("/calls")
    List<SnapRun.AtCallRow> atCalls(@Valid @RequestBody PlayRequest request, Principal by) {
        Lineup lineup = calls.lineup(request.board(), request.phase(), by);
        List<Lineup> all = Stream.concat(
                        Stream.of(lineup), calls.planned(lineup, request.board().snap(), by).stream())
                .toList();
        return maker(by).calls(all, request.play(), side(request.left()), SEEDS);
    }

    /** Every play that can be run at it as it comes out, worst for the call first. */
    @PostMapping("/worst")
    List<SnapRun.BeatsRow> worst(@Valid @RequestBody AgainstRequest request, Principal by) {
        return maker(by).beats(calls.lineup(request.board(), request.phase(), by), SEEDS_OF_EACH);
    }

    /** The smallest changes with which the call holds one play better; for those who may write them. */
    @PostMapping("/mends")
    MendOffer mends(@Valid @RequestBody PlayRequest request, Principal by) {
        Lineup lineup = calls.lineup(request.board(), request.phase(), by);
        return run(
                bench.mends(
                        calls.of(request.board(), by),
                        lineup.snap(),
                        request.play(),
                        side(request.left()),
                        by.getName()),
                request.play());
    }

    private SnapRunMaker maker(Principal by) {
        return new SnapRunMaker(playbook.plays(by.getName()));
    }

    private Lineup lineup(SnapRequest request, Principal by) {
        return calls.lineup(request.board(), request.phase(), by);
    }

    private List<Fault> faults(SnapRequest request, Principal by) {
        List<Route> routes = playbook.plays(by.getName()).routes();
        return request.faults().stream().map(f -> f.fault(routes)).toList();
    }

    private static <T> T run(Optional<T> ran, String play) {
        return ran.orElseThrow(() -> Problem.refused(
                "play-not-run",
                play + " is not run here: the formation cannot run it to that side, or it is a play of flag, which is"
                        + " not run yet; choose another of the list"));
    }

    private static Side side(boolean left) {
        return left ? Side.LEFT : Side.RIGHT;
    }
}
