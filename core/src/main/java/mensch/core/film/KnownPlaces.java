package mensch.core.film;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.field.Code;
import mensch.core.field.Field;
import mensch.core.field.Mark;
import mensch.core.field.Paint;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/** Paint on the grass whose place is known: where yard lines cross hashes, numbers and sidelines. */
public final class KnownPlaces {
    private static final int BEHIND = 15;
    private static final int BEYOND = 25;
    private static final int LENGTH = 100;
    private static final int END = (int) Code.END_ZONE_YARDS;
    private static final List<Mark> MARKS =
            List.of(Mark.SIDELINE, Mark.BOTTOM_OF_NUMBERS, Mark.TOP_OF_NUMBERS, Mark.HASH);

    private KnownPlaces() {}

    /**
     * A place with its name; play frame yards.
     *
     * @param mark on which its yard line crosses it
     */
    public record KnownPlace(String name, Mark mark, Point at) {
        /** Whether painted lines cross there; at the edges of numbers nothing does. */
        public boolean crossed() {
            return mark == Mark.HASH || mark == Mark.SIDELINE;
        }
    }

    /**
     * Every crossing on a five-yard line near the ball; numbers only on the ten-yard lines that carry them, hashes only
     * between the goal lines. A field for small-sided flag has neither: there it is where lines, or their cones, meet
     * the sidelines.
     */
    public static List<KnownPlace> of(Field field) {
        int toGoal = field.ball().yardsToGoal();
        return between(field, toGoal - BEYOND, toGoal + BEHIND);
    }

    /** The place of a name, anywhere on the field; none when these rules paint no such thing. */
    public static Optional<KnownPlace> named(Field field, String name) {
        return Optional.ofNullable(everywhere(field).get(name));
    }

    /**
     * Every place of a field by its name; those of the nearer goal line also by the names that they had when both were
     * called the same.
     */
    public static Map<String, KnownPlace> everywhere(Field field) {
        var all = new HashMap<String, KnownPlace>();
        between(field, -END, LENGTH + END).forEach(place -> all.put(place.name(), place));
        int nearer = 2 * field.ball().yardsToGoal() > LENGTH ? LENGTH : 0;
        for (Mark mark : field.code().flag() ? List.of(Mark.SIDELINE) : List.of(Mark.SIDELINE, Mark.HASH)) {
            for (Side side : Side.values()) {
                String name = side.words() + " " + mark.words() + ", goal line";
                all.put(name, new KnownPlace(name, mark, at(field, mark, side, nearer)));
            }
        }
        return all;
    }

    private static Point at(Field field, Mark mark, Side side, int line) {
        return new Point(field.x(mark, side, 0), field.ball().yardsToGoal() - line);
    }

    /** @param first yards to the goal line of the nearest line, negative behind it */
    private static List<KnownPlace> between(Field field, int first, int last) {
        var places = new ArrayList<KnownPlace>();
        for (int line = LENGTH + END; line >= -END; line--) {
            if (line < first || line > last || !Paint.line(line)) {
                continue;
            }
            for (Mark mark : MARKS) {
                if (!on(mark, line, field.code())) {
                    continue;
                }
                for (Side side : Side.values()) {
                    places.add(new KnownPlace(
                            side.words() + " " + mark.words() + ", " + words(line), mark, at(field, mark, side, line)));
                }
            }
        }
        return List.copyOf(places);
    }

    private static boolean on(Mark mark, int line, Code code) {
        boolean inside = line > 0 && line < LENGTH;
        return switch (mark) {
            case SIDELINE -> true;
            case HASH -> inside && !code.flag();
            default -> Paint.numbers(line) && !code.flag();
        };
    }

    private static String words(int line) {
        String whose = 2 * line > LENGTH ? "their " : "our ";
        if (line < 0 || line > LENGTH) {
            return whose + "end line";
        }
        if (line == 0 || line == LENGTH) {
            return whose + "goal line";
        }
        return line == LENGTH / 2 ? "midfield line" : whose + Math.min(line, LENGTH - line);
    }
}
