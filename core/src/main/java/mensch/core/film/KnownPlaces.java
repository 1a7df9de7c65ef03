package mensch.core.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.field.Field;
import mensch.core.field.Mark;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/** Paint on the grass whose place is known: where yard lines cross hashes, numbers and sidelines. */
public final class KnownPlaces {
    private static final int BEHIND = 15;
    private static final int BEYOND = 25;
    private static final List<Mark> MARKS =
            List.of(Mark.SIDELINE, Mark.BOTTOM_OF_NUMBERS, Mark.TOP_OF_NUMBERS, Mark.HASH);

    private KnownPlaces() {}

    /** A place with its name; play frame yards. */
    public record KnownPlace(String name, Point at) {}

    /** Every crossing on a five-yard line near the ball; numbers only on the ten-yard lines that carry them. */
    public static List<KnownPlace> of(Field field) {
        int toGoal = field.ball().yardsToGoal();
        return between(field, toGoal - BEYOND, toGoal + BEHIND);
    }

    /** The place of a name, anywhere on the field; none when these rules paint no such thing. */
    public static Optional<KnownPlace> named(Field field, String name) {
        return between(field, 0, 100).stream()
                .filter(place -> place.name().equals(name))
                .findFirst();
    }

    /** @param first yards to the goal line of the nearest line, from 0 */
    private static List<KnownPlace> between(Field field, int first, int last) {
        var places = new ArrayList<KnownPlace>();
        for (int line = Math.min(100, last); line >= Math.max(0, first); line--) {
            if (line % 5 != 0) {
                continue;
            }
            int y = field.ball().yardsToGoal() - line;
            for (Mark mark : MARKS) {
                boolean numbers = mark == Mark.BOTTOM_OF_NUMBERS || mark == Mark.TOP_OF_NUMBERS;
                if (numbers && (line % 10 != 0 || line == 0 || line == 100)) {
                    continue;
                }
                for (Side side : Side.values()) {
                    places.add(new KnownPlace(
                            side.words() + " " + mark.words() + ", " + words(line),
                            new Point(field.x(mark, side, 0), y)));
                }
            }
        }
        return List.copyOf(places);
    }

    private static String words(int line) {
        return line == 0 || line == 100
                ? "goal line"
                : line == 50 ? "midfield line" : line < 50 ? "our " + line : "their " + (100 - line);
    }
}
