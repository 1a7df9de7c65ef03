package mensch.core.audit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mensch.core.coverage.Shell;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Part;
import mensch.core.rung.Task;

/**
 * What happens when one man loses: men alone with their receivers, because nobody is deep or because help is far. The
 * risk of the call, told first among its standing facts.
 */
final class RiskCheck implements Check {
    static final CheckId RISK = CheckId.of("risk", Rule.COVERAGE, Part.ALIGN, Part.PASS);

    private static final Point DEEP = new Point(0, 14);

    @Override
    public List<CheckId> finds() {
        return List.of(RISK);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        boolean none = subject.deep().shell().filter(s -> s != Shell.NONE).isEmpty();
        List<Point> help = subject.areas().deep().stream()
                .map(AreaLedger.Row::owner)
                .flatMap(j -> Optional.ofNullable(j.feet()).stream())
                .toList();
        double far = lineup.convention().jobs().man().help();
        var alone = new ArrayList<PlayStandingEvidence.Alone>();
        for (Lineup.Placed placed : lineup.placed()) {
            Man his = his(lineup, placed.job()).orElse(null);
            if (his == null) {
                continue;
            }
            double yards = help.stream()
                    .mapToDouble(p -> Math.abs(p.x() - his.x()))
                    .min()
                    .orElse(Double.POSITIVE_INFINITY);
            if (none || yards > far) {
                alone.add(new PlayStandingEvidence.Alone(placed.job(), his.name(), yards));
            }
        }
        if (alone.isEmpty()) {
            return List.of();
        }
        return List.of(new Finding(
                RISK,
                Severity.FACT,
                DEEP,
                alone.stream().map(PlayStandingEvidence.Alone::job).toList(),
                new PlayStandingEvidence.OneOnOne(alone, none)));
    }

    /** Of two he may have, the one he stands nearer. */
    private static Optional<Man> nearest(Lineup lineup, Job job, Task.OnMen on) {
        return on.men().stream()
                .flatMap(ref -> lineup.view(job).man(ref).stream())
                .min(Comparator.comparingDouble(m -> job.feetOr(m.feet()).distance(m.feet())));
    }

    /** The receiver a man has to himself; backs stay near the others. */
    private static Optional<Man> his(Lineup lineup, Job job) {
        return job.passTask() instanceof Task.OnMen on && !(on instanceof Task.Bracket)
                ? nearest(lineup, job, on)
                        .filter(m -> !lineup.features().shape().backs().contains(m))
                : Optional.empty();
    }
}
