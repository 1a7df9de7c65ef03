package mensch.core.audit;

/**
 * What an audit asks, in its order (handbook 3, the audit); the id is the same string in tests, API and screen. The
 * first is ours: a job with a part missing answers nothing else.
 */
public enum Rule {
    JOBS("jobs", "Every job is whole and has a place of its own"),
    GAPS("gaps", "Each gap has one owner"),
    EDGE("edge", "One force a side"),
    COUNT("count", "Men enough against the run"),
    COVERAGE("coverage", "Every receiver and every area has somebody"),
    LEVERAGE("leverage", "Leverage agrees with help"),
    CONFLICT("conflict", "Nobody has a run job and a pass job at once"),
    PRESSURE("pressure", "Rushers against protectors, both edges kept"),
    KEYS("keys", "Keys are seen, threats are read"),
    LEGALITY("legality", "Legal as it stands"),
    TELLS("tells", "The picture gives nothing away"),
    LOAD("load", "No more to know than a man can");

    private final String id;
    private final String title;

    Rule(String id, String title) {
        this.id = id;
        this.title = title;
    }

    public String id() {
        return id;
    }

    /** What holds when it holds. */
    public String title() {
        return title;
    }
}
