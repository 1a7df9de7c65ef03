package mensch.core.geometry;

import mensch.core.document.Worded;

/** The offence's left or right. Rules never name one; see {@code mensch.core.formation.SideWord}. */
public enum Side implements Worded {
    LEFT(-1),
    RIGHT(1);

    private final int sign;

    Side(int sign) {
        this.sign = sign;
    }

    /** -1 left, +1 right: outward yards times sign = play-frame x. */
    public int sign() {
        return sign;
    }

    public Side opposite() {
        return this == LEFT ? RIGHT : LEFT;
    }
}
