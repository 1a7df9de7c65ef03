package mensch.core.simulation;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.convention.SnapModel;
import mensch.core.event.Event;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.matchup.Blocking;
import mensch.core.matchup.Distribution;
import mensch.core.matchup.PassRush;
import mensch.core.play.Delivery;
import mensch.core.play.Pass;
import mensch.core.play.Who;
import mensch.core.simulation.Unfolding.Ending;

/** One snap of a pass: the fake if there is one, protection and routes, the throw, and what becomes of it. */
final class PassSnap extends Snap {
    private static final int NOBODY = -1;
    /** Who catches the ball keeps so much of his speed. */
    private static final double CATCHES = 0.6;
    /** A defender gets a hand on a ball when it has gone so much of its way: before that it is over him. */
    private static final double LOW = 0.3;
    /** A long throw is over everybody until here. */
    private static final double COMES_DOWN = 0.8;
    /** A throw is long from here on, yards. */
    private static final double LONG = 14;
    /** At the very end it is between receiver and defender. */
    private static final double THERE = 0.95;
    /** Who is so much farther from the ball than another is not first on it, yards. */
    private static final double FIRST = 0.4;
    /** A defender goes for a ball he may be near to when it comes down, yards. */
    private static final double RALLIES = 7;
    /** A receiver sees so long before where the ball comes down, seconds. */
    private static final double ADJUSTS = 0.6;
    /** Or so much of its way before. */
    private static final double SEES = 0.6;
    /** A receiver without a route runs so deep, yards. */
    private static final double CLEARS = 14;
    /** Chance is even between ends that are so far as a throw is usually off. */
    private static final double OFF = 1.0;

    private final Pass pass;
    private final boolean screen;
    private final Routes routes;
    private final Protectors protectors;
    private final Passer passer;
    private final Optional<Blockers> fake;
    private final Point launch;
    private final Point mesh;
    private final int faker;
    private final int fakeUntil;
    private final double fakeX;
    private final int[] tips;
    private final boolean[] inTheWay;
    private Optional<Flight> flight = Optional.empty();
    private Optional<Runner> runner = Optional.empty();
    private boolean swung;
    private boolean crossed;

    /** @param alone the ways of its routes */
    PassSnap(Stage stage, PassRush rush, Routes.Rehearsed alone, long seed) {
        super(stage, seed, stage.cast().of(stage.cast().shape.snapper()));
        Distribution told = rush.pass();
        this.pass = told.pass();
        this.screen = !pass.delivery().screen().isEmpty();
        this.launch = stage.matchup().launch(pass, Side.RIGHT);
        this.routes = new Routes(cast, ground, model, pass, alone);
        this.protectors = new Protectors(cast, ground, contests, model, luck, quarterback, launch, rush.pressure());
        this.passer =
                new Passer(cast, ground, contests, model, routes, story, quarterback, order(), pass.throwSeconds());
        Delivery.Fake shown = pass.delivery().fake();
        Side side = shown != null && shown.other() ? Side.LEFT : Side.RIGHT;
        Optional<Blocking> blocking =
                shown == null ? Optional.empty() : stage.matchup().blocking(shown.run(), side);
        this.fake = blocking.map(b -> new Blockers(cast, ground, contests, model, story, b));
        var view = cast.lineup.viewFrom(side);
        this.mesh = blocking.map(b -> b.run().mesh(view)).orElse(launch);
        this.faker = blocking.map(b -> cast.of(b.run().carrier(view))).orElse(NOBODY);
        this.fakeUntil = shown == null || blocking.isEmpty() ? 0 : Clock.ticks(shown.until(view));
        this.fakeX = blocking.map(b -> b.point().x()).orElse(0.0);
        this.tips = new int[cast.size()];
        this.inTheWay = new boolean[cast.size()];
        pressed();
    }

    /** Whom the passer looks for: as the play says, else in the order of the routes. */
    private List<Integer> order() {
        Stream<Who> order = pass.delivery().progression().isEmpty()
                ? pass.told().stream().map(Pass.Told::who)
                : Stream.concat(
                        pass.delivery().progression().stream(),
                        pass.told().stream().map(Pass.Told::who));
        return order.flatMap(who -> who.in(cast.view).stream())
                .map(cast::of)
                .filter(routes::runs)
                .distinct()
                .toList();
    }

    /** A receiver with a man before him gets off the line later. */
    private void pressed() {
        for (int man = 0; man < cast.defence; man++) {
            if (!routes.runs(man) || cast.actors.get(man).start().y() < -2) {
                continue;
            }
            for (int d = cast.defence; d < cast.size(); d++) {
                boolean near = ground.distance(man, d) < model.route().press();
                if (near && !minds.line(d)) {
                    double seconds = luck.of(
                            model.route().pressed(), cast.actors.get(man).luck(), Luck.What.PRESSES, 0);
                    ground.from[man] += Clock.ticks(seconds);
                    story.tell(Happening.What.PRESSED, d, man, 0, "");
                    break;
                }
            }
        }
    }

    private boolean faking(int tick) {
        return fake.isPresent() && tick < fakeUntil;
    }

    private boolean boot() {
        return pass.delivery().launch() == Delivery.Launch.BOOT;
    }

    @Override
    void aim(int tick) {
        minds.look(tick, ball);
        if (fake.isPresent() && tick == fakeUntil) {
            story.tell(Happening.What.FAKED, quarterback, Math.max(0, faker), tick, "");
            minds.faked(tick);
        }
        boolean runs = runner.isPresent();
        double lane = runner.map(Runner::lane).orElse(ground.x[ball]);
        boolean looksLikeARun = faking(tick);
        fits.aim(tick, ball, looksLikeARun ? fakeX : lane, faker == NOBODY ? ball : faker, fakeX);
        flight.ifPresent(f -> rally(f, tick));
        swings(tick);
        protection(tick);
        receivers(tick);
        if (runs) {
            if (runner.get().aim(ball, tick)) {
                minds.ballGoes(tick, ground.y[ball] > 0);
            }
        } else if (flight.isEmpty()) {
            quarterback(tick);
        } else {
            ground.stand(quarterback);
        }
    }

    private void quarterback(int tick) {
        if (faking(tick)) {
            double seconds = Math.max(Clock.TICK, Clock.seconds(fakeUntil - tick));
            double away = ground.distance(quarterback, mesh.x(), mesh.y());
            ground.aim(quarterback, mesh.x(), mesh.y(), Math.min(ground.top[quarterback], away / seconds), true);
        } else {
            passer.aim(launch, pass.delivery().launch() != Delivery.Launch.SET, tick);
        }
    }

    private void protection(int tick) {
        // on a boot the line goes on with the run it shows
        if (fake.isPresent() && (faking(tick) || boot())) {
            fake.get().aim(tick, fakeX);
        }
        if (!faking(tick)) {
            protectors.aim(tick);
        }
        for (int man = 0; man < cast.defence; man++) {
            if (screen
                    && protectors.works(man)
                    && leads(man)
                    && tick > Clock.ticks(model.protect().rids())) {
                protectors.leaves(man);
            }
        }
    }

    private boolean leads(int man) {
        Man his = cast.actors.get(man).man();
        return pass.delivery().screen().stream()
                .anyMatch(who -> who.in(cast.view).filter(m -> m == his).isPresent());
    }

    private void receivers(int tick) {
        for (int man = 0; man < cast.defence; man++) {
            if (contests.engaged(man) || man == quarterback || runner.isPresent() && man == ball) {
                continue;
            }
            boolean has = protectors.works(man);
            boolean late = has
                    && routes.runs(man)
                    && protectors.target(man) == NOBODY
                    && tick > Clock.ticks(model.protect().rids());
            if (late) {
                protectors.leaves(man);
                has = false;
            }
            if (flight.isPresent() && flight.get().to() == man && adjusts(flight.get(), man, tick)) {
                ground.aim(man, flight.get().off().x(), flight.get().off().y(), ground.top[man], true);
            } else if (man == faker && !routes.runs(man) && tick < fakeUntil + Clock.ticks(0.8)) {
                Point to = tick < fakeUntil ? mesh : new Point(fakeX, 1);
                ground.aim(man, to.x(), to.y(), ground.top[man] * 0.9, false);
            } else if (routes.runs(man) && !has) {
                routes.aim(man, tick);
            } else if (!has && !working(man, tick)) {
                leadsOrStands(man);
            }
        }
    }

    /** He runs his route until it is done and the ball is near: then he goes where it comes down. */
    private boolean adjusts(Flight in, int man, int tick) {
        double seconds = Math.max(ADJUSTS, Clock.seconds(in.lands() - in.left()) * SEES);
        return routes.broken(man) && Clock.seconds(in.lands() - tick) <= seconds;
    }

    private boolean working(int man, int tick) {
        return fake.isPresent() && (faking(tick) || boot()) && fake.get().works(man);
    }

    private void leadsOrStands(int man) {
        if (screen && leads(man)) {
            int to = passer.to() == NOBODY ? man : passer.to();
            ground.aim(man, ground.x[to], Math.max(1, ground.y[to] + 3), ground.top[man], false);
        } else if (clears(man)) {
            ground.aim(man, ground.x[man], CLEARS, ground.top[man], true);
        } else {
            ground.stand(man);
        }
    }

    /** A receiver out wide who is told nothing takes his man away. */
    private boolean clears(int man) {
        Man his = cast.actors.get(man).man();
        return his != null && cast.shape.number(his) > 0 && !protectors.works(man);
    }

    /** A back who is out and wide is seen to swing: who waits for that has him. */
    private void swings(int tick) {
        if (swung) {
            return;
        }
        double tackle = Math.abs(
                cast.shape.flank(Side.RIGHT).tackle().x() - cast.shape.centre().x());
        for (Man back : cast.shape.backs()) {
            int man = cast.of(back);
            double across = ground.x[man] - cast.shape.centre().x();
            if (Math.abs(across) > tackle && routes.runs(man) && ground.y[man] < 1) {
                swung = true;
                minds.happens(
                        Event.Seen.BACK_SWINGS, tick, d -> cast.job(d).seat().sign() * across > 0);
                return;
            }
        }
    }

    /** Everybody who may get there goes for a ball in the air. */
    private void rally(Flight in, int tick) {
        if (tick < in.left() + Clock.ticks(model.cover().breaks())) {
            return;
        }
        double seconds = Clock.seconds(Math.max(0, in.lands() - tick));
        for (int d = cast.defence; d < cast.size(); d++) {
            double away = ground.distance(d, in.at().x(), in.at().y());
            if (!contests.engaged(d) && ground.y[d] > -2 && away < RALLIES + ground.top[d] * seconds) {
                covering.drives(d, in.at().x(), in.at().y(), tick);
            }
        }
    }

    @Override
    Optional<Ending> meet(int tick) {
        if (fake.isPresent() && (faking(tick) || boot())) {
            fake.get().meet(tick, fakeX);
        }
        if (!faking(tick)) {
            protectors.meet(tick);
        }
        if (runner.isPresent()) {
            return carries(tick);
        }
        return flight.isPresent() ? flies(flight.get(), tick) : holds(tick);
    }

    private Optional<Ending> carries(int tick) {
        if (!crossed && ground.y[ball] > 0) {
            crossed = true;
            if (ball == quarterback) {
                story.tell(Happening.What.LINE_CROSSED, ball, tick, "");
                minds.happens(Event.Seen.QUARTERBACK_CROSSES, tick, d -> true);
            }
            minds.ballGoes(tick, true);
        }
        return down(tick);
    }

    private Optional<Ending> holds(int tick) {
        if (faking(tick)) {
            return Optional.empty();
        }
        int sacks = tackles.tick(quarterback, tick);
        if (sacks >= 0) {
            story.tell(Happening.What.SACKED, sacks, quarterback, tick, "");
            return Optional.of(Ending.SACKED);
        }
        switch (passer.does(tick)) {
            case THROWS -> throwsIt(passer.to(), tick);
            case THROWS_AWAY -> {
                story.tell(Happening.What.THROWN_AWAY, quarterback, tick, "");
                return Optional.of(Ending.THROWN_AWAY);
            }
            case RUNS -> {
                story.tell(Happening.What.SCRAMBLES, quarterback, tick, "");
                runner = Optional.of(new Runner(cast, ground, contests, model, ground.x[quarterback]));
                minds.handedOff(tick);
            }
            case LOOKS -> {}
        }
        return Optional.empty();
    }

    private void throwsIt(int to, int tick) {
        Passer.Open open = passer.open(to, 0);
        Point from = ground.at(quarterback);
        Point at = open.at();
        double ballSpeed = cast.lineup.convention().speeds().passer().ball();
        double yards = from.distance(at);
        double off = model.passer().scatter() + model.passer().scatterFar() * yards;
        if (passer.hurried()) {
            off *= model.passer().hurried();
        }
        long who = cast.actors.get(quarterback).luck();
        Point lands = new Point(
                at.x() + luck.about(OFF * off, who, Luck.What.SCATTERS, 0),
                at.y() + luck.about(OFF * off, who, Luck.What.SCATTERS, 1));
        int flies = Math.max(1, Clock.ticks(yards / ballSpeed));
        flight = Optional.of(new Flight(to, from, at, lands, tick, tick + flies, passer.hurried()));
        String by = open.by() == NOBODY ? "" : cast.actors.get(open.by()).id();
        story.tell(Happening.What.THROWN, quarterback, to, tick, by);
    }

    private Optional<Ending> flies(Flight in, int tick) {
        double part = in.part(tick);
        boolean low = part > (in.yards() > LONG ? COMES_DOWN : LOW);
        if (low && part < THERE) {
            for (int d = cast.defence; d < cast.size(); d++) {
                double away = ground.distance(d, in.x(tick), in.y(tick));
                if (tips[d] == 0
                        && !contests.engaged(d)
                        && away < model.catching().inWay()) {
                    tips[d]++;
                    long who = cast.actors.get(d).luck();
                    if (luck.of(who, Luck.What.TIPS, 0) < model.catching().tipped()) {
                        return Optional.of(defended(d, in, tick));
                    }
                }
            }
        }
        return tick >= in.lands() ? lands(in, tick) : Optional.empty();
    }

    private Ending defended(int defender, Flight in, int tick) {
        long who = cast.actors.get(defender).luck();
        boolean picks = luck.of(who, Luck.What.PICKS, 0) < model.catching().picked();
        story.tell(picks ? Happening.What.INTERCEPTED : Happening.What.TIPPED, defender, in.to(), tick, "");
        return picks ? Ending.INTERCEPTED : Ending.INCOMPLETE;
    }

    private Optional<Ending> lands(Flight in, int tick) {
        int man = in.to();
        double his = ground.distance(man, in.off().x(), in.off().y());
        int by = NOBODY;
        double least = Double.POSITIVE_INFINITY;
        for (int d = cast.defence; d < cast.size(); d++) {
            double away = ground.distance(d, in.off().x(), in.off().y());
            if (away < least && !contests.engaged(d)) {
                least = away;
                by = d;
            }
        }
        SnapModel.Catching catching = model.catching();
        if (by != NOBODY && least < catching.near() && least + FIRST < his) {
            return Optional.of(defended(by, in, tick));
        }
        double apart = by == NOBODY ? Double.POSITIVE_INFINITY : Math.min(ground.distance(by, man), least);
        double chance = apart >= catching.clear()
                ? catching.open()
                : apart >= catching.near() ? catching.contested() : catching.covered();
        long who = cast.actors.get(man).luck();
        boolean drops = luck.of(who, Luck.What.DROPS, 0) < catching.drops();
        if (his <= catching.reaches() && !drops && luck.of(who, Luck.What.CATCHES, 0) < chance) {
            caught(man, by, tick);
            return Optional.empty();
        }
        String why = his > catching.reaches() ? "off" : drops ? "drop" : apart < catching.clear() ? "covered" : "";
        if (by == NOBODY) {
            story.tell(Happening.What.INCOMPLETE, quarterback, man, tick, why);
        } else if (why.equals("covered") && apart < catching.near()) {
            return Optional.of(defended(by, in, tick));
        } else {
            story.tell(Happening.What.INCOMPLETE, quarterback, man, tick, why);
        }
        return Optional.of(Ending.INCOMPLETE);
    }

    private void caught(int man, int by, int tick) {
        story.tell(
                Happening.What.CAUGHT,
                man,
                quarterback,
                tick,
                by == NOBODY ? "" : cast.actors.get(by).id());
        ball = man;
        flight = Optional.empty();
        ground.vx[man] *= CATCHES;
        ground.vy[man] *= CATCHES;
        runner = Optional.of(new Runner(cast, ground, contests, model, ground.x[man]));
        minds.ballGoes(tick, true);
    }

    /** A receiver on his way, or one who sits in it, costs a man who covers another. */
    @Override
    void runsInto(int one, int other) {
        if (one >= cast.defence || other < cast.defence || inTheWay[other]) {
            return;
        }
        if (routes.runs(one) && minds.passes(other) && !contests.engaged(other)) {
            inTheWay[other] = true;
            story.tell(Happening.What.IN_THE_WAY, one, other, ground.past().size(), "");
        }
    }

    @Override
    double ballX() {
        return flight.map(f -> f.x(ground.past().size())).orElseGet(super::ballX);
    }

    @Override
    double ballY() {
        return flight.map(f -> f.y(ground.past().size())).orElseGet(super::ballY);
    }

    /** The passer and whom he shows the ball; a blocker and his man keep their own distance. */
    @Override
    boolean together(int a, int b) {
        boolean mesh = a == quarterback && b == faker || b == quarterback && a == faker;
        return mesh || super.together(a, b);
    }
}
