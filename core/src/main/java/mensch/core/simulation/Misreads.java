package mensch.core.simulation;

/** Who takes the first thing he is shown for something else, from when on he sees what it was, and who acts on it. */
final class Misreads {
    /** How long he believes what he read wrong, ticks; nought for who reads right. */
    private final int[] believes;
    /** From when on he sees what is shown to him; nought before he has been shown anything. */
    private final int[] seesFrom;

    private final boolean[] acts;

    Misreads(int men) {
        believes = new int[men];
        seesFrom = new int[men];
        acts = new boolean[men];
    }

    void put(int man, int ticks) {
        believes[man] = ticks;
    }

    /** Whether this is the first thing he is shown, and he takes it for something else. */
    boolean begins(int man, int tick) {
        boolean first = believes[man] > 0 && seesFrom[man] == 0;
        if (first) {
            seesFrom[man] = tick + believes[man];
        }
        return first;
    }

    /** When he sees what is shown at a tick. */
    int sees(int man, int tick) {
        return Math.max(tick, seesFrom[man]);
    }

    /** Whether what he makes of it at a tick is wrong. */
    boolean wrong(int man, int tick) {
        return tick < seesFrom[man];
    }

    /** He acts on something that he took for something else. */
    void acts(int man) {
        acts[man] = true;
    }

    /** Whether he has acted so until now and sees that he was wrong. */
    boolean ends(int man) {
        boolean was = acts[man];
        acts[man] = false;
        return was;
    }
}
