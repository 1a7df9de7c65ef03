package mensch.app.film;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import mensch.app.bounds.Bounds;

/** All that is clicked and logged of one snap. */
record SnapWork(
        @Min(0) int snapFrame,
        @Valid @NotNull SnapLog log,
        @NotNull @Size(max = Bounds.CLICKS) List<@Valid @NotNull KnownClick> points,
        @NotNull @Size(max = Bounds.CLICKS) List<@Valid @NotNull FeetClick> marks) {}
