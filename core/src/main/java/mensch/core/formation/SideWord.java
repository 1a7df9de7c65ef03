package mensch.core.formation;

/** A side by what decides it. Nobody writes left or right. */
public enum SideWord {
    RUN_STRENGTH("run strength", Feature.RUN_STRENGTH),
    PASS_STRENGTH("pass strength", Feature.PASS_STRENGTH),
    FIELD("field", Feature.FIELD),
    BOUNDARY("boundary", Feature.BOUNDARY),
    BACK("back", Feature.BACK_SIDE),
    MOTION("motion", Feature.MOTION_TO),
    DECLARED("declared", Feature.DECLARED);

    private final String words;
    private final Feature feature;

    SideWord(String words, Feature feature) {
        this.words = words;
        this.feature = feature;
    }

    public String words() {
        return words;
    }

    /** The side feature that says yes on the side this word means. */
    public Feature feature() {
        return feature;
    }
}
