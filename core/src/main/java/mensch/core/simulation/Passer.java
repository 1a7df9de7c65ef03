package mensch.core.simulation;

import java.util.List;
import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;
import mensch.core.geometry.Point;

/**
 * The man who throws: he goes through his receivers in order, throws to the first who will be open when the ball is
 * there, takes what he can get when a rusher is near, and else throws it away.
 */
final class Passer {
    private static final int NOBODY = -1;
    /** What he does. */
    enum Does {
        LOOKS,
        THROWS,
        THROWS_AWAY,
        RUNS
    }

    /** How far a receiver will be from everybody when the ball is there, and who is nearest. */
    record Open(double yards, int by, Point at) {}

    private final SnapDetails.Passer figures;
    private final double view;
    private final Cast cast;
    private final Ground ground;
    private final Contests contests;
    private final SnapModel model;
    private final Routes routes;
    private final Story story;
    private final int man;
    private final List<Integer> order;
    private final int first;
    private final double release;
    private final double ball;
    private final int holds;
    private int look;
    private int next;
    private int releases = NOBODY;
    private boolean hurried;
    private int to = NOBODY;
    /** When he felt a rusher first. */
    private int feltFrom = NOBODY;

    /** Who that was. */
    private int felt = NOBODY;

    /**
     * @param order whom he looks for, in turn
     * @param throwSeconds when the ball leaves his hand when the first is open
     */
    Passer(
            Cast cast,
            Ground ground,
            Contests contests,
            SnapModel model,
            Routes routes,
            Story story,
            int man,
            List<Integer> order,
            double throwSeconds) {
        this.cast = cast;
        this.figures = cast.details.passer();
        this.view = Math.cos(Math.toRadians(figures.view()));
        this.ground = ground;
        this.contests = contests;
        this.model = model;
        this.routes = routes;
        this.story = story;
        this.man = man;
        this.order = order;
        var passer = cast.lineup.convention().speeds().passer();
        this.release = passer.release();
        this.ball = passer.ball();
        this.first = Clock.ticks(throwSeconds - release);
        this.next = first + Clock.ticks(model.passer().next());
        this.holds = Math.max(Clock.ticks(model.passer().holds()), first + Clock.ticks(1));
    }

    /** To whom the ball goes. */
    int to() {
        return to;
    }

    boolean hurried() {
        return hurried;
    }

    /** What he does with the ball at this tick. */
    Does does(int tick) {
        if (releases != NOBODY) {
            return tick >= releases ? Does.THROWS : Does.LOOKS;
        }
        if (feels(tick)) {
            return hurries(tick);
        }
        if (tick < first || order.isEmpty()) {
            return tick >= holds ? Does.THROWS_AWAY : Does.LOOKS;
        }
        if (look < order.size()) {
            int candidate = order.get(look);
            Open open = open(candidate, release);
            if (open.yards() >= model.passer().open()) {
                throwsTo(candidate, tick);
            } else if (tick >= next) {
                if (open.by() != NOBODY) {
                    story.tell(
                            Happening.What.LOOKS_AT,
                            man,
                            candidate,
                            tick,
                            cast.actors.get(open.by()).id());
                }
                look++;
                next = tick + Clock.ticks(model.passer().next());
            }
            return Does.LOOKS;
        }
        // he has been through all of them: whoever comes open now
        best(tick, model.passer().open());
        return releases != NOBODY ? Does.LOOKS : tick >= holds ? runsOrThrowsAway() : Does.LOOKS;
    }

    /** Whether a receiver is open when it is thrown to him now; sooner than anybody throws nobody is. */
    boolean opens(int candidate, int tick) {
        return tick >= Clock.ticks(figures.soonest())
                && open(candidate, release).yards() >= model.passer().open();
    }

    private void throwsTo(int candidate, int tick) {
        to = candidate;
        releases = tick + Clock.ticks(release);
    }

    /** A rusher is near: he throws what he has, or gets rid of it. */
    private Does hurries(int tick) {
        if (!hurried) {
            hurried = true;
            story.tell(Happening.What.HURRIED, felt, man, tick, "");
        }
        if (tick >= Clock.ticks(figures.soonest())) {
            best(tick, model.passer().tries());
        }
        if (releases != NOBODY) {
            return Does.LOOKS;
        }
        boolean out = Math.abs(ground.x[man] - cast.shape.centre().x()) > figures.outOfThePocket();
        boolean looked = tick >= first && (out || look >= order.size());
        return looked || tick >= feltFrom + Clock.ticks(figures.givesUp()) ? runsOrThrowsAway() : Does.LOOKS;
    }

    private Does runsOrThrowsAway() {
        return lane() ? Does.RUNS : Does.THROWS_AWAY;
    }

    /** Whether there is nobody before him to the line and behind it. */
    private boolean lane() {
        double y = Math.min(figures.laneTo(), ground.y[man] + figures.laneLong());
        for (int d = cast.defence; d < cast.size(); d++) {
            double away = Math.abs(ground.x[d] - ground.x[man]);
            if (away < figures.laneWide()
                    && ground.y[d] > ground.y[man] - 1
                    && ground.y[d] < y + figures.laneBehind()
                    && !contests.engaged(d)) {
                return false;
            }
        }
        return true;
    }

    private void best(int tick, double enough) {
        int best = NOBODY;
        double most = enough;
        for (int candidate : order) {
            double yards = open(candidate, release).yards();
            if (yards >= most) {
                most = yards;
                best = candidate;
            }
        }
        if (best != NOBODY) {
            throwsTo(best, tick);
        }
    }

    private boolean feels(int tick) {
        int near = feltFrom == NOBODY ? nearest() : NOBODY;
        if (near != NOBODY) {
            feltFrom = tick;
            felt = near;
        }
        return feltFrom != NOBODY
                && tick >= feltFrom + Clock.ticks(model.passer().reacts());
    }

    /** The rusher nearest to him who is free and comes, within what he feels. */
    private int nearest() {
        int best = NOBODY;
        double least = Double.POSITIVE_INFINITY;
        for (int d = cast.defence; d < cast.size(); d++) {
            double away = ground.squared(d, man);
            if (away >= least || contests.engaged(d) || ground.y[d] > -figures.in()) {
                continue;
            }
            double apart = Math.max(1e-6, Math.sqrt(away));
            double comes = ((ground.x[man] - ground.x[d]) * ground.vx[d] + (ground.y[man] - ground.y[d]) * ground.vy[d])
                    / apart;
            double within = inView(d)
                    ? Math.max(model.passer().sees(), figures.soon() * comes)
                    : model.passer().feels();
            if (comes > figures.comes() && apart < within) {
                least = away;
                best = d;
            }
        }
        return best;
    }

    /** Whether he comes from where the passer looks: at a receiver, else straight up the field. */
    private boolean inView(int d) {
        double x = 0;
        double y = 1;
        if (look < order.size()) {
            x = ground.x[order.get(look)] - ground.x[man];
            y = ground.y[order.get(look)] - ground.y[man];
        }
        double toX = ground.x[d] - ground.x[man];
        double toY = ground.y[d] - ground.y[man];
        return x * toX + y * toY > view * Ground.length(x, y) * Ground.length(toX, toY);
    }

    /** How open a receiver will be when the ball is there, thrown in so many seconds. */
    Open open(int receiver, double in) {
        double flight = 0;
        Point at = routes.ahead(receiver, in);
        for (int i = 0; i < 2; i++) {
            flight = ground.distance(man, at.x(), at.y()) / ball;
            at = routes.ahead(receiver, in + flight);
        }
        double least = Double.POSITIVE_INFINITY;
        int by = NOBODY;
        for (int d = cast.defence; d < cast.size(); d++) {
            if (contests.engaged(d)) {
                continue;
            }
            double yards = Math.min(to(d, at, in, flight), between(d, at, in, flight));
            if (yards < least) {
                least = yards;
                by = d;
            }
        }
        // he allows for how far a long throw may be off
        double off = model.passer().scatterFar() * ground.distance(man, at.x(), at.y());
        return new Open(least - off, by, at);
    }

    /**
     * How far a defender will still be from a place when he goes for it as soon as he sees the ball leave; who is there
     * when it leaves does not count as away because he is on his way from it.
     */
    private double to(int d, Point at, double in, double flight) {
        double x = ground.x[d] + ground.vx[d] * in;
        double y = ground.y[d] + ground.vy[d] * in;
        double away = Ground.length(at.x() - x, at.y() - y);
        double goes = flight - model.cover().breaks();
        double toward = away < 1e-6 ? 0 : ((at.x() - x) * ground.vx[d] + (at.y() - y) * ground.vy[d]) / away;
        double before = Math.min(flight, model.cover().breaks()) * toward;
        return away - Math.max(0, before + ground.covers(d, toward, ground.top[d], goes));
    }

    /** Who stands in the way of a ball that is not thrown over him is as good as there. */
    private double between(int d, Point at, double in, double flight) {
        double x = ground.x[d] + ground.vx[d] * in;
        double y = ground.y[d] + ground.vy[d] * in;
        double wayX = at.x() - ground.x[man];
        double wayY = at.y() - ground.y[man];
        double way = Math.max(1e-6, wayX * wayX + wayY * wayY);
        double part = ((x - ground.x[man]) * wayX + (y - ground.y[man]) * wayY) / way;
        if (!Flight.low(cast.details.flight(), part, Math.sqrt(way))) {
            return Double.POSITIVE_INFINITY;
        }
        double aside = Ground.length(x - ground.x[man] - part * wayX, y - ground.y[man] - part * wayY);
        double reaches =
                ground.covers(d, 0, ground.top[d], part * flight - model.cover().breaks());
        return aside - reaches - model.catching().inWay() + model.passer().open();
    }

    /** Where he stands or goes with the ball. */
    void aim(Point launch, boolean rolls, int tick) {
        double x = ground.x[man];
        double y = ground.y[man];
        if (rolls) {
            // on the move he keeps going until he throws
            boolean there = Ground.length(launch.x() - x, launch.y() - y) < figures.launches() || x > launch.x();
            ground.aim(
                    man,
                    there ? x + 2 : launch.x(),
                    there ? Math.min(-2, y + 0.4) : launch.y(),
                    ground.top[man] * (there ? figures.strolls() : figures.rollsOut()),
                    false);
            return;
        }
        if (hurried && felt != NOBODY) {
            slides();
            return;
        }
        double seconds = Math.max(0.3, model.passer().set() - Clock.seconds(tick));
        double away = Ground.length(launch.x() - x, launch.y() - y);
        ground.aim(
                man, launch.x(), launch.y(), Math.max(1.5, Math.min(model.body().pedal(), away / seconds)), true);
    }

    /** Away from whom he feels, up into the pocket rather than back. */
    private void slides() {
        double x = ground.x[man] - ground.x[felt];
        double y = ground.y[man] - ground.y[felt];
        double apart = Math.max(1e-6, Ground.length(x, y));
        boolean up = ground.y[man] < -figures.in() - 1;
        ground.aim(
                man,
                ground.x[man] + x / apart,
                ground.y[man] + Math.max(up ? -0.2 : -1, y / apart) + (up ? 0.5 : 0),
                model.body().shuffle(),
                false);
    }
}
