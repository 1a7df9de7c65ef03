package mensch.vision;

import java.util.Comparator;
import java.util.List;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;
import org.ddogleg.clustering.AssignCluster;
import org.ddogleg.clustering.FactoryClustering;
import org.ddogleg.clustering.misc.ListAccessor;

/**
 * The two shirts in a picture: of the colours that men have on (in heaps, by k-means) the two that most of the men are
 * seen to have on, in patches as large as a shirt.
 */
final class Shirts {
    /** Shirts, trousers, helmets, shoes and skin of both sides. */
    private static final int COLOURS = 8;
    /** More pixels tell no more. */
    private static final int ENOUGH = 6000;
    /** A shirt that fewer wear is none. */
    private static final int FEWEST = 3;

    /** So small a share of pixels is chance. */
    private static final double OTHERS = 0.15;

    private static final double MUCH = 0.15;

    private static final double RIM = 0.5;
    private static final long SEED = 1;

    private final AssignCluster<double[]> heaps;
    private final List<Integer> two;
    private final int[][] worn = new int[COLOURS][2];

    private Shirts(AssignCluster<double[]> heaps, List<Integer> two) {
        this.heaps = heaps;
        this.two = two;
    }

    /**
     * @param pixels that show men
     * @param worn how many patches as large as a shirt pixels of a kind make
     */
    static Shirts of(Picture picture, Turf turf, int[] pixels, ToIntFunction<int[]> worn) {
        int each = Math.max(1, pixels.length / ENOUGH);
        List<double[]> some = IntStream.range(0, pixels.length / each)
                .mapToObj(i -> picture.colour(pixels[i * each]))
                .toList();
        if (some.size() < COLOURS) {
            return new Shirts(nobody(), List.of());
        }
        var means = FactoryClustering.kMeans(null, 3, double[].class);
        means.initialize(SEED);
        means.process(
                new ListAccessor<>(some, (from, to) -> System.arraycopy(from, 0, to, 0, from.length), double[].class),
                COLOURS);
        AssignCluster<double[]> heaps = means.getAssignment();
        record Worn(int heap, int[] pixels) {}
        List<Integer> two = IntStream.range(0, COLOURS)
                .mapToObj(k -> new Worn(
                        k,
                        IntStream.of(pixels)
                                .filter(i -> heaps.assign(picture.colour(i)) == k)
                                .toArray()))
                .filter(w -> grass(turf, picture, w.pixels()) < RIM && worn.applyAsInt(w.pixels()) >= FEWEST)
                .sorted(Comparator.comparingInt((Worn w) -> w.pixels().length).reversed())
                .limit(2)
                .map(Worn::heap)
                .toList();
        return new Shirts(heaps, two);
    }

    /** The share of pixels whose colour is near that of grass: the rim of men, where both mix. */
    private static double grass(Turf turf, Picture picture, int[] pixels) {
        return pixels.length == 0
                ? 1
                : IntStream.of(pixels).filter(i -> turf.near(picture.colour(i))).count() / (double) pixels.length;
    }

    private static AssignCluster<double[]> nobody() {
        return FactoryClustering.kMeans(null, 3, double[].class).getAssignment();
    }

    /** How many shirts there are: two, or fewer when they do not tell the sides apart. */
    int count() {
        return two.size();
    }

    /** Which shirt a colour is of; -1 when it is none. */
    int of(double[] colour) {
        return two.isEmpty() ? -1 : two.indexOf(heaps.assign(colour));
    }

    /** Learns what else goes with a shirt, from pixels of men who touch nobody in the other. */
    void learn(Picture picture, int[] pixels) {
        int[] shirts = new int[2];
        int[] seen = new int[COLOURS];
        for (int i : pixels) {
            int heap = heaps.assign(picture.colour(i));
            seen[heap]++;
            int shirt = two.indexOf(heap);
            if (shirt >= 0) {
                shirts[shirt]++;
            }
        }
        int side = shirts[0] > shirts[1] ? 0 : 1;
        if (shirts[1 - side] < OTHERS * shirts[side]) {
            for (int heap = 0; heap < COLOURS; heap++) {
                worn[heap][side] += seen[heap];
            }
        }
    }

    /** Whether a colour is worn with the other shirt alone. */
    boolean others(double[] colour, int shirt) {
        return alone(heaps.assign(colour), 1 - shirt);
    }

    /** Whether a colour is worn with this shirt alone. */
    boolean own(double[] colour, int shirt) {
        return alone(heaps.assign(colour), shirt);
    }

    private boolean alone(int heap, int shirt) {
        return worn[heap][1 - shirt] < OTHERS * worn[heap][shirt];
    }

    /** Whether the trousers that go with a shirt, or what else there is much of, are worn with it alone. */
    boolean trousers(int shirt) {
        int most = worn[two.get(shirt)][shirt];
        return IntStream.range(0, COLOURS)
                .anyMatch(h -> h != two.get(shirt) && alone(h, shirt) && worn[h][shirt] > MUCH * most);
    }
}
