package mensch.core.matchup;

import java.util.List;
import mensch.core.convention.BlockLimits;
import mensch.core.convention.Speeds;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import mensch.core.matchup.Picture.Stand;
import mensch.core.play.Block;
import mensch.core.play.Block.Meets;
import mensch.core.play.Run;
import mensch.core.possible.Builds;
import mensch.core.rung.FitRole;
import mensch.core.rung.Task;

/** How hard each block is, and when a free man is at the point. */
final class BlockJudge {
    private final Picture picture;
    private final Run run;
    private final Point point;
    private final Speeds speeds;
    private final BlockLimits limits;

    BlockJudge(Picture picture, Run run, Point point) {
        this.picture = picture;
        this.run = run;
        this.point = point;
        this.speeds = picture.lineup.convention().speeds();
        this.limits = picture.lineup.convention().blocks();
    }

    Difficulty of(Stand stand, List<Man> blockers, Block how) {
        if (blockers.size() > 1) {
            return new Difficulty(Difficulty.Grade.EASY, Difficulty.Why.DOUBLE, 2, 2);
        }
        Man man = blockers.get(0);
        boolean comesToHim = how.meets() == Meets.DRIVES_OUT && !stand.first();
        if (how.meets() == Meets.IN_SPACE || comesToHim) {
            return new Difficulty(
                    Difficulty.Grade.FAIR, Difficulty.Why.IN_SPACE, man.feet().distance(stand.at(picture.play)), 0);
        }
        Difficulty placed = stand.first()
                ? leverage(stand, man, how)
                : Difficulty.race(
                        arrival(stand) - seconds(man, stand, how),
                        limits.alike().close());
        return placed.against(
                Builds.size(stand.job().role().body()) - Builds.size(man, picture.shape), limits.lighterBy());
    }

    private double seconds(Man man, Stand stand, Block how) {
        return Builds.gait(man, picture.shape, speeds).time(how.yards(man.feet(), stand.at(picture.play), point));
    }

    /** Close enough to the point to decide the run. */
    boolean atPoint(Stand stand) {
        return Math.abs(stand.at(picture.play).x() - point.x())
                <= limits.point().decides();
    }

    /**
     * Outside-in for a ball that passes outside of him, inside-out for one that passes inside; a down block lets it
     * pass outside; a trap or kick comes from the inside, also where the gap is the last and has no man outside it.
     */
    private Difficulty leverage(Stand stand, Man man, Block how) {
        boolean outside = switch (how.meets()) {
            case DRIVES_OUT -> false;
            case SEALS_IN -> true;
            case AS_HE_STANDS, ON_THE_MOVE, IN_SPACE -> picture.u(point) > stand.u();
        };
        double yards = outside ? picture.u(man) - stand.u() : stand.u() - picture.u(man);
        boolean chooses = !outside && (how.meets() == Meets.DRIVES_OUT || how.meets() == Meets.ON_THE_MOVE);
        return Difficulty.leverage(
                chooses ? Math.abs(yards) : yards, limits.alike().headUp());
    }

    private double arrival(Stand stand) {
        double yards = stand.at(picture.play).distance(point);
        double reads = stand.first() ? 0 : speeds.readKey();
        return reads + Builds.gait(stand.job().role().body(), speeds).time(yards);
    }

    Blocking.Free free(Stand stand) {
        Blocking.Delay delay = delay(stand);
        return new Blocking.Free(
                stand.job(), arrival(stand) + (delay == Blocking.Delay.BOOT ? limits.bootHold() : 0), delay);
    }

    private Blocking.Delay delay(Stand stand) {
        Job job = stand.job();
        if (picture.travels(stand)) {
            return Blocking.Delay.MOTION;
        }
        boolean backside = stand.u() < 0;
        boolean holds = job.fit() instanceof Task.Fit fit
                && (fit.role() == FitRole.FORCE || fit.role() == FitRole.CHASE || fit.role() == FitRole.QUARTERBACK);
        return backside && holds && run.carrier(picture.view) != picture.shape.quarterback()
                ? Blocking.Delay.BOOT
                : Blocking.Delay.NONE;
    }
}
