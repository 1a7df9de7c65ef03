package mensch.core.film;

import java.util.ArrayList;
import java.util.List;
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
        var places = new ArrayList<KnownPlace>();
        int toGoal = field.ball().yardsToGoal();
        for (int y = -BEHIND; y <= BEYOND; y++) {
            int line = toGoal - y;
            if (line < 0 || line > 100 || line % 5 != 0) {
                continue;
            }
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
