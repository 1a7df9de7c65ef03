package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.coverage.Shell;
import mensch.core.formation.Man;
import mensch.core.formation.Shape.Flank;
import mensch.core.front.Role;
import mensch.core.geometry.Side;
import mensch.core.lineup.EligibleLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.possible.Ability;
import mensch.core.possible.PassAbility;
import mensch.core.rung.Part;
import mensch.core.rung.Task;
import mensch.core.rung.Where;

/** Every eligible man has somebody. */
final class EligibleCheck implements Check {
    static final CheckId ELIGIBLES =
            CheckId.of("eligibles", Rule.COVERAGE, Part.PASS).smallSidedToo();

    @Override
    public List<CheckId> finds() {
        return List.of(ELIGIBLES);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        var findings = new ArrayList<Finding>();
        var ability = new PassAbility(lineup);
        boolean noneDeep = subject.deep().shell().filter(Shell.NONE::equals).isPresent();
        for (EligibleLedger.Entry e : subject.eligibles().entries()) {
            boolean none = noneDeep && e.byMan().isEmpty() && !inLane(subject, e);
            if (none && !e.alone()) {
                findings.add(new Finding(
                        ELIGIBLES,
                        Severity.BUST,
                        e.man().feet(),
                        List.of(),
                        new AbilityEvidence.NoManBehindNone(e.man().name(), e.number())));
            }
            for (Job job : e.byMan()) {
                boolean nearer = job.passTask() instanceof Task.FirstOf
                        && e.byMan().stream()
                                .anyMatch(other -> other != job
                                        && ability.man(other, e.man()).can());
                if (!nearer) {
                    chases(lineup, ability.man(job, e.man()), job, e, findings);
                }
                if (!(job.passTask() instanceof Task.Bracket)) {
                    cushion(lineup, job, e, findings);
                }
            }
            for (Job job : matched(lineup, e.man())) {
                if (ability.man(job, e.man()) instanceof Ability.Beside beside) {
                    findings.add(new Finding(
                            ELIGIBLES,
                            beside.none() ? Severity.WEAK : Severity.NOTE,
                            job.feetOr(e.man().feet()),
                            List.of(job),
                            new AbilityEvidence.NotHisMan(job, e.man().name(), e.number(), beside)));
                }
            }
            half(e, findings);
            if (e.alone()) {
                findings.add(new Finding(
                        ELIGIBLES,
                        Severity.BUST,
                        e.man().feet(),
                        List.of(),
                        new CoverageEvidence.EligibleAlone(e.man().name(), e.number())));
            }
            if (splitOut(lineup, e.man())) {
                e.byMan().stream()
                        .filter(j -> j.role().body() == Role.Body.LB)
                        .forEach(j -> findings.add(new Finding(
                                ELIGIBLES,
                                Severity.NOTE,
                                e.man().feet(),
                                List.of(j),
                                new CoverageEvidence.Mismatch(j, e.man().name(), e.number()))));
            }
        }
        return findings;
    }

    /** A bracket wants its other half; a man who has the receiver everywhere makes up for it. */
    private static void half(EligibleLedger.Entry entry, List<Finding> findings) {
        if (entry.byMan().stream().noneMatch(j -> j.passTask() instanceof Task.Bracket)) {
            return;
        }
        List<Job> halves = entry.byMan().stream()
                .filter(j -> j.passTask() instanceof Task.Bracket)
                .toList();
        boolean both = halves.stream()
                        .map(j -> ((Task.Bracket) j.passTask()).inside())
                        .distinct()
                        .count()
                == 2;
        if (!both && halves.size() == entry.byMan().size()) {
            findings.add(new Finding(
                    ELIGIBLES,
                    Severity.BUST,
                    entry.man().feet(),
                    halves,
                    new CoverageEvidence.HalfABracket(
                            halves.get(0),
                            entry.man().name(),
                            entry.number(),
                            ((Task.Bracket) halves.get(0).passTask()).inside())));
        }
    }

    /** In a lane, or free for whoever comes: not left to a zone with nobody behind it. */
    private static boolean inLane(Subject subject, EligibleLedger.Entry entry) {
        return subject.areas().rows().stream().anyMatch(r -> r.area().lane())
                && !entry.byZone().isEmpty();
    }

    /** Who plays a receiver of his side as his man from a deep zone; who helps over from the other side only reads. */
    private static List<Job> matched(Lineup lineup, Man man) {
        return lineup.features().shape().backs().contains(man)
                ? List.of()
                : lineup.jobs().stream()
                        .filter(j -> j.passTask() instanceof Task.Cover cover
                                && cover.matched()
                                && cover.area().deep()
                                && cover.receiver() != null
                                && cover.receiver().where() == Where.MY
                                && lineup.view(j)
                                        .man(cover.receiver())
                                        .filter(man::equals)
                                        .isPresent())
                        .toList();
    }

    /** So far off his man that everything short is given. */
    private static void cushion(Lineup lineup, Job job, EligibleLedger.Entry entry, List<Finding> findings) {
        double most = lineup.convention().jobs().man().cushion();
        double depth = job.feetOr(entry.man().feet()).y();
        if (depth > most) {
            findings.add(new Finding(
                    ELIGIBLES,
                    Severity.WEAK,
                    job.feetOr(entry.man().feet()),
                    List.of(job),
                    new PlaceEvidence.TooFarOff(job, entry.man().name(), depth, most)));
        }
    }

    /** A man told whom he cannot cover; where another has the same man it costs him only. */
    private static void chases(
            Lineup lineup, Ability ability, Job job, EligibleLedger.Entry entry, List<Finding> findings) {
        if (ability.can()) {
            return;
        }
        double deep = lineup.convention().jobs().man().deep();
        boolean nobody = !(ability instanceof Ability.Beside beside) || beside.none();
        boolean alone = entry.byMan().size() == 1;
        Severity chase = job.feetOr(entry.man().feet()).y() >= deep ? Severity.NOTE : Severity.WEAK;
        findings.add(new Finding(
                ELIGIBLES,
                nobody ? alone ? Severity.BUST : Severity.WEAK : chase,
                job.feetOr(entry.man().feet()),
                List.of(job),
                new AbilityEvidence.NotHisMan(job, entry.man().name(), entry.number(), ability)));
    }

    private static boolean splitOut(Lineup lineup, Man man) {
        for (Side side : Side.values()) {
            Flank flank = lineup.features().shape().flank(side);
            if (flank.receivers().contains(man) && !flank.attached(man)) {
                return true;
            }
        }
        return false;
    }
}
