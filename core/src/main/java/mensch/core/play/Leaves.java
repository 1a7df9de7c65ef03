package mensch.core.play;

import java.util.Arrays;
import mensch.core.document.RefusedException;

/** Whom a play leaves unblocked on purpose, to be read. */
public enum Leaves {
    NOBODY("nobody"),
    BACK_EDGE("back edge"),
    PLAY_EDGE("play edge"),
    DIVE_KEY("dive key"),
    MIDLINE_KEY("midline key");

    private final String words;

    Leaves(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    static Leaves of(String words) {
        return Arrays.stream(values())
                .filter(l -> l.words.equals(words))
                .findFirst()
                .orElseThrow(() -> new RefusedException("\"" + words + "\" is nobody a play leaves; there are "
                        + String.join(
                                ", ", Arrays.stream(values()).map(l -> l.words).toList())));
    }
}
