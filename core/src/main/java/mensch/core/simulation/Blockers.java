package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;
import mensch.core.geometry.Point;
import mensch.core.matchup.Blocking;
import mensch.core.play.Block;
import mensch.core.play.Block.LetsGo;
import mensch.core.play.Block.Meets;
import mensch.core.play.BlockWay.Opens;
import org.jspecify.annotations.Nullable;

/**
 * What the blockers of a run do from the snap on: each verb's own way to its man as he stood at the snap, then to where
 * that man is now. Who finds his man gone takes whoever comes into his way, if his verb counts the line; a man told one
 * defender goes after him.
 */
final class Blockers {
    private static final int NOBODY = -1;
    /** A corner of his way counts as reached within this, yards. */
    private static final double CORNER = 0.6;

    private final SnapDetails.Blockers figures;
    private final Cast cast;
    private final Ground ground;
    private final Contests contests;
    private final SnapModel model;
    private final Story story;
    /** Of the side the run goes to: a fake goes to either. */
    private final int sign;

    private final @Nullable Block[] block;
    private final int[] target;
    private final int[] then;
    private final List<List<Point>> ways;
    private final int[] corner;
    private final boolean[] works;
    /** Who runs deep to take his man with him. */
    private final boolean[] clears;
    /** Whom the play leaves to be read: nobody touches him. */
    private final boolean[] left;

    Blockers(Cast cast, Ground ground, Contests contests, SnapModel model, Story story, Blocking blocking) {
        this.sign = blocking.play().sign();
        this.cast = cast;
        this.figures = cast.details.blockers();
        this.ground = ground;
        this.contests = contests;
        this.model = model;
        this.story = story;
        block = new Block[cast.defence];
        target = new int[cast.defence];
        then = new int[cast.defence];
        corner = new int[cast.defence];
        works = new boolean[cast.defence];
        clears = new boolean[cast.defence];
        left = new boolean[cast.size()];
        blocking.read().forEach(job -> left[cast.of(job)] = true);
        Arrays.fill(target, NOBODY);
        Arrays.fill(then, NOBODY);
        ways = new ArrayList<>(Collections.nCopies(cast.defence, List.of()));
        for (Blocking.Doing doing : blocking.doings()) {
            int man = cast.of(doing.man());
            works[man] = doing.does() == Blocking.Does.BLOCKS
                    || doing.does() == Blocking.Does.CLIMBS
                    || doing.does() == Blocking.Does.CLEARS_OUT;
            if (!works[man]) {
                continue;
            }
            clears[man] = doing.does() == Blocking.Does.CLEARS_OUT;
            block[man] = doing.block() == null ? Block.STALK : doing.block();
            if (doing.on() != null) {
                target[man] = cast.of(doing.on());
                ways.set(man, way(block[man], doing.man().feet(), ground.at(target[man]), blocking.point()));
                corner[man] = 1;
            }
            if (doing.then() != null) {
                then[man] = cast.of(doing.then());
            }
        }
    }

    /** A puller opens at once and runs along behind the line; the drawing's step straight back is the pen's. */
    private List<Point> way(Block block, Point from, Point man, Point point) {
        List<Point> drawn = block.wayOnto(from, man, point, sign);
        if (!block.pulls() || drawn.size() < 3) {
            return drawn;
        }
        var way = new ArrayList<>(drawn);
        double across = point.x() - from.x();
        double opens = Math.signum(across) * Math.min(figures.opens(), Math.abs(across));
        way.set(1, new Point(from.x() + opens, from.y() - figures.opens() / 2));
        return List.copyOf(way);
    }

    /** A man who has a route on this play blocks nobody, whatever the run tells him. */
    void runsARoute(int man) {
        works[man] = false;
    }

    boolean works(int man) {
        return works[man];
    }

    Block block(int man) {
        return Objects.requireNonNull(block[man], "only who works has a block");
    }

    /** Whom he is after, -1 for nobody. */
    int target(int man) {
        return target[man];
    }

    /** Where everybody who works wants to be now. */
    void aim(int tick, double ballX) {
        for (int man = 0; man < cast.defence; man++) {
            if (!works[man]) {
                continue;
            }
            if (contests.engaged(man)) {
                leaves(man, tick);
                continue;
            }
            counts(man);
            goesTo(man, ballX);
        }
    }

    private void goesTo(int man, double ballX) {
        if (target[man] == NOBODY) {
            target[man] = next(man);
            if (target[man] == NOBODY) {
                ground.aim(man, ground.x[man], figures.clears(), ground.top[man], false);
                return;
            }
        }
        if (stepsFirst(man)) {
            return;
        }
        List<Point> way = ways.get(man);
        if (corner[man] > 0 && corner[man] < way.size() - 1) {
            Point to = way.get(corner[man]);
            if (ground.distance(man, to.x(), to.y()) > CORNER + figures.turns() * ground.speed(man)) {
                ground.aim(man, to.x(), to.y(), ground.top[man], false);
                return;
            }
            corner[man]++;
            if (corner[man] == way.size() - 1) {
                leads(man);
            }
        }
        int his = target[man];
        boolean right = outside(man, his, ballX) == sign > 0;
        if (shares(man, his, right ? 1 : -1)) {
            right = !right;
        }
        double seconds = Math.min(figures.ahead(), ground.distance(man, his) / ground.top[man]);
        double x = ground.x[his] + ground.vx[his] * seconds + (right ? figures.side() : -figures.side());
        double y = ground.y[his] + ground.vy[his] * seconds - figures.side();
        boolean open = block(man).meets() == Meets.IN_SPACE && ground.y[man] > figures.inTheOpen();
        // in the open he gets between his man and the ball and gathers himself before him
        ground.aim(man, x, Math.max(y, ground.y[man] - 0.5), ground.top[man] * (open ? figures.gathers() : 1), open);
    }

    /** Who comes round the corner and finds his man gone from there takes the first who shows. */
    private void leads(int man) {
        int his = target[man];
        if (block(man).meets() == Meets.DRIVES_OUT || Math.abs(ground.x[his] - ground.x[man]) < figures.gone()) {
            return;
        }
        int shows = nearest(man, figures.clears() / 2);
        if (shows != NOBODY) {
            target[man] = shows;
        }
    }

    /** Whether another who is on the same man has that half of him. */
    private boolean shares(int man, int his, int side) {
        for (int other = 0; other < cast.defence; other++) {
            boolean alike = works[other] && (target[other] == his || contests.on[other] == his);
            if (other != man && alike && side * (ground.x[other] - ground.x[man]) > 0) {
                return true;
            }
        }
        return false;
    }

    /** Whether he still takes the first step of his verb, as the whole line does together. */
    private boolean stepsFirst(int man) {
        Point from = cast.actors.get(man).start();
        double steps = switch (block(man).opens()) {
            case STEP -> figures.firstStep();
            case RELEASE -> figures.releases();
            case SPACE, PULL -> 0;
        };
        if (from.y() < -figures.offTheLine() || ground.distance(man, from.x(), from.y()) >= steps) {
            return false;
        }
        Point to = block(man).way(from, ground.at(target[man]), sign).get(1);
        ground.aim(man, to.x(), to.y(), ground.top[man], false);
        return true;
    }

    /** Whether he goes to the far side of his man, seen from the middle of the play. */
    private boolean outside(int man, int his, double ballX) {
        return switch (block(man).meets()) {
            case DRIVES_OUT -> false;
            case SEALS_IN -> true;
            case AS_HE_STANDS, ON_THE_MOVE, IN_SPACE -> sign * (ballX - ground.x[his]) > 0;
        };
    }

    /** Of two men on one the second leaves for the next level when the backer comes, or after a while. */
    private void leaves(int man, int tick) {
        int his = contests.on[man];
        int next = then[man];
        double doubled = contests.doubled(his, tick);
        if (next == NOBODY || doubled < 0 || block(man).letsGo() != LetsGo.CLIMBS) {
            return;
        }
        if (doubled >= model.drive().climbs()
                || doubled > figures.splits() && ground.distance(man, next) < figures.comes()) {
            contests.climbs(man, his, tick);
            target[man] = next;
            then[man] = NOBODY;
            story.tell(Happening.What.CLIMBS, man, next, tick, "");
        }
    }

    /** A verb that counts the line takes who comes when its man has gone. */
    private void counts(int man) {
        int his = target[man];
        boolean line =
                block(man).finds().turn() == Block.Turn.LINE && block(man).meets() == Meets.AS_HE_STANDS;
        if (!line
                || his == NOBODY
                || ground.y[his] > figures.onTheLine()
                || Math.abs(ground.x[his] - ground.x[man]) < figures.gone()) {
            return;
        }
        int other = nearest(man, figures.looks());
        if (other != NOBODY
                && other != his
                && ground.distance(man, other) < ground.distance(man, his) - figures.nearer()) {
            target[man] = other;
            corner[man] = 0;
        }
    }

    private int next(int man) {
        if (clears[man] && ground.y[man] < figures.clears()) {
            return NOBODY;
        }
        boolean stalks = block(man) == Block.STALK;
        return nearest(man, stalks ? figures.clears() : figures.clears() / 2);
    }

    /** The nearest man ahead whom nobody blocks and nobody is after. */
    private int nearest(int man, double within) {
        int best = NOBODY;
        double least = within * within;
        for (int d = cast.defence; d < cast.size(); d++) {
            double away = ground.squared(man, d);
            if (away < least
                    && ground.y[d] > ground.y[man] - figures.past()
                    && !contests.engaged(d)
                    && !left[d]
                    && !wanted(d, man)) {
                best = d;
                least = away;
            }
        }
        return best;
    }

    private boolean wanted(int defender, int but) {
        for (int man = 0; man < cast.defence; man++) {
            if (man != but
                    && works[man]
                    && target[man] == defender
                    && !contests.engaged(man)
                    && ground.squared(man, defender) < ground.squared(but, defender)) {
                return true;
            }
        }
        return false;
    }

    /** Whether another is sent to him. */
    private boolean anothers(int defender, int but) {
        for (int man = 0; man < cast.defence; man++) {
            if (man != but && works[man] && target[man] == defender) {
                return true;
            }
        }
        return false;
    }

    /** Whoever is near enough has his hands on his man, or on the man who runs into him. */
    void meet(int tick, double ballX) {
        double arm = model.body().arm() * model.body().arm();
        for (int man = 0; man < cast.defence; man++) {
            if (!works[man] || !contests.ready(man, tick)) {
                continue;
            }
            int his = target[man];
            if (his != NOBODY && ground.squared(man, his) <= arm && contests.blockers(his) < 2) {
                contests.begin(man, his, block(man), outside(man, his, ballX), sign, tick);
            } else if (corner[man] == 0 || corner[man] >= ways.get(man).size() - 1) {
                int comes = nearest(man, model.body().arm() * figures.runsInto());
                if (comes != NOBODY && !(block(man).opens() == Opens.RELEASE && anothers(comes, man))) {
                    target[man] = comes;
                    contests.begin(man, comes, block(man), outside(man, comes, ballX), sign, tick);
                }
            }
        }
    }
}
