package mensch.vision;

import boofcv.abst.tracker.ConfigCirculantTracker;
import boofcv.abst.tracker.TrackerObjectQuad;
import boofcv.factory.tracker.FactoryTrackerObjectQuad;
import boofcv.struct.image.GrayU8;
import georegression.struct.shapes.Quadrilateral_F64;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.field.Field;
import mensch.core.film.Calibration;
import mensch.core.film.ImagePoint;

/**
 * Men followed from frame to frame: each by his look (a correlation filter, BoofCV), and all of them, again and again,
 * held against the men whom the picture shows by themselves. Who is not seen where he must be for some time is lost,
 * and nothing is said of him until somebody says where he is.
 */
public final class Follower {
    /** Who was not seen by himself for so long, seconds, is lost. <em>Model.</em> */
    private static final double LOST = 0.7;
    /** Farther than this from where he is followed to, yards, it is not he. <em>Model.</em> */
    private static final double HE = 1;
    /** What is followed is as tall upright, yards, and as broad as this share of it. */
    private static final double TALL = 1.7;

    private static final double BROAD = 0.5;

    private final Field field;
    private final double rate;
    private Optional<Known> ground = Optional.empty();
    private final Map<String, Track> tracks = new LinkedHashMap<>();
    private int frame = -1;
    private List<Matching.Told> told = List.of();

    /** @param rate frames a second */
    public Follower(Field field, double rate) {
        this.field = field;
        this.rate = rate;
    }

    /**
     * Who is known to be where in a picture, whatever was thought of him.
     *
     * @param feet between them, pixels of the film
     */
    public record Man(String name, boolean defence, ImagePoint feet) {}

    /** The grass as one view has it. */
    private record Known(Calibration view, Ground grass) {}

    private static final class Track {
        private final boolean defence;
        private final TrackerObjectQuad<GrayU8> look;
        private final Quadrilateral_F64 box = new Quadrilateral_F64();
        private int seen;

        Track(boolean defence) {
            this.defence = defence;
            this.look = FactoryTrackerObjectQuad.circulant(new ConfigCirculantTracker(), GrayU8.class);
        }

        /** Between the feet, pixels of the picture. */
        double column() {
            return (box.c.x + box.d.x) / 2;
        }

        double row() {
            return (box.c.y + box.d.y) / 2;
        }
    }

    /**
     * The next frame.
     *
     * @param picture as large as all others, no wider than {@link MenFinder#WIDEST_PICTURE}
     * @param view how its camera stands
     * @param known followed from there
     * @param look whether all are looked for in it, to be told
     */
    public void next(Picture picture, Calibration view, List<Man> known, boolean look) {
        frame++;
        GrayU8 grey = picture.grey();
        tracks.values().parallelStream().forEach(track -> track.look.process(grey, track.box));
        told = List.of();
        if (known.isEmpty() && !look) {
            return;
        }
        Ground grass = ground(picture, view);
        for (Man man : known) {
            var track = new Track(man.defence());
            if (from(track, man.feet(), picture, grey, grass)) {
                tracks.put(man.name(), track);
            }
        }
        if (look) {
            look(picture, grey, grass);
        }
    }

    private Ground ground(Picture picture, Calibration view) {
        Known here =
                ground.filter(g -> g.view() == view).orElseGet(() -> new Known(view, new Ground(picture, view, field)));
        ground = Optional.of(here);
        return here.grass();
    }

    /** Whom the last frame shows where he is followed to; of frames in which nobody was looked for, nobody. */
    public List<Matching.Told> told() {
        return told;
    }

    private void look(Picture picture, GrayU8 grey, Ground grass) {
        tracks.values().removeIf(track -> frame - track.seen > LOST * rate);
        var expected = new ArrayList<Matching.Asked>();
        tracks.forEach((name, track) -> grass.at(track.column(), track.row())
                .ifPresent(at -> expected.add(new Matching.Asked(name, at, track.defence))));
        var seen = new ArrayList<Matching.Told>();
        for (Matching.Told one : Matching.of(MenFinder.find(picture, grass).men(), expected)) {
            boolean near = expected.stream()
                    .anyMatch(e -> e.name().equals(one.name())
                            && e.at().distance(one.man().at()) < HE);
            if (near) {
                seen.add(one);
                Track track = tracks.get(one.name());
                if (one.clear() && track != null) {
                    from(track, one.man().feet(), picture, grey, grass);
                }
            }
        }
        told = List.copyOf(seen);
    }

    /** Follows somebody from where his feet are; not when he is not in the picture. */
    private boolean from(Track track, ImagePoint feet, Picture picture, GrayU8 grey, Ground grass) {
        double column = picture.fromFilm(feet.xPixels());
        double row = picture.fromFilm(feet.yPixels());
        Optional<Double> tall = grass.at(column, row).flatMap(grass::scale).map(scale -> TALL * scale.upright());
        if (tall.isEmpty() || column < 0 || column >= grey.width || row < 0 || row >= grey.height) {
            return false;
        }
        double half = BROAD * tall.get() / 2;
        double top = row - tall.get();
        track.box.setTo(
                new Quadrilateral_F64(column - half, top, column + half, top, column + half, row, column - half, row));
        track.seen = frame;
        return track.look.initialize(grey, track.box);
    }
}
