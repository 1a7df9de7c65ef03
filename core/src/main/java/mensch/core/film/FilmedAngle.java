package mensch.core.film;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import mensch.core.convention.FilmLimits;
import mensch.core.field.Field;

/**
 * One angle of a play: the frame of the snap, and others, each by known places of its own or by the snap's view while
 * the camera stood still. Who is clicked again shortly before the snap is told the better by it, as long as he stood
 * where he stands at the snap.
 */
public final class FilmedAngle {
    /** A known place farther off than this many standard deviations of a click says that the camera moved. */
    private static final double MOVED = 4;
    /** Clicks farther apart than this many standard deviations of both are not of one place. <em>Model.</em> */
    private static final double ELSEWHERE = 3;

    private final FilmLimits limits;
    private final Still first;
    /** Told by other plays alone. */
    private final Tripod otherPlays;

    private final Tripod tripod;
    private final Calibration.Outcome snap;
    private final Map<Shot, List<Feet>> atRest = new LinkedHashMap<>();
    private final List<CameraView> turned = new ArrayList<>();
    private final List<Solving> others = new ArrayList<>();

    /**
     * How another frame than the snap's is measured.
     *
     * @param trouble why nobody is measured in it; empty when they are
     * @param checked whether known places clicked in it show how the camera stands
     * @param elsewhere who was not clicked in the same place at the snap, in a frame before it: this click tells
     *     nothing
     */
    public record Solving(double seconds, String trouble, boolean checked, List<String> elsewhere) {
        Solving(double seconds, String trouble) {
            this(seconds, trouble, false, List.of());
        }
    }

    private FilmedAngle(Still snap, Tripod tripod, FilmLimits limits) {
        this.limits = limits;
        this.first = snap;
        this.snap = Calibration.of(snap.known(), tripod, limits);
        this.otherPlays = tripod;
        this.tripod = tripod.with(snap.known());
        snap.clicks().forEach((who, feet) -> click(Shot.atSnap(who), feet));
    }

    /**
     * @param others in the order of time
     * @param tripod what other plays of the reel tell of where the camera stands
     */
    public static FilmedAngle of(Still snap, List<Still> others, Tripod tripod, FilmLimits limits) {
        var angle = new FilmedAngle(snap, tripod, limits);
        others.forEach(angle::add);
        return angle;
    }

    private void add(Still still) {
        if (still.seconds() < -limits.stillBefore()) {
            others.add(new Solving(
                    still.seconds(),
                    String.format(
                            Locale.ROOT,
                            "it is more than %.1f s before the ball, and who stood here then may have moved",
                            limits.stillBefore())));
        } else if (still.known().size() >= Degeneracy.LEAST_POINTS) {
            byItsOwn(still);
        } else if (snap instanceof Calibration.Solved solved && shows(still, solved.calibration())) {
            asAtTheSnap(still);
        } else if (still.known().size() >= tripod.leastPoints()) {
            byItsOwn(still);
        } else if (snap instanceof Calibration.Refused) {
            others.add(new Solving(still.seconds(), "the view at the snap is not solved"));
        } else {
            others.add(new Solving(
                    still.seconds(),
                    "the camera has moved between this frame and the snap: click "
                            + (tripod.leastPoints() == Degeneracy.LEAST_POINTS ? "four" : "two") + " places here"));
        }
    }

    /** Whether every place clicked in a frame is where a view has it. */
    private boolean shows(Still still, Calibration view) {
        return still.known().stream().allMatch(p -> view.off(p) <= MOVED * limits.paintPixels());
    }

    private void byItsOwn(Still still) {
        Calibration.Outcome own = Calibration.of(still.known(), tripod, limits);
        if (own instanceof Calibration.Solved solved) {
            Calibration here = solved.calibration();
            List<String> elsewhere = elsewhere(still, (who, stood, now) -> onFieldApart(who, stood, now, here));
            var clicks = new LinkedHashMap<Shot, Feet>();
            told(still, elsewhere).forEach((who, feet) -> clicks.put(shot(still, who), feet));
            turned.add(new CameraView(here, clicks));
            others.add(new Solving(still.seconds(), "", true, elsewhere));
        } else {
            others.add(new Solving(still.seconds(), ((Calibration.Refused) own).reason()));
        }
    }

    private void asAtTheSnap(Still still) {
        List<String> elsewhere = elsewhere(still, this::inPictureApart);
        told(still, elsewhere).forEach((who, feet) -> click(shot(still, who), feet));
        others.add(new Solving(still.seconds(), "", !still.known().isEmpty(), elsewhere));
    }

    /** Whether two clicks on somebody are not of one place. */
    private interface Moved {
        boolean between(String who, Feet stood, Feet now);
    }

    /** Of a frame before the snap: who was not clicked at it, or has moved since. */
    private List<String> elsewhere(Still still, Moved moved) {
        if (still.seconds() >= 0) {
            return List.of();
        }
        var elsewhere = new ArrayList<String>();
        still.clicks().forEach((who, now) -> {
            Feet stood = first.clicks().get(who);
            if (stood == null || moved.between(who, stood, now)) {
                elsewhere.add(who);
            }
        });
        return List.copyOf(elsewhere);
    }

    private static Map<String, Feet> told(Still still, List<String> elsewhere) {
        var told = new LinkedHashMap<>(still.clicks());
        told.keySet().removeAll(elsewhere);
        return told;
    }

    /** By two calibrations of one camera, which turned between. */
    private boolean onFieldApart(String who, Feet atSnap, Feet before, Calibration here) {
        return snap instanceof Calibration.Solved solved
                && at(solved.calibration(), who, atSnap)
                        .flatMap(stood -> at(here, who, before)
                                .map(now -> stood.covariance()
                                                .plus(now.covariance())
                                                .sigmasApart(stood.feet(), now.feet())
                                        > ELSEWHERE))
                        .orElse(false);
    }

    private static Optional<Measured> at(Calibration view, String who, Feet feet) {
        return view.sight(Map.of(Shot.atSnap(who), feet)).seen().stream()
                .map(Sight.Seen::at)
                .findFirst();
    }

    /** By one view, in which both are clicked: what it is off by is the same of both. */
    private boolean inPictureApart(String who, Feet one, Feet other) {
        return one.at().distance(other.at()) > ELSEWHERE * Math.hypot(one.doubt(who, limits), other.doubt(who, limits));
    }

    /** Before the ball moves it is where he stands at the snap that is seen. */
    private static Shot shot(Still still, String who) {
        return still.seconds() < 0 ? Shot.atSnap(who) : new Shot(who, still.seconds());
    }

    private void click(Shot shot, Feet feet) {
        atRest.computeIfAbsent(shot, s -> new ArrayList<>()).add(feet);
    }

    /** Where its camera stands, as other plays and its own view at the snap tell. */
    public Tripod tripod() {
        return tripod;
    }

    /** So many known places solve a frame in which the camera has turned since the snap. */
    public int leastPointsTurned() {
        return tripod.leastPoints();
    }

    /** Names of the known places that are best clicked next at the snap. */
    public List<String> nextPlaces(Field field) {
        return otherPlays.next(
                field,
                first.known(),
                snap instanceof Calibration.Solved solved ? Optional.of(solved.calibration()) : Optional.empty());
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
            views.add(new CameraView(solved.calibration(), middles()));
        }
        views.addAll(turned);
        return views;
    }

    private Map<Shot, Feet> middles() {
        var middles = new LinkedHashMap<Shot, Feet>();
        atRest.forEach((shot, clicks) -> middles.put(shot, Feet.middle(clicks)));
        return middles;
    }
}
