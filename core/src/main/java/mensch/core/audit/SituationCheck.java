package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.formation.SideWord;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.Why;
import mensch.core.rung.FeatureFact;
import mensch.core.rung.Part;
import mensch.core.rung.Task;

/**
 * Pictures without an answer, rules that need a side nobody gives, coverages called outside the situation they are made
 * for.
 */
final class SituationCheck implements Check {
    static final CheckId SITUATION =
            CheckId.of("situation", Rule.COVERAGE, Part.PASS).smallSidedToo();
    static final CheckId PICTURE = CheckId.of("picture", Rule.COVERAGE, Part.PASS);

    private static final Point BEHIND_THE_BALL = new Point(0, 4);
    private static final List<Part> PLAYED = List.of(Part.ALIGN, Part.RUN, Part.PASS);

    @Override
    public List<CheckId> finds() {
        return List.of(SITUATION, PICTURE);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        var findings = new ArrayList<Finding>();
        lineup.open()
                .forEach(o -> findings.add(new Finding(
                        PICTURE,
                        Severity.CANNOT_TELL,
                        BEHIND_THE_BALL,
                        List.of(),
                        new Evidence.CannotTell(o.words(), o.missing()))));
        empty(lineup, findings);
        backSide(lineup, findings);
        range(lineup, findings);
        return findings;
    }

    /**
     * Another key alone is no answer, nor is a lineman who moves over: somebody behind the line must stand, fit or
     * cover otherwise, or check to another call.
     */
    private static void empty(Lineup lineup, List<Finding> findings) {
        boolean shown = lineup.features().ask(Feature.EMPTY, Side.LEFT) == Answer.YES;
        if (shown
                && lineup.check() == null
                && lineup.jobs().stream().noneMatch(j -> !j.role().lineman() && asked(j, Feature.EMPTY))) {
            findings.add(new Finding(
                    PICTURE,
                    Severity.WEAK,
                    BEHIND_THE_BALL,
                    List.of(),
                    new Evidence.NoAnswer("empty", lineup.inForce().name())));
        }
    }

    private static boolean asked(Job job, Feature feature) {
        return PLAYED.stream()
                .anyMatch(p -> job.part(p).chain().stream()
                        .anyMatch(w ->
                                w.facts().stream().anyMatch(f -> f.feature() == feature && f.answer() == Answer.YES)));
    }

    private static void backSide(Lineup lineup, List<Finding> findings) {
        var back = lineup.features().decided(SideWord.BACK);
        boolean underCentre = lineup.features().ask(Feature.UNDER_CENTRE, Side.LEFT) == Answer.YES;
        if (!back.fellBack() && !underCentre) {
            return;
        }
        List<Job> askers =
                lineup.jobs().stream().filter(SituationCheck::asksBackSide).toList();
        if (!askers.isEmpty()) {
            findings.add(new Finding(
                    PICTURE, Severity.WEAK, BEHIND_THE_BALL, askers, new Evidence.NoBackSide(underCentre, back.by())));
        }
    }

    private static boolean asksBackSide(Job job) {
        for (Part part : PLAYED) {
            for (Why why : job.part(part).chain()) {
                for (FeatureFact fact : why.facts()) {
                    if (fact.feature() == Feature.BACK_SIDE) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** Whether a drop to the line to gain is asked with too little to gain: told once, with all who drop so. */
    static boolean outOfRange(Lineup lineup, Job job) {
        return toGain(job)
                && lineup.snap().situation().distance()
                        < lineup.convention().limits().toGainFrom();
    }

    private static boolean toGain(Job job) {
        return job.passTask() instanceof Task.Cover c
                && c.drop() != null
                && c.drop().depth() == null;
    }

    private static void range(Lineup lineup, List<Finding> findings) {
        int toGoal = lineup.snap().field().ball().yardsToGoal();
        int distance = lineup.snap().situation().distance();
        List<Job> lanes = lineup.jobs().stream()
                .filter(j -> j.passTask() instanceof Task.Cover c && c.area().lane())
                .toList();
        List<Job> toGain = lineup.jobs().stream().filter(SituationCheck::toGain).toList();
        if (!lanes.isEmpty() && toGoal > lineup.convention().limits().lanesFrom()) {
            findings.add(new Finding(
                    SITUATION,
                    Severity.WEAK,
                    BEHIND_THE_BALL,
                    lanes,
                    new Evidence.OutsideRange(
                            "Goal-line lanes",
                            "The ball is at the " + toGoal,
                            "the 5 or closer, the "
                                    + lineup.convention().limits().lanesFrom() + " at most")));
        }
        if (!toGain.isEmpty() && distance < lineup.convention().limits().toGainFrom()) {
            findings.add(new Finding(
                    SITUATION,
                    Severity.WEAK,
                    BEHIND_THE_BALL,
                    toGain,
                    new Evidence.OutsideRange(
                            "Drops to the line to gain",
                            distance + " yd to go",
                            lineup.convention().limits().toGainFrom() + " yd or more to go")));
        }
    }
}
