package mensch.core.audit;

/** The ordered list of checks; the id is the same string in tests, API and screen. */
public enum CheckId {
    PARTS("parts"), ELEVEN("eleven"), NEUTRAL_ZONE("neutral-zone"), BOUNDS("bounds"), GAPS("gaps"), EDGE("edge"), AREAS("areas"),
    ELIGIBLES("eligibles"), RUSH("rush"), PICTURE("picture"), RUSH_LINE("rush-line"), DISGUISE("disguise"), SMALL_SIDED("small-sided"), SITUATION("situation"), LANDMARKS("landmarks"), COMPRESSION("compression"), OFFENCE("offence");

    private final String id;

    CheckId(String id) {
        this.id = id;
    }

    public String id() {
        return id;
    }
}
