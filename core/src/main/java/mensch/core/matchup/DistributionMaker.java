package mensch.core.matchup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.core.convention.Gait;
import mensch.core.convention.RouteLimits;
import mensch.core.convention.School;
import mensch.core.convention.Speeds;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Distribution.By;
import mensch.core.matchup.Distribution.Cover;
import mensch.core.matchup.Distribution.Lost;
import mensch.core.matchup.Distribution.Row;
import mensch.core.matchup.Distribution.Rub;
import mensch.core.play.Pass;
import mensch.core.play.Route;
import mensch.core.rung.Leverage;
import mensch.core.rung.Phrase;
import mensch.core.rung.Place;
import mensch.core.rung.Task;

/**
 * Hands out routes by rule: a man to his man; a match to the receiver it names once he is deep enough; deep routes to
 * the deep man of that width; the others to the area they end in, or, where a back or the third man goes fast to the
 * flat and the house pushes, one area inward-out each.
 */
final class DistributionMaker {
    private final Lineup lineup;
    private final Pass pass;
    private final Side play;
    private final Shape shape;
    private final Speeds speeds;
    private final RouteLimits limits;
    private final AreaLedger areas;
    private final List<Runner> runners = new ArrayList<>();

    /** A man on his way. */
    private record Runner(
            Man man, Side side, Route route, List<Point> points, Gait gait, Point caught, double seconds) {
        Point at(double t) {
            return route.at(t, points, gait);
        }

        Point end() {
            return points.get(points.size() - 1);
        }
    }

    DistributionMaker(Matchup matchup, Pass pass, Side play) {
        this.lineup = matchup.lineup();
        this.pass = pass;
        this.play = play;
        this.shape = lineup.features().shape();
        this.speeds = lineup.convention().speeds();
        this.limits = lineup.convention().routes();
        this.areas = matchup.areas();
        for (Pass.Told told : pass.told()) {
            Man man = told.who().in(lineup.viewFrom(play));
            if (man != null && runners.stream().noneMatch(r -> r.man().equals(man))) {
                runners.add(runner(man, told.who().side(lineup.viewFrom(play)), told.route()));
            }
        }
    }

    private Runner runner(Man man, Side side, Route route) {
        List<Point> points = route.points(man.feet(), side, lineup.snap().field());
        Gait gait = Builds.gait(man, shape, speeds);
        double depth = shape.quarterback() == null || shape.quarterback().depth() < 2 ? 5 : 7;
        var passer = new Point(0, -depth);
        double seconds = pass.throwSeconds();
        for (int i = 0; i < 3; i++) {
            seconds = pass.throwSeconds() + passer.distance(inBounds(route.at(seconds, points, gait))) / speeds.ball();
        }
        return new Runner(man, side, route, points, gait, inBounds(route.at(seconds, points, gait)), seconds);
    }

    private Point inBounds(Point at) {
        double left = lineup.snap().field().sidelineX(Side.LEFT) + 1;
        double right = lineup.snap().field().sidelineX(Side.RIGHT) - 1;
        return new Point(
                Math.max(left, Math.min(right, at.x())),
                Math.min(at.y(), lineup.snap().field().endLineDepth() - 1));
    }

    Distribution distribution() {
        Map<Runner, List<Cover>> covers = new LinkedHashMap<>();
        runners.forEach(r -> covers.put(r, new ArrayList<>()));
        named(covers);
        List<Runner> left = covers.entrySet().stream()
                .filter(e -> e.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .toList();
        deep(covers, left);
        under(covers, left.stream().filter(r -> covers.get(r).isEmpty()).toList());
        hole(covers);
        var rows = new ArrayList<Row>();
        covers.forEach((r, c) -> {
            c.sort(Comparator.comparingDouble(Cover::lateSeconds));
            rows.add(new Row(
                    r.man(),
                    shape.called(r.man()),
                    r.route(),
                    r.points(),
                    r.caught(),
                    r.seconds(),
                    c,
                    lost(r, c),
                    rub(r, c)));
        });
        return new Distribution(pass, play, rows);
    }

    private void named(Map<Runner, List<Cover>> covers) {
        for (Job job : lineup.jobs()) {
            if (job.passTask() instanceof Task.ManOn on) {
                Man his = lineup.view(job).man(on.man());
                runners.stream()
                        .filter(r -> r.man().equals(his))
                        .forEach(r -> covers.get(r).add(new Cover(job, By.MAN, 0, false)));
            }
            if (job.passTask() instanceof Task.Cover cover && cover.receiver() != null) {
                Man his = lineup.view(job).man(cover.receiver());
                runners.stream()
                        .filter(r -> r.man().equals(his) && r.caught().y() >= limits.matchedFrom())
                        .forEach(r -> covers.get(r).add(new Cover(job, By.MATCH, 0, false)));
            }
        }
    }

    private void deep(Map<Runner, List<Cover>> covers, List<Runner> left) {
        for (Runner runner : left) {
            for (AreaLedger.Row area : areas.deep()) {
                boolean inside = runner.caught().x() >= area.extent().xMin() - 1e-9
                        && runner.caught().x() <= area.extent().xMax() + 1e-9;
                if (runner.caught().y() >= limits.deepFrom()
                        && inside
                        && covers.get(runner).isEmpty()) {
                    covers.get(runner).add(cover(area.owner(), By.DEEP, runner));
                }
            }
        }
    }

    private Cover cover(Job job, By by, Runner runner) {
        double yards = job.feet() == null ? 0 : job.feet().distance(runner.caught());
        double late = Builds.gait(job.role().body(), speeds).time(yards) - runner.seconds();
        return new Cover(job, by, late, late > limits.lateBy());
    }

    private void under(Map<Runner, List<Cover>> covers, List<Runner> left) {
        List<AreaLedger.Row> under = areas.rows().stream()
                .filter(r -> !r.area().deep() && r.extent() != null)
                .toList();
        if (under.isEmpty()) {
            return;
        }
        var still = new ArrayList<>(left);
        for (Side side : Side.values()) {
            List<Runner> here = left.stream()
                    .filter(r -> r.side() == side
                            && r.caught().y() < limits.deepFrom()
                            && side.sign() * r.end().x() > -limits.breaks())
                    .sorted(Comparator.comparingDouble(
                            (Runner r) -> -side.sign() * r.end().x()))
                    .toList();
            if (pushes() && here.size() > 1 && fastFlat(here.get(0))) {
                List<AreaLedger.Row> men = under.stream()
                        .sorted(Comparator.comparingDouble((AreaLedger.Row r) ->
                                -side.sign() * r.landmark().x()))
                        .toList();
                for (int i = 0; i < here.size() && i < men.size(); i++) {
                    covers.get(here.get(i)).add(cover(men.get(i).owner(), By.PUSH, here.get(i)));
                    still.remove(here.get(i));
                }
            }
        }
        List<Job> pushed = covers.values().stream()
                .flatMap(List::stream)
                .filter(c -> c.by() == By.PUSH)
                .map(Cover::job)
                .toList();
        for (Runner runner : still) {
            AreaLedger.Row area = under.stream()
                    .filter(r -> runner.caught().x() >= r.extent().xMin()
                            && runner.caught().x() <= r.extent().xMax())
                    .findFirst()
                    .orElse(null);
            if (area != null && pushed.contains(area.owner())) {
                area = under.stream()
                        .filter(r -> !pushed.contains(r.owner()))
                        .min(Comparator.comparingDouble(
                                r -> Math.abs(r.landmark().x() - runner.caught().x())))
                        .orElse(area);
            }
            if (area != null) {
                covers.get(runner).add(cover(area.owner(), By.AREA, runner));
            }
        }
    }

    private boolean pushes() {
        return !lineup.convention().house().teaches(School.ZONES_KEEP_SPOTS);
    }

    /** The outermost man underneath is the back or a third receiver, and he is there at once. */
    private boolean fastFlat(Runner runner) {
        int at = shape.flank(runner.side()).receivers().indexOf(runner.man());
        return runner.caught().y() <= limits.fastFlat() && (at < 0 || at > 1);
    }

    /** The free man low in the middle helps on the first crosser. */
    private void hole(Map<Runner, List<Cover>> covers) {
        for (Job job : lineup.jobs()) {
            if (job.passTask() instanceof Task.Hole) {
                runners.stream()
                        .filter(r -> r.caught().y() < limits.deepFrom()
                                && r.route().breaksOutward(r.points(), r.side()) < -limits.matchedFrom() / 2)
                        .min(Comparator.comparingDouble(Runner::seconds))
                        .ifPresent(r -> covers.get(r).add(cover(job, By.HOLE, r)));
            }
        }
    }

    /**
     * Only who runs with his man can lose leverage; inside help is a deep middle, a half on that side or the man in the
     * hole.
     */
    private Lost lost(Runner runner, List<Cover> covers) {
        double outward = runner.route().breaksOutward(runner.points(), runner.side());
        for (Cover cover : covers) {
            Place place = cover.job().before().align().orNull();
            boolean his = (cover.by() == By.MAN || cover.by() == By.MATCH)
                    && place != null
                    && place.phrase() instanceof Phrase.Over;
            if (!his || Math.abs(outward) < limits.breaks()) {
                continue;
            }
            Leverage leverage = ((Phrase.Over) place.phrase()).leverage();
            if (leverage == Leverage.INSIDE && outward > 0
                    || leverage == Leverage.OUTSIDE && outward < 0 && !helpInside()) {
                return new Lost(cover.job(), leverage.words(), outward > 0);
            }
        }
        return null;
    }

    private boolean helpInside() {
        return !areas.deep().isEmpty()
                || lineup.jobs().stream()
                        .anyMatch(j -> j.passTask() instanceof Task.Hole
                                || j.passTask() instanceof Task.Cover c
                                        && !c.area().deep());
    }

    /**
     * Another receiver nearer than a yard to the straight way a man takes to his man, before the throw; or one who sits
     * down beside a way that crosses his.
     */
    private Rub rub(Runner runner, List<Cover> covers) {
        for (Cover cover : covers) {
            if (cover.by() != By.MAN || cover.job().feet() == null) {
                continue;
            }
            Point from = cover.job().feet();
            for (Runner other : runners) {
                Point crossing = other == runner || !other.route().settles()
                        ? null
                        : crossing(from, runner.caught(), other.points());
                if (crossing != null && crossing.distance(other.end()) <= limits.sitsBeside()) {
                    return new Rub(
                            cover.job(),
                            other.man(),
                            crossing.distance(other.end()),
                            Math.max(other.route().breaks(), 1));
                }
                for (double t = 0.4; other != runner && t <= pass.throwSeconds(); t += 0.1) {
                    Point toward = runner.at(t);
                    double part = Math.min(1, t / runner.seconds());
                    var way = new Point(
                            from.x() + (toward.x() - from.x()) * part, from.y() + (toward.y() - from.y()) * part);
                    double yards = way.distance(other.at(t));
                    if (yards <= limits.rub()) {
                        return new Rub(cover.job(), other.man(), yards, t);
                    }
                }
            }
        }
        return null;
    }

    /** Where a straight way meets another man's route, or null. */
    private static Point crossing(Point a, Point b, List<Point> route) {
        for (int i = 1; i < route.size(); i++) {
            Point c = route.get(i - 1);
            Point d = route.get(i);
            double cross = (b.x() - a.x()) * (d.y() - c.y()) - (b.y() - a.y()) * (d.x() - c.x());
            double s =
                    cross == 0 ? -1 : ((c.x() - a.x()) * (d.y() - c.y()) - (c.y() - a.y()) * (d.x() - c.x())) / cross;
            double t =
                    cross == 0 ? -1 : ((c.x() - a.x()) * (b.y() - a.y()) - (c.y() - a.y()) * (b.x() - a.x())) / cross;
            if (s > 0 && s < 1 && t >= 0 && t <= 1) {
                return new Point(a.x() + s * (b.x() - a.x()), a.y() + s * (b.y() - a.y()));
            }
        }
        return null;
    }
}
