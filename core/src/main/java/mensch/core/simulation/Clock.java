package mensch.core.simulation;

/** Time is counted in whole ticks from the snap; seconds are derived. */
final class Clock {
    /** Seconds of a tick. */
    static final double TICK = 0.05;

    private Clock() {}

    static double seconds(int ticks) {
        return ticks * TICK;
    }

    /** The first tick at which so many seconds have passed. */
    static int ticks(double seconds) {
        return (int) Math.ceil(seconds / TICK - 1e-9);
    }
}
