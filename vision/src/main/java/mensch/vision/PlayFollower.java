package mensch.vision;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.convention.FilmLimits;
import mensch.core.field.Field;
import mensch.core.film.Calibration;
import mensch.core.film.Tripod;

/**
 * Everybody of a play followed from the snap on, whether its camera stands or turns: several times a second it is
 * looked whether the field is where it was, and where it is not the view is carried over all frames between.
 */
public final class PlayFollower {
    /** In a wider picture nobody is told better, and slower. */
    public static final int WIDEST_PICTURE = MenFinder.WIDEST_PICTURE;
    /** All are looked for anew so often, seconds. */
    public static final double AGAIN = 0.2;

    /** A view that has the field no farther off than this, pixels of the film, is of a camera that stood still. */
    private static final double STOOD = 3;
    /** Where the field is not seen in so many looks one after another, the camera is taken to have turned. */
    private static final int UNTOLD = 3;

    private final Follower follower;
    private final Field field;
    private final Tripod tripod;
    private final FilmLimits limits;
    private final int every;
    private final List<Picture> since = new ArrayList<>();
    private Optional<Calibration> view;
    private int frame = -1;
    private Camera camera = Camera.STOOD;

    /** How the camera went on after the snap. */
    public enum Camera {
        /** The field stayed where it was in the picture. */
        STOOD,
        /** It was followed. */
        TURNED,
        /** The picture shows too little of the field to tell: it is taken to have stood. */
        NOT_TOLD,
        /** It turned, and how is not known any more: nobody is told from there on. */
        LOST
    }

    /**
     * @param snap how its first frame shows the field
     * @param tripod where the camera stands, as the play's own view and others tell it
     * @param rate frames a second
     */
    public PlayFollower(Calibration snap, Field field, Tripod tripod, FilmLimits limits, double rate) {
        this.follower = new Follower(field, rate);
        this.field = field;
        this.tripod = tripod;
        this.limits = limits;
        this.view = Optional.of(snap);
        this.every = Math.max(1, (int) Math.round(AGAIN * rate));
    }

    /**
     * The next frame, from that of the snap on.
     *
     * @param picture no wider than {@link #WIDEST_PICTURE}
     * @param known who is known to be where in it: followed from there
     */
    public void next(Picture picture, List<Follower.Man> known) {
        frame++;
        since.add(picture);
        boolean look = frame % every == 0;
        if (look || !known.isEmpty()) {
            stand(picture);
        }
        view.ifPresent(here -> follower.next(picture, here, known, look && frame > 0 && since.isEmpty()));
    }

    /** Looks where the field is, and clears what it then knows the way of. */
    private void stand(Picture picture) {
        if (camera == Camera.NOT_TOLD || camera == Camera.LOST) {
            since.clear();
            return;
        }
        Calibration before = view.orElseThrow();
        Optional<Calibration> here = PlacesInPicture.solvedNear(picture, field, tripod, before, limits);
        if (frame == 0) {
            camera = here.isPresent() ? Camera.STOOD : Camera.NOT_TOLD;
            since.clear();
        } else if (here.filter(h -> isSame(before, h, picture)).isPresent()) {
            since.clear();
        } else {
            carry(before);
        }
    }

    /** Over all frames since it was last known; who is lost may be found again a little later. */
    private void carry(Calibration before) {
        var carried = new CarriedView(before, field, tripod, limits);
        since.forEach(carried::next);
        if (carried.view().isPresent() || since.size() > UNTOLD * every) {
            view = carried.view();
            camera = view.isPresent() ? Camera.TURNED : Camera.LOST;
            since.clear();
        }
    }

    /** Whether two views have what lies in the middle of a picture, and around it, at the same places. */
    private static boolean isSame(Calibration one, Calibration other, Picture picture) {
        return Stream.of(0.25, 0.5, 0.75)
                .flatMap(across -> Stream.of(0.5, 0.8)
                        .map(down -> picture.onFilm(across * picture.width(), down * picture.height())))
                .allMatch(at -> one.toField(at)
                        .flatMap(other::toImage)
                        .map(to -> to.distance(at) < STOOD)
                        .orElse(true));
    }

    /** Whom the last frame shows where he is followed to; of frames in which nobody could be told, nobody. */
    public List<Matching.Told> told() {
        return view.isPresent() ? follower.told() : List.of();
    }

    /** How the last frame shows the field; none when that is not known any more. */
    public Optional<Calibration> view() {
        return view;
    }

    public Camera camera() {
        return camera;
    }
}
