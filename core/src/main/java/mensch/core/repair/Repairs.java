package mensch.core.repair;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.FindingKey;
import mensch.core.audit.Rule;
import mensch.core.audit.Severity;
import mensch.core.audit.Subject;
import mensch.core.call.Call;
import mensch.core.formation.Snap;
import mensch.core.library.Library;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Change;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.RushCount;
import mensch.core.play.Plays;
import mensch.core.repair.Reach.Way;
import mensch.core.repair.Repair.Elsewhere;
import mensch.core.repair.Repair.Offer;
import org.jspecify.annotations.Nullable;

/**
 * Tries every change within reach of a finding, lines up and audits each again, and offers those that mend it at the
 * least cost: no new bust, nothing new as bad as what was mended, then the fewest rushers given up and the fewest men
 * who learn something else.
 */
public final class Repairs {
    /** How many are offered. */
    public static final int OFFERED = 4;

    /** A finding that hangs on a play is mended by the men nearest to it; so many are tried. */
    private static final int NEAR = 4;
    /** What a movement or a pressure may mend: who has which gap, and who rushes. */
    private static final Set<Rule> TAGGED = EnumSet.of(Rule.GAPS, Rule.EDGE, Rule.COUNT, Rule.PRESSURE);
    /** So many more than are offered are looked at on other pictures. */
    private static final int SPARE = 2;
    /** The same for a finding of the line-up itself. */
    private static final int WIDE = 6;

    /** So many new weak findings no coach takes for one that is mended. */
    private static final int FOR_ONE = 2;

    /** Of what mends here: what costs less and asks fewer men to learn less. */
    private static final Comparator<Tried> CHEAPER = Comparator.comparingLong((Tried t) -> Costs.weak(t.costs()))
            .thenComparingInt(Tried::rushersLost)
            .thenComparingInt(t -> t.costs().size())
            .thenComparing(t -> t.way().natural())
            .thenComparingInt(Tried::bustsLeft)
            .thenComparingInt(Tried::men)
            .thenComparingInt(Tried::parts);

    /** The same with what it does on other pictures. */
    private static final Comparator<Offered> BETTER = Comparator.comparingInt(
                    (Offered o) -> o.repair().elsewhere().newBusts())
            .thenComparingLong(o -> Costs.weak(o.repair().costs()))
            .thenComparingInt(o -> o.repair().rushersLost())
            .thenComparingInt(o -> o.repair().costs().size())
            .thenComparing(Offered::natural)
            .thenComparingInt(Offered::bustsLeft)
            .thenComparingInt(o -> o.repair().men())
            .thenComparingInt(o -> o.repair().elsewhere().newWeak())
            .thenComparingInt(o -> o.repair().parts());

    /** A repair, what kind of answer it is, and what it leaves broken beside what it mends. */
    private record Offered(Repair repair, Natural natural, int bustsLeft) {}

    private final Library library;
    private final Plays plays;
    private final Reach reach;
    private final Tags tags;
    private final Checks checks;
    private final Changed changed;

    public Repairs(Library library) {
        this(library, library.plays());
    }

    /** @param plays what the offence is taken to run */
    public Repairs(Library library, Plays plays) {
        this.library = library;
        this.plays = plays;
        this.reach = new Reach(library);
        this.tags = new Tags(library);
        this.checks = new Checks(library);
        this.changed = new Changed(library, checks);
    }

    /** How a line-up is audited: by itself, or, when the finding hangs on a play, against the offence's plays. */
    private interface Auditor {
        List<Finding> findings(Lineup lineup);
    }

    /** What is to be mended. */
    private record Broken(
            Lineup before,
            List<Finding> byItself,
            List<Finding> was,
            Finding finding,
            Auditor auditor,
            Predicate<Lineup> shows) {}

    private List<Finding> againstPlays(Lineup lineup) {
        return Audit.of(subject(lineup));
    }

    private Subject subject(Lineup lineup) {
        return new Subject(lineup, plays, List.of());
    }

    /** One change that mends it here, before it is known what it costs elsewhere. */
    private record Tried(Way way, Call call, List<Finding> costs, int bustsLeft, int men, int parts, int rushersLost) {
        List<Sentence> steps() {
            return way.steps();
        }
    }

    /**
     * @param finding one of the audit of this call on this snap
     * @param seen repairs that are not to be offered again
     */
    public Offer offer(Call call, Snap snap, Finding finding, Set<List<Sentence>> seen) {
        Lineup before = Lineup.of(call, snap);
        List<Finding> alone = Audit.of(before);
        boolean byItself = alone.stream().anyMatch(f -> f.key().equals(finding.key()));
        Auditor auditor = byItself ? Audit::of : this::againstPlays;
        // what a line-up shows by itself is asked without the plays: they cost the most
        Function<Lineup, Subject> met = byItself ? l -> new Subject(l, Plays.NONE, List.of()) : this::subject;
        Predicate<Subject> still = Audit.shows(finding, met.apply(before));
        Predicate<Lineup> shows = l -> still.test(met.apply(l));
        var broken = new Broken(before, alone, auditor.findings(before), finding, auditor, shows);
        int nearest = byItself ? WIDE : NEAR;
        Map<List<Sentence>, String> named = TAGGED.contains(finding.check().rule())
                ? tags.changes(call, before, (job, words) -> reach.step(before, job, words))
                : Map.of();
        var ways = new ArrayList<>(reach.natural(call, before, finding, nearest));
        checks.changes(call, before, shows.negate()).forEach(c -> ways.add(new Way(c, Natural.CHECK)));
        named.keySet().forEach(t -> ways.add(new Way(t, Natural.TAG)));
        var mending = new ArrayList<Tried>();
        var outcomes = new LinkedHashSet<List<Job>>();
        var known = new HashSet<>(seen);
        int tried = tryAll(call, ways, known, broken, outcomes, mending);
        if (mending.size() < OFFERED) {
            tried += tryAll(call, reach.taught(before, finding, nearest), known, broken, outcomes, mending);
        }
        mending.sort(CHEAPER);
        return new Offer(best(call, broken, mending, named), tried);
    }

    /** How many were tried, each change once; what mends goes to the list. */
    private int tryAll(
            Call call,
            List<Way> ways,
            Set<List<Sentence>> known,
            Broken broken,
            Set<List<Job>> outcomes,
            List<Tried> mending) {
        List<Way> fresh = ways.stream().filter(w -> known.add(w.steps())).toList();
        fresh.forEach(w -> tried(call, w, broken, outcomes).ifPresent(mending::add));
        return fresh.size();
    }

    /**
     * None when the change cannot be read, mends nothing, costs as much as it mends, or leads where another did
     * already.
     */
    private Optional<Tried> tried(Call call, Way way, Broken broken, Set<List<Job>> outcomes) {
        Lineup before = broken.before();
        Finding finding = broken.finding();
        Optional<Call> with = changed.by(call, way.steps());
        if (with.isEmpty()) {
            return Optional.empty();
        }
        Lineup after = Lineup.of(with.get(), before.snap());
        if (after.jobs().equals(before.jobs()) || broken.shows().test(after)) {
            return Optional.empty();
        }
        List<Finding> is = Audit.of(after);
        List<Finding> costs = Costs.of(is, Costs.keys(broken.byItself()));
        if (dear(costs, finding) || !outcomes.add(after.jobs())) {
            return Optional.empty();
        }
        List<Change> parts = Change.between(before, after);
        return Optional.of(new Tried(
                way,
                with.get(),
                costs,
                (int) is.stream().filter(f -> f.severity() == Severity.BUST).count(),
                (int) parts.stream().map(c -> c.is().id()).distinct().count(),
                parts.size(),
                Math.max(0, rushers(before) - rushers(after))));
    }

    /** A bust, something as bad as what was mended, a job that its man cannot do, or many weak ones for one. */
    private static boolean dear(List<Finding> costs, Finding finding) {
        return Costs.weak(costs) > FOR_ONE
                || costs.stream().anyMatch(f -> Costs.breaks(f) || f.severity().compareTo(finding.severity()) <= 0);
    }

    private static int rushers(Lineup lineup) {
        return RushCount.of(lineup).rushers().size();
    }

    /** What it costs when every play meets it again, which only the cheapest are; empty when that is too dear. */
    private Optional<List<Finding>> costs(Broken broken, Tried tried) {
        Lineup with = Lineup.of(tried.call(), broken.before().snap());
        List<Finding> costs = Costs.of(broken.auditor().findings(with), Costs.keys(broken.was()));
        return dear(costs, broken.finding()) ? Optional.empty() : Optional.of(costs);
    }

    /**
     * The cheapest that the call may be saved with; what they cost elsewhere decides among those that cost the same
     * here.
     */
    private List<Repair> best(Call call, Broken broken, List<Tried> mending, Map<List<Sentence>, String> named) {
        List<Other> others = others(call, broken.before().snap()).stream()
                .map(s -> new Other(Lineup.of(call, s)))
                .toList();
        var offered = new ArrayList<Offered>();
        for (Tried tried : mending) {
            if (offered.size() < OFFERED + SPARE) {
                costs(broken, tried)
                        .map(costs -> new Repair(
                                tried.steps(),
                                named.get(tried.steps()),
                                costs,
                                tried.men(),
                                tried.parts(),
                                tried.rushersLost(),
                                elsewhere(tried.call(), others)))
                        .ifPresent(r -> offered.add(new Offered(r, tried.way().natural(), tried.bustsLeft())));
            }
        }
        offered.sort(BETTER);
        return offered.stream().map(Offered::repair).limit(OFFERED).toList();
    }

    /** Another picture the call is meant for; audited only when a repair changes a job there. */
    private static final class Other {
        private final Lineup before;
        private @Nullable Set<FindingKey> was;

        Other(Lineup before) {
            this.before = before;
        }

        Set<FindingKey> was() {
            Set<FindingKey> known = was;
            if (known == null) {
                known = Costs.keys(Audit.of(before));
                was = known;
            }
            return known;
        }
    }

    private List<Snap> others(Call call, Snap snap) {
        String code = snap.field().code().id();
        return library.formationsFor(call).stream()
                .filter(f -> call.meantFor(f.id()))
                .map((LibraryFormation f) -> f.snap(null, false, code + " m 50 1&10"))
                .filter(s -> !s.formation().equals(snap.formation()))
                .toList();
    }

    private static Elsewhere elsewhere(Call changed, List<Other> others) {
        int jobs = 0;
        int busts = 0;
        int weak = 0;
        int mended = 0;
        for (Other other : others) {
            Lineup after = Lineup.of(changed, other.before.snap());
            if (after.jobs().equals(other.before.jobs())) {
                continue;
            }
            jobs++;
            List<Finding> is = Audit.of(after);
            Set<FindingKey> old = other.was();
            busts += fresh(is, old, Severity.BUST);
            weak += fresh(is, old, Severity.WEAK);
            Set<FindingKey> now = Costs.keys(is);
            mended += (int) old.stream().filter(k -> !now.contains(k)).count();
        }
        return new Elsewhere(others.size(), jobs, busts, weak, mended);
    }

    private static int fresh(List<Finding> is, Set<FindingKey> old, Severity severity) {
        return (int) is.stream()
                .filter(f -> f.severity() == severity && !old.contains(f.key()))
                .count();
    }
}
