package mensch.core.formation;

import mensch.core.document.Worded;

/** Three-valued: a fact that nobody knows is neither yes nor no. */
public enum Answer implements Worded {
    YES("yes"),
    NO("no"),
    UNKNOWN("not known");

    private final String words;

    Answer(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

    public Answer and(Answer other) {
        if (this == NO || other == NO) {
            return NO;
        }
        return this == YES ? other : UNKNOWN;
    }

    public Answer or(Answer other) {
        if (this == YES || other == YES) {
            return YES;
        }
        return this == NO ? other : UNKNOWN;
    }

    public Answer not() {
        return this == YES ? NO : this == NO ? YES : UNKNOWN;
    }

    public static Answer of(boolean yes) {
        return yes ? YES : NO;
    }
}
