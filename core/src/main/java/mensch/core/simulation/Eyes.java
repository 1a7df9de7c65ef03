package mensch.core.simulation;

import mensch.core.convention.SnapDetails;

/** What a man sees of others: where they were a moment ago, and how they moved then. */
final class Eyes {
    /** Over so many ticks a movement is seen. */
    private static final int OVER = 2;

    private final Ground ground;
    private final SnapDetails.Eyes figures;
    private final int usual;
    private int ago;

    /** @param ticks how old what he sees is */
    Eyes(SnapDetails.Eyes figures, Ground ground, int ticks) {
        this.figures = figures;
        this.ground = ground;
        this.usual = ticks;
        this.ago = ticks;
    }

    /** Who looks now sees everything so many ticks later than others. */
    void later(int ticks) {
        ago = usual + ticks;
    }

    double x(int man) {
        return ground.xBefore(man, ago);
    }

    double y(int man) {
        return ground.yBefore(man, ago);
    }

    double vx(int man) {
        return (ground.xBefore(man, ago) - ground.xBefore(man, ago + OVER)) / (OVER * Clock.TICK);
    }

    /** How far down the field he takes him to be now: gone on as he saw him. */
    double now(int man) {
        return y(man) + vy(man) * usual * Clock.TICK;
    }

    /** Whether he gains ground as one does who goes deep. */
    boolean goesDeep(int man) {
        return vy(man) > figures.vertical();
    }

    double vy(int man) {
        return (ground.yBefore(man, ago) - ground.yBefore(man, ago + OVER)) / (OVER * Clock.TICK);
    }

    /** How he gains or loses speed up the field, yards a second each second: his hips tell it. */
    double ay(int man) {
        double before = ground.yBefore(man, ago + OVER) - ground.yBefore(man, ago + 2 * OVER);
        return (vy(man) - before / (OVER * Clock.TICK)) / (OVER * Clock.TICK);
    }
}
