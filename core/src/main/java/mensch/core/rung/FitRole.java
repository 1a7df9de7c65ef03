package mensch.core.rung;

/** What a man does with the run at his gap (handbook 3, run roles). */
public enum FitRole {
    FORCE("force"),
    SPILL("spill"),
    BOX("box"),
    ALLEY("alley"),
    SQUEEZE("squeeze"),
    CUT_BACK("cut-back"),
    FOLD("fold"),
    CHASE("chase"),
    DIVE("dive"),
    QUARTERBACK("quarterback"),
    PITCH("pitch");

    private final String words;

    FitRole(String words) {
        this.words = words;
    }

    /** Whether it is one of the men who may have the ball on an option. */
    public boolean ofOption() {
        return this == DIVE || this == QUARTERBACK || this == PITCH;
    }

    public String words() {
        return words;
    }
}
