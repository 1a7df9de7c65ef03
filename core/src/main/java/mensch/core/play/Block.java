package mensch.core.play;

import java.util.Arrays;
import mensch.core.document.RefusedException;

/** What a blocker is told (handbook 9, runs). */
public enum Block {
    ZONE("zone"),
    REACH("reach"),
    BASE("base"),
    DOWN("down"),
    PIN("pin"),
    BACK("back"),
    CUT_OFF("cut off"),
    HINGE("hinge"),
    CLIMB("climb"),
    TRAP("trap"),
    WHAM("wham"),
    KICK("kick"),
    PULL_KICK("pull kick"),
    PULL_LEAD("pull lead"),
    PULL_FORCE("pull force"),
    PULL_CORNER("pull corner"),
    KICK_BACK_EDGE("kick back edge"),
    SEAL_BACK_EDGE("seal back edge"),
    INSERT("insert"),
    LEAD("lead"),
    LEAD_FORCE("lead force"),
    ARC("arc"),
    CRACK("crack"),
    STALK("stalk"),
    FAKE("fake");

    private final String words;

    Block(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether a lineman leaves his place, and his gap with him. */
    public boolean pulls() {
        return this == TRAP || this == PULL_KICK || this == PULL_LEAD || this == PULL_FORCE || this == PULL_CORNER;
    }

    /** Whether he arrives at the point as one more blocker. */
    public boolean inserts() {
        return pulls()
                || this == WHAM
                || this == KICK
                || this == KICK_BACK_EDGE
                || this == INSERT
                || this == LEAD
                || this == LEAD_FORCE;
    }

    /** Whether he meets his man from the inside and drives him out: the ball passes inside. */
    public boolean drivesOut() {
        return this == TRAP || this == KICK || this == PULL_KICK || this == KICK_BACK_EDGE;
    }

    static Block of(String words) {
        return Arrays.stream(values())
                .filter(b -> b.words.equals(words))
                .findFirst()
                .orElseThrow(() -> new RefusedException("\"" + words + "\" is no block; there are "
                        + String.join(
                                ", ", Arrays.stream(values()).map(Block::words).toList())));
    }
}
