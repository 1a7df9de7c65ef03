package mensch.core.film;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.core.convention.FilmLimits;

/**
 * One angle of a play: the frame of the snap, and others, each by known places of its own or by the snap's view while
 * the camera stood still.
 */
public final class FilmedAngle {
    /** A known place farther off than this many standard deviations of a click says that the camera moved. */
    private static final double MOVED = 4;

    private final FilmLimits limits;
    private final Calibration.Outcome snap;
    private final Map<Shot, Feet> atRest = new LinkedHashMap<>();
    private final List<CameraView> turned = new ArrayList<>();
    private final List<Solving> others = new ArrayList<>();

    /**
     * How another frame than the snap's is measured.
     *
     * @param trouble why nobody is measured in it; empty when they are
     * @param checked whether known places clicked in it show how the camera stands
     */
    public record Solving(double seconds, String trouble, boolean checked) {}

    private FilmedAngle(Still snap, FilmLimits limits) {
        this.limits = limits;
        this.snap = Calibration.of(snap.known(), limits);
        snap.clicks().forEach((who, feet) -> atRest.put(Shot.atSnap(who), feet));
    }

    /** @param others in the order of time */
    public static FilmedAngle of(Still snap, List<Still> others, FilmLimits limits) {
        var angle = new FilmedAngle(snap, limits);
        others.forEach(angle::add);
        return angle;
    }

    private void add(Still still) {
        var clicks = new LinkedHashMap<Shot, Feet>();
        still.clicks().forEach((who, feet) -> clicks.put(new Shot(who, still.seconds()), feet));
        if (still.known().size() >= Degeneracy.LEAST_POINTS) {
            Calibration.Outcome own = Calibration.of(still.known(), limits);
            if (own instanceof Calibration.Solved solved) {
                turned.add(new CameraView(solved.calibration(), clicks));
                others.add(new Solving(still.seconds(), "", true));
            } else {
                others.add(new Solving(still.seconds(), ((Calibration.Refused) own).reason(), false));
            }
        } else if (!(snap instanceof Calibration.Solved solved)) {
            others.add(new Solving(still.seconds(), "the view at the snap is not solved", false));
        } else if (still.known().stream().anyMatch(p -> solved.calibration().off(p) > MOVED * limits.paintPixels())) {
            others.add(new Solving(
                    still.seconds(), "the camera has moved since the snap: click four places in this frame", false));
        } else {
            atRest.putAll(clicks);
            others.add(new Solving(still.seconds(), "", !still.known().isEmpty()));
        }
    }

    /** How the view at the snap is solved. */
    public Calibration.Outcome snap() {
        return snap;
    }

    /** How every other frame is measured, in the order they were given. */
    public List<Solving> others() {
        return List.copyOf(others);
    }

    /** Each standing of the camera that is solved. */
    public List<CameraView> views() {
        var views = new ArrayList<CameraView>();
        if (snap instanceof Calibration.Solved solved) {
            views.add(new CameraView(solved.calibration(), atRest));
        }
        views.addAll(turned);
        return views;
    }
}
