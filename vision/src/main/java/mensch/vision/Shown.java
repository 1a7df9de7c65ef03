package mensch.vision;

import java.util.Optional;
import java.util.function.Function;
import mensch.core.film.Calibration;
import mensch.core.film.ImagePoint;
import mensch.core.film.Look;
import mensch.core.geometry.Point;

/** How a picture shows the field, as far as it is known. */
record Shown(Function<Point, Optional<ImagePoint>> toImage, Function<ImagePoint, Optional<Point>> toField) {
    static Shown by(Look look) {
        return new Shown(look::toImage, look::toField);
    }

    static Shown by(Calibration view) {
        return new Shown(view::toImage, view::toField);
    }
}
