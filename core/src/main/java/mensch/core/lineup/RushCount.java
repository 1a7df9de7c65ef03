package mensch.core.lineup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Side;
import mensch.core.lineup.Given.By;
import mensch.core.rung.Gap;
import mensch.core.rung.GapWord;
import mensch.core.rung.Move;
import mensch.core.rung.Task;
import org.jspecify.annotations.Nullable;

/** Who rushes and who covers at the snap. */
public record RushCount(List<Rush> rushes, List<Job> cover) {

    /**
     * One rusher.
     *
     * @param shown the gap he stands in before the snap, or null when he stands beyond the surface
     * @param rushed the gap he comes through, or null when his job names none
     */
    public record Rush(
            Job job, @Nullable Gap shown, @Nullable Gap rushed) {}

    public static RushCount of(Lineup lineup) {
        var rushes = new ArrayList<Rush>();
        var cover = new ArrayList<Job>();
        for (Job job : lineup.jobs()) {
            if (job.passTask() instanceof Task.Rush rush) {
                rushes.add(new Rush(
                        job,
                        shown(lineup, job).orElse(null),
                        rushed(lineup, job, rush).orElse(null)));
            } else {
                cover.add(job);
            }
        }
        return new RushCount(List.copyOf(rushes), List.copyOf(cover));
    }

    public List<Job> rushers() {
        return rushes.stream().map(Rush::job).toList();
    }

    /** The lane his pass job names, else the gap of his movement, else his run gap. */
    private static Optional<Gap> rushed(Lineup lineup, Job job, Task.Rush rush) {
        GapWord word = rush.lane();
        if (word == null && job.after().move() instanceof By<Move> by) {
            word = by.value().gap();
        }
        return word != null ? word.in(lineup.view(job)) : GapLedger.gap(lineup, job);
    }

    private static Optional<Gap> shown(Lineup lineup, Job job) {
        if (job.feet() == null) {
            return Optional.empty();
        }
        Side side = job.feet().x() < lineup.features().shape().centre().x() ? Side.LEFT : Side.RIGHT;
        Flank flank = lineup.features().shape().flank(side);
        for (int i = 0; i < flank.surface().size(); i++) {
            if (side.sign() * job.feet().x()
                    < side.sign() * flank.surface().get(i).x()) {
                return Optional.of(new Gap(side, i));
            }
        }
        double beyond = side.sign() * (job.feet().x() - flank.endMan().x());
        return beyond <= Math.abs(flank.guard().x() - flank.middle().x())
                ? Optional.of(new Gap(side, flank.surface().size()))
                : Optional.empty();
    }
}
