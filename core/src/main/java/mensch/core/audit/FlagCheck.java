package mensch.core.audit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import mensch.core.convention.School;
import mensch.core.convention.Speeds;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.FlagRun;
import mensch.core.rung.Part;
import mensch.core.rung.Place;
import mensch.core.rung.Task;

/**
 * Rules of small-sided flag: the rush line, the named rusher, zone or man by age and match-up, what a disguise costs.
 */
final class FlagCheck implements Check {
    static final CheckId RUSH_LINE =
            CheckId.of("rush-line", Rule.LEGALITY, Part.ALIGN).smallSidedToo();
    static final CheckId PULL = CheckId.of("pull", Rule.COUNT, Part.ALIGN)
            .needing(CheckId.Need.RUNS)
            .smallSidedToo();
    static final CheckId SMALL_SIDED = CheckId.of("small-sided", Rule.LEGALITY).smallSidedToo();

    private static final Point BEHIND_THE_BALL = new Point(0, 4);

    @Override
    public List<CheckId> finds() {
        return List.of(RUSH_LINE, PULL, SMALL_SIDED, SituationCheck.SITUATION, TellsCheck.DISGUISE);
    }

    @Override
    public Asked asked() {
        return Asked.OF_SMALL_SIDED;
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        var findings = new ArrayList<Finding>();
        findings.add(new Finding(
                SMALL_SIDED,
                Severity.NOTE,
                BEHIND_THE_BALL,
                List.of(),
                new SmallSidedEvidence.NotSmallSided(Audit.notOfSmallSided())));
        rush(lineup, findings);
        runs(subject, findings);
        man(lineup, findings);
        Speeds speeds = lineup.convention().speeds();
        for (Job job : lineup.jobs()) {
            disguise(job, speeds, findings);
        }
        return findings;
    }

    /** How far each run goes before the first flag is pulled; past all but the deepest man is too far. */
    private static void runs(Subject subject, List<Finding> findings) {
        List<FlagRun> runs = subject.flagRuns();
        if (runs.isEmpty()) {
            return;
        }
        Job last = subject.lineup().jobs().stream()
                .max(Comparator.comparingDouble(j -> j.feetOr(BEHIND_THE_BALL).y()))
                .orElseThrow();
        var all = new SmallSidedEvidence.FirstPull(runs);
        findings.add(new Finding(PULL, Severity.FACT, BEHIND_THE_BALL, List.of(), all));
        for (FlagRun run : runs) {
            if (run.puller().filter(last::equals).isPresent()) {
                findings.add(new Finding(
                        PULL,
                        Severity.WEAK,
                        run.crosses(),
                        List.of(last),
                        new SmallSidedEvidence.OnlyTheLastMan(run, last)));
            }
        }
    }

    private static void rush(Lineup lineup, List<Finding> findings) {
        double line = lineup.convention().limits().rushLine();
        List<Job> rushers = lineup.jobs().stream()
                .filter(j -> j.passTask() instanceof Task.Rush)
                .toList();
        for (Job job : rushers) {
            if (job.feet() != null && job.feet().y() < line) {
                findings.add(new Finding(
                        RUSH_LINE,
                        Severity.BUST,
                        job.feet(),
                        List.of(job),
                        new SmallSidedEvidence.IllegalRusher(job, job.feet().y(), line)));
            }
        }
        boolean one = lineup.convention().house().teaches(School.FLAG_ONE_RUSHER);
        if (one && rushers.size() > 1) {
            findings.add(new Finding(
                    RUSH_LINE,
                    Severity.BUST,
                    BEHIND_THE_BALL,
                    rushers,
                    new SmallSidedEvidence.TooManyRushers(rushers, 1)));
        }
        boolean pressure = lineup.inForce().pressures();
        if (pressure && rushers.isEmpty()) {
            findings.add(new Finding(
                    RUSH_LINE,
                    Severity.BUST,
                    BEHIND_THE_BALL,
                    List.of(),
                    new SmallSidedEvidence.NoNamedRusher(lineup.inForce().name())));
        }
    }

    private static void man(Lineup lineup, List<Finding> findings) {
        List<Job> men = lineup.jobs().stream()
                .filter(j -> j.passTask() instanceof Task.OnMen)
                .toList();
        boolean even = lineup.convention().house().teaches(School.FLAG_EVEN_MATCH_UPS);
        boolean young = lineup.convention().house().teaches(School.FLAG_YOUNG);
        if (!men.isEmpty() && !even) {
            findings.add(new Finding(
                    SituationCheck.SITUATION,
                    Severity.WEAK,
                    BEHIND_THE_BALL,
                    men,
                    new SmallSidedEvidence.ZoneAdvised(young)));
        }
    }

    private static void disguise(Job job, Speeds speeds, List<Finding> findings) {
        Place show = job.before().show().orNull();
        if (show == null || job.feet() == null) {
            return;
        }
        double yards = show.feet().distance(job.feet());
        double seconds = speeds.gaits().defensiveBack().time(yards);
        if (seconds > speeds.passer().quickThrow()) {
            findings.add(new Finding(
                    TellsCheck.DISGUISE,
                    Severity.WEAK,
                    job.feet(),
                    List.of(job),
                    new Evidence.DisguiseCost(
                            job, yards, seconds, speeds.passer().quickThrow())));
        }
    }
}
