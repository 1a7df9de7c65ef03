package mensch.core.audit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Conflict;
import mensch.core.play.Plays;

/**
 * All rules over one subject. Findings come worst first; within a severity in the order of what can be found, then left
 * to right.
 */
public final class Audit {
    private static final Comparator<Finding> ORDER = Comparator.comparing(Finding::severity)
            .thenComparing(Finding::check)
            .thenComparingDouble(f -> f.where().x());

    private static final List<Check> ALWAYS = List.of(
            new PartsCheck(),
            new PlaceCheck(),
            new GapCheck(),
            new EdgeCheck(),
            new AreaCheck(),
            new EligibleCheck(),
            new RushCheck(),
            new SituationCheck(),
            new LeverageCheck(),
            new SightCheck(),
            new OffenceCheck());
    /** Asked against the plays of an opponent and the calls of a plan. */
    private static final List<Check> AGAINST = List.of(
            new CountCheck(),
            new RouteCheck(),
            new ConflictCheck(),
            new PressureCheck(),
            new TellsCheck(),
            new LoadCheck());

    private static final List<Check> SMALL_SIDED =
            List.of(new PartsCheck(), new PlaceCheck(), new EligibleCheck(), new FlagCheck(), new OffenceCheck());

    private Audit() {}

    /** What a line-up shows by itself, whatever is run at it. */
    public static List<Finding> of(Lineup lineup) {
        return ofItself(new Subject(lineup, Plays.NONE, List.of()));
    }

    /** The same of a subject whose ledgers somebody else shows too, so that they are made once. */
    public static List<Finding> ofItself(Subject subject) {
        return findings(subject, ALWAYS);
    }

    /** Everything found, the plays and the plan of the subject included. */
    public static List<Finding> of(Subject subject) {
        var checks = new ArrayList<>(ALWAYS);
        checks.addAll(AGAINST);
        return findings(subject, checks);
    }

    /**
     * Whether a subject still shows what another showed, asked of the one check that found it: much less than a whole
     * audit.
     */
    public static Predicate<Subject> shows(Finding finding, Subject before) {
        if (finding.evidence() instanceof PlayEvidence.TwoJobs two) {
            return inConflict(two.man(), before);
        }
        Predicate<Finding> same = f -> f.check() == finding.check()
                && f.evidence().title().equals(finding.evidence().title());
        Check by = Stream.concat(AGAINST.stream(), ALWAYS.stream())
                .filter(c -> c.in(before).stream().anyMatch(same))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "the subject does not show: " + finding.evidence().title()));
        return subject -> by.in(subject).stream().anyMatch(same);
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

    private static List<Finding> findings(Subject subject, List<Check> checks) {
        boolean flag = subject.lineup().snap().field().code().flag();
        var findings = new ArrayList<Finding>();
        (flag ? SMALL_SIDED : checks).forEach(c -> findings.addAll(c.in(subject)));
        Map<Rule, String> missing = Unknowns.of(subject.lineup());
        if (!missing.isEmpty()) {
            findings.replaceAll(f -> Unknowns.told(f, missing));
        }
        findings.removeIf(f -> flag && FlagCheck.NOT_ASKED.contains(f.check()));
        findings.sort(ORDER);
        return List.copyOf(findings);
    }

    /** The answer to each rule, in their order. */
    public static List<Verdict> verdicts(Subject subject) {
        List<Finding> findings = of(subject);
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
