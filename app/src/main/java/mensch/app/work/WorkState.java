package mensch.app.work;

import mensch.core.document.Worded;

/** How far work is. */
public enum WorkState implements Worded {
    WAITING,
    RUNNING,
    DONE,
    FAILED,
    CANCELLED;

    /** Whether it is done, or given up. */
    boolean ended() {
        return this != WAITING && this != RUNNING;
    }
}
