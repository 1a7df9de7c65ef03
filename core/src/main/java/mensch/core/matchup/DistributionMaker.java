package mensch.core.matchup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.convention.Gait;
import mensch.core.convention.RouteLimits;
import mensch.core.convention.School;
import mensch.core.convention.Speeds;
import mensch.core.event.Event;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.geometry.Point;
import mensch.core.geometry.Segment;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Given;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Distribution.Cover;
import mensch.core.matchup.Distribution.Having;
import mensch.core.matchup.Distribution.Lost;
import mensch.core.matchup.Distribution.Row;
import mensch.core.matchup.Distribution.Rub;
import mensch.core.play.Pass;
import mensch.core.play.Route;
import mensch.core.possible.Ability;
import mensch.core.possible.Builds;
import mensch.core.possible.PassAbility;
import mensch.core.rung.Leverage;
import mensch.core.rung.Phrase;
import mensch.core.rung.Place;
import mensch.core.rung.Ref;
import mensch.core.rung.Steps;
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
    private final Point passer;
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
        this.passer = matchup.launch(pass, play);
        for (Pass.Told told : pass.told()) {
            told.who()
                    .in(lineup.viewFrom(play))
                    .filter(man -> runners.stream().noneMatch(r -> r.man().equals(man)))
                    .ifPresent(man -> runners.add(runner(man, told.who().side(lineup.viewFrom(play)), told.route())));
        }
    }

    private Runner runner(Man man, Side side, Route route) {
        List<Point> points = route.points(man.feet(), side, lineup.snap().field());
        Gait gait = Builds.gait(man, shape, speeds);
        double seconds = pass.throwSeconds();
        for (int i = 0; i < 3; i++) {
            seconds = pass.throwSeconds()
                    + passer.distance(inBounds(route.at(seconds, points, gait)))
                            / speeds.passer().ball();
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
        under(covers, left.stream().filter(r -> having(covers, r).isEmpty()).toList());
        hole(covers);
        var rows = new ArrayList<Row>();
        covers.forEach((r, c) -> {
            c.sort(Comparator.comparingDouble(Cover::lateSeconds));
            List<Cover> able = c.stream().filter(one -> !one.late()).toList();
            rows.add(new Row(
                    r.man(),
                    shape.called(r.man()),
                    r.route(),
                    r.points(),
                    r.caught(),
                    r.seconds(),
                    able,
                    c.stream().filter(Cover::late).toList(),
                    lost(r, able).orElse(null),
                    rub(r, able).orElse(null)));
        });
        return new Distribution(pass, play, rows);
    }

    private void named(Map<Runner, List<Cover>> covers) {
        for (Job job : lineup.jobs()) {
            if (job.passTask() instanceof Task.FirstOf first) {
                firstOf(job, first)
                        .ifPresent(r -> having(covers, r)
                                .add(new Cover(job, Having.MAN, 0, apart(job, first) && nobody(job, r.man()))));
            } else if (job.passTask() instanceof Task.OnMen on) {
                runner(job, on.men().get(0))
                        .ifPresent(r -> having(covers, r).add(new Cover(job, Having.MAN, 0, nobody(job, r.man()))));
            }
            peel(job).ifPresent(r -> having(covers, r).add(new Cover(job, Having.MAN, 0, false)));
            if (job.passTask() instanceof Task.Cover cover && cover.receiver() != null) {
                Optional<Runner> his =
                        runner(job, cover.receiver()).filter(r -> r.caught().y() >= limits.matchedFrom());
                Ref trapped = cover.trapped();
                (trapped != null && outAtOnce(job) ? trapped(job, trapped) : his)
                        .ifPresent(r -> having(covers, r).add(new Cover(job, Having.MATCH, 0, false)));
            }
        }
    }

    /** Whom a rusher takes who is told so for the case that the back swings, when he does, on his side. */
    private Optional<Runner> peel(Job job) {
        Steps pass = job.after().pass().orNull();
        if (pass == null || pass.steps().get(0).until() != Event.Seen.BACK_SWINGS) {
            return Optional.empty();
        }
        return pass.steps().get(1).task() instanceof Task.OnMen on
                ? runner(job, on.men().get(0))
                        .filter(r -> job.seat().sign() * r.caught().x() > 0)
                : Optional.empty();
    }

    private Optional<Runner> runner(Job job, Ref ref) {
        return lineup.view(job)
                .man(ref)
                .flatMap(
                        man -> runners.stream().filter(r -> r.man().equals(man)).findFirst());
    }

    /** Whom a trap sends a man to: number two where he is, number one only when he goes deep. */
    private Optional<Runner> trapped(Job job, Ref ref) {
        return runner(job, ref).filter(r -> ref.number() == 2 || r.caught().y() >= limits.matchedFrom());
    }

    /** Number two on a man's side is in the flat before he has gone the depth at which routes are matched. */
    private boolean outAtOnce(Job job) {
        return runner(job, Ref.number(2))
                .filter(r -> r.caught().y() < limits.matchedFrom()
                        && r.route().breaksOutward(r.points(), r.side()) >= limits.breaks())
                .isPresent();
    }

    /** Too far apart for two men to sort them out between them. */
    private boolean apart(Job job, Task.FirstOf first) {
        List<Double> x = first.men().stream()
                .flatMap(ref -> lineup.view(job).feet(ref).stream())
                .map(Point::x)
                .toList();
        return Math.abs(x.get(0) - x.get(1))
                > lineup.convention().thresholds().splits().bunch();
    }

    /**
     * Of two receivers the one who ends farther out goes to the man who has the first out, the other to his partner.
     */
    private Optional<Runner> firstOf(Job job, Task.FirstOf first) {
        Comparator<Runner> out =
                Comparator.comparingDouble(r -> r.side().sign() * r.caught().x());
        return first.men().stream()
                .flatMap(ref -> runner(job, ref).stream())
                .reduce((a, b) -> first.out() == out.compare(a, b) >= 0 ? a : b);
    }

    /** A man told another whom he cannot cover from where he stands. */
    private boolean nobody(Job job, Man his) {
        return new PassAbility(lineup).man(job, his) instanceof Ability.Beside beside && beside.none();
    }

    private void deep(Map<Runner, List<Cover>> covers, List<Runner> left) {
        for (Runner runner : left) {
            for (AreaLedger.Row area : areas.deep()) {
                boolean inside = runner.caught().x() >= area.extent().xMin() - 1e-9
                        && runner.caught().x() <= area.extent().xMax() + 1e-9;
                if (runner.caught().y() >= limits.deepFrom()
                        && inside
                        && having(covers, runner).isEmpty()) {
                    having(covers, runner).add(cover(area.owner(), Having.DEEP, runner));
                }
            }
        }
    }

    /** A man is there when he is within the two yards from which he plays the ball. */
    private Cover cover(Job job, Having by, Runner runner) {
        double near = lineup.convention().jobs().drop().near();
        double yards = Math.max(0, job.feetOr(runner.caught()).distance(runner.caught()) - near);
        double late = Builds.gait(job.role().body(), speeds).time(yards) - runner.seconds();
        return new Cover(job, by, late, late > limits.clock().lateBy());
    }

    private void under(Map<Runner, List<Cover>> covers, List<Runner> left) {
        List<AreaLedger.Row> under =
                areas.rows().stream().filter(r -> !r.area().deep()).toList();
        if (under.isEmpty()) {
            return;
        }
        var still = new ArrayList<>(left);
        if (pushes()) {
            for (Side side : Side.values()) {
                still.removeAll(pushed(covers, left, under, side));
            }
        }
        List<Job> pushed = covers.values().stream()
                .flatMap(List::stream)
                .filter(c -> c.by() == Having.PUSH)
                .map(Cover::job)
                .toList();
        for (Runner runner : still) {
            under.stream()
                    .filter(r -> runner.caught().x() >= r.extent().xMin()
                            && runner.caught().x() <= r.extent().xMax())
                    .findFirst()
                    .map(area -> pushed.contains(area.owner())
                            ? nextTo(runner, under, pushed).orElse(area)
                            : area)
                    .ifPresent(area -> having(covers, runner).add(cover(area.owner(), Having.AREA, runner)));
        }
    }

    /** With a fast flat the underneath men of a side push one man out each; who is had so, is had. */
    private List<Runner> pushed(
            Map<Runner, List<Cover>> covers, List<Runner> left, List<AreaLedger.Row> under, Side side) {
        List<Runner> here = left.stream()
                .filter(r -> r.side() == side
                        && r.caught().y() < limits.deepFrom()
                        && side.sign() * r.end().x() > -limits.breaks())
                .sorted(Comparator.comparingDouble(
                        (Runner r) -> -side.sign() * r.end().x()))
                .toList();
        if (here.size() < 2 || !fastFlat(here.get(0))) {
            return List.of();
        }
        List<AreaLedger.Row> men = under.stream()
                .sorted(Comparator.comparingDouble(
                        (AreaLedger.Row r) -> -side.sign() * r.landmark().x()))
                .toList();
        List<Runner> had = here.subList(0, Math.min(here.size(), men.size()));
        for (int i = 0; i < had.size(); i++) {
            having(covers, had.get(i)).add(cover(men.get(i).owner(), Having.PUSH, had.get(i)));
        }
        return had;
    }

    /** The nearest man underneath whom no route has pushed on. */
    private static Optional<AreaLedger.Row> nextTo(Runner runner, List<AreaLedger.Row> under, List<Job> pushed) {
        return under.stream()
                .filter(r -> !pushed.contains(r.owner()))
                .min(Comparator.comparingDouble(
                        r -> Math.abs(r.landmark().x() - runner.caught().x())));
    }

    /** Those who have a runner so far. */
    private static List<Cover> having(Map<Runner, List<Cover>> covers, Runner runner) {
        return covers.computeIfAbsent(runner, r -> new ArrayList<>());
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
                        .ifPresent(r -> having(covers, r).add(cover(job, Having.HOLE, r)));
            }
        }
    }

    /**
     * Only who runs with his man can lose leverage; inside help is a deep middle, a half on that side or the man in the
     * hole.
     */
    private Optional<Lost> lost(Runner runner, List<Cover> covers) {
        double outward = runner.route().breaksOutward(runner.points(), runner.side());
        for (Cover cover : covers) {
            boolean his = cover.by() == Having.MATCH
                    || cover.by() == Having.MAN && cover.job().passTask() instanceof Task.ManOn;
            if (!his
                    || Math.abs(outward) < limits.breaks()
                    || !(cover.job().before().align() instanceof Given.By<Place> by)
                    || !(by.value().phrase() instanceof Phrase.Over over)
                    || lineup.view(cover.job())
                            .man(over.ref())
                            .filter(runner.man()::equals)
                            .isEmpty()) {
                continue;
            }
            Leverage leverage = over.leverage();
            if (leverage == Leverage.INSIDE && outward > 0
                    || leverage == Leverage.OUTSIDE && outward < 0 && !helpInside()) {
                return Optional.of(new Lost(cover.job(), leverage.words(), outward > 0));
            }
        }
        return Optional.empty();
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
    private Optional<Rub> rub(Runner runner, List<Cover> covers) {
        for (Cover cover : covers) {
            Point from = cover.job().feet();
            if (!(cover.job().passTask() instanceof Task.ManOn) || from == null) {
                continue;
            }
            for (Runner other : runners) {
                Optional<Point> crossing = other == runner || !other.route().settles()
                        ? Optional.empty()
                        : new Segment(from, runner.caught()).crossing(other.points());
                if (crossing.filter(
                                c -> c.distance(other.end()) <= limits.traffic().sitsBeside())
                        .isPresent()) {
                    return Optional.of(new Rub(
                            cover.job(),
                            other.man(),
                            crossing.get().distance(other.end()),
                            Math.max(other.route().breaks(), 1)));
                }
                for (double t = limits.traffic().watchFrom();
                        other != runner && t <= pass.throwSeconds();
                        t += limits.traffic().watchEvery()) {
                    Point way = new Segment(from, runner.at(t)).at(Math.min(1, t / runner.seconds()));
                    double yards = way.distance(other.at(t));
                    if (yards <= limits.traffic().rub()) {
                        return Optional.of(new Rub(cover.job(), other.man(), yards, t));
                    }
                }
            }
        }
        return Optional.empty();
    }
}
