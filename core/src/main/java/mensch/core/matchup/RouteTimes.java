package mensch.core.matchup;

import java.util.List;
import mensch.core.convention.Gait;
import mensch.core.convention.MessageTimes;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.play.Pass;
import mensch.core.possible.Builds;

/** When a man on a route shows those who watch him where he goes. */
record RouteTimes(Picture picture, MessageTimes times) {
    private static final int TENTHS = 60;

    /**
     * What his way says once it declares itself.
     *
     * @param under whether he turns before he is deep
     * @param seconds when that is seen
     */
    record Declared(boolean under, double seconds) {}

    Declared declared(Pass.Told told, Man man) {
        double firstTurn = way(told, man).get(1).y();
        boolean under = firstTurn < times.declares();
        return new Declared(
                under,
                under && told.route().breaks() > 0
                        ? told.route().breaks()
                        : reaches(told, man, Math.min(times.declares(), firstTurn)));
    }

    /** When a back with a route is past the line. */
    double crosses(Pass.Told told, Man man) {
        return Math.max(reaches(told, man, 0), times.release());
    }

    private List<Point> way(Pass.Told told, Man man) {
        return told.route()
                .points(
                        man.feet(),
                        told.who().side(picture.view),
                        picture.lineup.snap().field());
    }

    /** When he is so deep, seconds to a tenth; the throw's own horizon when his way does not lead there. */
    private double reaches(Pass.Told told, Man man, double depth) {
        Gait gait = Builds.gait(man, picture.shape, picture.lineup.convention().speeds());
        List<Point> way = way(told, man);
        for (int tenth = 1; tenth < TENTHS; tenth++) {
            if (told.route().at(tenth / 10.0, way, gait).y() >= depth) {
                return tenth / 10.0;
            }
        }
        return told.route().breaks();
    }
}
