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

    public String words() {
        return words;
    }
}
