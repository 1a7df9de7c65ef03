package mensch.app.film;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/** All that is clicked and logged of one snap. */
record SnapWork(
        @Min(0) int snapFrame,
        @Valid @NotNull SnapLog log,
        @NotNull List<@Valid KnownClick> points,
        @NotNull List<@Valid FeetClick> marks) {}
