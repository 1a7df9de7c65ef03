package mensch.core.rung;

import mensch.core.document.Worded;

/** Which half of his man a defender stands on, seen from the ball. */
public enum Leverage implements Worded {
    INSIDE("inside", -1),
    OUTSIDE("outside", 1),
    HEAD_UP("head-up", 0);

    private final String words;
    private final int outward;

    Leverage(String words, int outward) {
        this.words = words;
        this.outward = outward;
    }

    @Override
    public String words() {
        return words;
    }

    int outward() {
        return outward;
    }
}
