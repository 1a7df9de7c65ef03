package mensch.app.grading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import mensch.app.bounds.Bounds;
import mensch.core.grading.Flag;
import mensch.core.grading.GradeMark;
import mensch.core.grading.Lane;
import mensch.core.grading.RepOutcome;
import mensch.core.grading.Tackle;
import mensch.core.grading.Target;
import mensch.core.grading.Thrown;
import mensch.core.rubric.Facet;
import org.jspecify.annotations.Nullable;

/**
 * A coach's whole word of one man on one play; what was measured is put beside it by the application.
 *
 * @param marks a facet that is left out is not marked
 * @param setsUp the later play of the game that he set up, by id
 * @param thrown what became of a ball thrown at him
 * @param lane his rush lane, of a rusher against a pass
 */
record RepWords(
        @NotNull @Size(max = Bounds.FACETS) List<@Valid @NotNull Mark> marks,
        @Nullable @Size(max = Bounds.NOTE) String note,
        @NotNull Target target,
        @NotNull Set<@NotNull Flag> flags,
        @Nullable RepOutcome outcome,
        boolean extraCredit,
        @NotNull @Size(max = Bounds.CLICKS) List<@Valid @NotNull Ticked> criteria,
        @Nullable @Valid Correction correction,
        @Nullable Long setsUp,
        @Nullable @Valid TackleWords tackle,
        @Nullable Thrown thrown,
        @Nullable Lane lane) {

    /** A mark of one facet. */
    record Mark(@NotNull Facet facet, @NotNull GradeMark mark) {}

    /** @param afterContact yards that the carrier went on for; null where nobody measured them */
    record TackleWords(
            @NotNull Tackle.How how,
            @Nullable @Min(0) @Max(99) Integer afterContact) {
        Tackle tackle() {
            return new Tackle(how, afterContact);
        }
    }

    /** A mark of one criterion of a rubric. */
    record Ticked(
            @NotBlank @Size(max = Bounds.NAME) String rubric,
            @NotBlank @Size(max = Bounds.NAME) String criterion,
            @NotNull GradeMark mark) {}
}
