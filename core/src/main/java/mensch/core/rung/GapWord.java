package mensch.core.rung;

import java.util.Optional;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/**
 * A gap as a sentence names it.
 *
 * @param letter 'A' to 'E' for {@link Kind#LETTER}, else 0
 */
public record GapWord(Kind kind, char letter, Where where) {

    public enum Kind {
        LETTER,
        LAST,
        OUTSIDE
    }

    /** The gap on the ground for a seat's view; none for "outside", which is beyond the last gap. */
    public Optional<Gap> in(View view) {
        Side side = view.side(where);
        return switch (kind) {
            case LETTER -> Optional.of(new Gap(side, letter - 'A'));
            case LAST ->
                Optional.of(new Gap(side, Gap.count(view.features().shape().flank(side)) - 1));
            case OUTSIDE -> Optional.empty();
        };
    }

    /** The middle of the gap on the line; none for "outside". */
    public Optional<Point> middle(View view) {
        return in(view).map(g -> g.middle(view.features().shape().flank(g.side())));
    }

    public String words() {
        return switch (kind) {
            case LETTER -> letter + " gap" + where.suffix();
            case LAST -> "last gap";
            case OUTSIDE -> "outside";
        };
    }
}
