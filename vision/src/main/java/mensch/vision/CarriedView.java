package mensch.vision;

import java.util.Optional;
import mensch.core.convention.FilmLimits;
import mensch.core.field.Field;
import mensch.core.film.Calibration;
import mensch.core.film.Tripod;

/**
 * A view carried from frame to frame while its camera pans, tilts and zooms: each time by the crossings that the
 * picture shows near where they were in the frame before, so that nothing adds up.
 */
public final class CarriedView {
    /** In a wider picture it is told no better than it is needed on the way, and slower. */
    public static final int WIDEST_PICTURE = 1280;
    /** Frames for which nothing may be told, before it is lost. <em>Model.</em> */
    private static final int GAP = 4;

    private final Field field;
    private final Tripod tripod;
    private final FilmLimits limits;
    private Optional<Calibration> view;
    private int untold;

    /** @param tripod where the camera stands, as the play's own view and others tell it */
    public CarriedView(Calibration view, Field field, Tripod tripod, FilmLimits limits) {
        this.view = Optional.of(view);
        this.field = field;
        this.tripod = tripod;
        this.limits = limits;
    }

    /** The next frame. */
    public void next(Picture picture) {
        Optional<Calibration> here = view.flatMap(
                before -> PlacesInPicture.solvedNear(picture.within(WIDEST_PICTURE), field, tripod, before, limits));
        untold = here.isPresent() ? 0 : untold + 1;
        view = here.isPresent() || untold > GAP ? here : view;
    }

    /** As the last frame shows the field, or one shortly before it; none when it was lost on the way. */
    public Optional<Calibration> view() {
        return view;
    }
}
