package mensch.core.audit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
            gaps(
                    side,
                    subject.runs().stream().filter(b -> b.play() == side).toList(),
                    subject.lineup().inForce().coverage().gives("run", true) ? Severity.FACT : Severity.WEAK,
                    findings);
        }
        exchange(subject.runs(), findings);
        point(subject.runs(), findings);
        return findings;
    }

    private static void support(Subject subject, List<Finding> findings) {
        Lineup lineup = subject.lineup();
        boolean empty = lineup.features().ask(Feature.EMPTY, Side.LEFT) == Answer.YES;
        boolean quarterback = lineup.features().ask(Feature.UNDER_CENTRE, Side.LEFT) != Answer.YES
                && subject.runs().stream().anyMatch(b -> b.run().option());
        // the middle man of the line, and on each side who stands with it
        int blockers = 1 + Math.max(0, lineup.features().shape().backs().size() - 1);
        for (Side side : Side.values()) {
            Flank flank = lineup.features().shape().flank(side);
            blockers += flank.surface().size() + (flank.wing() == null ? 0 : 1) + (flank.hBack() == null ? 0 : 1);
        }
        int support = subject.box().support().size();
        if (empty || support > blockers) {
            return;
        }
        // one short is what a two-deep shell costs; more is a box that nobody would line up in
        boolean many = support < blockers - 1 && !lineup.inForce().coverage().gives("run", true);
        findings.add(
                many
                        ? new Finding(
                                COUNT,
                                Severity.WEAK,
                                IN_THE_BOX,
                                List.of(),
                                new PlayEvidence.Outnumbered(
                                        support,
                                        blockers,
                                        quarterback,
                                        subject.box().support()))
                        : new Finding(
                                COUNT,
                                Severity.FACT,
                                IN_THE_BOX,
                                List.of(),
                                new StandingEvidence.LightBox(support, blockers, quarterback)));
    }

    private static void gaps(Side side, List<Blocking> runs, Severity severity, List<Finding> findings) {
        List<Blocking> tooMany = runs.stream()
                .filter(b -> b.fit().shortBy() > 0)
                .sorted((a, b) -> b.fit().shortBy() - a.fit().shortBy())
                .toList();
        if (!tooMany.isEmpty()) {
            Blocking worst = tooMany.get(0);
            findings.add(new Finding(
                    GapCheck.GAPS,
                    severity,
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

    /** Who must come over, and on which plays. */
    private static void exchange(List<Blocking> runs, List<Finding> findings) {
        Map<Job, List<String>> over = new LinkedHashMap<>();
        for (Blocking one : runs) {
            boolean needed = one.fit().shortBy() > -one.fit().exchange().size();
            for (Job job : needed ? one.fit().exchange() : List.<Job>of()) {
                over.computeIfAbsent(job, k -> new ArrayList<>()).add(said(one));
            }
        }
        if (!over.isEmpty()) {
            List<PlayStandingEvidence.Over> men = over.entrySet().stream()
                    .map(e -> new PlayStandingEvidence.Over(e.getKey(), e.getValue()))
                    .toList();
            findings.add(new Finding(
                    GapCheck.EXCHANGE,
                    Severity.FACT,
                    men.get(0).job().feetOr(IN_THE_BOX),
                    men.stream().map(PlayStandingEvidence.Over::job).toList(),
                    new PlayStandingEvidence.ComesOver(men)));
        }
    }

    private static void point(List<Blocking> runs, List<Finding> findings) {
        List<Blocking> lost = runs.stream()
                .filter(b -> b.outcome() == Blocking.Outcome.OFFENCE)
                .toList();
        if (!lost.isEmpty()) {
            findings.add(new Finding(
                    POINT,
                    Severity.FACT,
                    lost.get(0).point(),
                    List.of(),
                    new PlayStandingEvidence.NobodyFree(
                            lost.stream().map(CountCheck::said).toList())));
        }
    }

    private static String said(Blocking blocking) {
        return blocking.run().name() + " to the " + blocking.play().words();
    }

    private static List<String> names(List<Blocking> runs) {
        return runs.stream().map(b -> b.run().name()).limit(LISTED).toList();
    }
}
