package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.formation.Man;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Leverage;
import mensch.core.rung.Part;
import mensch.core.rung.Phrase;
import mensch.core.rung.Place;
import mensch.core.rung.Task;

/** Outside leverage wants help inside; men on a bunch or a stack can be picked when they stand at one depth. */
final class LeverageCheck implements Check {
    static final CheckId LEVERAGE = CheckId.of("leverage", Rule.LEVERAGE, Part.ALIGN, Part.PASS);
    static final CheckId PICK = CheckId.of("pick", Rule.LEVERAGE, Part.ALIGN, Part.PASS);

    @Override
    public List<CheckId> finds() {
        return List.of(LEVERAGE, PICK);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        var findings = new ArrayList<Finding>();
        List<Lineup.Placed> men = lineup.placed().stream()
                .filter(p -> p.job().passTask() instanceof Task.ManOn)
                .toList();
        if (men.isEmpty()) {
            return findings;
        }
        boolean help = lineup.jobs().stream()
                .anyMatch(j -> j.passTask() instanceof Task.Cover || j.passTask() instanceof Task.Hole);
        for (Lineup.Placed placed : men) {
            Job job = placed.job();
            if (!help && outside(job) && !inTheBackfield(lineup, job)) {
                findings.add(new Finding(
                        LEVERAGE,
                        Severity.WEAK,
                        placed.feet(),
                        List.of(job),
                        new PlayEvidence.NoHelp(
                                job, on(lineup, job).map(Man::name).orElse("his man"))));
            }
        }
        for (Side side : Side.values()) {
            boolean bunch = lineup.features().ask(Feature.BUNCH, side) == Answer.YES;
            if (bunch || lineup.features().ask(Feature.STACK, side) == Answer.YES) {
                pick(lineup, men, side, bunch, findings);
            }
        }
        return findings;
    }

    /** Leverage is on a receiver; a back has no inside yet. */
    private static boolean inTheBackfield(Lineup lineup, Job job) {
        return on(lineup, job)
                .filter(lineup.features().shape().backs()::contains)
                .isPresent();
    }

    private static boolean outside(Job job) {
        Place place = job.before().align().orNull();
        return place != null && place.phrase() instanceof Phrase.Over over && over.leverage() == Leverage.OUTSIDE;
    }

    private static void pick(Lineup lineup, List<Lineup.Placed> men, Side side, boolean bunch, List<Finding> findings) {
        List<Man> receivers = lineup.features().shape().flank(side).receivers();
        double reach = bunch
                ? lineup.convention().thresholds().splits().bunch()
                : lineup.convention().thresholds().splits().stack();
        for (int i = 0; i < men.size(); i++) {
            for (int j = i + 1; j < men.size(); j++) {
                Optional<Man> one = on(lineup, men.get(i).job()).filter(receivers::contains);
                Optional<Man> other = on(lineup, men.get(j).job()).filter(receivers::contains);
                boolean together = one.isPresent()
                        && other.isPresent()
                        && Math.abs(one.get().x() - other.get().x()) <= reach;
                double level =
                        Math.abs(men.get(i).feet().y() - men.get(j).feet().y());
                if (together && level < lineup.convention().routes().traffic().oneLevel()) {
                    findings.add(new Finding(
                            PICK,
                            Severity.WEAK,
                            one.orElseThrow().feet(),
                            List.of(men.get(i).job(), men.get(j).job()),
                            new PlayEvidence.PickExposure(
                                    men.get(i).job(), men.get(j).job(), side, bunch, level)));
                }
            }
        }
    }

    private static Optional<Man> on(Lineup lineup, Job job) {
        return lineup.view(job).man(((Task.ManOn) job.passTask()).man());
    }
}
