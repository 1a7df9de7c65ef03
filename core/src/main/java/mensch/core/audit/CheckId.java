package mensch.core.audit;

/** The ordered list of what can be found, each under its rule; the id is the same string in tests, API and screen. */
public enum CheckId {
    PARTS("parts", Rule.JOBS),
    ONE_SPOT("one-spot", Rule.JOBS),
    ELEVEN("eleven", Rule.LEGALITY),
    NEUTRAL_ZONE("neutral-zone", Rule.LEGALITY),
    BOUNDS("bounds", Rule.LEGALITY),
    OFF_THE_BALL("off-the-ball", Rule.GAPS),
    IDLE("idle", Rule.COVERAGE),
    GAPS("gaps", Rule.GAPS),
    EXCHANGE("exchange", Rule.GAPS),
    EDGE("edge", Rule.EDGE),
    AREAS("areas", Rule.COVERAGE),
    ELIGIBLES("eligibles", Rule.COVERAGE),
    RUSH("rush", Rule.PRESSURE),
    CONTAIN("contain", Rule.PRESSURE),
    COUNT("count", Rule.COUNT),
    POINT("point", Rule.COUNT),
    LEVERAGE("leverage", Rule.LEVERAGE),
    PICK("pick", Rule.LEVERAGE),
    CONFLICT("conflict", Rule.CONFLICT),
    BALL_PATH("ball-path", Rule.CONFLICT),
    KEY("key", Rule.KEYS),
    PICTURE("picture", Rule.COVERAGE),
    RUSH_LINE("rush-line", Rule.LEGALITY),
    DISGUISE("disguise", Rule.TELLS),
    TELL("tell", Rule.TELLS),
    LOAD("load", Rule.LOAD),
    SMALL_SIDED("small-sided", Rule.LEGALITY),
    SITUATION("situation", Rule.COVERAGE),
    LANDMARKS("landmarks", Rule.COVERAGE),
    ROUTES("routes", Rule.COVERAGE),
    COMPRESSION("compression", Rule.LEGALITY),
    WINDOW("window", Rule.PRESSURE),
    OFFENCE("offence", Rule.LEGALITY);

    private final String id;
    private final Rule rule;

    CheckId(String id, Rule rule) {
        this.id = id;
        this.rule = rule;
    }

    public String id() {
        return id;
    }

    /** The rule it breaks. */
    public Rule rule() {
        return rule;
    }
}
