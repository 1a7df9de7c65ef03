package mensch.core.matchup;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.convention.OptionLimits;
import mensch.core.document.Worded;
import mensch.core.formation.Shape.Flank;
import mensch.core.front.Role;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Picture.Stand;
import mensch.core.play.BallPath;
import mensch.core.play.Leaves;
import mensch.core.play.RunPass;
import mensch.core.rung.FitRole;
import mensch.core.rung.Steps;
import mensch.core.rung.Task;
import org.jspecify.annotations.Nullable;

/**
 * A play that asks one defender two things, or an option that asks for an owner of each ball path (handbook 3, options
 * and run-pass conflicts).
 *
 * @param option the run-pass option; none for a run that is an option by itself
 * @param name of the play
 * @param play the side the run goes to
 * @param key the man a run-pass option reads; null for a plain option, or when nobody stands where it looks
 * @param run what the run asks of him and when; null when his run job asks nothing yet
 * @param pass what the pass asks of him and when; null when the throw is somebody else's
 * @param owners who has each ball path of an option
 * @param open ball paths nobody has
 */
public record Conflict(
        Optional<RunPass> option,
        String name,
        Side play,
        @Nullable Job key,
        @Nullable Demand run,
        @Nullable Demand pass,
        Map<BallPath, Job> owners,
        List<BallPath> open) {

    /** A man without a place is as far away as can be. */
    private static final Point NOWHERE = new Point(Double.MAX_VALUE, 0);

    /** A job asked from one time to another, seconds after the snap. */
    public record Demand(String words, double from, double to) {}

    public Conflict {
        owners = owners.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(owners));
        open = List.copyOf(open);
    }

    /** Seconds during which he is asked both; 0 when never. */
    public double overlap() {
        return run == null || pass == null
                ? 0
                : Math.max(0, Math.min(run.to(), pass.to()) - Math.max(run.from(), pass.from()));
    }

    /** How a play asks its man. */
    public enum Asks implements Worded {
        ONE_THING,
        /** Two at once, for so short that he does one after the other. */
        TWO_FOR_A_MOMENT,
        TWO_THINGS
    }

    /** @param little seconds of both that cost a man nothing */
    public Asks asks(double little) {
        double both = overlap();
        return both <= 0 ? Asks.ONE_THING : both < little ? Asks.TWO_FOR_A_MOMENT : Asks.TWO_THINGS;
    }

    static Conflict of(Matchup matchup, Picture picture, RunPass option, Blocking blocking) {
        Lineup lineup = matchup.lineup();
        Side play = blocking.play();
        Side side = lineup.viewFrom(play).side(option.on());
        Optional<Job> key = key(picture, option.reads(), side).map(Stand::job);
        return new Conflict(
                Optional.of(option),
                option.name(),
                play,
                key.orElse(null),
                key.flatMap(k -> run(lineup, k, blocking, option)).orElse(null),
                key.flatMap(k -> pass(matchup, k, option, play)).orElse(null),
                Map.of(),
                List.of());
    }

    /** Who stands nearest to halfway between the tackle and the second receiver. */
    private static Optional<Stand> overhang(List<Stand> here, Flank flank, OptionLimits limits) {
        double tackle = Math.abs(flank.tackle().x());
        double two = flank.receivers().size() > 1
                ? Math.abs(flank.receivers().get(1).x())
                : tackle + limits.overhang().beside();
        double middle = (tackle + Math.max(two, tackle + 1)) / 2;
        return here.stream()
                .filter(s -> !s.job().role().lineman()
                        && s.depth() <= limits.overhang().depth()
                        && Math.abs(s.u()) >= tackle - limits.overhang().inside())
                .min(Comparator.comparingDouble(s -> Math.abs(Math.abs(s.u()) - middle) + s.depth() / 4));
    }

    private static Optional<Stand> key(Picture picture, RunPass.Read read, Side side) {
        Flank flank = picture.shape.flank(side);
        List<Stand> here = picture.stands.stream()
                .filter(s -> s.at(picture.play).x() * side.sign() > 0)
                .toList();
        return switch (read) {
            case OVERHANG -> overhang(here, flank, picture.lineup.convention().options());
            case CORNER ->
                here.stream()
                        .filter(s -> !s.job().role().lineman())
                        .max(Comparator.comparingDouble(s -> Math.abs(s.u())));
            case EDGE ->
                picture.onTheLine().stream()
                        .filter(here::contains)
                        .max(Comparator.comparingDouble(s -> Math.abs(s.u())));
            case BACKER ->
                picture.backers().stream()
                        .filter(s -> s.job().role().body() == Role.Body.LB)
                        .min(Comparator.comparingDouble(s ->
                                Math.abs(s.at(picture.play).x() - flank.guard().x())));
        };
    }

    /**
     * A gap or an edge of his own asks for him from the mesh on; who waits until the quarterback crosses is asked only
     * then.
     */
    private static Optional<Demand> run(Lineup lineup, Job key, Blocking blocking, RunPass option) {
        Steps steps = key.after().run().orNull();
        double mesh = option.run().meshSeconds(lineup.viewFrom(blocking.play()));
        boolean waits = steps != null && steps.first() instanceof Task.None;
        if (steps == null || waits || !asksAtOnce(steps.first()) || !comesToHim(lineup, key, steps.first(), blocking)) {
            return Optional.empty();
        }
        return Optional.of(new Demand(steps.first().words(), mesh, Math.max(mesh, blocking.ballSeconds())));
    }

    /**
     * A gap or an edge asks for its man when the ball aims at it or beside it, or when the quarterback may keep the
     * ball to that side; a force man is not asked by a run inside or away from him.
     */
    private static boolean comesToHim(Lineup lineup, Job key, Task task, Blocking blocking) {
        if (!(task instanceof Task.Fit fit)) {
            return true;
        }
        Side side =
                fit.gap() == null ? key.seat() : lineup.view(key).side(fit.gap().where());
        double edge = lineup.features().shape().flank(side).endMan().x()
                + side.sign() * lineup.convention().blocks().point().outside();
        double x = fit.aim(lineup.view(key)).map(Point::x).orElse(edge);
        boolean kept = blocking.run().paths().contains(BallPath.QUARTERBACK) && keep(blocking) == side;
        return kept
                || Math.abs(x - blocking.point().x())
                        <= lineup.convention().options().asksWithin();
    }

    /** The side to which the quarterback of an option keeps the ball. */
    private static Side keep(Blocking blocking) {
        return blocking.run().leaves() == Leaves.BACK_EDGE ? blocking.play().opposite() : blocking.play();
    }

    private static boolean asksAtOnce(Task task) {
        if (task instanceof Task.TwoGap) {
            return true;
        }
        return task instanceof Task.Fit fit
                && (fit.gap() != null
                        || fit.role() == FitRole.FORCE
                        || fit.role() == FitRole.SPILL
                        || fit.role() == FitRole.BOX
                        || fit.role() == FitRole.SQUEEZE
                        || fit.role() == FitRole.DIVE
                        || fit.role() == FitRole.QUARTERBACK);
    }

    /** The throw is his when the ledger of the routes says so; a rusher or a man on another has none of it. */
    private static Optional<Demand> pass(Matchup matchup, Job key, RunPass option, Side play) {
        double release = matchup.lineup().convention().speeds().passer().release();
        return matchup.distribution(option.pass(), play).stream()
                .flatMap(ledger -> ledger.rows().stream())
                .filter(row -> row.owners().stream().anyMatch(c -> c.job().equals(key)))
                .findFirst()
                .map(row -> new Demand(
                        key.passTask().words() + ", " + row.route().id() + " by "
                                + row.man().name(),
                        option.pass().throwSeconds() - release,
                        row.seconds()));
    }

    /** A plain option against its ledger: a different man for each ball path, those told so first. */
    static Conflict ofOption(Matchup matchup, Picture picture, Blocking blocking) {
        List<BallPath> paths = blocking.run().paths();
        List<List<Job>> candidates = paths.stream()
                .map(p -> candidates(matchup, picture, blocking, p))
                .toList();
        Map<BallPath, Job> owners = new EnumMap<>(BallPath.class);
        match(paths, candidates, 0, new ArrayList<>(), new EnumMap<>(BallPath.class), owners);
        return new Conflict(
                Optional.empty(),
                blocking.run().name(),
                blocking.play(),
                null,
                null,
                null,
                owners,
                paths.stream().filter(p -> !owners.containsKey(p)).toList());
    }

    /** The fullest choice of one man a path, the first named first. */
    private static void match(
            List<BallPath> paths,
            List<List<Job>> candidates,
            int at,
            List<Job> used,
            Map<BallPath, Job> now,
            Map<BallPath, Job> best) {
        if (now.size() > best.size()) {
            best.clear();
            best.putAll(now);
        }
        if (at == paths.size() || best.size() == paths.size()) {
            return;
        }
        for (Job job : candidates.get(at)) {
            if (!used.contains(job)) {
                used.add(job);
                now.put(paths.get(at), job);
                match(paths, candidates, at + 1, used, now, best);
                now.remove(paths.get(at));
                used.remove(job);
            }
        }
        match(paths, candidates, at + 1, used, now, best);
    }

    /**
     * Dive: who has the gap the ball aims at, or the man read when he squeezes. Quarterback: who is told so, the man
     * read, the force man of the side he keeps to, a spy. Pitch: who is told so, the force man, then the alley.
     */
    private static List<Job> candidates(Matchup matchup, Picture picture, Blocking blocking, BallPath path) {
        Lineup lineup = matchup.lineup();
        var men = new ArrayList<Job>();
        Side keep = keep(blocking);
        switch (path) {
            case DIVE -> {
                add(men, lineup, FitRole.DIVE, null);
                men.addAll(gapOwners(matchup, blocking));
                men.addAll(blocking.read());
            }
            case QUARTERBACK -> {
                add(men, lineup, FitRole.QUARTERBACK, null);
                double keeps = keep == blocking.play()
                        ? blocking.point().x()
                        : picture.backEnd().x();
                men.sort(Comparator.comparingDouble(
                        j -> Math.abs(j.feetOr(NOWHERE).x() - keeps)));
                lineup.jobs().stream()
                        .filter(j -> j.passTask() instanceof Task.Spy)
                        .forEach(men::add);
                force(picture, keep, men);
                men.addAll(blocking.read());
                add(men, lineup, FitRole.CHASE, keep);
                add(men, lineup, FitRole.ALLEY, keep);
            }
            case PITCH -> {
                add(men, lineup, FitRole.PITCH, null);
                force(picture, blocking.play(), men);
                add(men, lineup, FitRole.ALLEY, blocking.play());
            }
        }
        return men;
    }

    private static void force(Picture picture, Side side, List<Job> men) {
        picture.force(side)
                .filter(s -> s.depth() <= picture.lineup.convention().options().forceDepth())
                .map(Stand::job)
                .ifPresent(men::add);
    }

    private static void add(List<Job> men, Lineup lineup, FitRole role, @Nullable Side side) {
        lineup.jobs().stream()
                .filter(j ->
                        j.fit() instanceof Task.Fit fit && fit.role() == role && (side == null || j.seat() == side))
                .forEach(men::add);
    }

    /** Owners of the gap a run aims at, two-gappers among them. */
    private static List<Job> gapOwners(Matchup matchup, Blocking blocking) {
        var men = new ArrayList<Job>();
        matchup.gaps().rows().stream()
                .filter(r -> r.gap().side() == blocking.play()
                        && r.at().distance(blocking.point())
                                < matchup.lineup().convention().options().sameGap())
                .forEach(r -> {
                    men.addAll(r.owners());
                    men.addAll(r.twoGappers());
                });
        return men;
    }
}
