package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Blocking;
import mensch.core.rung.Part;

/** Men near the run against blockers, and on each run concept gaps against men and the point of attack. */
final class CountCheck implements Check {
    static final CheckId COUNT = CheckId.of("count", Rule.COUNT, Part.ALIGN).needing(CheckId.Need.RUNS);
    static final CheckId POINT = CheckId.of("point", Rule.COUNT, Part.ALIGN).needing(CheckId.Need.RUNS);

    private static final Point IN_THE_BOX = new Point(0, 3);
    private static final int LINEMEN = 5;
    /** Past this many in conflict at the point a list says no more; the worst stand first. */
    private static final int LISTED = 6;

    @Override
    public List<CheckId> finds() {
        return List.of(COUNT, POINT, GapCheck.GAPS, GapCheck.EXCHANGE);
    }

    @Override
    public Asked asked() {
        return Asked.AGAINST_PLAYS;
    }

    @Override
    public List<Finding> in(Subject subject) {
        var findings = new ArrayList<Finding>();
        if (subject.plays().runs().isEmpty()) {
            return findings;
        }
        support(subject, findings);
        for (Side side : Side.values()) {
            List<Blocking> runs =
                    subject.runs().stream().filter(b -> b.play() == side).toList();
            gaps(side, runs, findings);
            exchange(side, runs, findings);
            point(side, runs, findings);
        }
        return findings;
    }

    private static void support(Subject subject, List<Finding> findings) {
        Lineup lineup = subject.lineup();
        boolean empty = lineup.features().ask(Feature.EMPTY, Side.LEFT) == Answer.YES;
        boolean quarterback = lineup.features().ask(Feature.UNDER_CENTRE, Side.LEFT) != Answer.YES
                && subject.runs().stream().anyMatch(b -> b.run().option());
        int blockers = LINEMEN + Math.max(0, lineup.features().shape().backs().size() - 1);
        for (Side side : Side.values()) {
            Flank flank = lineup.features().shape().flank(side);
            blockers += (flank.tightEnd() == null ? 0 : 1)
                    + (flank.wing() == null ? 0 : 1)
                    + (flank.hBack() == null ? 0 : 1);
        }
        int support = subject.box().support().size();
        boolean none = support < blockers;
        if (!empty && support < blockers + 1) {
            findings.add(new Finding(
                    COUNT,
                    none ? Severity.WEAK : Severity.NOTE,
                    IN_THE_BOX,
                    List.of(),
                    new PlayEvidence.Outnumbered(
                            support, blockers, quarterback, subject.box().support())));
        }
    }

    private static void gaps(Side side, List<Blocking> runs, List<Finding> findings) {
        List<Blocking> tooMany = runs.stream()
                .filter(b -> b.fit().shortBy() > 0)
                .sorted((a, b) -> b.fit().shortBy() - a.fit().shortBy())
                .toList();
        if (!tooMany.isEmpty()) {
            Blocking worst = tooMany.get(0);
            findings.add(new Finding(
                    GapCheck.GAPS,
                    Severity.WEAK,
                    worst.point(),
                    worst.fit().men(),
                    new PlayEvidence.ShortAtTheEdge(
                            side,
                            names(tooMany),
                            worst.fit().men().size() + worst.fit().shortBy(),
                            worst.fit().men().size(),
                            worst.fit().exchange())));
        }
    }

    /** Named once for each man: who must come over, and on which plays. */
    private static void exchange(Side side, List<Blocking> runs, List<Finding> findings) {
        Set<String> told = new TreeSet<>();
        for (Blocking one : runs) {
            for (Job job : one.fit().exchange()) {
                boolean needed = one.fit().shortBy() > -one.fit().exchange().size();
                if (needed && told.add(job.id())) {
                    List<String> on = names(runs.stream()
                            .filter(b -> b.fit().exchange().contains(job)
                                    && b.fit().shortBy() > -b.fit().exchange().size())
                            .toList());
                    findings.add(new Finding(
                            GapCheck.EXCHANGE,
                            Severity.NOTE,
                            job.feetOr(IN_THE_BOX),
                            List.of(job),
                            new PlayEvidence.MustExchange(job, side, on)));
                }
            }
        }
    }

    private static void point(Side side, List<Blocking> runs, List<Finding> findings) {
        List<Blocking> lost = runs.stream()
                .filter(b -> b.outcome() == Blocking.Outcome.OFFENCE)
                .toList();
        if (!lost.isEmpty()) {
            findings.add(new Finding(
                    POINT,
                    Severity.NOTE,
                    lost.get(0).point(),
                    List.of(),
                    new PlayEvidence.PointLost(side, names(lost))));
        }
    }

    private static List<String> names(List<Blocking> runs) {
        return runs.stream().map(b -> b.run().name()).limit(LISTED).toList();
    }
}
