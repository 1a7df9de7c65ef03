package mensch.vision;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.struct.image.GrayU8;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import mensch.core.field.Field;
import mensch.core.film.Calibration;
import mensch.core.geometry.Point;

/**
 * Men in a picture whose view is solved: what is on the field, has not the colour of grass, is no paint and as large as
 * a man there. Who touches another in the same shirt is not told from him.
 */
public final class MenFinder {
    /** A man is as large, yards. */
    private static final double LEAST_AREA = 0.2;

    private static final double MOST_AREA = 1.3;
    private static final double TALLEST = 2.6;
    /** From his shoulders to his shoes, in a stance. */
    private static final double SHORTEST = 1;

    private static final double WIDEST = 1.3;
    /** What is under him is sought as far down, yards upright. */
    private static final double DROP = 1.1;
    /** And so far to either side. */
    private static final double ASIDE = 0.35;
    /** A line on the grass may cut him in two, so high, yards upright. */
    private static final double CUT = 0.2;
    /** A shoe that anybody may wear, or skin, is as large, yards. */
    private static final double SHOE = 0.22;
    /** Shoes reach as high above the lowest of them, yards upright. */
    private static final double SHOES = 0.2;
    /** His feet are as far from each other in width, yards, as most who face up or down the field stand. */
    private static final double STANCE = 0.33;
    /** Grass is looked for so far under shoes, yards upright, and in such a share of their columns. */
    private static final double UNDER = 0.06;

    private static final double GRASS = 0.8;
    /** Nearer to each other than this, yards, two do not stand. */
    private static final double ONE_PLACE = 0.7;
    /** Who hang together are taken apart by so much on either side, yards. */
    private static final double WAIST = 0.2;
    /** Numbers on a shirt are closed over, yards. */
    private static final double NUMERAL = 0.07;

    private final Picture picture;
    private final Ground ground;
    private final Turf turf;
    private final GrayU8 standing;
    private final List<Candidate> candidates = new ArrayList<>();
    private final List<Point> crowds = new ArrayList<>();

    /**
     * @param men who stand apart
     * @param crowds where several touch who are not told from each other
     */
    public record Found(List<ManSeen> men, List<Point> crowds) {}

    /** @param foot column and row between his shoes, in the picture */
    private record Candidate(ManSeen man, Blob shirt, double[] foot) {
        /**
         * Two do not stand on each other's feet, nor one on another's legs: who is more aside of them, or behind, is
         * hidden.
         */
        boolean yieldsTo(Candidate other) {
            return other != this
                    && (other.man.at().distance(man.at()) < ONE_PLACE && other.aside() < aside()
                            || other.legsAt(foot) && other.foot[1] > foot[1]);
        }

        private double aside() {
            return Math.abs(foot[0] - shirt.column());
        }

        private boolean legsAt(double[] there) {
            double margin = (shirt.right() - shirt.left()) / 4.0;
            return there[0] >= shirt.left() - margin
                    && there[0] <= shirt.right() + margin
                    && there[1] > shirt.bottom()
                    && there[1] <= foot[1];
        }
    }

    private MenFinder(Picture picture, Ground ground) {
        this.picture = picture;
        this.ground = ground;
        this.turf = Turf.of(picture, ground::onField);
        GrayU8 other = mask(i -> ground.behind(i) && !turf.at(i) && !(turf.paintAt(i) && ground.painted(i)));
        this.standing = BinaryImageOps.dilate8(BinaryImageOps.erode8(other, 1, null), 1, null);
    }

    /** Everybody who can be told. */
    public static Found find(Picture picture, Calibration view, Field field) {
        Picture small = picture.small();
        var finder = new MenFinder(small, new Ground(small, view, field));
        finder.find();
        return new Found(finder.men(), List.copyOf(finder.crowds));
    }

    private List<ManSeen> men() {
        return candidates.stream()
                .filter(c -> candidates.stream().noneMatch(c::yieldsTo))
                .map(Candidate::man)
                .toList();
    }

    private GrayU8 mask(IntPredicate in) {
        var mask = new GrayU8(picture.width(), picture.height());
        for (int i = 0; i < mask.data.length; i++) {
            mask.data[i] = (byte) (in.test(i) ? 1 : 0);
        }
        return mask;
    }

    private void find() {
        List<Blob> blobs =
                Blob.of(standing, 1).stream().filter(b -> !numeral(b)).toList();
        int[] pixels =
                blobs.stream().flatMapToInt(b -> Arrays.stream(b.pixels())).toArray();
        Shirts shirts = Shirts.of(picture, turf, pixels, worn ->
                (int) Blob.of(closed(of(worn)), 1).stream().filter(this::shirt).count());
        if (shirts.count() < 2) {
            blobs.stream()
                    .filter(b -> size(b) == Size.MAN)
                    .forEach(b -> feet(b, Worn.ANYTHING).ifPresent(foot -> man(b, foot, -1)));
            return;
        }
        blobs.forEach(b -> shirts.learn(picture, b.pixels()));
        for (int k = 0; k < 2; k++) {
            int shirt = k;
            int[] worn = Arrays.stream(pixels)
                    .filter(i -> shirts.of(picture.colour(i)) == shirt)
                    .toArray();
            Worn his = Worn.of(picture, shirts, shirt);
            for (Blob blob : Blob.of(closed(of(worn)), 1)) {
                Size size = size(blob);
                if (size == Size.MAN && !numeral(blob)) {
                    feet(blob, his).ifPresent(foot -> man(blob, foot, shirt));
                } else if (size == Size.MEN && !numeral(blob)) {
                    ground.at(blob.column(), blob.bottom()).ifPresent(crowds::add);
                    apart(blob).forEach(one -> feet(one, his).ifPresent(foot -> man(one, foot, shirt)));
                }
            }
        }
    }

    /** Men of a crowd who hang together by less than they are wide. */
    private List<Blob> apart(Blob crowd) {
        var men = new ArrayList<Blob>();
        GrayU8 whole = of(crowd.pixels());
        GrayU8 left = whole;
        double across = ground.at(crowd.column(), crowd.bottom())
                .flatMap(ground::scale)
                .map(Ground.Scale::across)
                .orElse(1.0);
        for (int steps = 1; steps < WAIST * across && men.isEmpty(); steps++) {
            left = BinaryImageOps.erode8(left, 1, null);
            List<Blob> parts = Blob.of(left, 1);
            if (parts.size() > 1) {
                for (Blob part : parts) {
                    Blob grown = grown(part, steps, whole);
                    switch (size(grown)) {
                        case MAN -> men.add(grown);
                        case MEN -> men.addAll(apart(grown));
                        default -> {}
                    }
                }
            }
        }
        return men;
    }

    private Blob grown(Blob part, int steps, GrayU8 within) {
        GrayU8 wide = BinaryImageOps.dilate8(of(part.pixels()), steps, null);
        return Blob.of(BinaryImageOps.logicAnd(wide, within, null), 1).get(0);
    }

    private GrayU8 of(int[] pixels) {
        var mask = new GrayU8(picture.width(), picture.height());
        for (int i : pixels) {
            mask.data[i] = 1;
        }
        return mask;
    }

    private GrayU8 closed(GrayU8 mask) {
        double across = ground.scale(new Point(0, 0)).map(Ground.Scale::across).orElse(1.0);
        int steps = Math.max(1, (int) Math.round(NUMERAL * across));
        GrayU8 wide = BinaryImageOps.dilate8(mask, steps, null);
        return BinaryImageOps.erode8(wide, steps, null);
    }

    private void man(Blob shirt, double[] foot, int which) {
        ground.at(foot[0], foot[1])
                .filter(ground::onField)
                .map(at -> new ManSeen(picture.onFilm(foot[0], foot[1]), at, which))
                .ifPresent(man -> candidates.add(new Candidate(man, shirt, foot)));
    }

    /** What a man has on, and what only men of the other side have. */
    private record Worn(IntPredicate hisOwn, IntPredicate theirs, boolean trousers) {
        static final Worn ANYTHING = new Worn(i -> true, i -> false, false);

        static Worn of(Picture picture, Shirts shirts, int shirt) {
            return new Worn(
                    i -> shirts.own(picture.colour(i), shirt),
                    i -> shirts.others(picture.colour(i), shirt),
                    shirts.trousers(shirt));
        }

        boolean own(int pixel) {
            return hisOwn.test(pixel);
        }

        boolean others(int pixel) {
            return theirs.test(pixel);
        }
    }

    private enum Size {
        LESS,
        MAN,
        MEN
    }

    /** As large as a shirt, as it is seen where the lowest of it is. */
    private boolean shirt(Blob blob) {
        return ground.at(blob.column(), blob.bottom()).flatMap(ground::scale).stream()
                .anyMatch(scale -> {
                    double area = blob.pixels().length / (scale.across() * scale.upright());
                    double tall = (blob.bottom() - blob.top() + 1) / scale.upright();
                    double wide = (blob.right() - blob.left() + 1) / scale.across();
                    return area > 0.15 && area < 1 && tall > 0.35 && tall < 2.2 && wide > 0.35 && wide < 1.2;
                });
    }

    private Size size(Blob blob) {
        Optional<Ground.Scale> scale = ground.at(blob.column(), blob.bottom()).flatMap(ground::scale);
        if (scale.isEmpty()) {
            return Size.LESS;
        }
        double across = scale.get().across();
        double upright = scale.get().upright();
        double area = blob.pixels().length / (across * upright);
        double tall = (blob.bottom() - blob.top() + 1) / upright;
        double wide = (blob.right() - blob.left() + 1) / across;
        if (area < LEAST_AREA || tall < 0.4 || wide < 0.25) {
            return Size.LESS;
        }
        return area > MOST_AREA || tall > TALLEST || wide > WIDEST ? Size.MEN : Size.MAN;
    }

    /** Painted numbers are white all over and lie where numbers lie. */
    private boolean numeral(Blob blob) {
        long flat = Arrays.stream(blob.pixels())
                .filter(i -> turf.paintAt(i) && ground.numbered(i))
                .count();
        return flat > 0.8 * blob.pixels().length;
    }

    /** Whether there is grass right under shoes: who stands behind somebody is cut off by him. */
    private boolean onGrass(int[] columns, int bottom, double upright) {
        int under = bottom + Math.max(2, (int) Math.round(UNDER * upright));
        return under >= picture.height()
                || Arrays.stream(columns)
                                .filter(c -> standing.data[under * picture.width() + c] == 0)
                                .count()
                        > GRASS * columns.length;
    }

    /** Between his shoes: what hangs on him, down to where the grass begins. */
    private Optional<double[]> feet(Blob blob, Worn worn) {
        Optional<Ground.Scale> scale = ground.at(blob.column(), blob.bottom()).flatMap(ground::scale);
        if (scale.isEmpty()) {
            return Optional.empty();
        }
        double upright = scale.get().upright();
        int lowest = blob.bottom() + (int) Math.round(DROP * upright);
        int left = (int) Math.floor(blob.left() - ASIDE * scale.get().across());
        int right = (int) Math.ceil(blob.right() + ASIDE * scale.get().across());
        var seen = new BitSet();
        var open = new ArrayDeque<int[]>();
        int width = picture.width();
        int gap = Math.max(1, (int) Math.round(CUT * upright));
        int strange = (int) Math.ceil((worn.trousers() ? SHOE : DROP) * upright);
        for (int i : blob.pixels()) {
            if (i / width >= (blob.top() + blob.bottom()) / 2) {
                seen.set(i);
                open.add(new int[] {i, 0});
            }
        }
        int bottom = blob.bottom();
        while (!open.isEmpty()) {
            int[] from = open.remove();
            int i = from[0];
            bottom = Math.max(bottom, i / width);
            for (int next : new int[] {i - 1, i + 1, i + width, i + gap * width}) {
                if (next >= 0
                        && next < standing.data.length
                        && !seen.get(next)
                        && standing.data[next] == 1
                        && next / width <= lowest
                        && next % width >= left
                        && next % width <= right) {
                    int steps = worn.own(next) ? 0 : from[1] + 1;
                    if (steps <= strange && !worn.others(next)) {
                        seen.set(next);
                        open.add(new int[] {next, steps});
                    }
                }
            }
        }
        int shoes =
                bottom - (int) Math.round(SHOES * upright + STANCE * scale.get().widthDown());
        int[] columns = seen.stream()
                .filter(i -> i / width >= shoes)
                .map(i -> i % width)
                .sorted()
                .toArray();
        if (bottom - blob.top() < SHORTEST * upright || !onGrass(columns, bottom, upright)) {
            return Optional.empty();
        }
        return Optional.of(new double[] {
            (columns[0] + columns[columns.length - 1]) / 2.0,
            bottom - SHOES / 4 * upright - STANCE / 2 * scale.get().widthDown()
        });
    }
}
