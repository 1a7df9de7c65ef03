package mensch.core.coverage;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.document.Worded;
import mensch.core.geometry.Side;
import mensch.core.rung.Area;

/** The deep help a coverage promises, as its document says under {@code deep}; the audit holds it to that. */
public enum Shell implements Worded {
    /** Nobody is deep: each eligible man has a man or a lane instead. */
    NONE(List.of(), List.of()),
    /** One man free behind man coverage. */
    MIDDLE(List.of(Area.DEEP_MIDDLE_THIRD), List.of()),
    HALVES(List.of(Area.DEEP_HALF), List.of(Area.DEEP_HALF)),
    THIRDS(List.of(Area.DEEP_OUTSIDE_THIRD, Area.DEEP_MIDDLE_THIRD), List.of(Area.DEEP_OUTSIDE_THIRD)),
    QUARTERS(
            List.of(Area.DEEP_OUTSIDE_QUARTER, Area.DEEP_INSIDE_QUARTER),
            List.of(Area.DEEP_OUTSIDE_QUARTER, Area.DEEP_INSIDE_QUARTER)),
    /** Quarters to the cover side, a half away from it. */
    QUARTERS_AND_HALF(List.of(Area.DEEP_OUTSIDE_QUARTER, Area.DEEP_INSIDE_QUARTER), List.of(Area.DEEP_HALF)),
    /** The whole width behind everybody, in small-sided football. */
    FIELD(List.of(Area.DEEP_FIELD), List.of());

    /** One part of the deep field, on a side of the ball. */
    public record DeepArea(Area area, Side side) {
        /** As a coach says it: the middle has no side. */
        public String words() {
            return area.words() + (area.central() ? "" : " " + side.words());
        }
    }

    private final List<DeepArea> left;
    private final List<DeepArea> right;

    Shell(List<Area> coverSide, List<Area> away) {
        this.left = parts(coverSide, away, Side.LEFT);
        this.right = parts(coverSide, away, Side.RIGHT);
    }

    private static List<DeepArea> parts(List<Area> coverSide, List<Area> away, Side cover) {
        return Stream.concat(
                        coverSide.stream().map(a -> new DeepArea(a, cover)),
                        away.stream().map(a -> new DeepArea(a, cover.opposite())))
                .toList();
    }

    /** What it promises, for the cover side as decided. */
    public List<DeepArea> parts(Side cover) {
        return cover == Side.LEFT ? left : right;
    }

    /** As a coach says that it is missing: "nobody is deep", and what was promised. */
    public String promised() {
        return switch (this) {
            case NONE -> "nobody deep";
            case MIDDLE -> "a man free in the deep middle";
            case QUARTERS_AND_HALF -> "quarters and a half";
            case FIELD -> "a man behind everybody";
            default -> words();
        };
    }

    /** The shell a document names. */
    public static Optional<Shell> of(String words) {
        return Arrays.stream(values()).filter(s -> s.words().equals(words)).findFirst();
    }
}
