package mensch.core.grading;

import mensch.core.rubric.Facet;
import org.jspecify.annotations.Nullable;

/**
 * A coach's mark of one facet, and what was measured beside it.
 *
 * @param proposed the mark that the measures give; null where nothing was measured
 * @param measured the measures in words
 */
public record FacetMark(
        Facet facet,
        GradeMark mark,
        @Nullable GradeMark proposed,
        @Nullable String measured) {

    /** Whether the coach saw it otherwise than it was measured. */
    public boolean overrules() {
        return proposed != null && proposed != mark;
    }
}
