package mensch.core.play;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mensch.core.document.RefusedException;
import mensch.core.geometry.Point;

/**
 * A place behind the line.
 *
 * @param across yards from the ball, positive to the play side
 * @param deep yards behind the line
 */
public record Behind(double across, double deep) {
    private static final Pattern WORDS = Pattern.compile("(-?\\d+(?:\\.\\d+)?) x (\\d+(?:\\.\\d+)?)");

    /** @throws RefusedException for words that are no place */
    static Behind of(String words) {
        Matcher yards = WORDS.matcher(words);
        if (!yards.matches()) {
            throw new RefusedException("\"" + words
                    + "\" is no place behind the line; say yards to the play side and yards deep, as in 1 x 4");
        }
        return new Behind(Double.parseDouble(yards.group(1)), Double.parseDouble(yards.group(2)));
    }

    /** On the ground, play frame. */
    public Point at(int play) {
        return new Point(play * across + 0.0, -deep);
    }
}
