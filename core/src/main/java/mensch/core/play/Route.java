package mensch.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mensch.core.convention.Gait;
import mensch.core.document.RefusedException;
import mensch.core.field.Field;
import mensch.core.field.Mark;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/**
 * The way of one receiver.
 *
 * @param breaks seconds after the snap at the first point; 0 when his own speed decides
 * @param settles whether he stops at the last point; else he runs on
 */
public record Route(String id, List<Way> path, double breaks, boolean settles) {
    private static final Pattern WAY = Pattern.compile(
            "(?:(straight)|(over ball)|(in|out) (\\d+(?:\\.\\d+)?)|(far )?([a-z][a-z -]*?)(?: (\\d+))?) @ (-?\\d+(?:\\.\\d+)?)");

    /** Yards from the ball that are still over it. */
    private static final double OVER_BALL = 1;
    /** Points that are moved are told in steps of so many yards. */
    private static final double STEP = 0.5;

    /** One point of the way, relative to where he is, to the field, or to the ball. */
    sealed interface Way {
        Point from(Point at, Side side, Field field);

        /** Yards beyond the line, negative behind it. */
        double depth();

        /** How this point is told when it is moved to a spot; {@code at} is where he is before it. */
        default String moved(Point at, Point to, Side side, Field field) {
            double outward = stepped(side.sign() * (to.x() - at.x()));
            String across = outward == 0 ? "straight" : (outward < 0 ? "in " : "out ") + yards(Math.abs(outward));
            return across + told(to);
        }
    }

    private static double stepped(double yards) {
        return Math.rint(yards / STEP) * STEP + 0.0;
    }

    private static String told(Point to) {
        return " @ " + yards(stepped(to.y()));
    }

    private static String yards(double yards) {
        return yards == Math.rint(yards) ? String.valueOf((int) yards) : String.valueOf(yards);
    }

    /** Whether he breaks behind the line, where the ball is thrown to him and others block. */
    public boolean breaksBehindTheLine() {
        return path.get(0).depth() < 0;
    }

    /** So many yards toward the ball (negative) or away from it. */
    private record Relative(double outward, double depth) implements Way {
        @Override
        public Point from(Point at, Side side, Field field) {
            return new Point(at.x() + side.sign() * outward, depth);
        }
    }

    private record OverBall(double depth) implements Way {
        @Override
        public Point from(Point at, Side side, Field field) {
            return new Point(0, depth);
        }

        @Override
        public String moved(Point at, Point to, Side side, Field field) {
            return Math.abs(to.x()) <= OVER_BALL ? "over ball" + told(to) : Way.super.moved(at, to, side, field);
        }
    }

    /** A mark of the field, so many yards inside it. */
    private record AtMark(Mark mark, boolean far, double inside, double depth) implements Way {
        @Override
        public Point from(Point at, Side side, Field field) {
            return new Point(field.x(mark, of(side), inside), depth);
        }

        private Side of(Side side) {
            return far ? side.opposite() : side;
        }

        /** Told from the mark as long as the spot is at it or inside it. */
        @Override
        public String moved(Point at, Point to, Side side, Field field) {
            double outside = of(side).sign() * (to.x() - field.x(mark, of(side), 0));
            long inward = Math.round(-outside);
            if (inward < 0) {
                return Way.super.moved(at, to, side, field);
            }
            return (far ? "far " : "") + mark.words() + (inward == 0 ? "" : " " + inward) + told(to);
        }
    }

    public Route {
        path = List.copyOf(path);
    }

    static Way way(String words) {
        Matcher m = WAY.matcher(words);
        if (!m.matches()) {
            throw new RefusedException(
                    "\"" + words
                            + "\" is no point of a route; write straight @ 6, in 5 @ 8, sideline 3 @ 16, far hash @ 18 or over ball @ 5");
        }
        double depth = Double.parseDouble(m.group(8));
        if (m.group(1) != null) {
            return new Relative(0, depth);
        }
        if (m.group(2) != null) {
            return new OverBall(depth);
        }
        if (m.group(3) != null) {
            double yards = Double.parseDouble(m.group(4));
            return new Relative(m.group(3).equals("in") ? -yards : yards, depth);
        }
        for (Mark mark : Mark.values()) {
            if (mark.words().equals(m.group(6))) {
                return new AtMark(
                        mark, m.group(5) != null, m.group(7) == null ? 0 : Integer.parseInt(m.group(7)), depth);
            }
        }
        throw new RefusedException("\"" + m.group(6) + "\" is no mark of the field");
    }

    /**
     * The points of his way from where he stands, play frame.
     *
     * @param side the side he works to
     */
    public List<Point> points(Point start, Side side, Field field) {
        var points = new ArrayList<Point>();
        points.add(start);
        for (Way way : path) {
            points.add(way.from(points.get(points.size() - 1), side, field));
        }
        return List.copyOf(points);
    }

    /**
     * One point of his way moved to a spot, in the words of a way.
     *
     * @param point which, from 1: 0 is where he stands
     * @param points as {@link #points} gives them
     * @throws RefusedException when there is no such point
     */
    public String moved(int point, Point to, List<Point> points, Side side, Field field) {
        if (point < 1 || point > path.size()) {
            throw new RefusedException("the way of " + id + " has no point " + point + "; its last is " + path.size());
        }
        return path.get(point - 1).moved(points.get(point - 1), to, side, field);
    }

    /**
     * Where he is so many seconds after the snap. To the first point he takes {@link #breaks} seconds, or what his
     * speed asks; from there he runs at top speed.
     *
     * @param points as {@link #points} gives them
     */
    public Point at(double seconds, List<Point> points, Gait gait) {
        double first = points.get(0).distance(points.get(1));
        if (breaks == 0) {
            return along(points, gait.distance(seconds));
        }
        if (seconds <= breaks) {
            return along(points, first * Math.min(1, gait.distance(seconds) / gait.distance(breaks)));
        }
        return along(points, first + (seconds - breaks) * gait.topSpeed());
    }

    private Point along(List<Point> points, double yards) {
        double left = yards;
        for (int i = 1; i < points.size(); i++) {
            Point from = points.get(i - 1);
            Point to = points.get(i);
            double leg = from.distance(to);
            boolean last = i == points.size() - 1;
            if (left <= leg || last && !settles) {
                double part = leg == 0 ? 0 : left / leg;
                return new Point(from.x() + (to.x() - from.x()) * part, from.y() + (to.y() - from.y()) * part);
            }
            left -= leg;
        }
        return points.get(points.size() - 1);
    }

    /** Outward yards from his last turn to his end: negative breaks in, positive out, near 0 straight. */
    public double breaksOutward(List<Point> points, Side side) {
        Point before = points.get(points.size() - 2);
        return side.sign() * (points.get(points.size() - 1).x() - before.x());
    }
}
