package mensch.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mensch.core.audit.Said;
import mensch.core.formation.Man;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.play.Plays;
import mensch.core.play.Route;
import mensch.core.repair.PlayMends;
import mensch.core.rung.Key;
import mensch.core.rung.Numbers;
import mensch.core.sheet.SnapRun.AtCallRow;
import mensch.core.sheet.SnapRun.BeatsRow;
import mensch.core.sheet.SnapRun.BesideRow;
import mensch.core.sheet.SnapRun.CauseRow;
import mensch.core.sheet.SnapRun.ChangeOfGain;
import mensch.core.sheet.SnapRun.EventRow;
import mensch.core.sheet.SnapRun.FaultRow;
import mensch.core.sheet.SnapRun.GapNowRow;
import mensch.core.sheet.SnapRun.KindRow;
import mensch.core.sheet.SnapRun.LinkRow;
import mensch.core.sheet.SnapRun.MendRow;
import mensch.core.sheet.SnapRun.OutcomeRow;
import mensch.core.sheet.SnapRun.OwnRow;
import mensch.core.sheet.SnapRun.ShareRow;
import mensch.core.sheet.SnapRun.SnapRow;
import mensch.core.sheet.SnapRun.WatchRow;
import mensch.core.sheet.SnapRun.WindowRow;
import mensch.core.simulation.Cause;
import mensch.core.simulation.Fault;
import mensch.core.simulation.Happening;
import mensch.core.simulation.Outcome;
import mensch.core.simulation.Playable;
import mensch.core.simulation.Playable.Named;
import mensch.core.simulation.Simulation;
import mensch.core.simulation.SnapWords;
import mensch.core.simulation.Unfolding;
import org.jspecify.annotations.Nullable;

/** Runs a play at a line-up and says what came of it. */
public final class SnapRunMaker {
    /** The ball is out of the passer's hand, or he is down with it. */
    private static final Set<Happening.What> LEAVES = EnumSet.of(
            Happening.What.THROWN, Happening.What.THROWN_AWAY, Happening.What.SACKED, Happening.What.SCRAMBLES);

    private final Playable plays;
    private final List<Route> routes;

    public SnapRunMaker(Plays plays) {
        this.plays = new Playable(plays);
        this.routes = plays.routes();
    }

    /** Every run, pass and run-pass option that is known. */
    public List<String> ids() {
        return plays.named().stream().map(Named::id).toList();
    }

    /**
     * @param seeds how many snaps the range is of
     * @param seed the snap to be watched, or null for a typical one
     * @return none when there is no such play, when the formation cannot run it to that side, or for one that is not
     *     run yet
     */
    public Optional<SnapRun> of(
            Lineup lineup, String play, Side side, List<Fault> faults, int seeds, @Nullable Long seed) {
        return plays.named(play)
                .flatMap(named -> plays.at(lineup, named, side, faults)
                        .map(simulation -> sheet(lineup, named, side, simulation, faults, seeds, seed)));
    }

    /**
     * The same play at another call on the same snap, with the same luck.
     *
     * @param faults put in at the first call
     * @param seed the snap to be watched
     * @return none when it cannot be run at one of them
     */
    public Optional<BesideRow> beside(
            Lineup first, List<Fault> faults, Lineup other, String play, Side side, int seeds, long seed) {
        return plays.named(play)
                .flatMap(named -> plays.at(first, named, side, faults)
                        .flatMap(one -> plays.at(other, named, side, List.of())
                                .map(two -> beside(one, two, other, seeds, seed))));
    }

    private static BesideRow beside(Simulation one, Simulation two, Lineup other, int seeds, long seed) {
        Outcome first = Outcome.of(one, seeds);
        Outcome second = Outcome.of(two, seeds);
        Unfolding snap = two.watched(seed);
        Outcome.Difference over = first.over(second);
        String by = Numbers.tenth(Math.abs(over.mean())) + " yd";
        boolean beyond = over.less() > 0 || over.more() < 0;
        String said = beyond
                ? "The first call gives up " + by + (over.mean() > 0 ? " more" : " less") + " on the average."
                : "No difference beyond chance between the two: " + by + ".";
        return new BesideRow(
                other.asked().ref().id(),
                row(second),
                said(second),
                snap(other, snap, two.cause(snap)),
                new ChangeOfGain(over.mean(), over.less(), over.more(), said));
    }

    /**
     * One play at several calls on the same snap, the call that holds it best first; calls it cannot be run at are not
     * there.
     */
    public List<AtCallRow> calls(List<Lineup> lineups, String play, Side side, int seeds) {
        return plays.named(play).stream()
                .flatMap(named -> lineups.parallelStream()
                        .flatMap(lineup -> plays.at(lineup, named, side, List.of()).stream()
                                .map(simulation -> at(lineup, named, side, simulation, seeds))))
                .sorted(Comparator.comparingDouble(AtCallRow::holds).reversed().thenComparingDouble(AtCallRow::mean))
                .toList();
    }

    private static AtCallRow at(Lineup lineup, Named named, Side side, Simulation simulation, int seeds) {
        BeatsRow row = beats(named, side, simulation, seeds);
        return new AtCallRow(lineup.asked().ref().id(), row.mean(), row.holds(), row.explosive(), row.why());
    }

    /** How much better a call holds with a change than without it, and what it costs against everything else. */
    public static MendRow mend(PlayMends.Offer offer, PlayMends.Mend mend) {
        Outcome before = offer.before();
        Outcome with = mend.with();
        return new MendRow(
                with.mean(),
                with.holds(),
                "The call holds in " + percent(with.holds()) + " instead of " + percent(before.holds())
                        + "; the offence gains " + Numbers.tenth(with.mean()) + " yd instead of "
                        + Numbers.tenth(before.mean()) + " yd (model, "
                        + with.gains().size()
                        + " snaps). Everything else it holds in " + percent(mend.others()) + " instead of "
                        + percent(offer.others()) + ".");
    }

    /**
     * Every play that is run from this formation, to both sides, worst for the call first.
     *
     * @param seeds how many snaps of each
     */
    public List<BeatsRow> beats(Lineup lineup, int seeds) {
        // each is alone: the order is made afterwards
        return plays.named().parallelStream()
                .flatMap(named -> Stream.of(Side.values())
                        .flatMap(side -> plays.at(lineup, named, side, List.of()).stream()
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
        Unfolding snap = simulation.watched(seed == null ? outcome.typical() : seed);
        ChangeOfGain without = faults.isEmpty()
                ? null
                : plays.at(lineup, play, side, List.of())
                        .map(plain -> change(outcome.over(Outcome.of(plain, seeds)), snap, plain.snap(snap.seed())))
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
                        .map(f ->
                                new FaultRow(f.man(), f.kind(), Said.capital(lineup.called(f.man())) + " " + f.said()))
                        .toList(),
                kinds(lineup, simulation.pass()),
                without);
    }

    /** What can be put in, and for whom: another route only where routes are run. */
    private List<KindRow> kinds(Lineup lineup, boolean pass) {
        return Stream.of(Fault.Kind.values())
                .filter(k -> pass || k != Fault.Kind.ROUTE)
                .map(k -> new KindRow(
                        k,
                        k.whose(),
                        k.does(),
                        k.unit(),
                        k.usual(),
                        k.step(),
                        k.signed(),
                        lineup.jobs().stream().filter(k::suits).map(Job::id).toList(),
                        k == Fault.Kind.ROUTE ? routes.stream().map(Route::id).toList() : List.of()))
                .toList();
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

    private static ChangeOfGain change(Outcome.Difference difference, Unfolding with, Unfolding without) {
        String by = Numbers.tenth(Math.abs(difference.mean())) + " yd";
        boolean beyond = difference.less() > 0 || difference.more() < 0;
        String said = beyond
                ? "With it the offence gains " + by + (difference.mean() > 0 ? " more" : " less") + " on the average."
                : "No difference beyond chance: " + by + (difference.mean() > 0 ? " more" : " less") + ".";
        String here = " This snap gains " + Numbers.tenth(with.gain()) + " yd with it and "
                + Numbers.tenth(without.gain()) + " yd without it.";
        return new ChangeOfGain(difference.mean(), difference.less(), difference.more(), said + here);
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
                snap.windows().stream()
                        .map(w -> new WindowRow(w.man(), w.from(), w.to()))
                        .toList(),
                rush(lineup, snap),
                snap.gaps().stream()
                        .map(g -> new GapNowRow(
                                g.gap().words(),
                                String.valueOf(g.gap().letter()),
                                g.x().stream().map(SnapRunMaker::hundredth).toList(),
                                g.held().stream()
                                        .map(h -> new WindowRow(h.man(), h.from(), h.to()))
                                        .toList()))
                        .toList(),
                lineup.placed().stream().map(p -> own(lineup, p.job(), snap)).toList(),
                new CauseRow(
                        cause.to().words(),
                        cause.links().stream()
                                .map(l -> new LinkRow(l.tick(), l.man(), Said.capital(l.said())))
                                .toList()));
    }

    private static OwnRow own(Lineup lineup, Job job, Unfolding snap) {
        Key key = job.before().key().orNull();
        String looksAt = key == null
                ? null
                : lineup.view(job).man(key.men().get(0)).map(Man::name).orElse(null);
        int acts = snap.happenings().stream()
                .filter(h -> h.what() == Happening.What.TOLD && h.who().equals(job.id())
                        || h.what() == Happening.What.CONTACT && job.id().equals(h.whom()))
                .mapToInt(Happening::tick)
                .findFirst()
                .orElse(snap.ticks() - 1);
        return new OwnRow(job.id(), looksAt, acts);
    }

    /** How far the nearest defender is from the passer until the ball has left his hand; nothing when it is none. */
    private static List<Float> rush(Lineup lineup, Unfolding snap) {
        int until = snap.happenings().stream()
                .filter(h -> LEAVES.contains(h.what()))
                .mapToInt(Happening::tick)
                .findFirst()
                .orElse(-1);
        var passer = lineup.features().shape().quarterback();
        int by = passer == null ? -1 : snap.men().indexOf(passer.name());
        var yards = new ArrayList<Float>();
        for (int tick = 0; by >= 0 && tick <= until; tick++) {
            double least = Double.POSITIVE_INFINITY;
            for (Job job : lineup.jobs()) {
                int man = snap.men().indexOf(job.id());
                if (man >= 0) {
                    least = Math.min(least, snap.at(man, tick).distance(snap.at(by, tick)));
                }
            }
            yards.add(Math.round(least * 100) / 100f);
        }
        return yards;
    }

    private static List<Float> hundredths(float[] track) {
        var rounded = new ArrayList<Float>();
        for (float value : track) {
            rounded.add(hundredth(value));
        }
        return rounded;
    }

    private static float hundredth(float value) {
        return Math.round(value * 100) / 100f;
    }

    private static EventRow event(Lineup lineup, Happening happening) {
        boolean quiet = happening.what() == Happening.What.KEY_SHOWS || happening.what() == Happening.What.TOLD;
        return new EventRow(
                happening.tick(),
                happening.what(),
                happening.who(),
                happening.whom(),
                Said.capital(SnapWords.said(lineup, happening)),
                Words.spot(happening.place()),
                !quiet);
    }
}
