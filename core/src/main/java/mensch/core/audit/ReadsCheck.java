package mensch.core.audit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import mensch.core.coverage.Shell;
import mensch.core.event.Message;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.matchup.Blocking;
import mensch.core.matchup.Reacted;
import mensch.core.matchup.Reacted.Turn;
import mensch.core.matchup.Shown;
import mensch.core.play.Pass;
import mensch.core.rung.FitRole;
import mensch.core.rung.Part;
import mensch.core.rung.ReadTable;
import mensch.core.rung.Task;

/**
 * The reactions of one play together (handbook 3, force reads): every key shows what it does, each man does what he is
 * taught on it, and then edges, gaps and the deep field are asked again. What lies open is told with the row that
 * opened it.
 */
final class ReadsCheck implements Check {
    static final CheckId EDGE = CheckId.of("reads-edge", Rule.EDGE, Part.READS, Part.RUN);
    static final CheckId GAPS = CheckId.of("reads-gaps", Rule.GAPS, Part.READS, Part.RUN);
    static final CheckId BOOT = CheckId.of("reads-boot", Rule.EDGE, Part.READS, Part.RUN);
    static final CheckId DEEP = CheckId.of("reads-deep", Rule.COVERAGE, Part.READS, Part.PASS);

    private static final double DEEP_MIDDLE = 14;

    @Override
    public List<CheckId> finds() {
        return List.of(EDGE, GAPS, BOOT, DEEP);
    }

    @Override
    public Asked asked() {
        return Asked.AGAINST_PLAYS;
    }

    @Override
    public List<Finding> in(Subject subject) {
        boolean conceded = subject.lineup().inForce().coverage().gives("run", true);
        Map<Cause, Open> open = new LinkedHashMap<>();
        for (Blocking run : subject.runs()) {
            Reacted reacted = Reacted.of(subject.lineup(), subject.shown(run), run.ballSeconds());
            String play = run.run().name() + " to the " + run.play().words();
            edge(subject, run, reacted).ifPresent(o -> note(o, play, open));
            boot(subject, run, reacted).ifPresent(o -> note(o, play, open));
            if (!conceded) {
                gaps(run, reacted).ifPresent(o -> note(o, play, open));
            }
        }
        if (subject.deep().shell().orElse(Shell.NONE) != Shell.NONE) {
            for (Side side : Side.values()) {
                for (Pass pass : subject.passesTo(side)) {
                    fooled(subject, pass, side).ifPresent(o -> note(o, pass.name() + " to the " + side.words(), open));
                }
            }
        }
        return open.values().stream().map(o -> o.first.found(o.plays)).toList();
    }

    private static void note(Opened opened, String play, Map<Cause, Open> open) {
        open.computeIfAbsent(opened.cause(), c -> new Open(opened)).plays.add(play);
    }

    /** One cause: the same rows on another play open the same thing. */
    private record Cause(CheckId check, Side side, List<String> rows) {}

    /** What lies open after the reactions of the first play on which it does, and every play on which it does. */
    private static final class Open {
        private final Opened first;
        private final List<String> plays = new ArrayList<>();

        Open(Opened first) {
            this.first = first;
        }
    }

    /** What the reactions of one play open, and what is said of it with all plays of the same cause. */
    private record Opened(
            CheckId check,
            Severity severity,
            Point at,
            Side side,
            List<Turn> turns,
            Function<List<String>, Evidence> evidence) {
        Cause cause() {
            return new Cause(
                    check,
                    side,
                    turns.stream().map(t -> t.job().id() + " " + t.words()).toList());
        }

        Finding found(List<String> plays) {
            return new Finding(
                    check, severity, at, turns.stream().map(Turn::job).toList(), evidence.apply(plays));
        }
    }

    /** Whoever was force has become something else, and nobody is force in his place. */
    private static Optional<Opened> edge(Subject subject, Blocking run, Reacted reacted) {
        GapLedger.Edge edge = subject.gaps().edges().stream()
                .filter(e -> e.side() == run.play())
                .findFirst()
                .orElseThrow();
        if (edge.forces().isEmpty()) {
            return Optional.empty();
        }
        boolean kept = subject.lineup().jobs().stream().anyMatch(j -> turnsIn(subject, j, run.play(), reacted));
        List<Turn> left = edge.forces().stream()
                .flatMap(j -> reacted.of(j).stream())
                .filter(t ->
                        !withThePuller(t) && t.role().filter(r -> !keepsEdge(r)).isPresent())
                .toList();
        return kept || left.isEmpty()
                ? Optional.empty()
                : Optional.of(new Opened(
                        EDGE,
                        Severity.BUST,
                        edge.at(),
                        run.play(),
                        left,
                        plays -> new ReadEvidence.EdgeLeft(run.play(), left, plays)));
    }

    /** On the side the ball goes away from, somebody stays out for the quarterback, or chases at the ball's depth. */
    private static Optional<Opened> boot(Subject subject, Blocking run, Reacted reacted) {
        Side away = run.play().opposite();
        GapLedger.Edge edge = subject.gaps().edges().stream()
                .filter(e -> e.side() == away)
                .findFirst()
                .orElseThrow();
        boolean stays = subject.lineup().jobs().stream()
                .filter(j -> j.seat() == away)
                .anyMatch(j -> staysOut(reacted.of(j), edge.forces().contains(j) || contains(j)));
        List<Turn> left =
                edge.forces().stream().flatMap(j -> reacted.of(j).stream()).toList();
        return stays || left.isEmpty()
                ? Optional.empty()
                : Optional.of(new Opened(
                        BOOT,
                        Severity.WEAK,
                        edge.at(),
                        away,
                        left,
                        plays -> new ReadEvidence.BootLeft(away, left, plays)));
    }

    private static boolean staysOut(Optional<Turn> turn, boolean outside) {
        return turn.flatMap(Turn::role)
                .map(r -> keepsEdge(r) || r == FitRole.CHASE || r == FitRole.QUARTERBACK)
                .orElse(outside);
    }

    /** He keeps the quarterback in, whatever else he does. */
    private static boolean contains(Job job) {
        return job.passTask() instanceof Task.Rush rush && rush.contain();
    }

    private static boolean turnsIn(Subject subject, Job job, Side side, Reacted reacted) {
        Optional<FitRole> now = reacted.of(job).flatMap(Turn::role);
        boolean forces = subject.gaps().edges().stream()
                .anyMatch(e -> e.side() == side && e.forces().contains(job));
        if (reacted.of(job).filter(t -> withThePuller(t)).isPresent()) {
            return forces;
        }
        return now.map(role -> keepsEdge(role) && (forces || job.seat() == side))
                .orElse(forces);
    }

    /** Both keep the outside arm free. */
    private static boolean keepsEdge(FitRole role) {
        return role == FitRole.FORCE || role == FitRole.BOX;
    }

    /**
     * Men of the play side whom their rows take out of it, when that leaves fewer than there are gaps; who goes along
     * with a puller fits where he goes.
     */
    private static Optional<Opened> gaps(Blocking run, Reacted reacted) {
        List<Turn> left = run.fit().men().stream()
                .flatMap(j -> reacted.of(j).stream())
                .filter(t -> leaves(t))
                .sorted(Comparator.comparing((Turn t) -> t.job().id()))
                .toList();
        long along = reacted.turns().stream()
                .filter(t -> withThePuller(t) && !run.fit().men().contains(t.job()))
                .count();
        int missing = run.fit().shortBy() + left.size() - (int) along;
        return run.fit().shortBy() > 0 || missing <= 0
                ? Optional.empty()
                : Optional.of(new Opened(
                        GAPS,
                        Severity.WEAK,
                        run.point(),
                        run.play(),
                        left,
                        plays -> new ReadEvidence.GapsLeft(run.play(), left, missing, plays)));
    }

    /** Who goes with a puller goes where the ball goes. */
    private static boolean withThePuller(Turn turn) {
        return turn.shown().message() == Message.PULL;
    }

    /** He gives up the play side. */
    private static boolean leaves(Turn turn) {
        return !withThePuller(turn)
                && turn.role()
                        .filter(r -> r == FitRole.CHASE || r == FitRole.CUT_BACK)
                        .isPresent();
    }

    /** Every deep man is told by his keys to come up, and it is a pass. */
    private static Optional<Opened> fooled(Subject subject, Pass pass, Side side) {
        if (pass.delivery().fake() == null) {
            return Optional.empty();
        }
        List<Shown> shown = subject.shown(pass, side);
        double until = subject.lineup().convention().messages().truth() - 1e-9;
        Reacted reacted = Reacted.of(subject.lineup(), shown, until);
        List<AreaLedger.Row> deep = subject.areas().deep();
        List<Turn> up = deep.stream()
                .filter(r -> !Reacted.toldPass(shown, r.owner(), until))
                .flatMap(r -> reacted.of(r.owner()).stream())
                .filter(t ->
                        t.run().filter(task -> !(task instanceof Task.None)).isPresent())
                .toList();
        // a key that stays in to protect tells nobody anything; a table without a row for the pass is a mistake
        boolean taught = up.stream()
                .allMatch(t ->
                        t.job().after().reactions().stream().anyMatch(r -> r.orders() instanceof ReadTable.GoesToPass));
        return deep.isEmpty() || up.size() < deep.size()
                ? Optional.empty()
                : Optional.of(new Opened(
                        DEEP,
                        taught ? Severity.FACT : Severity.WEAK,
                        new Point(0, DEEP_MIDDLE),
                        Side.LEFT,
                        up,
                        plays -> new ReadEvidence.DeepLeft(up, plays)));
    }
}
