package mensch.core.simulation;

import java.util.Optional;
import java.util.OptionalInt;
import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;
import mensch.core.geometry.Point;
import mensch.core.simulation.Unfolding.Ending;

/** A ball that is thrown: how far off it is, who gets a hand on it, who goes for it, and whether it is caught. */
final class Air {
    private static final int NOBODY = -1;
    /** So many fifths of a second after the catch a man from far looks for where he meets him. */
    private static final int LONGEST = 20;

    private final SnapDetails.Air figures;
    private final Cast cast;
    private final Ground ground;
    private final Contests contests;
    private final Covering covering;
    private final SnapModel model;
    private final Luck luck;
    private final Story story;
    private final int quarterback;
    private final int[] tips;
    private Optional<Flight> flight = Optional.empty();
    private OptionalInt caughtBy = OptionalInt.empty();

    Air(
            Cast cast,
            Ground ground,
            Contests contests,
            Covering covering,
            SnapModel model,
            Luck luck,
            Story story,
            int quarterback) {
        this.cast = cast;
        this.figures = cast.details.air();
        this.ground = ground;
        this.contests = contests;
        this.covering = covering;
        this.model = model;
        this.luck = luck;
        this.story = story;
        this.quarterback = quarterback;
        this.tips = new int[cast.size()];
    }

    /** The ball while it is in the air. */
    Optional<Flight> flight() {
        return flight;
    }

    /** Who has caught it. */
    OptionalInt caughtBy() {
        return caughtBy;
    }

    /** Everybody who may get there goes for a ball in the air. */
    void rally(int tick) {
        Flight in = flight.orElse(null);
        if (in == null || tick < in.left() + Clock.ticks(model.cover().breaks())) {
            return;
        }
        double seconds = Clock.seconds(Math.max(0, in.lands() - tick));
        for (int d = cast.defence; d < cast.size(); d++) {
            if (contests.engaged(d) || ground.y[d] <= -figures.rushes()) {
                continue;
            }
            double away = ground.distance(d, in.at().x(), in.at().y());
            double goes = seconds - Clock.seconds(Math.max(0, ground.from[d] - tick));
            if (away < figures.rallies() + ground.top[d] * seconds) {
                // who is over it and too late stays over it: he comes to tackle, not past the ball
                double late = away - runs(d, in.at().x(), in.at().y(), away, goes);
                boolean over = late > figures.late() && ground.y[d] > in.at().y() + figures.late();
                double above = over ? Math.min(figures.staysOver(), late * figures.staysOver() / figures.rallies()) : 0;
                covering.drives(d, in.at().x(), in.at().y() + above, tick);
            } else {
                covering.drives(d, in.at().x(), meets(d, in.at(), goes), tick);
            }
        }
    }

    /** How far he gets on his way to a place in a time. */
    private double runs(int d, double x, double y, double away, double seconds) {
        double toward = away < 1e-6 ? 0 : ((x - ground.x[d]) * ground.vx[d] + (y - ground.y[d]) * ground.vy[d]) / away;
        return ground.covers(d, toward, ground.top[d], seconds);
    }

    /** From far a man comes to where he meets whoever has caught it and runs up the field. */
    private double meets(int d, Point at, double seconds) {
        double y = at.y();
        for (int i = 0; i < LONGEST; i++) {
            double after = i * Clock.TICK * 4;
            y = at.y() + Math.max(0, after - figures.turnsUp()) * figures.runsOn();
            double away = ground.distance(d, at.x(), y);
            if (runs(d, at.x(), y, away, seconds + after) >= away) {
                break;
            }
        }
        return y;
    }

    /**
     * The ball leaves the hand.
     *
     * @param open where it is meant to come down, and who is nearest
     */
    void leaves(int to, Passer.Open open, boolean hurried, int tick) {
        Point from = ground.at(quarterback);
        Point at = open.at();
        double ballSpeed = cast.lineup.convention().speeds().passer().ball();
        double yards = from.distance(at);
        double off = model.passer().scatter() + model.passer().scatterFar() * yards;
        if (hurried) {
            off *= model.passer().hurried();
        }
        long who = cast.actors.get(quarterback).luck();
        Point lands = new Point(
                at.x() + luck.about(figures.off() * off, who, Luck.What.SCATTERS, 0),
                at.y() + luck.about(figures.off() * off, who, Luck.What.SCATTERS, 1));
        int flies = Math.max(1, Clock.ticks(yards / ballSpeed));
        flight = Optional.of(new Flight(to, from, at, lands, tick, tick + flies));
        String by = open.by() == NOBODY ? "" : cast.actors.get(open.by()).id();
        story.tell(Happening.What.THROWN, quarterback, to, tick, by);
    }

    /**
     * One tick of it in the air.
     *
     * @return how the play ends, if it does; a catch is told by {@link #caughtBy}
     */
    Optional<Ending> flies(int tick) {
        Flight in = flight.orElseThrow();
        if (Flight.low(cast.details.flight(), in.part(tick), in.yards())) {
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
        if (by != NOBODY && least < catching.near() && least + figures.first() < his) {
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
        if (his > catching.reaches()) {
            story.tell(Happening.What.OFF_TARGET, quarterback, man, tick, "");
        } else if (drops || apart >= catching.clear()) {
            story.tell(Happening.What.DROPPED, man, tick, "");
        } else if (apart < catching.near()) {
            return Optional.of(defended(by, in, tick));
        } else {
            story.tell(Happening.What.DEFENDED, man, by, tick, "");
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
        caughtBy = OptionalInt.of(man);
        flight = Optional.empty();
        if (ground.speed(man) < figures.sits()) {
            ground.plants(man, tick + Clock.ticks(model.catching().turns()));
        }
        ground.vx[man] *= figures.catches();
        ground.vy[man] *= figures.catches();
    }
}
