package mensch.core.event;

import mensch.core.document.Worded;

/** What can be seen on film to happen at one frame (handbook 5, frame checkpoints). That the ball moves is the snap. */
public enum Observed implements Worded {
    MAN_MOVES(true),
    FOOT_FORWARD(true),
    FOOT_BACK(true),
    FOOT_IN_PLACE(true),
    CONTACT(true),
    HANDS_CLEAR(true),
    HIPS_OPEN(true),
    HEAD_TURNS(true),
    ARRIVES(true),
    TACKLES(true),
    /** The passer has to move, throw or hold the ball for him. */
    PRESSURES(true),
    /** The receiver he is over goes one way for good. */
    RECEIVER_DECLARES(true),
    BALL_PULLED(false),
    /** The carrier keeps to one lane. */
    BACK_COMMITS(false),
    BALL_THROWN(false);

    private final boolean ofAMan;

    Observed(boolean ofAMan) {
        this.ofAMan = ofAMan;
    }

    /** Whether it is one defender's; the others are the play's. */
    public boolean ofAMan() {
        return ofAMan;
    }
}
