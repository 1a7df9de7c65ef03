package mensch.core.matchup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import mensch.core.formation.Man;
import mensch.core.geometry.Side;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.rung.FitRole;
import mensch.core.rung.Gap;
import mensch.core.rung.Task;

/**
 * Gaps and men on the play side after the play has moved: each blocker who arrives makes a gap there, each puller takes
 * one away where he leaves (handbook 1, gaps; 9, force and gaps).
 *
 * @param gaps gaps of the play side's surface before the snap
 * @param inserted blockers who arrive there
 * @param left backside linemen who pull: a gap fewer there
 * @param merged play-side linemen who pull: their gap is gone on the play side itself
 * @param men who fits there: owners, force, alley, and backside men whose gap left
 * @param exchange backside men who come over because their gap left
 * @param both two-gappers who answer for a second gap there: each counts twice
 */
public record FitCount(
        int gaps, List<Man> inserted, List<Man> left, int merged, List<Job> men, List<Job> exchange, int both) {
    public FitCount {
        inserted = List.copyOf(inserted);
        left = List.copyOf(left);
        men = List.copyOf(men);
        exchange = List.copyOf(exchange);
    }

    /** How many gaps on the play side nobody fits; 0 or less when there are men enough. */
    public int shortBy() {
        return gaps + inserted.size() - merged - men.size() - both;
    }

    static FitCount of(Picture picture, List<Man> inserted, List<Man> pullers) {
        List<Man> left = pullers.stream().filter(m -> picture.u(m) < 0).toList();
        Side play = picture.play;
        Man wing = picture.shape.flank(play).wing();
        // a wing who moves makes his gap where he arrives, not where he stood
        int gaps = Gap.count(picture.shape.flank(play)) - (wing != null && inserted.contains(wing) ? 1 : 0);
        var men = new LinkedHashSet<Job>();
        var backside = new ArrayList<Job>();
        GapLedger ledger = picture.gaps;
        var both = new ArrayList<Job>();
        for (GapLedger.Row row : ledger.rows()) {
            if (row.gap().side() == play) {
                men.addAll(row.owners());
                row.twoGappers().stream()
                        .filter(j -> row.owners().isEmpty() && men.contains(j))
                        .forEach(both::add);
                men.addAll(row.twoGappers());
            } else {
                row.owners().stream().filter(j -> !j.role().lineman()).forEach(backside::add);
            }
        }
        ledger.edges().stream().filter(e -> e.side() == play).forEach(e -> men.addAll(e.forces()));
        for (Job job : picture.lineup.jobs()) {
            if (free(job) && (job.seat() == play || job.feet() != null && picture.u(job.feet()) > -1)) {
                men.add(job);
            }
        }
        List<Job> edge = ledger.edges().stream()
                .filter(e -> e.side() != play)
                .flatMap(e -> e.forces().stream())
                .toList();
        // an edge man leaves his edge last
        List<Job> over = backside.stream()
                .filter(j -> !men.contains(j))
                .sorted(Comparator.comparing((Job j) -> edge.contains(j))
                        .thenComparingDouble(j ->
                                -picture.stand(j.id()).map(Picture.Stand::u).orElse(0.0)))
                .limit(left.size())
                .toList();
        men.addAll(over);
        return new FitCount(gaps, inserted, left, pullers.size() - left.size(), List.copyOf(men), over, both.size());
    }

    /** A man with a run job and no gap of his own: he fits where he is needed. */
    private static boolean free(Job job) {
        return job.fit() instanceof Task.Fit fit
                && fit.gap() == null
                && fit.role() != FitRole.CHASE
                && fit.role() != FitRole.CUT_BACK;
    }
}
