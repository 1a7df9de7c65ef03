package mensch.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import mensch.core.film.KnownPlaces.KnownPlace;
import mensch.core.geometry.Point;

/** Which known places are best clicked next. */
final class NextPlaces {
    /** A place nearer to the picture's edge than this share of its width may be cut off. */
    private static final double EDGE = 0.02;

    private final List<KnownPlace> places;
    private final List<KnownPoint> clicked;

    /** @param places those of the field near the ball */
    NextPlaces(List<KnownPlace> places, List<KnownPoint> clicked) {
        this.places = places.stream()
                .filter(p -> clicked.stream().noneMatch(c -> c.name().equals(p.name())))
                .toList();
        this.clicked = clicked;
    }

    /** Where nothing says what the picture shows: from the ball outward. */
    List<String> fromTheBall() {
        return places.stream()
                .sorted(Comparator.comparingDouble(p -> p.at().distance(new Point(0, 0))))
                .map(KnownPlace::name)
                .toList();
    }

    /** Those in the picture; each the farthest from all before it, so that it tells most, the first near the ball. */
    List<String> of(Homography view, PictureSize picture) {
        record Seen(String name, ImagePoint at) {}
        List<Seen> left = new ArrayList<>();
        for (String name : fromTheBall()) {
            places.stream()
                    .filter(p -> p.name().equals(name))
                    .flatMap(p -> view.fieldToImage(p.at()).stream())
                    .filter(at -> inside(at, picture))
                    .forEach(at -> left.add(new Seen(name, at)));
        }
        List<ImagePoint> known = new ArrayList<>();
        clicked.forEach(c -> known.add(c.image()));
        var turn = new ArrayList<String>();
        while (!left.isEmpty()) {
            Seen next = known.isEmpty()
                    ? left.get(0)
                    : left.stream()
                            .max(Comparator.comparingDouble(s -> nearest(s.at(), known)))
                            .orElseThrow();
            left.remove(next);
            known.add(next.at());
            turn.add(next.name());
        }
        return turn;
    }

    private static boolean inside(ImagePoint at, PictureSize picture) {
        double edge = EDGE * picture.width();
        return at.xPixels() > edge
                && at.xPixels() < picture.width() - edge
                && at.yPixels() > edge
                && at.yPixels() < picture.height() - edge;
    }

    private static double nearest(ImagePoint at, List<ImagePoint> known) {
        return known.stream().mapToDouble(at::distance).min().orElse(0);
    }
}
