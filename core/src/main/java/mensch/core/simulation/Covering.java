package mensch.core.simulation;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;
import mensch.core.geometry.Point;
import mensch.core.lineup.AreaLedger;
import mensch.core.rung.Gap;
import mensch.core.rung.Ref;
import mensch.core.rung.Task;

/**
 * Where a man who plays pass wants to be: at the passer, on his man as he saw him a moment ago, or at his landmark
 * until somebody comes into his area. He knows what he sees, never what the play is called.
 */
final class Covering {
    private static final int NOBODY = -1;

    private final SnapDetails.Covering figures;
    private final double reverses;
    private final double cuts;
    private final Cast cast;
    private final Ground ground;
    private final SnapModel model;
    private final Minds minds;
    private final double matchedFrom;
    private final int passer;
    /** Nobody who covers goes deeper than this, yards. */
    private final double end;
    /** Everybody who may catch the ball. */
    private final int[] receivers;
    /** Whom he has to himself from now on. */
    private final int[] his;

    /** Whom he covers as a man just now; what he has done about a receiver holds for that one. */
    private final int[] before;

    private final double[] early;
    private final boolean[] turned;
    /** Whether he has seen his man break. */
    private final boolean[] seen;

    private final Eyes eyes;
    private final Zones zones;

    Covering(Cast cast, Ground ground, SnapModel model, Minds minds, AreaLedger areas) {
        this.cast = cast;
        this.figures = cast.details.covering();
        this.reverses = Math.cos(Math.toRadians(figures.reverses()));
        this.cuts = Math.cos(Math.toRadians(figures.cuts()));
        this.ground = ground;
        this.model = model;
        this.minds = minds;
        this.matchedFrom = cast.lineup.convention().routes().matchedFrom();
        this.passer = cast.passer();
        this.end = cast.lineup.snap().field().endLineDepth() - figures.inside();
        this.receivers = cast.actors.stream()
                .filter(a -> cast.eligible(a) && a.index() != passer)
                .mapToInt(Actor::index)
                .toArray();
        this.his = new int[cast.size()];
        this.early = new double[cast.size()];
        this.turned = new boolean[cast.size()];
        this.seen = new boolean[cast.size()];
        this.before = new int[cast.size()];
        Arrays.fill(his, NOBODY);
        Arrays.fill(before, NOBODY);
        this.eyes =
                new Eyes(cast.details.eyes(), ground, Clock.ticks(model.cover().sees()));
        this.zones = new Zones(cast, ground, model, this, eyes, areas, receivers);
    }

    /** He turns to run with his man while he has so much more room above him than he should, yards. */
    void turnsEarly(int defender, double yards) {
        early[defender] = yards;
    }

    /** Whether he goes for the passer once it is a pass. */
    boolean rushes(int defender) {
        return minds.pass(defender) instanceof Task.Rush;
    }

    /** One tick of a man who plays pass. */
    void aim(int defender, int tick) {
        eyes.later(minds.slow(defender));
        Task task = minds.pass(defender);
        if (task instanceof Task.Rush rush) {
            rush(defender, rush);
        } else if (task instanceof Task.OnMen on) {
            onMen(defender, on, tick);
        } else if (task instanceof Task.Cover cover) {
            cover(defender, cover, tick);
        } else if (task instanceof Task.Spy) {
            double y =
                    Math.min(figures.spies(), cast.actors.get(defender).start().y());
            ground.aim(defender, ground.x[passer], y, model.cover().cross(), true);
        } else if (task instanceof Task.Hole) {
            hole(defender, tick);
        } else {
            stays(defender);
        }
    }

    void stays(int defender) {
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
            double goes = x + figures.contains() * ground.vx[passer];
            x = side * Math.max(side * x, side * goes) + side * model.rush().contains();
        } else {
            double seconds = Math.min(figures.rushes(), away / ground.top[defender]);
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
        boolean declared =
                Math.abs(eyes.vx(one) - eyes.vx(other)) > figures.parts() || tick > Clock.ticks(figures.decides());
        if (!declared) {
            return NOBODY;
        }
        int sign = cast.job(defender).seat().sign();
        double oneOut = sign * (eyes.x(one) + eyes.vx(one));
        double otherOut = sign * (eyes.x(other) + eyes.vx(other));
        return first.out() == oneOut >= otherOut ? one : other;
    }

    private void waits(int defender, Task.OnMen on) {
        if (on instanceof Task.FirstOf) {
            Point start = minds.start(defender);
            ground.aim(
                    defender,
                    start.x(),
                    start.y() + figures.gives(),
                    model.body().pedal() / 2,
                    true);
        } else {
            on.instead()
                    .filter(task -> task instanceof Task.Rush)
                    .ifPresentOrElse(task -> rush(defender, (Task.Rush) task), () -> stays(defender));
        }
    }

    /** Beside and above his man, as he saw him a moment ago and takes him to have gone on. */
    void man(int defender, int man, int tick) {
        if (before[defender] != man) {
            // what he has seen of another tells him nothing of this one
            before[defender] = man;
            turned[defender] = false;
            seen[defender] = false;
        }
        Point start = minds.start(defender);
        // he takes him to have gone on as he saw him
        double vx = eyes.vx(man);
        double vy = eyes.vy(man);
        double x = eyes.x(man) + vx * model.cover().sees();
        double y = eyes.now(man);
        double shade = Math.max(
                -figures.shade(),
                Math.min(
                        figures.shade(),
                        start.x() - cast.actors.get(man).start().x()));
        double cushion = ground.y[defender] - y;
        double closes = Math.max(0, vy - Math.max(0, ground.vy[defender])) * figures.turns();
        boolean deep = eyes.goesDeep(man);
        boolean outOfTheBackfield = cast.actors.get(man).start().y() < -figures.backfield();
        if (outOfTheBackfield && y < 0) {
            // a man in the backfield is watched from where he will come out
            double comes = x + vx * figures.comesOut();
            ground.aim(
                    defender,
                    comes,
                    Math.max(figures.nearest(), start.y() - figures.comesUp()),
                    top(defender, figures.watches()),
                    true);
            return;
        }
        boolean stem = deep || !broken(man);
        if (stem && !turned[defender] && cushion - closes > model.cover().turns() + early[defender]) {
            double back = Math.max(
                    start.y(), y + start.y() - cast.actors.get(man).start().y());
            ground.aim(defender, x + shade, Math.min(back, end), model.body().pedal(), true);
            return;
        }
        if (stem && !turned[defender] && vy < figures.comes()) {
            // before him he waits for the release and stays on his side of him
            ground.aim(defender, x + shade, Math.max(start.y(), y), model.body().shuffle(), true);
            return;
        }
        turned[defender] = true;
        double above = stem && cushion > 0 ? Math.min(cushion, model.cover().cushion() + early[defender]) : 0;
        double goesX = vx + (x + (deep ? shade : shade / 2) - ground.x[defender]) / figures.runsWith();
        double goesY = (stem ? runs(man) : vy) + (y + above - ground.y[defender]) / figures.runsWith();
        if (!stem && !outOfTheBackfield && !seen[defender]) {
            seen[defender] = true;
            sees(defender, vx, shade, goesX, goesY, tick);
        }
        goes(defender, goesX, goesY, tick);
    }

    /** He runs with who is deepest in his part, so far above him. */
    void runsOver(int defender, int man, double x, double above, int tick) {
        double goesX = (x - ground.x[defender]) / figures.runsWith();
        double goesY = runs(man) + (eyes.now(man) + above - ground.y[defender]) / figures.runsWith();
        goes(defender, goesX, goesY, tick);
    }

    /** How fast a receiver on his way up will be: he gathers speed, or his hips tell that he will break. */
    private double runs(int man) {
        return Math.max(0, eyes.vy(man) + eyes.ay(man) * figures.runsWith());
    }

    /** A break is seen: on the side his hips are open to he goes with it, on the other he has to turn them first. */
    private void sees(int defender, double vx, double shade, double goesX, double goesY, int tick) {
        if (Math.abs(vx) < figures.stands() || Math.abs(shade) < figures.square()) {
            return;
        }
        if (vx * shade > 0) {
            ground.cuts(defender, goesX, goesY);
        } else {
            ground.plants(defender, tick + Clock.ticks(model.cover().hips()));
        }
    }

    /** Whether he can be seen to have made his break: across, back, or standing after he has gone. */
    private boolean broken(int man) {
        double across = Math.abs(eyes.vx(man));
        double up = eyes.vy(man);
        boolean gone = eyes.y(man) > cast.actors.get(man).start().y() + figures.gone();
        boolean stands = across < figures.stands() && up < figures.stands();
        return across > figures.breaks() && across > up || gone && (up < -figures.stands() / 2 || stands);
    }

    /** Whether a man is his own, so that he is never in his way. */
    boolean has(int defender, int man) {
        return his[defender] == man || zones.has(defender, man);
    }

    /** At full speed to a place; who has to go the other way puts his foot in the ground first. */
    void drives(int defender, double x, double y, int tick) {
        double up = Math.min(y, end);
        plants(defender, x - ground.x[defender], up - ground.y[defender], tick);
        ground.aim(defender, x, up, ground.top[defender], false);
    }

    /** At such a speed, yards a second, up the field no faster than he can still stop before its end. */
    private void goes(int defender, double vx, double up, int tick) {
        double stops = Math.sqrt(2 * model.body().braking() * Math.max(0, end - ground.y[defender]));
        double vy = Math.min(up, stops);
        // who comes at the end too fast to turn there brakes whatever else he wants
        double most = ground.vy[defender] > stops ? stops : ground.top[defender];
        plants(defender, vx, vy, tick);
        ground.aim(
                defender,
                ground.x[defender] + vx,
                ground.y[defender] + vy,
                Math.min(most, Ground.length(vx, vy)),
                false);
    }

    /** Back the way he came he has to stop first; across it he puts a foot in the ground. */
    private void plants(int defender, double wantX, double wantY, int tick) {
        double speed = ground.speed(defender);
        if (speed < figures.stands() || tick < ground.from[defender]) {
            return;
        }
        double way = speed * Ground.length(wantX, wantY);
        double along = wantX * ground.vx[defender] + wantY * ground.vy[defender];
        if (along < -reverses * way) {
            // out of a full run it takes him longer than out of his pedal
            double times = Math.max(1, speed / model.body().pedal());
            ground.plants(defender, tick + Clock.ticks(times * model.cover().plant()));
        } else if (along < cuts * way) {
            ground.cuts(defender, wantX, wantY);
        }
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
        double in = Math.signum(middle - eyes.x(man));
        double y = Math.max(ground.y[defender], eyes.y(man) + model.cover().deep());
        boolean late = eyes.y(man) > ground.y[defender] - model.cover().deep();
        ground.aim(
                defender,
                eyes.x(man) + eyes.vx(man) * figures.brackets() + in,
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
        if (!zones.aim(defender, tick)) {
            landmark(defender, cover);
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
        return eyes.y(man) + figures.about() * eyes.vy(man) >= matchedFrom && eyes.vy(man) > 0;
    }

    private boolean outAtOnce(int man) {
        Point start = cast.actors.get(man).start();
        double out = Math.signum(start.x() - cast.shape.centre().x()) * eyes.vx(man);
        return eyes.y(man) < matchedFrom && eyes.y(man) > figures.out() && out > figures.outFast();
    }

    /** Low in the middle: the first who crosses there is his. */
    private void hole(int defender, int tick) {
        double middle = cast.shape.centre().x();
        if (his[defender] == NOBODY) {
            for (int man : receivers) {
                boolean in = (middle - eyes.x(man)) * eyes.vx(man) > 0 && Math.abs(eyes.vx(man)) > figures.crosses();
                if (in
                        && Math.abs(eyes.x(man) - middle) < figures.holeWide()
                        && eyes.y(man) > 1
                        && eyes.y(man) < figures.holeDeep()) {
                    his[defender] = man;
                    break;
                }
            }
        }
        if (his[defender] == NOBODY) {
            ground.aim(defender, middle, figures.hole(), model.cover().cross(), true);
        } else {
            man(defender, his[defender], tick);
        }
    }
}
