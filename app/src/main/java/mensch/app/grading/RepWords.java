package mensch.app.grading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import mensch.app.bounds.Bounds;
import mensch.core.grading.Flag;
import mensch.core.grading.GradeMark;
import mensch.core.grading.RepOutcome;
import mensch.core.grading.Target;
import mensch.core.rubric.Facet;
import org.jspecify.annotations.Nullable;

/**
 * A coach's whole word of one man on one play; what was measured is put beside it by the application.
 *
 * @param marks a facet that is left out is not marked
 */
record RepWords(
        @NotNull @Size(max = Bounds.FACETS) List<@Valid @NotNull Mark> marks,
        @Nullable @Size(max = Bounds.NOTE) String note,
        @NotNull Target target,
        @NotNull Set<@NotNull Flag> flags,
        @Nullable RepOutcome outcome,
        boolean extraCredit,
        @NotNull @Size(max = Bounds.CLICKS) List<@Valid @NotNull Ticked> criteria,
        @Nullable @Valid Correction correction) {

    /** A mark of one facet. */
    record Mark(@NotNull Facet facet, @NotNull GradeMark mark) {}

    /** A mark of one criterion of a rubric. */
    record Ticked(
            @NotBlank @Size(max = Bounds.NAME) String rubric,
            @NotBlank @Size(max = Bounds.NAME) String criterion,
            @NotNull GradeMark mark) {}
}
