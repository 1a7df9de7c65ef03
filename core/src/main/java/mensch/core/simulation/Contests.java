package mensch.core.simulation;

import java.util.Arrays;
import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;
import mensch.core.convention.SnapModel.Spread;
import mensch.core.play.Block;
import mensch.core.play.Block.Meets;

/**
 * Blocks in contact: who has whom, who stands where the ball goes, how long it holds. Position decides first, then
 * bodies, then a holding time that is drawn; what was thought of the block before the snap is not asked.
 */
final class Contests {
    /** Where a blocked man stands to the ball's way. */
    enum State {
        /** His blocker is between him and the ball's way. */
        SEALED,
        EVEN,
        /** He is between his blocker and the ball's way, or has that arm free. */
        FREE_ARM
    }

    private static final int NOBODY = -1;

    private final SnapDetails.Contests figures;
    private final double straightAway;
    private final Cast cast;
    private final Ground ground;
    private final SnapModel model;
    private final Luck luck;
    private final Story story;
    private final double headUp;

    /** Of a blocker: the man he is on. */
    final int[] on;
    /** Of a defender: who is on him, first and second. */
    final int[] first;

    final int[] second;
    final State[] state;
    private final boolean[] ballRight;
    /** Whether his blocker means to turn him out and stays inside of him. */
    private final boolean[] drivenOut;

    /** Of a defender: whether he is held off the passer, not off a run. */
    private final boolean[] rushes;

    private final double[] drive;
    private final int[] since;
    private final int[] until;
    /** Of a blocker: the tick before which he gets on nobody. */
    private final int[] beaten;

    private final int[] met;

    Contests(Cast cast, Ground ground, SnapModel model, Luck luck, Story story) {
        this.cast = cast;
        this.figures = cast.details.contests();
        this.straightAway = Math.cos(Math.toRadians(figures.off()));
        this.ground = ground;
        this.model = model;
        this.luck = luck;
        this.story = story;
        this.headUp = cast.lineup.convention().blocks().alike().headUp();
        int men = cast.size();
        on = new int[men];
        first = new int[men];
        second = new int[men];
        Arrays.fill(on, NOBODY);
        Arrays.fill(first, NOBODY);
        Arrays.fill(second, NOBODY);
        state = new State[men];
        Arrays.fill(state, State.EVEN);
        ballRight = new boolean[men];
        drivenOut = new boolean[men];
        rushes = new boolean[men];
        drive = new double[men];
        since = new int[men];
        until = new int[men];
        beaten = new int[men];
        met = new int[men];
    }

    boolean engaged(int man) {
        return man < cast.defence ? on[man] != NOBODY : first[man] != NOBODY;
    }

    /** How many have their hands on him. */
    int blockers(int defender) {
        return (first[defender] == NOBODY ? 0 : 1) + (second[defender] == NOBODY ? 0 : 1);
    }

    boolean ready(int blocker, int tick) {
        return on[blocker] == NOBODY && tick >= beaten[blocker];
    }

    /**
     * A blocker gets his hands on a man.
     *
     * @param outside whether the ball's way is on the far side of him, seen from the middle of the play
     * @param sign of the side the play goes to
     */
    void begin(int blocker, int defender, Block block, boolean outside, int sign, int tick) {
        on[blocker] = defender;
        if (first[defender] != NOBODY) {
            second[defender] = blocker;
            until[defender] = Math.max(
                    until[defender], tick + Clock.ticks(hold(model.hold().easy(), defender)));
            drive[defender] = model.drive().doubled();
            since[defender] = tick;
            story.tell(Happening.What.CONTACT, blocker, defender, tick, block.words());
            return;
        }
        first[defender] = blocker;
        since[defender] = tick;
        met[defender]++;
        story.tell(Happening.What.CONTACT, blocker, defender, tick, block.words());
        rushes[defender] = false;
        boolean right = outside == sign > 0;
        ballRight[defender] = right;
        drivenOut[defender] = block.meets() == Meets.DRIVES_OUT;
        double between = ground.x[blocker]
                - ground.x[defender]
                + luck.about(
                        model.body().technique(), cast.actors.get(defender).luck(), Luck.What.MEETS, met[defender]);
        double yards = right ? between : -between;
        boolean chooses = !outside && (block.meets() == Meets.DRIVES_OUT || block.meets() == Meets.ON_THE_MOVE);
        boolean open = block.meets() == Meets.IN_SPACE || ground.y[defender] > figures.space();
        meet(defender, block, chooses ? Math.abs(yards) : yards, open, tick);
    }

    /**
     * A protector gets his hands on a rusher.
     *
     * @param seconds for how long he holds him
     */
    void protects(int blocker, int defender, double seconds, int tick) {
        on[blocker] = defender;
        rushes[defender] = true;
        if (first[defender] == NOBODY) {
            first[defender] = blocker;
            since[defender] = tick;
            met[defender]++;
            until[defender] = tick + Clock.ticks(seconds);
        } else {
            second[defender] = blocker;
            until[defender] = Math.max(until[defender], tick + Clock.ticks(seconds));
        }
        state[defender] = State.EVEN;
        story.tell(Happening.What.CONTACT, blocker, defender, tick, "protects");
    }

    /** How often a man has been met so far. */
    int met(int defender) {
        return met[defender];
    }

    private void meet(int defender, Block block, double yards, boolean open, int tick) {
        boolean reaches =
                block.finds() == Block.Finds.OVER_OR_NEIGHBOURS || block.finds() == Block.Finds.OVER_OR_PLAY_SIDE;
        boolean smaller = cast.actors.get(defender).size()
                        - cast.actors.get(first[defender]).size()
                >= cast.lineup.convention().blocks().lighterBy();
        Spread hold;
        if (open) {
            state[defender] = State.EVEN;
            hold = model.hold().space();
            drive[defender] = 0;
        } else if (reaches ? sealed(defender, yards) : yards > headUp) {
            state[defender] = State.SEALED;
            hold = smaller ? model.hold().fair() : model.hold().easy();
            drive[defender] = smaller ? model.drive().fair() : model.drive().easy();
            story.tell(Happening.What.SEALED, defender, first[defender], tick, "");
        } else if (Math.abs(yards) <= headUp) {
            state[defender] = State.EVEN;
            hold = model.hold().fair();
            drive[defender] = model.drive().fair();
        } else {
            state[defender] = State.FREE_ARM;
            hold = model.hold().hard();
            drive[defender] = model.drive().hard();
        }
        until[defender] = tick + Clock.ticks(hold(hold, defender));
    }

    /** A blocker who steps to the ball's side gets round a man, or not, by where he meets him. */
    private boolean sealed(int defender, double yards) {
        SnapModel.Reach reach = model.reach();
        double chance = yards > headUp
                ? reach.inside()
                : yards >= -headUp ? reach.headUp() : yards > -reach.wideFrom() ? reach.outside() : reach.wide();
        boolean slants = (ballRight[defender] ? 1 : -1) * ground.vx[defender] > figures.slants();
        double drawn = luck.of(cast.actors.get(defender).luck(), Luck.What.REACHES, met[defender]);
        return drawn < chance - (slants ? reach.slanting() : 0);
    }

    private double hold(Spread spread, int defender) {
        return luck.of(spread, cast.actors.get(defender).luck(), Luck.What.HOLDS, met[defender]);
    }

    /** One tick of everybody who is on a block. */
    void move(int tick) {
        for (int defender = cast.defence; defender < cast.size(); defender++) {
            if (first[defender] == NOBODY) {
                continue;
            }
            if (tick >= until[defender]) {
                shed(defender, tick);
                continue;
            }
            if (rushes[defender]) {
                rush(defender);
            } else {
                pair(defender, tick);
            }
        }
    }

    /** A rusher pushes his man back the way he wants to go; that man stays between. */
    private void rush(int defender) {
        double wantX = ground.aimX[defender] - ground.x[defender];
        double wantY = ground.aimY[defender] - ground.y[defender];
        double want = Math.max(1e-6, Math.sqrt(wantX * wantX + wantY * wantY));
        double pushes = second[defender] == NOBODY
                ? model.protect().bull()
                : model.protect().bull() / figures.doubledBull();
        double moveX = pushes * wantX / Math.max(want, 1);
        double moveY = pushes * wantY / Math.max(want, 1);
        ground.x[defender] += moveX * Clock.TICK;
        ground.y[defender] += moveY * Clock.TICK;
        ground.vx[defender] = moveX;
        ground.vy[defender] = moveY;
        step(
                first[defender],
                ground.x[defender] + wantX / want * figures.apart(),
                ground.y[defender] + wantY / want * figures.apart(),
                0);
        if (second[defender] != NOBODY) {
            hold(second[defender], defender, moveX, moveY, 0);
        }
    }

    private void pair(int defender, int tick) {
        int blocker = first[defender];
        double dx = ground.x[defender] - ground.x[blocker];
        double dy = ground.y[defender] - ground.y[blocker];
        double apart = Math.max(1e-6, Math.sqrt(dx * dx + dy * dy));
        double pushed = Clock.seconds(tick - since[defender]) < model.drive().lasts() ? drive[defender] : 0;
        double side = ballRight[defender] ? 1 : -1;
        // two who move one man move him up the field
        double wayX = second[defender] != NOBODY ? figures.doubledAside() * Math.signum(dx) : dx / apart;
        double wayY = second[defender] != NOBODY ? 1 : dy / apart;
        double moveX = pushed * wayX;
        double moveY = pushed * wayY;
        double wantX = ground.aimX[defender] - ground.x[defender];
        double wantY = ground.aimY[defender] - ground.y[defender];
        double want = Math.sqrt(wantX * wantX + wantY * wantY);
        boolean off = want > 0.1 && (wantX * dx + wantY * dy) / (want * apart) > straightAway;
        double fights = off ? model.body().shuffle() : fights(defender);
        if (want > 0.1) {
            moveX += fights * wantX / Math.max(want, 1);
            // nobody walks through the man who blocks him
            moveY += Math.max(-fights * figures.against(), Math.min(fights, fights * wantY / Math.max(want, 1)));
        }
        ground.x[defender] += moveX * Clock.TICK;
        ground.y[defender] += moveY * Clock.TICK;
        ground.vx[defender] = moveX;
        ground.vy[defender] = moveY;
        hold(blocker, defender, moveX, moveY, state[defender] == State.SEALED || drivenOut[defender] ? side : 0);
        if (second[defender] != NOBODY) {
            hold(second[defender], defender, moveX, moveY, 0);
        }
    }

    /** How fast a man who is blocked gets to a place across, yards a second: from his blocker away as he steps. */
    double closes(int defender, double x) {
        double aside = ground.x[defender] - ground.x[first[defender]];
        boolean goes = drivenOut[defender]
                ? (x > ground.x[defender]) != ballRight[defender]
                : aside * (x - ground.x[defender]) > 0;
        boolean off = (drivenOut[defender] || Math.abs(aside) > figures.apart() / 2) && goes;
        return off ? model.body().shuffle() : fights(defender);
    }

    private double fights(int defender) {
        return switch (state[defender]) {
            case SEALED -> model.drive().fights() * figures.sealed();
            case EVEN -> model.drive().fights();
            case FREE_ARM -> model.drive().fights() * figures.armFree();
        };
    }

    /** The blocker stays on him; who seals him comes round to the ball's side. */
    private void hold(int blocker, int defender, double moveX, double moveY, double side) {
        double dx = ground.x[blocker] - ground.x[defender];
        double dy = ground.y[blocker] - ground.y[defender];
        if (side != 0 && side * dx < figures.apart() * figures.round()) {
            dx += side * figures.rounds() * Clock.TICK;
        }
        double apart = Math.max(1e-6, Math.sqrt(dx * dx + dy * dy));
        double to = Math.min(apart, figures.apart());
        step(
                blocker,
                ground.x[defender] + dx / apart * to,
                ground.y[defender] + dy / apart * to,
                Math.abs(moveX) + Math.abs(moveY));
    }

    /** Hands move a man no faster than he could step. */
    private void step(int blocker, double toX, double toY, double carried) {
        double limit = (figures.steps() + carried) * Clock.TICK;
        double wayX = toX - ground.x[blocker];
        double wayY = toY - ground.y[blocker];
        double way = Math.sqrt(wayX * wayX + wayY * wayY);
        double part = way > limit ? limit / way : 1;
        ground.x[blocker] += wayX * part;
        ground.y[blocker] += wayY * part;
        ground.vx[blocker] = wayX * part / Clock.TICK;
        ground.vy[blocker] = wayY * part / Clock.TICK;
    }

    private void shed(int defender, int tick) {
        story.tell(Happening.What.SHED, defender, first[defender], tick, "");
        double seconds =
                rushes[defender] ? model.protect().beaten() : model.hold().beaten();
        beat(first[defender], seconds, tick);
        if (second[defender] != NOBODY) {
            beat(second[defender], seconds, tick);
        }
        first[defender] = NOBODY;
        second[defender] = NOBODY;
        state[defender] = State.EVEN;
        if (rushes[defender]) {
            // he comes off the block the way he wants to go
            double wantX = ground.aimX[defender] - ground.x[defender];
            double wantY = ground.aimY[defender] - ground.y[defender];
            double want = Math.max(1e-6, Math.sqrt(wantX * wantX + wantY * wantY));
            ground.vx[defender] = figures.comesOff() * wantX / want;
            ground.vy[defender] = figures.comesOff() * wantY / want;
        }
    }

    private void beat(int blocker, double seconds, int tick) {
        on[blocker] = NOBODY;
        beaten[blocker] = tick + Clock.ticks(seconds);
    }

    /** One of two lets go and is free for the next man. */
    void climbs(int blocker, int defender, int tick) {
        if (second[defender] == NOBODY) {
            return;
        }
        if (first[defender] == blocker) {
            first[defender] = second[defender];
        }
        second[defender] = NOBODY;
        on[blocker] = NOBODY;
        until[defender] =
                Math.max(until[defender], tick + Clock.ticks(model.hold().fair().least()));
        drive[defender] = model.drive().fair();
    }

    /** He lets go of whomever he has his hands on and goes elsewhere. */
    void letsGo(int blocker, int tick) {
        int defender = on[blocker];
        if (defender == NOBODY) {
            return;
        }
        if (second[defender] != NOBODY) {
            climbs(blocker, defender, tick);
            return;
        }
        on[blocker] = NOBODY;
        first[defender] = NOBODY;
        state[defender] = State.EVEN;
    }

    /** How long two have been on one man, seconds; less than nothing when they are not. */
    double doubled(int defender, int tick) {
        return second[defender] == NOBODY ? -1 : Clock.seconds(tick - since[defender]);
    }

    /** Whether a carrier who passes him at this place passes on the side where his arm is free. */
    boolean armFree(int defender, double ballX) {
        if (state[defender] != State.SEALED && !(drivenOut[defender] && state[defender] == State.EVEN)) {
            return true;
        }
        return (ballX > ground.x[defender]) != ballRight[defender];
    }
}
