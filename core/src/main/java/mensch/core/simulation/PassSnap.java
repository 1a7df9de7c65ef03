package mensch.core.simulation;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import mensch.core.convention.SnapDetails;
import mensch.core.event.Event;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.matchup.Blocking;
import mensch.core.matchup.Distribution;
import mensch.core.matchup.PassRush;
import mensch.core.matchup.Pickup;
import mensch.core.play.Delivery;
import mensch.core.play.Pass;
import mensch.core.play.Who;
import mensch.core.simulation.Unfolding.Ending;

/** One snap of a pass: the fake if there is one, protection and routes, the throw, and what becomes of it. */
final class PassSnap extends Snap {
    private static final int NOBODY = -1;

    private final SnapDetails.PassSnap figures;
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
    private final Air air;
    private final boolean[] inTheWay;
    private Optional<Runner> runner = Optional.empty();
    private final Spans windows;
    private int looked;
    private boolean swung;
    private boolean crossed;

    /**
     * @param pickups who protects against whom
     * @param hot the route he throws at once, because a free man would be there first
     * @param alone the ways of its routes
     */
    PassSnap(
            Stage stage,
            Distribution told,
            List<Pickup> pickups,
            Optional<Distribution.Row> hot,
            Routes.Rehearsed alone,
            long seed) {
        super(stage, seed, stage.cast().of(stage.cast().shape.snapper()));
        this.figures = cast.details.passSnap();
        this.pass = told.pass();
        this.screen = !pass.delivery().screen().isEmpty();
        this.launch = stage.matchup().launch(pass, Side.RIGHT);
        this.routes = new Routes(cast, ground, model, pass, alone);
        this.protectors = new Protectors(
                cast,
                ground,
                contests,
                model,
                luck,
                quarterback,
                launch,
                pickups,
                man -> PassRush.stays(pass, cast.view, man));
        Optional<Integer> first = hot.map(row -> cast.of(row.man())).filter(routes::runs);
        double out = first.isPresent()
                ? Math.min(pass.throwSeconds(), hot.orElseThrow().route().breaks())
                : pass.throwSeconds();
        this.passer = new Passer(
                cast,
                ground,
                contests,
                model,
                routes,
                story,
                quarterback,
                Stream.concat(first.stream(), order().stream()).distinct().toList(),
                out);
        Delivery.Fake shown = pass.delivery().fake();
        Side side = shown != null && shown.other() ? Side.LEFT : Side.RIGHT;
        Optional<Blocking> blocking = shown == null ? Optional.empty() : stage.blocking(shown.run(), side);
        this.fake = blocking.map(b -> new Blockers(cast, ground, contests, model, story, b));
        var view = cast.lineup.viewFrom(side);
        this.mesh = blocking.map(b -> b.run().mesh(view)).orElse(launch);
        this.faker = blocking.map(b -> cast.of(b.run().carrier(view))).orElse(NOBODY);
        this.fakeUntil = shown == null || blocking.isEmpty() ? 0 : Clock.ticks(shown.until(view));
        this.fakeX = blocking.map(b -> b.point().x()).orElse(0.0);
        this.air = new Air(cast, ground, contests, covering, model, luck, story, quarterback);
        this.inTheWay = new boolean[cast.size()];
        this.windows = new Spans(cast, 0, cast.defence);
        pressed();
    }

    /**
     * Whom the passer looks for: as the play says, then in the order of the routes; who only clears, being on his way
     * up when the ball is to go, comes after those who have somewhere to be then.
     */
    private List<Integer> order() {
        double declared = cast.lineup.convention().routes().matchedFrom();
        Predicate<Integer> clears = man -> routes.clears(man, pass.throwSeconds(), declared);
        List<Integer> told = men(pass.delivery().progression().stream());
        List<Integer> others = men(pass.told().stream().map(Pass.Told::who));
        return Stream.of(
                        told.stream(),
                        others.stream().filter(clears.negate()),
                        others.stream().filter(clears))
                .flatMap(men -> men)
                .distinct()
                .toList();
    }

    private List<Integer> men(Stream<Who> who) {
        return who.flatMap(one -> one.in(cast.view).stream())
                .map(cast::of)
                .filter(routes::runs)
                .toList();
    }

    /** A receiver with a man before him gets off the line later; in flag nobody may touch him. */
    private void pressed() {
        if (cast.flag()) {
            return;
        }
        for (int man = 0; man < cast.defence; man++) {
            if (!routes.runs(man) || cast.actors.get(man).start().y() < -figures.backfield()) {
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

    @Override
    boolean runs() {
        return false;
    }

    @Override
    List<Unfolding.Span> windows() {
        return windows.until(looked);
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
            story.tell(Happening.What.FAKED, quarterback, faker, tick, "");
            if (cast.flag()) {
                minds.seemsHandedOff(tick, fakeX);
            } else {
                minds.faked(tick);
            }
        }
        boolean runs = runner.isPresent();
        double lane = runner.map(Runner::lane).orElse(ground.x[ball]);
        boolean looksLikeARun = faking(tick);
        fits.aim(tick, ball, looksLikeARun ? fakeX : lane, faker == NOBODY ? ball : faker, fakeX);
        air.rally(tick);
        swings(tick);
        protection(tick);
        receivers(tick);
        if (watched && air.flight().isEmpty() && !runs) {
            looked = tick;
            windows.look(tick, man -> routes.runs(man) && passer.opens(man, tick));
        }
        if (runs) {
            if (runner.get().aim(ball, tick)) {
                minds.ballGoes(tick, ground.y[ball] > 0);
            }
        } else if (air.flight().isEmpty()) {
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
        // on a boot the line goes on with the run it shows; who has a route leaves in time for it
        if (fake.isPresent() && (faking(tick) || boot())) {
            for (int man = 0; man < cast.defence; man++) {
                if (routes.runs(man) && fake.get().works(man) && tick >= routes.goes(man)) {
                    fake.get().runsARoute(man);
                    contests.letsGo(man, tick);
                }
            }
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
            if (air.flight().isPresent()
                    && air.flight().get().to() == man
                    && adjusts(air.flight().get(), man, tick)) {
                ground.aim(
                        man,
                        air.flight().get().off().x(),
                        air.flight().get().off().y(),
                        ground.top[man],
                        true);
            } else if (man == faker && !routes.runs(man) && tick < fakeUntil + Clock.ticks(figures.fakesOn())) {
                Point to = tick < fakeUntil ? mesh : new Point(fakeX, 1);
                ground.aim(man, to.x(), to.y(), ground.top[man] * figures.fakes(), false);
            } else if (routes.runs(man) && !has) {
                routes.aim(man, tick);
            } else if (!has && !working(man, tick)) {
                leadsOrStands(man);
            }
        }
    }

    /** He runs his route until it is done and the ball is near: then he goes where it comes down. */
    private boolean adjusts(Flight in, int man, int tick) {
        double seconds = Math.max(figures.adjusts(), Clock.seconds(in.lands() - in.left()) * figures.sees());
        return routes.broken(man) && Clock.seconds(in.lands() - tick) <= seconds;
    }

    private boolean working(int man, int tick) {
        return fake.isPresent() && (faking(tick) || boot()) && fake.get().works(man);
    }

    private void leadsOrStands(int man) {
        if (screen && leads(man)) {
            int to = passer.to() == NOBODY ? man : passer.to();
            ground.aim(man, ground.x[to], Math.max(1, ground.y[to] + figures.leads()), ground.top[man], false);
        } else if (clears(man)) {
            ground.aim(man, ground.x[man], figures.clears(), ground.top[man], true);
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
        return air.flight().isPresent() ? flies(tick) : holds(tick);
    }

    private Optional<Ending> flies(int tick) {
        Optional<Ending> ended = air.flies(tick);
        air.caughtBy().ifPresent(man -> runner = Optional.of(runsOn(man, tick)));
        return ended;
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
        Optional<Ending> sacked = sacked(tick);
        if (sacked.isPresent()) {
            return sacked;
        }
        switch (passer.does(tick)) {
            case THROWS -> air.leaves(passer.to(), passer.open(passer.to(), 0), passer.hurried(), tick);
            case THROWS_AWAY -> {
                story.tell(Happening.What.THROWN_AWAY, quarterback, tick, "");
                return Optional.of(Ending.THROWN_AWAY);
            }
            case RUNS -> {
                story.tell(Happening.What.SCRAMBLES, quarterback, tick, "");
                runner = Optional.of(new Runner(cast, ground, contests, model, ground.x[quarterback]));
                minds.handedOff(tick, ground.x[quarterback]);
            }
            case LOOKS -> {}
        }
        return Optional.empty();
    }

    /** A receiver on his way, or one who sits in it, costs a man who covers another; his own man is in nobody's way. */
    @Override
    void runsInto(int one, int other) {
        if (one >= cast.defence || other < cast.defence || inTheWay[other]) {
            return;
        }
        boolean covers = minds.passes(other) && !contests.engaged(other) && !covering.has(other, one);
        if (routes.runs(one) && covers) {
            inTheWay[other] = true;
            story.tell(Happening.What.IN_THE_WAY, one, other, ground.past().size(), "");
        }
    }

    @Override
    double ballX() {
        return air.flight().map(f -> f.x(ground.past().size())).orElseGet(super::ballX);
    }

    @Override
    double ballY() {
        return air.flight().map(f -> f.y(ground.past().size())).orElseGet(super::ballY);
    }

    /** The passer and whom he shows the ball; a blocker and his man keep their own distance. */
    @Override
    boolean together(int a, int b) {
        boolean mesh = a == quarterback && b == faker || b == quarterback && a == faker;
        return mesh || super.together(a, b);
    }
}
