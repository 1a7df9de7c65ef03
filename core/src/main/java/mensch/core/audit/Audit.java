package mensch.core.audit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import mensch.core.audit.Check.Asked;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Conflict;
import mensch.core.play.Plays;

/**
 * All rules over one subject. Findings come worst first; within a severity in the order of what can be found, then left
 * to right.
 */
public final class Audit {
    /** Every check, in the order of a report. */
    private static final List<Check> CHECKS = List.of(
            new PartsCheck(),
            new PlaceCheck(),
            new WayCheck(),
            new GapCheck(),
            new EdgeCheck(),
            new CountCheck(),
            new ReadsCheck(),
            new PersonnelCheck(),
            new DeepCheck(),
            new AreaCheck(),
            new EligibleCheck(),
            new RiskCheck(),
            new RouteCheck(),
            new LeverageCheck(),
            new ConflictCheck(),
            new RushCheck(),
            new PressureCheck(),
            new SightCheck(),
            new SituationCheck(),
            new FlagCheck(),
            new OffenceCheck(),
            new TellsCheck(),
            new LoadCheck());

    private static final List<CheckId> IDS =
            CHECKS.stream().flatMap(c -> c.finds().stream()).distinct().toList();

    /** What loses the game first: nobody deep or nobody on a receiver, then the gaps and edges, then the rest. */
    private static final List<CheckId> FIRST = List.of(
            DeepCheck.DEEP, EligibleCheck.ELIGIBLES, RiskCheck.RISK, RushCheck.RUSH, GapCheck.GAPS, EdgeCheck.EDGE);

    private static final Comparator<Finding> ORDER = Comparator.comparing(Finding::severity)
            .thenComparingInt(f -> FIRST.contains(f.check()) ? FIRST.indexOf(f.check()) : FIRST.size())
            .thenComparing(f -> f.check().rule())
            .thenComparingInt(f -> IDS.indexOf(f.check()))
            .thenComparingDouble(f -> f.where().x());

    private Audit() {}

    /** What a line-up shows by itself, whatever is run at it. */
    public static List<Finding> of(Lineup lineup) {
        return ofItself(new Subject(lineup, Plays.NONE, List.of()));
    }

    /** The same of a subject whose ledgers somebody else shows too, so that they are made once. */
    public static List<Finding> ofItself(Subject subject) {
        return findings(subject, EnumSet.of(Asked.OF_ANY_LINE_UP));
    }

    /** Everything found, the plays and the plan of the subject included. */
    public static List<Finding> of(Subject subject) {
        return findings(subject, EnumSet.of(Asked.OF_ANY_LINE_UP, Asked.AGAINST_PLAYS));
    }

    /** Everything that can be found, in the order of a report. */
    public static List<CheckId> ids() {
        return IDS;
    }

    /** Rules of which nothing is asked of small-sided football, in their order. */
    static List<Rule> notOfSmallSided() {
        return Stream.of(Rule.values())
                .filter(r -> IDS.stream().noneMatch(id -> id.rule() == r && id.smallSided()))
                .toList();
    }

    /**
     * Whether a subject still shows what another showed, asked of the one check that found it: much less than a whole
     * audit.
     */
    public static Predicate<Subject> shows(Finding finding, Subject before) {
        if (finding.evidence() instanceof PlayEvidence.TwoJobs two) {
            return inConflict(two.man(), before);
        }
        FindingKey key = finding.key();
        List<Check> by =
                CHECKS.stream().filter(c -> c.finds().contains(key.check())).toList();
        return subject -> by.stream()
                .anyMatch(c -> c.in(subject).stream().anyMatch(f -> f.key().equals(key)));
    }

    /** Whether a man is still asked two things on any option on which he was. */
    private static Predicate<Subject> inConflict(Job man, Subject before) {
        List<Conflict> his =
                before.conflicts().stream().filter(c -> asksTwo(c, man)).toList();
        return subject -> his.stream()
                .flatMap(c -> subject.conflict(c.name(), c.play()).stream())
                .anyMatch(c -> asksTwo(c, man));
    }

    private static boolean asksTwo(Conflict conflict, Job man) {
        Job key = conflict.key();
        return conflict.overlap() > 0 && key != null && key.id().equals(man.id());
    }

    private static List<Finding> findings(Subject subject, Set<Asked> asked) {
        boolean flag = subject.lineup().flag();
        var findings = new ArrayList<Finding>();
        CHECKS.stream()
                .filter(c -> flag ? ofSmallSided(c) : asked.contains(c.asked()))
                .forEach(c -> findings.addAll(c.in(subject)));
        findings.removeIf(f -> flag && !f.check().smallSided());
        List<Finding> all = List.copyOf(findings);
        findings.removeIf(f -> saidAlready(f, all));
        Map<Rule, String> missing = Unknowns.of(subject.lineup());
        if (!missing.isEmpty()) {
            findings.replaceAll(f -> Unknowns.told(f, missing));
        }
        findings.sort(ORDER);
        return List.copyOf(findings);
    }

    /** Two men told one gap are also two forces and may stand on one spot: one cause, one finding. */
    private static boolean saidAlready(Finding finding, List<Finding> all) {
        boolean follows = finding.check() == PlaceCheck.ONE_SPOT || finding.evidence() instanceof RunEvidence.TwoForces;
        return follows
                && all.stream()
                        .anyMatch(f -> f.evidence() instanceof RunEvidence.TwoOwners
                                && f.who().containsAll(finding.who()));
    }

    private static boolean ofSmallSided(Check check) {
        return check.asked() != Asked.AGAINST_PLAYS && check.finds().stream().anyMatch(CheckId::smallSided);
    }

    /** The answer to each rule, in their order. */
    public static List<Verdict> verdicts(Subject subject) {
        List<Finding> findings =
                of(subject).stream().filter(f -> f.severity() != Severity.FACT).toList();
        Map<Rule, String> missing = Sound.missing(subject);
        Map<Rule, String> unknown = Unknowns.of(subject.lineup());
        var verdicts = new ArrayList<Verdict>();
        for (Rule rule : Rule.values()) {
            List<Finding> against =
                    findings.stream().filter(f -> f.check().rule() == rule).toList();
            verdicts.add(verdict(rule, against, unknown, missing, subject));
        }
        return List.copyOf(verdicts);
    }

    /** What breaks it for certain comes first, then what is not known, then what it costs. */
    private static Verdict verdict(
            Rule rule, List<Finding> against, Map<Rule, String> unknown, Map<Rule, String> missing, Subject subject) {
        Severity worst = against.isEmpty() ? null : against.get(0).severity();
        Finding untold = against.stream()
                .filter(f -> f.severity() == Severity.CANNOT_TELL)
                .findFirst()
                .orElse(null);
        if (untold != null && worst != Severity.BUST) {
            return new Verdict.CannotTell(rule, untold.evidence().reason());
        }
        if (unknown.containsKey(rule) && worst != Severity.BUST && worst != Severity.WEAK) {
            return new Verdict.CannotTell(rule, unknown.get(rule));
        }
        if (worst != null) {
            return new Verdict.Breaks(rule, against);
        }
        return missing.containsKey(rule)
                ? new Verdict.CannotTell(rule, missing.get(rule))
                : new Verdict.Holds(rule, Sound.of(rule, subject));
    }
}
