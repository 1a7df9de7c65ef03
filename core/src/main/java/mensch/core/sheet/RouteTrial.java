package mensch.core.sheet;

import java.util.List;
import java.util.Map;
import mensch.core.document.RefusedException;
import mensch.core.formation.Man;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.play.Route;
import mensch.core.sheet.Sheet.Spot;

/**
 * One route run by one man from where he stands; his side is the one he stands on, the right for a man over the ball.
 *
 * @param way the corners of his way from his feet, play frame yards
 */
public record RouteTrial(String man, List<Spot> way) {

    /** @throws RefusedException when there is no such route or no such man to run it */
    public static RouteTrial of(Map<String, Route> book, String route, Snap snap, String man) {
        Runner runner = Runner.of(book, route, snap, man);
        return new RouteTrial(man, Words.spots(runner.points()));
    }

    /**
     * One corner of the way put somewhere else, in the words of a route.
     *
     * @param corner which, from 1: 0 is where he stands
     */
    public static String moved(Map<String, Route> book, String route, Snap snap, String man, int corner, Spot to) {
        Runner runner = Runner.of(book, route, snap, man);
        return runner.route().moved(corner, new Point(to.x(), to.y()), runner.points(), runner.side(), snap.field());
    }

    private record Runner(Route route, List<Point> points, Side side) {
        static Runner of(Map<String, Route> book, String route, Snap snap, String name) {
            Route ran = book.get(route);
            if (ran == null) {
                throw new RefusedException("there is no route \"" + route + "\" in this book; there are "
                        + String.join(", ", book.keySet()));
            }
            Man man = snap.formation().man(name);
            if (man == null || man.post() != Man.Post.ELIGIBLE) {
                throw new RefusedException(
                        name + " runs no routes in this formation; name one of its receivers or backs");
            }
            Side side = man.x() < 0 ? Side.LEFT : Side.RIGHT;
            return new Runner(ran, ran.points(man.feet(), side, snap.field()), side);
        }
    }
}
