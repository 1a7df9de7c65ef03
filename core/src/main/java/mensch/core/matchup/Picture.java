package mensch.core.matchup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mensch.core.call.MotionAnswer;
import mensch.core.convention.BlockLimits;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.formation.Shape.Flank;
import mensch.core.front.Role;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Task;
import mensch.core.rung.View;

/** A line-up seen along a play side: u is yards toward the play side. Men stand where their movement takes them. */
final class Picture {
    /** Where a defender meets the play, and whether on the line. */
    record Stand(Job job, double u, double depth, boolean first) {
        /** One man stands once in a picture. */
        @Override
        public boolean equals(Object other) {
            return other instanceof Stand that && job == that.job;
        }

        @Override
        public int hashCode() {
            return job.role().id().hashCode() + job.seat().sign();
        }

        Point at(Side play) {
            return new Point(play.sign() * u, depth);
        }
    }

    final Lineup lineup;
    final BlockLimits limits;
    final GapLedger gaps;
    final Side play;
    final View view;
    final Shape shape;
    /** The line from the play-side end to the backside end. */
    final List<Man> line;
    /** Everybody with a place, from the backside to the play side. */
    final List<Stand> stands;

    private final List<Stand> onTheLine;
    private final List<Stand> backers;

    /** @param moved whether men stand where their movement takes them, else where they are at the snap */
    Picture(Lineup lineup, GapLedger gaps, Side play, boolean moved) {
        this.lineup = lineup;
        this.limits = lineup.convention().blocks();
        this.gaps = gaps;
        this.play = play;
        this.shape = lineup.features().shape();
        this.view = lineup.viewFrom(play);
        var men = new ArrayList<Man>();
        Flank here = shape.flank(play);
        Flank there = shape.flank(play.opposite());
        for (int i = here.surface().size() - 1; i >= 0; i--) {
            men.add(here.surface().get(i));
        }
        men.add(here.middle());
        men.addAll(there.surface());
        this.line = List.copyOf(men);
        this.stands = lineup.placed().stream()
                .map(placed -> stand(placed, moved))
                .sorted(Comparator.comparingDouble(Stand::u))
                .toList();
        this.onTheLine = findOnTheLine();
        this.backers = findBackers();
    }

    private Stand stand(Lineup.Placed placed, boolean moved) {
        Job job = placed.job();
        Point at = Optional.ofNullable(job.after().move().orNull())
                .filter(m -> moved && m.gap() != null)
                .flatMap(m -> m.goal(lineup.view(job)))
                .map(goal -> new Point(goal.x(), limits.point().meets()))
                .orElse(placed.feet());
        return new Stand(
                job,
                u(at),
                at.y(),
                job.role().lineman() || at.y() <= limits.level().first());
    }

    double u(Point at) {
        return play.sign() * at.x();
    }

    double u(Man man) {
        return play.sign() * man.x();
    }

    /** The middle man of the front, u: not at the ball when the line is unbalanced. */
    double middle() {
        return u(shape.flank(play).middle());
    }

    /**
     * Whether flow to either side is his: a deep man between the tackles or in the middle of the field, another man on
     * the ball.
     */
    boolean allFlow(Stand stand) {
        boolean deep = stand.depth() > limits.level().second();
        double middle = deep ? u(tackle()) - middle() : limits.alike().headUp();
        boolean central = deep
                && stand.job().passTask() instanceof Task.Cover cover
                && cover.area().central();
        return central || Math.abs(stand.u() - middle()) <= middle;
    }

    Man playEnd() {
        return line.get(0);
    }

    Man backEnd() {
        return line.get(line.size() - 1);
    }

    Man tackle() {
        return shape.flank(play).tackle();
    }

    /** On the line, no wider than a step and a half outside the last man of the surface. */
    List<Stand> onTheLine() {
        return onTheLine;
    }

    private List<Stand> findOnTheLine() {
        double wide = limits.reach().edge() + 1;
        return stands.stream()
                .filter(s -> s.first() && s.u() <= u(playEnd()) + wide && s.u() >= u(backEnd()) - wide)
                .toList();
    }

    /** Second-level men inside the edges, backers also a step outside them, from the play side. */
    List<Stand> backers() {
        return backers;
    }

    private List<Stand> findBackers() {
        return stands.stream()
                .filter(s -> !s.first()
                        && s.depth() <= limits.level().second()
                        && s.u() <= u(playEnd()) + wide(s)
                        && s.u() >= u(backEnd()) - wide(s))
                .sorted(Comparator.comparingDouble((Stand s) -> -s.u()))
                .toList();
    }

    private static double wide(Stand stand) {
        return stand.job().role().body() == Role.Body.LB ? 2 : 0;
    }

    /** The man who turns the run in on a side. */
    Optional<Stand> force(Side side) {
        return gaps.edges().stream()
                .filter(e -> e.side() == side && !e.forces().isEmpty())
                .findFirst()
                .flatMap(e -> stand(e.forces().get(0).id()));
    }

    /** He has come over with the motion and fits on the move. */
    boolean travels(Stand stand) {
        MotionAnswer answer = lineup.answer();
        return answer != null
                && answer.kind() == MotionAnswer.Kind.TRAVEL
                && answer.roles().contains(stand.job().role().id());
    }

    /** Where a man of this line-up meets the play. */
    Optional<Stand> stand(Job job) {
        for (Stand stand : stands) {
            if (stand.job() == job) {
                return Optional.of(stand);
            }
        }
        return Optional.empty();
    }

    Optional<Stand> stand(String job) {
        return stands.stream().filter(s -> s.job().id().equals(job)).findFirst();
    }
}
