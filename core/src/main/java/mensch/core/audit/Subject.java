package mensch.core.audit;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.BoxCount;
import mensch.core.lineup.EligibleLedger;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.RushCount;
import mensch.core.matchup.Blocking;
import mensch.core.matchup.Conflict;
import mensch.core.matchup.Distribution;
import mensch.core.matchup.FlagRun;
import mensch.core.matchup.Matchup;
import mensch.core.matchup.PassRush;
import mensch.core.matchup.Pressure;
import mensch.core.matchup.Pressures;
import mensch.core.matchup.Shown;
import mensch.core.matchup.Sights;
import mensch.core.matchup.Tells;
import mensch.core.play.Pass;
import mensch.core.play.Plays;
import mensch.core.play.Protection;
import mensch.core.play.Run;
import mensch.core.play.RunPass;
import mensch.core.possible.DeepLedger;
import org.jspecify.annotations.Nullable;

/**
 * What is audited: a line-up, the plays it may meet, other calls of the plan on the same snap. Each ledger is made
 * once, when first asked for.
 */
public final class Subject {
    private final Lineup lineup;
    private final Plays plays;
    private final List<Lineup> plan;
    private final Once<Matchup> matchup;
    private final Once<EligibleLedger> eligibles;
    private final Once<DeepLedger> deep;
    private final Once<BoxCount> box;
    private final Once<RushCount> rush;
    private final Once<List<Blocking>> runs;
    private final Once<List<Distribution>> passes;
    private final Once<Pressures> pressures;
    private final Once<List<Pressure>> protections;
    private final Once<List<PassRush>> rushed;
    private final Once<List<Conflict>> conflicts;
    private final Once<Sights> sights;
    private final Once<Tells> tells;

    private static final class Once<T> {
        private final Supplier<T> make;
        private @Nullable T made;

        Once(Supplier<T> make) {
            this.make = make;
        }

        T get() {
            T value = made;
            if (value == null) {
                value = make.get();
                made = value;
            }
            return value;
        }
    }

    public Subject(Lineup lineup, Plays plays, List<Lineup> plan) {
        this.lineup = lineup;
        this.plays = plays;
        this.plan = List.copyOf(plan);
        this.matchup = new Once<>(() -> new Matchup(lineup));
        this.eligibles = new Once<>(() -> EligibleLedger.of(lineup, areas()));
        this.deep = new Once<>(() -> DeepLedger.of(lineup, areas()));
        this.box = new Once<>(() -> BoxCount.of(lineup));
        this.rush = new Once<>(() -> RushCount.of(lineup));
        this.runs = new Once<>(() ->
                bothSides(side -> plays.runs().stream().flatMap((Run r) -> matchup.get().blocking(r, side).stream())));
        this.passes = new Once<>(() -> bothSides(
                side -> plays.passes().stream().flatMap((Pass p) -> matchup.get().distribution(p, side).stream())));
        this.pressures = new Once<>(() -> new Pressures(lineup));
        this.protections = new Once<>(() -> plays.protections().stream()
                .flatMap((Protection p) -> pressures.get().of(p).stream())
                .toList());
        this.rushed = new Once<>(() -> passes().stream()
                .flatMap(p -> PassRush.of(pressures.get(), plays, p).stream())
                .toList());
        this.conflicts = new Once<>(this::findConflicts);
        this.sights = new Once<>(() -> Sights.of(lineup));
        this.tells = new Once<>(() -> Tells.of(lineup, this.plan));
    }

    private List<Conflict> findConflicts() {
        return bothSides(side -> Stream.concat(
                plays.options().stream().flatMap((RunPass o) -> matchup.get().conflict(o, side).stream()),
                plays.runs().stream()
                        .filter(Run::option)
                        .flatMap(r -> matchup.get().blocking(r, side).stream())
                        .map(b -> matchup.get().conflict(b))));
    }

    /** One run-pass option by name, without looking at the others; none when it cannot be run. */
    Optional<Conflict> conflict(String option, Side side) {
        return plays.options().stream()
                .filter(o -> o.name().equals(option))
                .findFirst()
                .flatMap(o -> matchup.get().conflict(o, side));
    }

    private static <T> List<T> bothSides(Function<Side, Stream<T>> ledgers) {
        return Stream.of(Side.values()).flatMap(ledgers).toList();
    }

    public Lineup lineup() {
        return lineup;
    }

    public Plays plays() {
        return plays;
    }

    public List<Lineup> plan() {
        return plan;
    }

    public GapLedger gaps() {
        return matchup.get().gaps();
    }

    public AreaLedger areas() {
        return matchup.get().areas();
    }

    public EligibleLedger eligibles() {
        return eligibles.get();
    }

    /** The deep field by its parts. */
    public DeepLedger deep() {
        return deep.get();
    }

    public BoxCount box() {
        return box.get();
    }

    public RushCount rush() {
        return rush.get();
    }

    /** Every run of the opponent that this formation can run, to the left, then to the right. */
    public List<Blocking> runs() {
        return runs.get();
    }

    /** Every run of small-sided football likewise. */
    public List<FlagRun> flagRuns() {
        return bothSides(side -> plays.runs().stream().flatMap((Run r) -> FlagRun.of(lineup, r, side).stream()));
    }

    /** Every pass concept likewise. */
    public List<Distribution> passes() {
        return passes.get();
    }

    /** The passes that can be thrown to a side. */
    List<Pass> passesTo(Side side) {
        return passes().stream()
                .filter(d -> d.play() == side)
                .map(Distribution::pass)
                .toList();
    }

    /** What every key shows on a run of this subject. */
    List<Shown> shown(Blocking run) {
        return matchup.get().shown(run);
    }

    List<Shown> shown(Pass pass, Side side) {
        return matchup.get().shown(pass, side);
    }

    public List<Pressure> protections() {
        return protections.get();
    }

    /** Every pass behind its protection. */
    public List<PassRush> rushed() {
        return rushed.get();
    }

    public List<Conflict> conflicts() {
        return conflicts.get();
    }

    public Sights sights() {
        return sights.get();
    }

    public Tells tells() {
        return tells.get();
    }
}
