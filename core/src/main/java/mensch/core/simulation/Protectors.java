package mensch.core.simulation;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.matchup.Pickup;

/**
 * Who protects the passer: each sets between the man he has and the passer, takes another who comes to him when his own
 * has gone, and helps a neighbour when nobody comes.
 */
final class Protectors {
    private static final int NOBODY = -1;

    private final SnapDetails.Protectors figures;
    private final Cast cast;
    private final Ground ground;
    private final Contests contests;
    private final SnapModel model;
    private final Luck luck;
    private final int passer;
    /** Where he throws from: he is protected there before he is there. */
    private final Point launch;

    private final boolean[] protects;
    private final boolean[] edge;
    private final int[] target;
    private final int[] mayTurn;

    /** @param stays whether a man of the offence has no route to run at once */
    Protectors(
            Cast cast,
            Ground ground,
            Contests contests,
            SnapModel model,
            Luck luck,
            int passer,
            Point launch,
            List<Pickup> pickups,
            Predicate<Man> stays) {
        this.launch = launch;
        this.cast = cast;
        this.figures = cast.details.protectors();
        this.ground = ground;
        this.contests = contests;
        this.model = model;
        this.luck = luck;
        this.passer = passer;
        protects = new boolean[cast.defence];
        edge = new boolean[cast.defence];
        target = new int[cast.defence];
        mayTurn = new int[cast.defence];
        Arrays.fill(target, NOBODY);
        for (Pickup pickup : pickups) {
            int man = who(pickup.blocker(), pickups, stays);
            if (man == NOBODY) {
                continue;
            }
            protects[man] = true;
            edge[man] = pickup.how() == Pickup.How.EDGE;
            Job rusher = pickup.rusher();
            if (rusher != null) {
                target[man] = cast.named(cast.idOf(rusher));
            }
        }
    }

    /** Who has a route of his own goes; another who stays in takes what the protection gives him, if there is one. */
    private int who(Man told, List<Pickup> pickups, Predicate<Man> stays) {
        if (told.interior() || stays.test(told)) {
            return cast.of(told);
        }
        List<Man> given = pickups.stream().map(Pickup::blocker).toList();
        return cast.shape.backs().stream()
                .filter(back -> stays.test(back) && !given.contains(back) && !protects[cast.of(back)])
                .findFirst()
                .map(cast::of)
                .orElse(NOBODY);
    }

    boolean works(int man) {
        return protects[man];
    }

    /** Whom he has, -1 for nobody. */
    int target(int man) {
        return target[man];
    }

    void leaves(int man) {
        protects[man] = false;
    }

    /** Where everybody who protects wants to be now. */
    void aim(int tick) {
        for (int man = 0; man < cast.defence; man++) {
            if (protects[man] && !contests.engaged(man)) {
                turns(man, tick);
                sets(man, tick);
            }
        }
    }

    private void sets(int man, int tick) {
        int his = target[man];
        boolean interior = interior(man);
        if (his == NOBODY) {
            int help = near(man);
            double x = help == NOBODY ? ground.x[man] : ground.x[help];
            double y = help == NOBODY ? Math.min(ground.y[man], -figures.sets()) : ground.y[help] - figures.before();
            ground.aim(
                    man,
                    x,
                    Math.min(y, interior ? -figures.sets() : ground.y[man]),
                    model.protect().sets(),
                    true);
            return;
        }
        boolean there = Clock.seconds(tick) > model.passer().set();
        double toX = there ? ground.x[passer] : launch.x();
        double toY = there ? ground.y[passer] : launch.y();
        double dx = toX - ground.x[his];
        double dy = toY - ground.y[his];
        double away = Math.max(1e-6, Math.sqrt(dx * dx + dy * dy));
        double lead = figures.leads();
        double x = ground.x[his] + lead * ground.vx[his] + figures.before() * dx / away;
        double y = ground.y[his] + lead * ground.vy[his] + figures.before() * dy / away;
        // he waits for his man where that man has to come by
        double deepest = interior ? -figures.sets() : -figures.sets() / 2;
        double to = Math.max(toY + figures.before(), Math.min(deepest, y));
        boolean first = Clock.seconds(tick) < figures.firstSteps();
        ground.aim(man, x, to, first ? ground.top[man] : model.protect().sets(), true);
    }

    private boolean interior(int man) {
        Man his = cast.actors.get(man).man();
        return his != null && his.interior();
    }

    /** A neighbour's man to be helped on, the nearest rusher whom one man has. */
    private int near(int man) {
        int best = NOBODY;
        double least = figures.looks() * figures.looks() * figures.looksSlack();
        for (int d = cast.defence; d < cast.size(); d++) {
            double away = ground.squared(man, d);
            if (away < least && ground.y[d] < figures.helpsTo() && contests.blockers(d) == 1) {
                best = d;
                least = away;
            }
        }
        return best;
    }

    /** His man has gone aside: he takes who comes to him, if he sees it in time. */
    private void turns(int man, int tick) {
        int his = target[man];
        boolean gone = his == NOBODY
                || Math.abs(ground.x[his] - ground.x[man]) > figures.gone()
                        && Math.abs(ground.y[his] - ground.y[man]) < figures.goneDeep()
                || contests.engaged(his) && contests.first[his] != man
                || ground.y[his] < ground.y[man] - figures.past();
        if (!gone || tick < mayTurn[man]) {
            return;
        }
        comes(man).ifPresent(other -> {
            boolean passesOff = luck.of(cast.actors.get(man).luck(), Luck.What.PASSES_OFF, other)
                    < model.protect().passesOff();
            if (his == NOBODY || passesOff) {
                target[man] = other;
            } else {
                mayTurn[man] = tick + Clock.ticks(figures.turnsAgain());
            }
        });
    }

    /** A rusher near him whom nobody has. */
    private Optional<Integer> comes(int man) {
        int best = NOBODY;
        double least = figures.looks() * figures.looks();
        for (int d = cast.defence; d < cast.size(); d++) {
            double away = ground.squared(man, d);
            boolean rushes = ground.y[d] < figures.rushesFrom()
                    && ground.y[d] > ground.y[man] - figures.abreast()
                    && ground.vy[d] < -figures.rushesFast();
            if (rushes && away < least && !contests.engaged(d) && d != target[man]) {
                best = d;
                least = away;
            }
        }
        return best == NOBODY ? Optional.empty() : Optional.of(best);
    }

    /** Whoever is near enough has his hands on his man, or on the man who runs into him. */
    void meet(int tick) {
        double reach = model.body().arm() * figures.punches();
        double arm = reach * reach;
        for (int man = 0; man < cast.defence; man++) {
            if (!protects[man] || !contests.ready(man, tick)) {
                continue;
            }
            int his = target[man];
            if (his != NOBODY && ground.squared(man, his) <= arm && before(man, his) && contests.blockers(his) < 2) {
                contests.protects(man, his, seconds(man, his), tick);
                continue;
            }
            for (int d = cast.defence; d < cast.size(); d++) {
                boolean comes = ground.squared(man, d) <= arm * figures.runsInto() && before(man, d);
                boolean second = his == NOBODY && contests.blockers(d) == 1;
                if (comes && (contests.blockers(d) == 0 && ground.y[d] < figures.freeFrom() || second)) {
                    target[man] = d;
                    contests.protects(man, d, seconds(man, d), tick);
                    break;
                }
            }
        }
    }

    /** Whether a rusher still has to come by him: who is past him is not caught from behind. */
    private boolean before(int man, int rusher) {
        double his = ground.distance(rusher, launch.x(), launch.y());
        return his > ground.distance(man, launch.x(), launch.y()) - figures.between();
    }

    /** How long he holds him; now and then a rusher wins at once. */
    private double seconds(int man, int rusher) {
        SnapModel.Protect protect = model.protect();
        long who = cast.actors.get(rusher).luck();
        int count = contests.met(rusher);
        if (contests.blockers(rusher) == 0 && luck.of(who, Luck.What.WINS, count) < protect.wins()) {
            return protect.winsIn();
        }
        double usual = contests.blockers(rusher) > 0
                ? protect.doubled()
                : interior(man) ? inside(man) ? protect.inside() : protect.tackle() : outside(man);
        return usual * luck.of(protect.spread(), who, Luck.What.PROTECTS, count);
    }

    private boolean inside(int man) {
        Man his = cast.actors.get(man).man();
        double tackle = Math.abs(
                cast.shape.flank(Side.RIGHT).tackle().x() - cast.shape.centre().x());
        return his != null && Math.abs(his.x() - cast.shape.centre().x()) < tackle - figures.inside();
    }

    private double outside(int man) {
        Man his = cast.actors.get(man).man();
        boolean back = his != null && cast.shape.backs().contains(his);
        return back
                ? edge[man] ? model.protect().backEdge() : model.protect().back()
                : model.protect().end();
    }
}
