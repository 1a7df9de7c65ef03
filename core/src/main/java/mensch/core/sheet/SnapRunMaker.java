package mensch.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.audit.Said;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.play.Plays;
import mensch.core.play.Run;
import mensch.core.rung.Numbers;
import mensch.core.sheet.SnapRun.BeatsRow;
import mensch.core.sheet.SnapRun.CauseRow;
import mensch.core.sheet.SnapRun.ChangeOfGain;
import mensch.core.sheet.SnapRun.EventRow;
import mensch.core.sheet.SnapRun.LinkRow;
import mensch.core.sheet.SnapRun.OutcomeRow;
import mensch.core.sheet.SnapRun.ShareRow;
import mensch.core.sheet.SnapRun.SnapRow;
import mensch.core.sheet.SnapRun.WatchRow;
import mensch.core.simulation.Cause;
import mensch.core.simulation.Fault;
import mensch.core.simulation.Happening;
import mensch.core.simulation.Outcome;
import mensch.core.simulation.Simulation;
import mensch.core.simulation.Unfolding;
import org.jspecify.annotations.Nullable;

/** Runs a play at a line-up and says what came of it. */
public final class SnapRunMaker {
    private final Plays plays;

    public SnapRunMaker(Plays plays) {
        this.plays = plays;
    }

    /**
     * @param seeds how many snaps the range is of
     * @param seed the snap to be watched, or null for a typical one
     * @return none when there is no such run, when the formation cannot run it to that side, or for an option with a
     *     pitch
     */
    public Optional<SnapRun> of(
            Lineup lineup, String play, Side side, List<Fault> faults, int seeds, @Nullable Long seed) {
        return plays.runs().stream()
                .filter(r -> r.id().equals(play))
                .findFirst()
                .flatMap(run -> Simulation.of(lineup, run, side, faults)
                        .map(simulation -> sheet(lineup, run, side, simulation, faults, seeds, seed)));
    }

    /**
     * Every run that is run from this formation, to both sides, worst for the call first.
     *
     * @param seeds how many snaps of each
     */
    public List<BeatsRow> beats(Lineup lineup, int seeds) {
        return plays.runs().stream()
                .flatMap(run -> Stream.of(Side.values())
                        .flatMap(side -> Simulation.of(lineup, run, side, List.of()).stream()
                                .map(simulation -> beats(run, side, simulation, seeds))))
                .sorted(Comparator.comparingDouble(BeatsRow::holds)
                        .thenComparing(
                                Comparator.comparingDouble(BeatsRow::mean).reversed()))
                .toList();
    }

    private static BeatsRow beats(Run run, Side side, Simulation simulation, int seeds) {
        Outcome outcome = Outcome.of(simulation, seeds);
        Cause cause = simulation.cause(simulation.snap(outcome.typical()));
        String of = cause.links().stream()
                .filter(l -> !l.man().isEmpty())
                .map(l -> " " + Said.capital(l.said()))
                .findFirst()
                .orElse("");
        return new BeatsRow(
                run.id(),
                run.name(),
                side,
                outcome.mean(),
                outcome.holds(),
                outcome.explosive(),
                Said.capital(cause.to().words()) + "." + of);
    }

    private static SnapRun sheet(
            Lineup lineup,
            Run run,
            Side side,
            Simulation simulation,
            List<Fault> faults,
            int seeds,
            @Nullable Long seed) {
        Outcome outcome = Outcome.of(simulation, seeds);
        Unfolding snap = simulation.snap(seed == null ? outcome.typical() : seed);
        ChangeOfGain without = faults.isEmpty()
                ? null
                : Simulation.of(lineup, run, side, List.of())
                        .map(plain -> change(outcome.over(Outcome.of(plain, seeds))))
                        .orElse(null);
        return new SnapRun(
                run.id(),
                run.name(),
                side,
                row(outcome),
                said(outcome),
                List.of(
                        new WatchRow(outcome.typical(), "a typical one", outcome.quantile(0.5)),
                        new WatchRow(outcome.least(), "the best for the defence", outcome.quantile(0)),
                        new WatchRow(outcome.most(), "the worst for it", outcome.quantile(1))),
                snap(lineup, snap, simulation.cause(snap)),
                without);
    }

    private static OutcomeRow row(Outcome outcome) {
        return new OutcomeRow(
                outcome.gains().size(),
                outcome.mean(),
                outcome.quantile(0.5),
                outcome.quantile(0.25),
                outcome.quantile(0.75),
                List.of(
                        new ShareRow("no gain", outcome.stuffed()),
                        new ShareRow("1 to 3 yd", outcome.short1to3()),
                        new ShareRow("4 to 9 yd", outcome.middle4to9()),
                        new ShareRow("10 or 11 yd", outcome.long10to11()),
                        new ShareRow("12 yd and more", outcome.explosive())),
                outcome.holds(),
                outcome.moves());
    }

    private static String said(Outcome outcome) {
        return "Of " + outcome.gains().size() + " snaps (model) the offence gains " + Numbers.tenth(outcome.mean())
                + " yd on the average; half of them gain " + Numbers.tenth(outcome.quantile(0.25)) + " to "
                + Numbers.tenth(outcome.quantile(0.75)) + " yd. First down or score in " + percent(outcome.moves())
                + "; the call holds in " + percent(outcome.holds()) + ".";
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.0f %%", 100 * share);
    }

    private static ChangeOfGain change(Outcome.Difference difference) {
        String by = Numbers.tenth(Math.abs(difference.mean())) + " yd";
        boolean beyond = difference.less() > 0 || difference.more() < 0;
        String said = beyond
                ? "With it the offence gains " + by + (difference.mean() > 0 ? " more" : " less") + " on the average."
                : "No difference beyond chance: " + by + (difference.mean() > 0 ? " more" : " less") + ".";
        return new ChangeOfGain(difference.mean(), difference.less(), difference.more(), said);
    }

    private static SnapRow snap(Lineup lineup, Unfolding snap, Cause cause) {
        var tracks = new ArrayList<List<Float>>();
        for (float[] track : snap.tracks()) {
            var rounded = new ArrayList<Float>();
            for (float value : track) {
                rounded.add(Math.round(value * 100) / 100f);
            }
            tracks.add(rounded);
        }
        return new SnapRow(
                snap.seed(),
                snap.gain(),
                snap.ticks(),
                Unfolding.TICK_SECONDS,
                snap.men(),
                tracks,
                ball(snap),
                snap.happenings().stream().map(h -> event(lineup, h)).toList(),
                new CauseRow(
                        cause.to().words(),
                        cause.links().stream()
                                .map(l -> new LinkRow(l.tick(), l.man(), Said.capital(l.said())))
                                .toList()));
    }

    /** Who has the ball at each tick: the passer until it is handed off. */
    private static List<String> ball(Unfolding snap) {
        Optional<Happening> handed = snap.happenings().stream()
                .filter(h -> h.what() == Happening.What.HANDED_OFF)
                .findFirst();
        Optional<String> crosses = snap.happenings().stream()
                .filter(h -> h.what() == Happening.What.BACK_COMMITS)
                .map(Happening::who)
                .findFirst();
        String first = handed.map(h -> h.whom() == null ? h.who() : h.whom())
                .or(() -> crosses)
                .orElse("");
        var ball = new ArrayList<String>();
        for (int tick = 0; tick < snap.ticks(); tick++) {
            boolean later = handed.isPresent() && tick >= handed.get().tick();
            ball.add(later ? handed.get().who() : first);
        }
        return ball;
    }

    private static EventRow event(Lineup lineup, Happening happening) {
        boolean quiet = happening.what() == Happening.What.KEY_SHOWS || happening.what() == Happening.What.TOLD;
        return new EventRow(
                happening.tick(),
                happening.who(),
                Said.capital(said(lineup, happening)),
                Words.spot(happening.place()),
                !quiet);
    }

    private static String said(Lineup lineup, Happening happening) {
        String who = lineup.called(happening.who());
        String whom = happening.whom() == null ? "" : lineup.called(happening.whom());
        return switch (happening.what()) {
            case BALL_MOVES -> "The ball is snapped.";
            case KEY_SHOWS -> who + " sees " + whom + ": " + happening.said() + ".";
            case TOLD -> who + " acts on it: " + happening.said() + ".";
            case CONTACT -> who + " is on " + whom + " (" + happening.said() + ").";
            case SEALED -> whom + " gets to the ball's side of " + who + ".";
            case CLIMBS -> who + " leaves for " + whom + ".";
            case SHED -> who + " is rid of " + whom + ".";
            case HANDED_OFF -> who + " has the ball from " + whom + ".";
            case BALL_PULLED ->
                happening.said().isEmpty()
                        ? who + " keeps it: " + whom + " comes down."
                        : who + " keeps it, and reads " + whom + " wrong: he stays.";
            case BACK_COMMITS -> who + " makes up his mind.";
            case LINE_CROSSED -> who + " is through the line.";
            case MISSED ->
                who + " misses " + whom + (happening.said().isEmpty() ? "" : " with " + happening.said()) + ".";
            case TACKLE -> who + " brings " + whom + " down.";
            case OUT_OF_BOUNDS -> who + " is out of bounds.";
            case SCORES -> who + " scores.";
        };
    }
}
