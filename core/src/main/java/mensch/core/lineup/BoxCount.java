package mensch.core.lineup;

import java.util.ArrayList;
import java.util.List;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Side;
import mensch.core.rung.FitRole;
import mensch.core.rung.Task;

/**
 * How many men the run meets (handbook 9, force and gaps).
 *
 * @param box     between the edges of the line, no deeper than 6 yd
 * @param support the box and the force men within 8 yd deep and 8 yd of the end man
 */
public record BoxCount(List<Job> box, List<Job> support) {
    private static final double BOX_DEPTH = 6;
    private static final double OUTSIDE_ATTACHED = 1;
    private static final double OUTSIDE_TACKLE = 1.5;
    private static final double SUPPORT_YARDS = 8;

    public static BoxCount of(Lineup lineup) {
        var box = new ArrayList<Job>();
        var support = new ArrayList<Job>();
        for (Job job : lineup.jobs()) {
            if (job.feet() == null) {
                continue;
            }
            boolean inBox = job.feet().y() <= BOX_DEPTH && outside(lineup, job) <= 0;
            if (inBox) {
                box.add(job);
            }
            if (inBox || force(job) && job.feet().y() <= SUPPORT_YARDS && beyondEndMan(lineup, job) <= SUPPORT_YARDS) {
                support.add(job);
            }
        }
        return new BoxCount(List.copyOf(box), List.copyOf(support));
    }

    private static boolean force(Job job) {
        return job.runTask() instanceof Task.Fit fit && fit.role() == FitRole.FORCE;
    }

    private static double beyondEndMan(Lineup lineup, Job job) {
        Side side = job.feet().x() < 0 ? Side.LEFT : Side.RIGHT;
        return Math.abs(job.feet().x()) - Math.abs(lineup.features().shape().flank(side).endMan().x());
    }

    private static double outside(Lineup lineup, Job job) {
        Side side = job.feet().x() < 0 ? Side.LEFT : Side.RIGHT;
        Flank flank = lineup.features().shape().flank(side);
        return beyondEndMan(lineup, job) - (flank.tightEnd() != null ? OUTSIDE_ATTACHED : OUTSIDE_TACKLE);
    }
}
