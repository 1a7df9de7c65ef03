package mensch.core.repair;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.FindingKey;
import mensch.core.audit.Severity;
import mensch.core.audit.Subject;
import mensch.core.call.Call;
import mensch.core.call.CallDocument;
import mensch.core.call.CallReader;
import mensch.core.call.Layer;
import mensch.core.document.DocumentException;
import mensch.core.document.DocumentRef;
import mensch.core.document.RefusedException;
import mensch.core.formation.Snap;
import mensch.core.library.Library;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Change;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.RushCount;
import mensch.core.repair.Repair.Elsewhere;
import mensch.core.repair.Repair.Offer;
import mensch.core.rung.Ladder;
import mensch.core.rung.Rung;
import mensch.core.rung.RungId;
import mensch.core.rung.RungReader;

/**
 * Tries every change within reach of a finding, lines up and audits each again, and offers those that mend it at the
 * least cost: no new bust, nothing new as bad as what was mended, then the fewest rushers given up and the fewest men
 * who learn something else.
 */
public final class Repairs {

    /** How many are offered. */
    public static final int OFFERED = 4;

    private static final int NEAR = 4;

    /** Of what mends here: what costs less and asks fewer men to learn less. */
    private static final Comparator<Tried> CHEAPER = Comparator.comparingLong((Tried t) -> weak(t.costs()))
            .thenComparingInt(Tried::rushersLost)
            .thenComparingInt(t -> t.costs().size())
            .thenComparingInt(Tried::men)
            .thenComparingInt(Tried::parts);

    /** The same with what it does on other pictures. */
    private static final Comparator<Repair> BETTER = Comparator.comparingInt(
                    (Repair r) -> r.elsewhere().newBusts())
            .thenComparingLong(r -> weak(r.costs()))
            .thenComparingInt(Repair::rushersLost)
            .thenComparingInt(r -> r.costs().size())
            .thenComparingInt(Repair::men)
            .thenComparingInt(r -> r.elsewhere().newWeak())
            .thenComparingInt(Repair::parts);

    private final Library library;
    private final Reach reach;
    private final Tags tags;

    public Repairs(Library library) {
        this.library = library;
        this.reach = new Reach(library);
        this.tags = new Tags(library);
    }

    private static Set<FindingKey> keys(List<Finding> findings) {
        return findings.stream().map(Finding::key).collect(Collectors.toCollection(LinkedHashSet::new));
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
            Predicate<Subject> shows) {}

    private List<Finding> againstPlays(Lineup lineup) {
        return Audit.of(subject(lineup));
    }

    private Subject subject(Lineup lineup) {
        return new Subject(lineup, library.plays(), List.of());
    }

    /** One change that mends it here, before it is known what it costs elsewhere. */
    private record Tried(List<Sentence> steps, Call call, List<Finding> costs, int men, int parts, int rushersLost) {}

    /**
     * @param finding one of the audit of this call on this snap
     * @param seen repairs that are not to be offered again
     */
    public Offer offer(Call call, Snap snap, Finding finding, Set<List<Sentence>> seen) {
        Lineup before = Lineup.of(call, snap);
        List<Finding> alone = Audit.of(before);
        boolean byItself = alone.stream().anyMatch(f -> f.key().equals(finding.key()));
        Auditor auditor = byItself ? Audit::of : this::againstPlays;
        Predicate<Subject> shows = Audit.shows(finding, subject(before));
        var broken = new Broken(before, alone, auditor.findings(before), finding, auditor, shows);
        var within = new ArrayList<>(
                reach.changes(before, finding, byItself ? before.jobs().size() : NEAR));
        Map<List<Sentence>, String> named = tags.changes(call, before, (job, words) -> reach.step(before, job, words));
        within.addAll(named.keySet());
        within.addAll(new Checks(library).changes(call, before, l -> !shows.test(subject(l))));
        List<List<Sentence>> changes =
                within.stream().filter(c -> !seen.contains(c)).toList();
        var mending = new ArrayList<Tried>();
        var outcomes = new LinkedHashSet<List<Job>>();
        for (List<Sentence> steps : changes) {
            tried(call, steps, broken, outcomes).ifPresent(mending::add);
        }
        mending.sort(CHEAPER);
        return new Offer(best(call, broken, mending, named), changes.size());
    }

    private static long weak(List<Finding> findings) {
        return findings.stream().filter(f -> f.severity() == Severity.WEAK).count();
    }

    /**
     * None when the change cannot be read, mends nothing, costs as much as it mends, or leads where another did
     * already.
     */
    private Optional<Tried> tried(Call call, List<Sentence> steps, Broken broken, Set<List<Job>> outcomes) {
        Lineup before = broken.before();
        Finding finding = broken.finding();
        Optional<Call> changed = changed(call, steps);
        if (changed.isEmpty()) {
            return Optional.empty();
        }
        Lineup after = Lineup.of(changed.get(), before.snap());
        if (after.jobs().equals(before.jobs()) || broken.shows().test(subject(after))) {
            return Optional.empty();
        }
        List<Finding> costs = costs(Audit.of(after), broken.byItself());
        if (dear(costs, finding) || !outcomes.add(after.jobs())) {
            return Optional.empty();
        }
        List<Change> parts = Change.between(before, after);
        return Optional.of(new Tried(
                steps,
                changed.get(),
                costs,
                (int) parts.stream().map(c -> c.is().id()).distinct().count(),
                parts.size(),
                Math.max(0, rushers(before) - rushers(after))));
    }

    private static List<Finding> costs(List<Finding> is, List<Finding> was) {
        Set<FindingKey> old = keys(was);
        return is.stream()
                .filter(f -> f.severity() != Severity.FACT && !old.contains(f.key()))
                .toList();
    }

    /** A bust, or something as bad as what was mended. */
    private static boolean dear(List<Finding> costs, Finding finding) {
        return costs.stream()
                .anyMatch(f -> f.severity() == Severity.BUST || f.severity().compareTo(finding.severity()) <= 0);
    }

    private static int rushers(Lineup lineup) {
        return RushCount.of(lineup).rushers().size();
    }

    private Optional<Call> changed(Call call, List<Sentence> steps) {
        if (steps.get(0).role().equals(CallDocument.CHECKS)) {
            return read(call, steps);
        }
        Map<String, Ladder> ladders = new LinkedHashMap<>();
        try {
            for (Sentence step : steps) {
                Rung rung = RungReader.read(
                        new RungId(call.ref().id(), step.role(), "repair"), step.sentence(), library.vocabulary());
                ladders.put(step.role(), new Ladder(List.of(rung)));
            }
        } catch (RefusedException e) {
            return Optional.empty();
        }
        return Optional.of(
                call.under(new Layer(Layer.Kind.CALL, new DocumentRef(call.ref().id(), 0, ""), ladders)));
    }

    /** What it costs when every play meets it again, which only the cheapest are; empty when that is too dear. */
    private Optional<List<Finding>> costs(Broken broken, Tried tried) {
        Lineup with = Lineup.of(tried.call(), broken.before().snap());
        List<Finding> costs = costs(broken.auditor().findings(with), broken.was());
        return dear(costs, broken.finding()) ? Optional.empty() : Optional.of(costs);
    }

    /**
     * The cheapest that the call may be saved with; what they cost elsewhere decides among those that cost the same
     * here.
     */
    private List<Repair> best(Call call, Broken broken, List<Tried> mending, Map<List<Sentence>, String> named) {
        List<Snap> others = others(call, broken.before().snap());
        List<Lineup> before = others.stream().map(s -> Lineup.of(call, s)).toList();
        List<Set<FindingKey>> was = before.stream().map(l -> keys(Audit.of(l))).toList();
        var repairs = new ArrayList<Repair>();
        for (Tried tried : mending) {
            if (repairs.size() < OFFERED * 2) {
                costs(broken, tried)
                        .map(costs -> new Repair(
                                tried.steps(),
                                named.get(tried.steps()),
                                costs,
                                tried.men(),
                                tried.parts(),
                                tried.rushersLost(),
                                elsewhere(tried.call(), before, was)))
                        .ifPresent(repairs::add);
            }
        }
        repairs.sort(BETTER);
        return repairs.stream()
                .filter(r -> sound(call, r.steps()))
                .limit(OFFERED)
                .toList();
    }

    private List<Snap> others(Call call, Snap snap) {
        List<String> meant = call.meantFor();
        String code = snap.field().code().id();
        return library.formationsFor(call).stream()
                .filter(f -> meant.isEmpty() || meant.contains(f.id()))
                .map((LibraryFormation f) -> f.snap(null, false, code + " m 50 1&10"))
                .filter(s -> !s.formation().equals(snap.formation()))
                .toList();
    }

    private static Elsewhere elsewhere(Call changed, List<Lineup> before, List<Set<FindingKey>> was) {
        int jobs = 0;
        int busts = 0;
        int weak = 0;
        int mended = 0;
        for (int i = 0; i < before.size(); i++) {
            Lineup after = Lineup.of(changed, before.get(i).snap());
            if (after.jobs().equals(before.get(i).jobs())) {
                continue;
            }
            jobs++;
            List<Finding> is = Audit.of(after);
            Set<FindingKey> old = was.get(i);
            busts += (int) is.stream()
                    .filter(f -> f.severity() == Severity.BUST && !old.contains(f.key()))
                    .count();
            weak += (int) is.stream()
                    .filter(f -> f.severity() == Severity.WEAK && !old.contains(f.key()))
                    .count();
            Set<FindingKey> now = keys(is);
            mended += (int) old.stream().filter(k -> !now.contains(k)).count();
        }
        return new Elsewhere(before.size(), jobs, busts, weak, mended);
    }

    /** Whether the call could be saved so: no sentence that cannot speak, no man who may not be there. */
    private boolean sound(Call call, List<Sentence> steps) {
        return read(call, steps).isPresent();
    }

    private Optional<Call> read(Call call, List<Sentence> steps) {
        try {
            CallDocument written = call.written();
            for (Sentence step : steps) {
                written = written.set(
                        new RungId(call.ref().id(), step.role(), "repair"), step.sentence(), library::named);
            }
            return Optional.of(CallReader.read(written, call.ref().revision(), library.vocabulary()));
        } catch (DocumentException e) {
            return Optional.empty();
        }
    }
}
