package mensch.core.rung;

import mensch.core.field.Code;

/** Parts of the deep field, by the middle of each, yards from the sideline. */
public enum DeepPart {
    MIDDLE("middle", Code.WIDTH_YARDS / 2), THIRD("third", Code.WIDTH_YARDS / 6), HALF("half", Code.WIDTH_YARDS / 4),
    QUARTER("quarter", Code.WIDTH_YARDS / 8);

    private final String words;
    private final double fromSidelineYards;

    DeepPart(String words, double fromSidelineYards) {
        this.words = words;
        this.fromSidelineYards = fromSidelineYards;
    }

    public String words() {
        return words;
    }

    double fromSidelineYards() {
        return fromSidelineYards;
    }
}
