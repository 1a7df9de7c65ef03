package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mensch.core.convention.School;
import mensch.core.convention.SnapModel;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Job;
import mensch.core.matchup.Matchup;
import mensch.core.rung.Area;
import mensch.core.rung.Gap;
import mensch.core.rung.Ref;
import mensch.core.rung.Task;
import org.jspecify.annotations.Nullable;

/**
 * Where a man who plays pass wants to be: at the passer, on his man as he saw him a moment ago, or at his landmark
 * until somebody comes into his area. He knows what he sees, never what the play is called.
 */
final class Covering {
    private static final int NOBODY = -1;
    /** Who stands deeper than this is in the backfield, yards. */
    private static final double BACKFIELD = -2.5;
    /** A spy stays so far from the line, yards. */
    private static final double SPIES = 4;
    /** Who helps low in the middle stands so deep, yards. */
    private static final double HOLE = 6;
    /** A receiver who gains so much ground goes deep, yards a second. */
    private static final double VERTICAL = 2.5;
    /** Who has nobody near him looks so far over the border of his area, yards. */
    private static final double OVER = 1.5;
    /** A deep man goes for a runner whose way ends so far outside his part, yards. */
    private static final double DEEP_OVER = 2;
    /** Farther than this from where he has to be he runs there, yards. */
    private static final double FAR = 6;
    /** Who only reads goes back at so much of his back-pedal. */
    private static final double READS = 0.6;
    /** He looks so far ahead of a runner who comes at him, seconds. */
    private static final double GIVES = 0.8;
    /** A man at his landmark is within this of it. */
    private static final double NEAR = 1.5;
    /** He looks for his next receiver after so many ticks. */
    private static final int LOOKS_AGAIN = 3;
    /** A man turns so long before his receiver would be on him, seconds. */
    private static final double TURNS = 0.5;
    /** Who is slower than this need not stop first, yards a second. */
    private static final double STANDS = 1.5;
    /** So far against his way he has to stop to go there: the cosine. */
    private static final double REVERSES = 0.4;
    /** In a lane he goes where his receiver will be in so long, seconds. */
    private static final double LANE = 0.2;
    /** Who runs with a receiver runs for where he will be in so long, seconds. */
    private static final double RUNS_WITH = 0.5;
    /** Who is held in man coverage keeps no more of his leverage than this, yards. */
    private static final double SHADE = 1.2;

    private final Cast cast;
    private final Ground ground;
    private final SnapModel model;
    private final Minds minds;
    private final AreaLedger areas;
    private final @Nullable AreaLedger.Row[] rows;
    private final boolean pushes;
    private final double matchedFrom;
    private final double fastFlat;
    private final int passer;
    /** Everybody who may catch the ball. */
    private final int[] receivers;
    /** Whom he has to himself from now on. */
    private final int[] his;

    private final int[] threat;
    private final int[] again;
    private final boolean[] turned;
    private final int usual;
    /** How long ago the man who looks now saw what he acts on, ticks. */
    private int sees;

    Covering(Cast cast, Ground ground, SnapModel model, Minds minds, Matchup matchup) {
        this.cast = cast;
        this.ground = ground;
        this.model = model;
        this.minds = minds;
        this.areas = matchup.areas();
        this.rows = new AreaLedger.Row[cast.size()];
        for (AreaLedger.Row row : areas.rows()) {
            int owner = cast.named(cast.idOf(row.owner()));
            if (owner >= 0) {
                rows[owner] = row;
            }
        }
        var convention = cast.lineup.convention();
        this.pushes = !convention.house().teaches(School.ZONES_KEEP_SPOTS);
        this.matchedFrom = convention.routes().matchedFrom();
        this.fastFlat = convention.routes().fastFlat();
        Man taker = cast.shape.quarterback();
        this.passer = taker == null ? cast.of(cast.shape.snapper()) : cast.of(taker);
        this.receivers = cast.actors.stream()
                .filter(a -> a.man() != null && !a.man().interior() && a.index() != passer)
                .mapToInt(Actor::index)
                .toArray();
        this.his = new int[cast.size()];
        this.threat = new int[cast.size()];
        this.again = new int[cast.size()];
        this.turned = new boolean[cast.size()];
        Arrays.fill(his, NOBODY);
        Arrays.fill(threat, NOBODY);
        this.usual = Clock.ticks(model.cover().sees());
    }

    /** Whether he goes for the passer once it is a pass. */
    boolean rushes(int defender) {
        return minds.pass(defender) instanceof Task.Rush;
    }

    /** One tick of a man who plays pass. */
    void aim(int defender, int tick) {
        sees = usual + minds.slow(defender);
        Task task = minds.pass(defender);
        if (task instanceof Task.Rush rush) {
            rush(defender, rush);
        } else if (task instanceof Task.OnMen on) {
            onMen(defender, on, tick);
        } else if (task instanceof Task.Cover cover) {
            cover(defender, cover, tick);
        } else if (task instanceof Task.Spy) {
            ground.aim(defender, ground.x[passer], SPIES, model.cover().cross(), true);
        } else if (task instanceof Task.Hole) {
            hole(defender, tick);
        } else {
            stays(defender);
        }
    }

    private void stays(int defender) {
        Point start = minds.start(defender);
        ground.aim(defender, start.x(), start.y(), model.body().shuffle(), true);
    }

    // ---- at the passer

    private void rush(int defender, Task.Rush rush) {
        boolean through = ground.y[defender] < 0;
        if (rush.lane() != null && !through) {
            Optional<Gap> lane = rush.lane().in(cast.lineup.view(cast.job(defender)));
            if (lane.isPresent()) {
                Point to = lane.get().middle(cast.shape.flank(lane.get().side()));
                ground.aim(defender, to.x(), -1, ground.top[defender], false);
                return;
            }
        }
        double x = ground.x[passer];
        double y = ground.y[passer];
        double away = ground.distance(defender, passer);
        if (rush.contain() && away > model.rush().closes()) {
            int side = cast.job(defender).seat().sign();
            // he stays outside of where the passer is and of where he goes
            double goes = x + 0.4 * ground.vx[passer];
            x = side * Math.max(side * x, side * goes) + side * model.rush().contains();
        } else {
            double seconds = Math.min(0.6, away / ground.top[defender]);
            x += ground.vx[passer] * seconds;
            y += ground.vy[passer] * seconds;
        }
        ground.aim(defender, x, y, ground.top[defender], false);
    }

    // ---- on a man

    private void onMen(int defender, Task.OnMen on, int tick) {
        if (his[defender] == NOBODY) {
            his[defender] = chosen(defender, on, tick);
        }
        if (his[defender] == NOBODY) {
            waits(defender, on);
            return;
        }
        if (on instanceof Task.Bracket bracket) {
            brackets(defender, his[defender], bracket.inside(), tick);
        } else {
            man(defender, his[defender], tick);
        }
    }

    private int chosen(int defender, Task.OnMen on, int tick) {
        var view = cast.lineup.view(cast.job(defender));
        List<Integer> men = on.men().stream()
                .flatMap(ref -> view.man(ref).stream())
                .map(cast::of)
                .toList();
        if (men.isEmpty()) {
            return NOBODY;
        }
        if (!(on instanceof Task.FirstOf first) || men.size() < 2) {
            return men.get(0);
        }
        // the two are told apart by where they go, once they go
        int one = men.get(0);
        int other = men.get(1);
        boolean declared = Math.abs(seenVx(one) - seenVx(other)) > 2 || tick > Clock.ticks(1.2);
        if (!declared) {
            return NOBODY;
        }
        int sign = cast.job(defender).seat().sign();
        double oneOut = sign * (seenX(one) + seenVx(one));
        double otherOut = sign * (seenX(other) + seenVx(other));
        return first.out() == oneOut >= otherOut ? one : other;
    }

    private void waits(int defender, Task.OnMen on) {
        if (on instanceof Task.FirstOf) {
            Point start = minds.start(defender);
            ground.aim(defender, start.x(), start.y() + 2, model.body().pedal() / 2, true);
        } else {
            on.instead()
                    .filter(task -> task instanceof Task.Rush)
                    .ifPresentOrElse(task -> rush(defender, (Task.Rush) task), () -> stays(defender));
        }
    }

    /** Beside and above his man, as he saw him a moment ago and takes him to have gone on. */
    private void man(int defender, int man, int tick) {
        Point start = minds.start(defender);
        double x = seenX(man);
        double y = seenY(man);
        double vx = seenVx(man);
        double vy = seenVy(man);
        double shade = Math.max(
                -SHADE, Math.min(SHADE, start.x() - cast.actors.get(man).start().x()));
        // he takes him to have gone on as he saw him
        x += vx * model.cover().sees();
        y += vy * model.cover().sees();
        double cushion = ground.y[defender] - y;
        double closes = Math.max(0, vy - Math.max(0, ground.vy[defender])) * TURNS;
        boolean deep = vy > VERTICAL;
        boolean behind = y < 0 && !deep && cast.actors.get(man).start().y() < BACKFIELD;
        if (behind) {
            // a man in the backfield is watched from where he will come out
            double comes = x + vx * 0.7;
            ground.aim(defender, comes, Math.max(1.5, start.y() - 1.5), top(defender, 0.85), true);
            return;
        }
        if (deep && !turned[defender] && cushion - closes > model.cover().turns()) {
            double back = Math.max(start.y(), y + Math.min(start.y(), 4));
            ground.aim(defender, x + shade, back, model.body().pedal(), true);
            return;
        }
        turned[defender] = true;
        double seconds = deep ? RUNS_WITH : Math.min(0.5, ground.distance(defender, man) / ground.top[defender]);
        double above = deep && cushion > 0 ? Math.min(cushion, model.cover().cushion()) : 0;
        double nextX = x + vx * seconds + (deep ? shade : shade / 2);
        double nextY = y + vy * seconds + above;
        drives(defender, nextX, nextY, tick);
    }

    /** At full speed to a place; who has to go the other way puts his foot in the ground first. */
    void drives(int defender, double x, double y, int tick) {
        double wantX = x - ground.x[defender];
        double wantY = y - ground.y[defender];
        double against = wantX * ground.vx[defender] + wantY * ground.vy[defender];
        double speed = ground.speed(defender);
        boolean plants = speed > STANDS && speed < model.cover().cross() && tick >= ground.from[defender];
        if (plants && against < -REVERSES * speed * Ground.length(wantX, wantY)) {
            ground.plants(defender, tick + Clock.ticks(model.cover().plant()));
        }
        ground.aim(defender, x, y, ground.top[defender], false);
    }

    private double top(int defender, double part) {
        return ground.top[defender] * part;
    }

    /** One of two on a receiver: the outside one low, the inside one over the top of him. */
    private void brackets(int defender, int man, boolean inside, int tick) {
        if (!inside) {
            man(defender, man, tick);
            return;
        }
        double middle = cast.shape.centre().x();
        double in = Math.signum(middle - seenX(man));
        double y = Math.max(ground.y[defender], seenY(man) + model.cover().deep());
        boolean late = seenY(man) > ground.y[defender] - model.cover().deep();
        ground.aim(
                defender,
                seenX(man) + seenVx(man) * 0.4 + in,
                y,
                late ? ground.top[defender] : model.body().pedal(),
                !late);
    }

    // ---- in an area

    private void cover(int defender, Task.Cover cover, int tick) {
        if (his[defender] == NOBODY && cover.receiver() != null) {
            his[defender] = matched(defender, cover).orElse(NOBODY);
        }
        if (his[defender] != NOBODY) {
            man(defender, his[defender], tick);
            return;
        }
        AreaLedger.Row row = rows[defender];
        if (row == null) {
            landmark(defender, cover);
        } else if (row.area().deep()) {
            deep(defender, row);
        } else {
            under(defender, row, tick);
        }
    }

    private void landmark(int defender, Task.Cover cover) {
        Point to = cover.landmark(cast.lineup.view(cast.job(defender)));
        ground.aim(defender, to.x(), to.y(), model.cover().cross(), true);
    }

    /** The man whom a match or a carry gives him, once that man is so deep; or whom a trap gives him at once. */
    private Optional<Integer> matched(int defender, Task.Cover cover) {
        var view = cast.lineup.view(cast.job(defender));
        Ref trapped = cover.trapped();
        Optional<Integer> second = trapped == null
                ? Optional.empty()
                : view.man(Ref.number(2)).map(cast::of).filter(this::outAtOnce);
        if (trapped != null && second.isPresent()) {
            return view.man(trapped).map(cast::of).filter(m -> trapped.number() == 2 || goesDeep(m));
        }
        Ref receiver = cover.receiver();
        return receiver == null
                ? Optional.empty()
                : view.man(receiver).map(cast::of).filter(this::goesDeep);
    }

    /** He is at the depth from which he is a man's own, or about to be there, and has not broken under it. */
    private boolean goesDeep(int man) {
        return seenY(man) + 0.3 * seenVy(man) >= matchedFrom && seenVy(man) > 0;
    }

    private boolean outAtOnce(int man) {
        Point start = cast.actors.get(man).start();
        double out = Math.signum(start.x() - cast.shape.centre().x()) * seenVx(man);
        return seenY(man) < matchedFrom && seenY(man) > 0.5 && out > 4;
    }

    /** Deeper than the deepest who comes his way, between two of them. */
    private void deep(int defender, AreaLedger.Row row) {
        double deepest = Double.NEGATIVE_INFINITY;
        double second = Double.NEGATIVE_INFINITY;
        int first = NOBODY;
        int other = NOBODY;
        for (int man : receivers) {
            double x = seenX(man) + seenVx(man) * 0.6;
            boolean comes =
                    x > row.extent().xMin() - DEEP_OVER && x < row.extent().xMax() + DEEP_OVER;
            if (!comes || seenVy(man) < VERTICAL || seenY(man) < 1) {
                continue;
            }
            // whoever runs at him has to be given ground in time
            double y = seenY(man) + seenVy(man) * GIVES;
            if (y > deepest) {
                second = deepest;
                other = first;
                deepest = y;
                first = man;
            } else if (y > second) {
                second = y;
                other = man;
            }
        }
        double x = row.landmark().x();
        double y = Math.max(row.landmark().y(), minds.start(defender).y());
        boolean late = false;
        if (first != NOBODY) {
            x = seenX(first) + seenVx(first) * 0.4;
            if (other != NOBODY && second > deepest - 8) {
                x = (x + seenX(other) + seenVx(other) * 0.4) / 2;
            }
            double in = Math.signum(row.landmark().x() - x);
            x += in * Math.min(1.5, Math.abs(row.landmark().x() - x));
            y = Math.max(
                    Math.max(y, ground.y[defender]), deepest + model.cover().deep());
            late = deepest + model.cover().deep() > ground.y[defender];
        }
        x = Math.max(row.extent().xMin() - DEEP_OVER, Math.min(row.extent().xMax() + DEEP_OVER, x));
        double away = ground.distance(defender, x, y);
        // over his area he gives ground slowly and reads
        double pace = late || away > FAR ? ground.top[defender] : model.body().pedal() * READS;
        double end = cast.lineup.snap().field().endLineDepth() - 1;
        ground.aim(defender, x, Math.min(y, end), pace, true);
    }

    /** To his landmark with his eyes on the passer, then before whoever comes into his area, deep before short. */
    private void under(int defender, AreaLedger.Row row, int tick) {
        if (tick >= again[defender]) {
            again[defender] = tick + LOOKS_AGAIN;
            threat[defender] = pushes && pushed(row.side()) ? assigned(defender, row) : deepestIn(row);
        }
        Point to = row.landmark();
        int man = threat[defender];
        if (row.area().lane()) {
            lane(defender, man, tick);
            return;
        }
        if (man == NOBODY) {
            boolean far = ground.distance(defender, to.x(), to.y()) > NEAR;
            ground.aim(
                    defender,
                    to.x(),
                    to.y(),
                    far ? model.cover().cross() : model.body().shuffle(),
                    true);
            return;
        }
        double x = seenX(man) + seenVx(man) * 0.4;
        double y = seenY(man) + seenVy(man) * 0.4;
        double toPasser = Math.max(1e-6, Ground.length(ground.x[passer] - x, ground.y[passer] - y));
        double below = model.cover().below();
        x += below * (ground.x[passer] - x) / toPasser;
        y += below * (ground.y[passer] - y) / toPasser;
        // to the border of his area and no farther
        x = Math.max(row.extent().xMin() - OVER, Math.min(row.extent().xMax() + OVER, x));
        y = Math.max(1, Math.min(row.extent().yMax(), y));
        double gone = Ground.length(x - to.x(), y - to.y());
        if (gone > model.cover().holds() && row.area() != Area.ACROSS) {
            x = to.x() + (x - to.x()) * model.cover().holds() / gone;
            y = to.y() + (y - to.y()) * model.cover().holds() / gone;
        }
        double away = ground.distance(defender, x, y);
        double pace = away > 2 * NEAR ? ground.top[defender] : model.cover().cross();
        ground.aim(defender, x, Math.max(1, y), pace, true);
    }

    /** Near the goal he gives no ground and goes with whoever is in his lane, as long as that man is in it. */
    private void lane(int defender, int man, int tick) {
        if (man == NOBODY) {
            stays(defender);
            return;
        }
        double x = seenX(man) + seenVx(man) * (model.cover().sees() + LANE);
        double y = seenY(man) + seenVy(man) * (model.cover().sees() + LANE);
        drives(defender, x, y - Math.signum(y) * model.cover().below() / 2, tick);
    }

    /** Of those in his area the deepest; of two as deep the one nearer to his landmark. */
    private int deepestIn(AreaLedger.Row row) {
        int best = NOBODY;
        double most = Double.NEGATIVE_INFINITY;
        for (int man : receivers) {
            double x = seenX(man) + seenVx(man) * 0.5;
            double y = seenY(man) + seenVy(man) * 0.5;
            boolean out = y > 0 || Math.abs(seenVx(man)) > 3;
            boolean here = x > row.extent().xMin() - OVER
                    && x < row.extent().xMax() + OVER
                    && y < row.extent().yMax() + 2;
            if (!out || !here || blocks(man)) {
                continue;
            }
            double worth = y - 0.5 * Math.abs(x - row.landmark().x());
            if (worth > most) {
                most = worth;
                best = man;
            }
        }
        return best;
    }

    private boolean blocks(int man) {
        return ground.y[man] < -0.5 && ground.speed(man) < 2;
    }

    /** Whether a back or a third receiver is fast to the flat of a side: the men underneath push one man out then. */
    private boolean pushed(Side side) {
        int out = outermost(side);
        if (out == NOBODY) {
            return false;
        }
        Man man = cast.actors.get(out).man();
        int number = man == null ? 0 : cast.shape.number(man);
        return (number == 0 || number > 2) && seenY(out) < fastFlat && side.sign() * seenVx(out) > 2;
    }

    private int outermost(Side side) {
        List<Integer> here = outsideIn(side);
        return here.isEmpty() ? NOBODY : here.get(0);
    }

    /** Receivers of a side who are underneath, by where they will be in a moment, the outermost first. */
    private List<Integer> outsideIn(Side side) {
        var here = new ArrayList<Integer>();
        double middle = cast.shape.centre().x();
        for (int man : receivers) {
            double x = seenX(man) + seenVx(man);
            if (side.sign() * (x - middle) > 0 && seenY(man) < 12 && !blocks(man)) {
                here.add(man);
            }
        }
        here.sort(Comparator.comparingDouble(m -> -side.sign() * (seenX(m) + seenVx(m))));
        return here;
    }

    /** Each of the men underneath has the receiver who is as far from the sideline as he is. */
    private int assigned(int defender, AreaLedger.Row row) {
        List<Job> men = areas.rows().stream()
                .filter(r -> !r.area().deep() && r.side() == row.side())
                .sorted(Comparator.comparingDouble(
                        r -> -row.side().sign() * r.landmark().x()))
                .map(AreaLedger.Row::owner)
                .toList();
        int place = men.indexOf(cast.job(defender));
        List<Integer> here = outsideIn(row.side());
        return place >= 0 && place < here.size() ? here.get(place) : deepestIn(row);
    }

    /** Low in the middle: the first who crosses there is his. */
    private void hole(int defender, int tick) {
        double middle = cast.shape.centre().x();
        if (his[defender] == NOBODY) {
            for (int man : receivers) {
                boolean in = (middle - seenX(man)) * seenVx(man) > 0 && Math.abs(seenVx(man)) > 3;
                if (in && Math.abs(seenX(man) - middle) < 9 && seenY(man) > 1 && seenY(man) < 12) {
                    his[defender] = man;
                    break;
                }
            }
        }
        if (his[defender] == NOBODY) {
            ground.aim(defender, middle, HOLE, model.cover().cross(), true);
        } else {
            man(defender, his[defender], tick);
        }
    }

    // ---- what he sees

    private double seenX(int man) {
        return ground.xBefore(man, sees);
    }

    private double seenY(int man) {
        return ground.yBefore(man, sees);
    }

    private double seenVx(int man) {
        return (ground.xBefore(man, sees) - ground.xBefore(man, sees + 2)) / (2 * Clock.TICK);
    }

    private double seenVy(int man) {
        return (ground.yBefore(man, sees) - ground.yBefore(man, sees + 2)) / (2 * Clock.TICK);
    }
}
