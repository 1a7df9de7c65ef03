package mensch.vision;

import boofcv.struct.image.GrayU8;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Optional;
import java.util.function.IntPredicate;

/** Between whose shoes a shirt is worn: what hangs on it, down to where the grass begins. */
final class FeetFinder {
    /** What is under a shirt is sought as far down, yards upright. */
    private static final double DROP = 1.1;
    /** And so far to either side. */
    private static final double ASIDE = 0.35;
    /** A line on the grass may cut a man in two, so high, yards upright. */
    private static final double CUT = 0.2;
    /** A shoe that anybody may wear, or skin, is as large, yards. */
    private static final double SHOE = 0.22;
    /** Shoes reach as high above the lowest of them, yards upright. */
    private static final double SHOES = 0.2;
    /** From his shoulders to his shoes, in a stance. */
    private static final double SHORTEST = 1;
    /** Feet are as far from each other in width, yards, as most who face up or down the field stand. */
    private static final double STANCE = 0.33;
    /** Grass is looked for so far under shoes, yards upright, and in such a share of their columns. */
    private static final double UNDER = 0.06;

    private static final double GRASS = 0.8;

    private final Ground ground;
    private final GrayU8 standing;

    /** @param standing 1 where something stands on the grass */
    FeetFinder(Ground ground, GrayU8 standing) {
        this.ground = ground;
        this.standing = standing;
    }

    /** What a man has on, and what only men of the other side have, by pixel. */
    record Worn(IntPredicate own, IntPredicate others, boolean trousers) {
        static final Worn ANYTHING = new Worn(i -> true, i -> false, false);

        static Worn of(Picture picture, Shirts shirts, int shirt) {
            return new Worn(
                    i -> shirts.own(picture.colour(i), shirt),
                    i -> shirts.others(picture.colour(i), shirt),
                    shirts.trousers(shirt));
        }
    }

    /** Column and row of a picture. */
    record Foot(double column, double row) {}

    /** None where they are hidden. */
    Optional<Foot> of(Blob shirt, Worn worn) {
        return ground.at(shirt.column(), shirt.bottom())
                .flatMap(ground::scale)
                .flatMap(scale -> foot(shirt, hanging(shirt, worn, scale), scale));
    }

    private Optional<Foot> foot(Blob shirt, BitSet hanging, Ground.Scale scale) {
        int width = standing.width;
        int bottom = (hanging.length() - 1) / width;
        int shoes = bottom - (int) Math.round(SHOES * scale.upright() + STANCE * scale.widthDown());
        int[] columns = hanging.stream()
                .filter(i -> i / width >= shoes)
                .map(i -> i % width)
                .sorted()
                .toArray();
        return bottom - shirt.top() < SHORTEST * scale.upright() || !onGrass(columns, bottom, scale)
                ? Optional.empty()
                : Optional.of(new Foot(
                        (columns[0] + columns[columns.length - 1]) / 2.0,
                        bottom - SHOES / 4 * scale.upright() - STANCE / 2 * scale.widthDown()));
    }

    /** Whether there is grass right under shoes: who stands behind somebody is cut off by him. */
    private boolean onGrass(int[] columns, int bottom, Ground.Scale scale) {
        int under = bottom + Math.max(2, (int) Math.round(UNDER * scale.upright()));
        return under >= standing.height
                || Arrays.stream(columns)
                                .filter(c -> standing.data[under * standing.width + c] == 0)
                                .count()
                        > GRASS * columns.length;
    }

    /** A pixel that hangs on a shirt, and how many between it and what he wears may be anybody's. */
    private record Step(int pixel, int strange) {}

    private BitSet hanging(Blob shirt, Worn worn, Ground.Scale scale) {
        int width = standing.width;
        int lowest = shirt.bottom() + (int) Math.round(DROP * scale.upright());
        int left = (int) Math.floor(shirt.left() - ASIDE * scale.across());
        int right = (int) Math.ceil(shirt.right() + ASIDE * scale.across());
        int cut = Math.max(1, (int) Math.round(CUT * scale.upright()));
        int most = (int) Math.ceil((worn.trousers() ? SHOE : DROP) * scale.upright());
        var hanging = new BitSet();
        var open = new ArrayDeque<Step>();
        Arrays.stream(shirt.pixels())
                .filter(i -> i / width >= (shirt.top() + shirt.bottom()) / 2)
                .forEach(i -> {
                    hanging.set(i);
                    open.add(new Step(i, 0));
                });
        while (!open.isEmpty()) {
            Step from = open.remove();
            for (int way : new int[] {-1, 1, width, cut * width}) {
                int next = from.pixel() + way;
                boolean inside = next >= 0
                        && next / width <= Math.min(lowest, standing.height - 1)
                        && next % width >= left
                        && next % width <= right;
                if (inside
                        && standing.data[next] == 1
                        && !hanging.get(next)
                        && !worn.others().test(next)) {
                    int strange = worn.own().test(next) ? 0 : from.strange() + 1;
                    if (strange <= most) {
                        hanging.set(next);
                        open.add(new Step(next, strange));
                    }
                }
            }
        }
        return hanging;
    }
}
