package mensch.core.lineup;

import java.util.ArrayList;
import java.util.List;
import mensch.core.convention.Limits;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.rung.FitRole;
import mensch.core.rung.Task;

/**
 * How many men the run meets (handbook 9, force and gaps).
 *
 * @param box between the edges of the line, no deeper than {@link Limits#boxDepth()}
 * @param support the box and the force men near it, as {@link Limits#support()} says
 */
public record BoxCount(List<Job> box, List<Job> support) {
    public static BoxCount of(Lineup lineup) {
        Limits limits = lineup.convention().limits();
        var box = new ArrayList<Job>();
        var support = new ArrayList<Job>();
        for (Job job : lineup.jobs()) {
            Point feet = job.feet();
            if (feet == null) {
                continue;
            }
            boolean inBox = feet.y() <= limits.box().depth() && outside(lineup, feet, limits) <= 0;
            if (inBox) {
                box.add(job);
            }
            if (inBox
                    || force(job)
                            && feet.y() <= limits.box().support()
                            && beyondEndMan(lineup, feet) <= limits.box().support()) {
                support.add(job);
            }
        }
        return new BoxCount(List.copyOf(box), List.copyOf(support));
    }

    private static boolean force(Job job) {
        return job.runTask() instanceof Task.Fit fit && fit.role() == FitRole.FORCE;
    }

    private static double beyondEndMan(Lineup lineup, Point feet) {
        Side side = feet.x() < 0 ? Side.LEFT : Side.RIGHT;
        return Math.abs(feet.x())
                - Math.abs(lineup.features().shape().flank(side).endMan().x());
    }

    private static double outside(Lineup lineup, Point feet, Limits limits) {
        Side side = feet.x() < 0 ? Side.LEFT : Side.RIGHT;
        Flank flank = lineup.features().shape().flank(side);
        return beyondEndMan(lineup, feet)
                - (flank.tightEnd() != null
                        ? limits.box().beyondEnd()
                        : limits.box().beyondTackle());
    }
}
