package mensch.app.film;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import mensch.app.bounds.Bounds;
import mensch.app.problem.Problem;
import org.jspecify.annotations.Nullable;

/**
 * All that is cut and clicked of one play on one reel.
 *
 * @param firstFrame of the reel that belongs to the play
 * @param snapFrame the frame at which the ball moves
 * @param lastFrame null until it is marked
 * @param points clicks on known places of the field
 * @param marks clicks on the ball and on feet
 * @param seen what happens when
 * @param drawn over the picture
 */
record AngleWork(
        @Min(0) int firstFrame,
        @Min(0) int snapFrame,
        @Nullable @Min(0) Integer lastFrame,
        @NotNull @Size(max = Bounds.CLICKS) List<@Valid @NotNull KnownClick> points,
        @NotNull @Size(max = Bounds.CLICKS) List<@Valid @NotNull FeetClick> marks,
        @NotNull @Size(max = Bounds.CLICKS) List<@Valid @NotNull SeenAt> seen,
        @NotNull @Size(max = Bounds.CLICKS) List<@Valid @NotNull Drawing> drawn) {

    /**
     * @throws Problem when a frame is not on the film or out of order, a click lies outside the picture, or a man's
     *     feet are marked twice
     */
    void check(Reel reel) {
        onFilm(reel, lastFrame == null ? snapFrame : lastFrame);
        if (firstFrame > snapFrame || lastFrame != null && snapFrame > lastFrame) {
            throw Problem.refused(
                    "frames-out-of-order",
                    "the play goes from frame " + firstFrame + " to " + lastFrame + " and the ball moves at "
                            + snapFrame + "; it moves between the first and the last: mark them anew");
        }
        for (KnownClick point : points) {
            inPicture(point.name(), point.xPixels(), point.yPixels(), reel);
            onFilm(reel, at(point.frame()));
        }
        var marked = new HashSet<Map.Entry<String, Integer>>();
        for (FeetClick mark : marks) {
            inPicture(mark.man(), mark.xPixels(), mark.yPixels(), reel);
            onFilm(reel, at(mark.frame()));
            if (!marked.add(Map.entry(mark.man(), at(mark.frame())))) {
                throw Problem.refused(
                        "marked-twice",
                        mark.man() + " is marked twice in frame " + at(mark.frame()) + "; a man stands in one place");
            }
        }
        for (Drawing drawing : drawn) {
            drawing.points().forEach(p -> inPicture("a drawing", p.xPixels(), p.yPixels(), reel));
            onFilm(reel, drawing.frame());
        }
        var happened = new HashSet<String>();
        for (SeenAt one : seen) {
            onFilm(reel, one.frame());
            if (one.what().ofAMan() == (one.man() == null)) {
                throw Problem.refused(
                        "mark-of-nobody",
                        "\"" + one.what().words() + "\" is "
                                + (one.what().ofAMan() ? "a man's: say whose" : "the play's, and no one man's"));
            }
            if (!happened.add(one.what() + " " + one.man())) {
                throw Problem.refused(
                        "marked-twice", "\"" + one.what().words() + "\" is marked twice; mark it at one frame");
            }
        }
    }

    private int at(@Nullable Integer frame) {
        return frame == null ? snapFrame : frame;
    }

    /** @throws Problem when the film has no such frame */
    static void onFilm(Reel reel, int frame) {
        int frames = reel.frameTimes().size();
        if (frame >= frames) {
            throw Problem.refused(
                    "frame-missing", "frame " + frame + " is not on this film; it has frames 0 to " + (frames - 1));
        }
    }

    private static void inPicture(String what, double x, double y, Reel reel) {
        if (!(x >= 0 && x <= reel.width() && y >= 0 && y <= reel.height())) {
            throw Problem.refused(
                    "click-outside",
                    what + " is clicked outside the picture of " + reel.width() + " x " + reel.height()
                            + " pixels; click it anew");
        }
    }
}
