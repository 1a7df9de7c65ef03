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
import mensch.core.rung.Numbers;
import mensch.core.sheet.SnapRun.BeatsRow;
import mensch.core.sheet.SnapRun.CauseRow;
import mensch.core.sheet.SnapRun.ChangeOfGain;
import mensch.core.sheet.SnapRun.EventRow;
import mensch.core.sheet.SnapRun.FaultRow;
import mensch.core.sheet.SnapRun.Kind;
import mensch.core.sheet.SnapRun.KindRow;
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
import mensch.core.simulation.SnapWords;
import mensch.core.simulation.Unfolding;
import org.jspecify.annotations.Nullable;

/** Runs a play at a line-up and says what came of it. */
public final class SnapRunMaker {
    private final Plays plays;

    public SnapRunMaker(Plays plays) {
        this.plays = plays;
    }

    /** A play by its id. */
    private record Named(String id, Kind kind, String name) {}

    private Stream<Named> named() {
        return Stream.of(
                        plays.runs().stream().map(r -> new Named(r.id(), Kind.RUN, r.name())),
                        plays.passes().stream().map(p -> new Named(p.id(), Kind.PASS, p.name())),
                        plays.options().stream().map(o -> new Named(o.id(), Kind.OPTION, o.name())))
                .flatMap(s -> s);
    }

    private Optional<Simulation> simulation(Lineup lineup, Named play, Side side, List<Fault> faults) {
        return switch (play.kind()) {
            case RUN ->
                plays.runs().stream()
                        .filter(r -> r.id().equals(play.id()))
                        .findFirst()
                        .flatMap(run -> Simulation.of(lineup, run, side, faults));
            case PASS ->
                plays.passes().stream()
                        .filter(p -> p.id().equals(play.id()))
                        .findFirst()
                        .flatMap(pass -> Simulation.of(lineup, plays, pass, side, faults));
            case OPTION ->
                plays.options().stream()
                        .filter(o -> o.id().equals(play.id()))
                        .findFirst()
                        .flatMap(option -> Simulation.of(lineup, option, side, faults));
        };
    }

    /** Every run, pass and run-pass option that is known. */
    public List<String> ids() {
        return named().map(Named::id).toList();
    }

    /**
     * @param seeds how many snaps the range is of
     * @param seed the snap to be watched, or null for a typical one
     * @return none when there is no such play, when the formation cannot run it to that side, or for one that is not
     *     run yet
     */
    public Optional<SnapRun> of(
            Lineup lineup, String play, Side side, List<Fault> faults, int seeds, @Nullable Long seed) {
        return named().filter(n -> n.id().equals(play))
                .findFirst()
                .flatMap(named -> simulation(lineup, named, side, faults)
                        .map(simulation -> sheet(lineup, named, side, simulation, faults, seeds, seed)));
    }

    /**
     * Every play that is run from this formation, to both sides, worst for the call first.
     *
     * @param seeds how many snaps of each
     */
    public List<BeatsRow> beats(Lineup lineup, int seeds) {
        // each is alone: the order is made afterwards
        return named().parallel()
                .flatMap(named -> Stream.of(Side.values())
                        .flatMap(side -> simulation(lineup, named, side, List.of()).stream()
                                .map(simulation -> beats(named, side, simulation, seeds))))
                .sorted(Comparator.comparingDouble(BeatsRow::holds)
                        .thenComparing(
                                Comparator.comparingDouble(BeatsRow::mean).reversed()))
                .toList();
    }

    private static BeatsRow beats(Named play, Side side, Simulation simulation, int seeds) {
        Outcome outcome = Outcome.of(simulation, seeds);
        Cause cause = simulation.cause(simulation.snap(outcome.typical()));
        String of = cause.links().stream()
                .filter(l -> !l.man().isEmpty())
                .map(l -> " " + Said.capital(l.said()))
                .findFirst()
                .orElse("");
        return new BeatsRow(
                play.id(),
                play.kind(),
                play.name(),
                side,
                outcome.mean(),
                outcome.holds(),
                outcome.explosive(),
                Said.capital(cause.to().words()) + "." + of);
    }

    private SnapRun sheet(
            Lineup lineup,
            Named play,
            Side side,
            Simulation simulation,
            List<Fault> faults,
            int seeds,
            @Nullable Long seed) {
        Outcome outcome = Outcome.of(simulation, seeds);
        Unfolding snap = simulation.snap(seed == null ? outcome.typical() : seed);
        ChangeOfGain without = faults.isEmpty()
                ? null
                : simulation(lineup, play, side, List.of())
                        .map(plain -> change(outcome.over(Outcome.of(plain, seeds))))
                        .orElse(null);
        return new SnapRun(
                play.id(),
                play.name(),
                side,
                row(outcome),
                said(outcome),
                List.of(
                        new WatchRow(outcome.typical(), "a typical one", outcome.quantile(0.5)),
                        new WatchRow(outcome.least(), "the best for the defence", outcome.quantile(0)),
                        new WatchRow(outcome.most(), "the worst for it", outcome.quantile(1))),
                snap(lineup, snap, simulation.cause(snap)),
                faults.stream()
                        .map(f -> new FaultRow(f.man(), Said.capital(lineup.called(f.man())) + " " + f.said()))
                        .toList(),
                Stream.of(Fault.Kind.values())
                        .map(k -> new KindRow(k, k.does(), k.unit(), k.usual(), k.step()))
                        .toList(),
                without);
    }

    private static OutcomeRow row(Outcome outcome) {
        return new OutcomeRow(
                outcome.gains().size(),
                outcome.mean(),
                outcome.quantile(0.5),
                outcome.quantile(0.25),
                outcome.quantile(0.75),
                outcome.shares().stream()
                        .map(share -> new ShareRow(share.words(), share.of()))
                        .toList(),
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
            tracks.add(hundredths(track));
        }
        return new SnapRow(
                snap.seed(),
                snap.gain(),
                snap.ticks(),
                Unfolding.TICK_SECONDS,
                snap.men(),
                tracks,
                hundredths(snap.ball()),
                snap.happenings().stream().map(h -> event(lineup, h)).toList(),
                new CauseRow(
                        cause.to().words(),
                        cause.links().stream()
                                .map(l -> new LinkRow(l.tick(), l.man(), Said.capital(l.said())))
                                .toList()));
    }

    private static List<Float> hundredths(float[] track) {
        var rounded = new ArrayList<Float>();
        for (float value : track) {
            rounded.add(Math.round(value * 100) / 100f);
        }
        return rounded;
    }

    private static EventRow event(Lineup lineup, Happening happening) {
        boolean quiet = happening.what() == Happening.What.KEY_SHOWS || happening.what() == Happening.What.TOLD;
        return new EventRow(
                happening.tick(),
                happening.who(),
                happening.whom(),
                Said.capital(SnapWords.said(lineup, happening)),
                Words.spot(happening.place()),
                !quiet);
    }
}
