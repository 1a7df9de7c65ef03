package mensch.core.grading;

import mensch.core.document.Worded;
import org.jspecify.annotations.Nullable;

/**
 * A man's own try at the carrier.
 *
 * @param afterContact yards that the carrier went on for; null where nobody measured them
 */
public record Tackle(How how, @Nullable Integer afterContact) {
    /** What came of it. */
    public enum How implements Worded {
        MADE,
        ASSISTED,
        MISSED
    }
}
