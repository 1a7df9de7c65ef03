package mensch.core.rung;

/** Parts of the deep field, by the middle of each, as a part of the width from the sideline. */
public enum DeepPart {
    MIDDLE("middle", 1.0 / 2),
    THIRD("third", 1.0 / 6),
    HALF("half", 1.0 / 4),
    QUARTER("quarter", 1.0 / 8);

    private final String words;
    private final double partOfWidth;

    DeepPart(String words, double partOfWidth) {
        this.words = words;
        this.partOfWidth = partOfWidth;
    }

    public String words() {
        return words;
    }

    double partOfWidth() {
        return partOfWidth;
    }
}
