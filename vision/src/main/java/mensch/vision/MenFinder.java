package mensch.vision;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.struct.image.GrayU8;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import mensch.core.field.Field;
import mensch.core.film.Calibration;
import mensch.core.geometry.Point;
import mensch.vision.FeetFinder.Foot;
import mensch.vision.FeetFinder.Worn;

/**
 * Men in a picture whose view is solved: what is on the field, has not the colour of grass, is no paint and as large as
 * a man there. Who touches another in the same shirt is not told from him.
 */
public final class MenFinder {
    /** In a wider picture men are told no better, and slower. */
    public static final int WIDEST_PICTURE = 1280;
    /** A man is as large, yards. */
    private static final double LEAST_AREA = 0.2;

    private static final double LEAST_SHIRT = 0.15;
    private static final double LEAST_TALL = 0.38;
    private static final double LEAST_WIDE = 0.28;
    private static final double MOST_AREA = 1.3;
    private static final double TALLEST = 2.6;
    private static final double WIDEST = 1.3;
    /** Nearer to each other than this, yards, two do not stand. */
    private static final double ONE_PLACE = 0.7;
    /** Who hang together are taken apart by so much on either side, yards. */
    private static final double WAIST = 0.2;
    /** Such a share of a painted number looks like paint. */
    private static final double ALL_OVER = 0.8;
    /** Numbers on a shirt are closed over, yards. */
    private static final double NUMERAL = 0.07;

    private final Picture picture;
    private final Ground ground;
    private final Turf turf;
    private final GrayU8 standing;
    private final FeetFinder feet;
    private final List<Candidate> candidates = new ArrayList<>();
    private final List<Point> crowds = new ArrayList<>();

    /**
     * @param men who stand apart
     * @param crowds where several touch who are not told from each other
     */
    public record Found(List<ManSeen> men, List<Point> crowds) {}

    /** @param foot between his shoes, in the picture */
    private record Candidate(ManSeen man, Blob shirt, Foot foot) {
        /**
         * Two do not stand on each other's feet, nor one on another's legs: who is more aside of them, or behind, is
         * hidden.
         */
        boolean yieldsTo(Candidate other) {
            return other != this
                    && (other.man.at().distance(man.at()) < ONE_PLACE && other.aside() < aside()
                            || other.legsAt(foot) && other.foot.row() > foot.row());
        }

        private double aside() {
            return Math.abs(foot.column() - shirt.column());
        }

        private boolean legsAt(Foot there) {
            double margin = (shirt.right() - shirt.left()) / 4.0;
            return there.column() >= shirt.left() - margin
                    && there.column() <= shirt.right() + margin
                    && there.row() > shirt.bottom()
                    && there.row() <= foot.row();
        }
    }

    private MenFinder(Picture picture, Ground ground) {
        this.picture = picture;
        this.ground = ground;
        this.turf = Turf.of(picture, ground::onField);
        GrayU8 other = mask(i -> ground.behind(i) && !turf.at(i) && !(turf.paintAt(i) && ground.painted(i)));
        this.standing = BinaryImageOps.dilate8(BinaryImageOps.erode8(other, 1, null), 1, null);
        this.feet = new FeetFinder(ground, standing);
    }

    /** Everybody who can be told. */
    public static Found find(Picture picture, Calibration view, Field field) {
        Picture small = picture.within(WIDEST_PICTURE);
        return find(small, new Ground(small, view, field));
    }

    /** @param ground of a picture as large */
    static Found find(Picture picture, Ground ground) {
        var finder = new MenFinder(picture, ground);
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
                    .forEach(b -> feet.of(b, Worn.ANYTHING).ifPresent(foot -> man(b, foot, -1)));
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
                    feet.of(blob, his).ifPresent(foot -> man(blob, foot, shirt));
                } else if (size == Size.MEN && !numeral(blob)) {
                    List<Blob> men = apart(blob);
                    if (men.isEmpty()) {
                        ground.at(blob.column(), blob.bottom()).ifPresent(crowds::add);
                    }
                    men.forEach(one -> feet.of(one, his).ifPresent(foot -> man(one, foot, shirt)));
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

    private void man(Blob shirt, Foot foot, int which) {
        ground.at(foot.column(), foot.row())
                .filter(ground::onField)
                .map(at -> new ManSeen(picture.onFilm(foot.column(), foot.row()), at, which))
                .ifPresent(man -> candidates.add(new Candidate(man, shirt, foot)));
    }

    private enum Size {
        LESS,
        MAN,
        MEN
    }

    /** How large pixels are as they are seen where the lowest of them stands, yards. */
    private record Extent(double area, double tall, double wide) {}

    private Optional<Extent> extent(Blob blob) {
        return ground.at(blob.column(), blob.bottom())
                .flatMap(ground::scale)
                .map(scale -> new Extent(
                        blob.pixels().length / (scale.across() * scale.upright()),
                        (blob.bottom() - blob.top() + 1) / scale.upright(),
                        (blob.right() - blob.left() + 1) / scale.across()));
    }

    /** As large as a shirt, with or without trousers of its colour. */
    private boolean shirt(Blob blob) {
        return extent(blob)
                .filter(e -> e.area() > LEAST_SHIRT && e.area() < 1 && e.tall() > LEAST_TALL && e.tall() < TALLEST)
                .filter(e -> e.wide() > LEAST_WIDE && e.wide() < WIDEST)
                .isPresent();
    }

    private Size size(Blob blob) {
        return extent(blob)
                .filter(e -> e.area() >= LEAST_AREA && e.tall() >= LEAST_TALL && e.wide() >= LEAST_WIDE)
                .map(e -> e.area() > MOST_AREA || e.tall() > TALLEST || e.wide() > WIDEST ? Size.MEN : Size.MAN)
                .orElse(Size.LESS);
    }

    /** Painted numbers are white all over and lie where numbers lie. */
    private boolean numeral(Blob blob) {
        long flat = Arrays.stream(blob.pixels())
                .filter(i -> turf.paintAt(i) && ground.numbered(i))
                .count();
        return flat > ALL_OVER * blob.pixels().length;
    }
}
