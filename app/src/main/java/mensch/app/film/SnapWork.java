package mensch.app.film;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashSet;
import java.util.List;
import mensch.app.bounds.Bounds;
import mensch.app.problem.Problem;

/** All that is clicked and logged of one snap. */
record SnapWork(
        @Min(0) int snapFrame,
        @Valid @NotNull SnapLog log,
        @NotNull @Size(max = Bounds.CLICKS) List<@Valid @NotNull KnownClick> points,
        @NotNull @Size(max = Bounds.CLICKS) List<@Valid @NotNull FeetClick> marks) {

    /** @throws Problem when a click lies outside the picture, or a man's feet are marked twice */
    void check(int widthPixels, int heightPixels) {
        points.forEach(p -> inPicture(p.name(), p.xPixels(), p.yPixels(), widthPixels, heightPixels));
        var marked = new HashSet<String>();
        for (FeetClick mark : marks) {
            inPicture(mark.man(), mark.xPixels(), mark.yPixels(), widthPixels, heightPixels);
            if (!marked.add(mark.man())) {
                throw Problem.refused("marked-twice", mark.man() + " is marked twice; a man stands in one place");
            }
        }
    }

    private static void inPicture(String what, double x, double y, int width, int height) {
        if (!(x >= 0 && x <= width && y >= 0 && y <= height)) {
            throw Problem.refused(
                    "click-outside",
                    "the click of " + what + " is outside the picture of " + width + " x " + height
                            + " pixels; click it anew");
        }
    }
}
