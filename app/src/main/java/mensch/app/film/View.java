package mensch.app.film;

import java.util.Arrays;
import mensch.core.document.Worded;

/** From where a reel is filmed. */
public enum View implements Worded {
    SIDELINE,
    END_ZONE,
    OTHER;

    /** @param words "end zone" */
    static View said(String words) {
        return Arrays.stream(values())
                .filter(v -> v.words().equals(words))
                .findFirst()
                .orElseThrow();
    }
}
