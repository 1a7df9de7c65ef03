package mensch.core.grading;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.event.Observed;
import mensch.core.film.Measured;
import mensch.core.film.Places;
import mensch.core.film.Shot;
import mensch.core.film.Times;
import mensch.core.film.Times.Time;
import mensch.core.formation.Man;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rubric.Facet;
import mensch.core.rung.Gap;
import mensch.core.rung.Task;
import mensch.core.rung.View;

/**
 * Where a man was when it counted: in his gap when the back commits, at his landmark or by his man at the throw. Having
 * drifted and come back in time passes. Who was not clicked at that frame was not seen.
 */
final class MomentOfTruth {
    /** A click so near a moment is of that moment, seconds: two frames of slow film. */
    private static final double SAME = 0.07;

    private final Lineup asked;
    private final Places places;
    private final Times times;

    MomentOfTruth(Lineup asked, Places places, Times times) {
        this.asked = asked;
        this.places = places;
        this.times = times;
    }

    /** @param task what he was to do on this play once he had read it */
    Optional<Proposed> of(Job job, Task task) {
        View view = asked.view(job);
        if (task instanceof Task.Fit fit) {
            Optional<Gap> his = Optional.ofNullable(fit.gap()).flatMap(gap -> gap.in(view));
            return times.of(Observed.BACK_COMMITS).flatMap(when -> his.flatMap(gap -> inGap(job, gap, when)));
        }
        if (task instanceof Task.Cover cover) {
            return times.of(Observed.BALL_THROWN).flatMap(when -> atLandmark(job, cover.landmark(view), when));
        }
        if (task instanceof Task.OnMen on) {
            return times.of(Observed.BALL_THROWN)
                    .flatMap(when -> view.man(on.men().get(0)).flatMap(man -> byMan(job, man, when)));
        }
        return Optional.empty();
    }

    private Optional<Shot> at(String who, Time when) {
        return places.near(who, when.seconds(), Math.max(SAME, when.doubt()));
    }

    /** Between the feet of the two men who bound it at the snap, as long as they bound it. */
    private Optional<Proposed> inGap(Job job, Gap gap, Time when) {
        Flank flank = asked.features().shape().flank(gap.side());
        Man inner = gap.inner(flank);
        Optional<Man> outer = gap.outer(flank);
        Optional<Measured> past = from(inner, job.id(), when);
        Optional<Measured> within = outer.flatMap(man -> from(man, job.id(), when));
        if (past.isEmpty() || outer.isPresent() && within.isEmpty()) {
            return Optional.empty();
        }
        String said = gap.words() + " when the back commits: ";
        Optional<String> gone = gone(inner, outer, gap.side(), when);
        if (gone.isPresent()) {
            return Optional.of(
                    new Proposed(job.id(), Facet.ASSIGNMENT, GradeMark.NOT_TOLD, said + "not told, " + gone.get()));
        }
        AxisVerdict inside = onSide(past.get(), gap.side());
        Optional<AxisVerdict> outside = within.map(w -> onSide(w, gap.side().opposite()));
        if (inside instanceof AxisVerdict.Out out) {
            return Optional.of(beyond(job, said, out, "inside", inner));
        }
        if (outside.orElse(null) instanceof AxisVerdict.Out out) {
            return Optional.of(beyond(job, said, out, "outside", outer.orElseThrow()));
        }
        boolean in = inside instanceof AxisVerdict.In
                && outside.filter(o -> !(o instanceof AxisVerdict.In)).isEmpty();
        return Optional.of(new Proposed(
                job.id(),
                Facet.ASSIGNMENT,
                in ? GradeMark.TO_STANDARD : GradeMark.NOT_TOLD,
                said + (in ? "in it" : "not told, he is too near a blocker's middle")));
    }

    private static Proposed beyond(Job job, String said, AxisVerdict.Out out, String where, Man blocker) {
        return new Proposed(
                job.id(),
                Facet.ASSIGNMENT,
                GradeMark.BELOW,
                said
                        + String.format(
                                Locale.ROOT,
                                "%.1f yd %s of it, past %s (\u00b1 %.1f)",
                                out.yards(),
                                where,
                                blocker.name(),
                                out.uncertainty()));
    }

    /** Who no longer bounds the gap: he has pulled past the other, or climbed; it reaches to the next man then. */
    private Optional<String> gone(Man inner, Optional<Man> outer, Side side, Time when) {
        double climbed = asked.convention().keys().line().past();
        Optional<Man> up = Stream.concat(Stream.of(inner), outer.stream())
                .filter(man -> at(man.name(), when)
                        .flatMap(places::fromBall)
                        .filter(m -> m.feet().y() - AxisVerdict.Z95 * m.sigmaY() > climbed)
                        .isPresent())
                .findFirst();
        if (up.isPresent()) {
            return Optional.of(up.get().name() + " has climbed: the gap reaches to the next man");
        }
        boolean crossed = outer.flatMap(man -> from(inner, man.name(), when))
                .filter(m -> side.sign() * m.feet().x() <= 0)
                .isPresent();
        return crossed
                ? Optional.of(inner.name() + " and " + outer.orElseThrow().name()
                        + " have changed sides: the gap reaches to the next man")
                : Optional.empty();
    }

    private Optional<Measured> from(Man blocker, String man, Time when) {
        return at(blocker.name(), when).flatMap(b -> at(man, when).flatMap(m -> places.between(b, m)));
    }

    /** Whether he is on one side of a blocker's middle. */
    private static AxisVerdict onSide(Measured apart, Side side) {
        return AxisVerdict.of(
                side.sign() * apart.feet().x(), 0, Double.POSITIVE_INFINITY, apart.sigmaX(), "short", "past");
    }

    private Optional<Proposed> atLandmark(Job job, Point landmark, Time when) {
        return at(job.id(), when).flatMap(places::fromBall).map(stood -> {
            double off = stood.feet().distance(landmark);
            double doubt = AxisVerdict.Z95 * sigmaAlong(stood, landmark);
            double near = asked.convention().film().landmarkNear();
            // away from it he may be with a receiver of his area: that is for who sees it
            GradeMark mark = off + doubt <= near ? GradeMark.TO_STANDARD : GradeMark.NOT_TOLD;
            double lacks = landmark.y() - stood.feet().y();
            return new Proposed(
                    job.id(),
                    Facet.ASSIGNMENT,
                    mark,
                    String.format(
                            Locale.ROOT,
                            "at the throw %.1f yd from his landmark (\u00b1 %.1f), %.1f yd %s",
                            off,
                            doubt,
                            Math.abs(lacks),
                            lacks > 0 ? "short of its depth" : "deeper"));
        });
    }

    private static double sigmaAlong(Measured stood, Point to) {
        double apart = Math.max(1e-6, stood.feet().distance(to));
        double x = (to.x() - stood.feet().x()) / apart;
        double y = (to.y() - stood.feet().y()) / apart;
        var c = stood.covariance();
        return Math.sqrt(x * x * c.xx() + 2 * x * y * c.xy() + y * y * c.yy());
    }

    /** How near he was is told; how near is near enough the grader says. */
    private Optional<Proposed> byMan(Job job, Man man, Time when) {
        return from(man, job.id(), when).map(apart -> {
            double yards = Math.hypot(apart.feet().x(), apart.feet().y());
            return new Proposed(
                    job.id(),
                    Facet.ASSIGNMENT,
                    GradeMark.NOT_TOLD,
                    String.format(
                            Locale.ROOT,
                            "at the throw %.1f yd from %s (\u00b1 %.1f), %.1f yd %s him",
                            yards,
                            man.name(),
                            AxisVerdict.Z95 * sigmaAlong(apart, new Point(0, 0)),
                            Math.abs(apart.feet().y()),
                            apart.feet().y() > 0 ? "above" : "below"));
        });
    }
}
