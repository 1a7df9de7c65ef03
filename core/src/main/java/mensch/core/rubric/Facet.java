package mensch.core.rubric;

import mensch.core.document.Worded;

/** What of a man's play is marked, each for itself (handbook 5). How the play ended is none of them. */
public enum Facet implements Worded {
    ALIGNMENT("AL", "alignment and leverage"),
    STANCE("ST", "stance"),
    GET_OFF("GO", "get-off, first step"),
    KEY("KEY", "read"),
    ASSIGNMENT("AS", "assignment"),
    TECHNIQUE("TE", "technique"),
    EFFORT("EF", "effort and finish"),
    COMMUNICATION("COM", "communication");

    private final String sign;
    private final String meaning;

    Facet(String sign, String meaning) {
        this.sign = sign;
        this.meaning = meaning;
    }

    /** As coaches write it. */
    @Override
    public String words() {
        return sign;
    }

    public String meaning() {
        return meaning;
    }
}
