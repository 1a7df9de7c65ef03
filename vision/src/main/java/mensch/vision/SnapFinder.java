package mensch.vision;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * The frame in which the ball moves, by the first movement of many: up to it a set offence stands, but for one man in
 * motion, and from it on nearly everybody moves. How much of a picture changes is counted in blocks, against what
 * changes in most of them. Where the camera itself shakes or pans nothing is told.
 */
public final class SnapFinder {
    /** Pictures are looked at so wide and high. */
    public static final int WIDTH = 960;

    public static final int HEIGHT = 540;
    private static final int BLOCK = 8;
    /** How long it is still before, and lively after, seconds. */
    private static final double STILL = 0.5;

    private static final double LIVELY = 0.5;
    /** A block that changes by so many grey levels more than most is one in which somebody moves. <em>Model.</em> */
    private static final double CHANGE = 1;
    /** And by so much more than it does while nobody moves. <em>Model.</em> */
    private static final double RESTLESS = 2;
    /** Where such a share of blocks changes all the time, the camera moves. <em>Model.</em> */
    private static final double UNSTEADY = 0.02;
    /** In so many more blocks something must move than before, or it is no snap. <em>Model.</em> */
    private static final double LEAST = 20;
    /** Movement begins where it first reaches this share of what it comes to. <em>Model.</em> */
    private static final double BEGINS = 0.02;

    private final double rate;
    /** For each frame but the first how much each block has changed since the one before, grey levels. */
    private final List<float[]> changes = new ArrayList<>();

    private byte[] last = {};

    /** @param rate frames a second */
    public SnapFinder(double rate) {
        this.rate = rate;
    }

    /**
     * The next frame of film.
     *
     * @param grey a byte a pixel of {@value #WIDTH} x {@value #HEIGHT}, row by row from the top left
     */
    public void next(byte[] grey) {
        if (last.length > 0) {
            changes.add(changes(last, grey));
        }
        last = grey.clone();
    }

    /**
     * For each frame in how many blocks somebody moved since the one before, and goes on moving: what the codec draws
     * anew changes once. 0 for the first and the last.
     */
    private int[] moving(float[] restless) {
        List<boolean[]> lively = changes.stream().map(c -> lively(c, restless)).toList();
        return IntStream.range(0, changes.size())
                .map(t -> t == 0
                        ? 0
                        : (int) IntStream.range(0, restless.length)
                                .filter(i -> lively.get(t - 1)[i] && lively.get(t)[i])
                                .count())
                .toArray();
    }

    /**
     * What each block changes by in a frame in which nobody moves, above what most do: lines do where a hand shakes.
     */
    private float[] restless() {
        if (changes.isEmpty()) {
            return new float[0];
        }
        float[] calm = new float[changes.get(0).length];
        float[] his = new float[changes.size()];
        for (int i = 0; i < calm.length; i++) {
            for (int t = 0; t < his.length; t++) {
                his[t] = changes.get(t)[i];
            }
            Arrays.sort(his);
            calm[i] = his[his.length / 4];
        }
        float most = middle(calm);
        for (int i = 0; i < calm.length; i++) {
            calm[i] = Math.max(0, calm[i] - most);
        }
        return calm;
    }

    /** Whether the camera itself moves: then what is painted on the field changes all the time. */
    private static boolean unsteady(float[] restless) {
        int changing = 0;
        for (float one : restless) {
            changing += one > CHANGE ? 1 : 0;
        }
        return changing > UNSTEADY * restless.length;
    }

    private static float middle(float[] of) {
        float[] sorted = of.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    /**
     * The last frame before anything moves, as the ball does in it, from 0; none where nothing begins, or the camera
     * itself moves.
     */
    public OptionalInt found() {
        float[] restless = restless();
        if (unsteady(restless)) {
            return OptionalInt.empty();
        }
        int[] counts = moving(restless);
        int still = (int) Math.round(STILL * rate);
        int after = (int) Math.round(LIVELY * rate);
        int best = -1;
        double most = LEAST;
        for (int t = still; t + after <= counts.length; t++) {
            double rise = mean(counts, t, t + after) - upper(counts, t - still, t);
            if (rise > most) {
                most = rise;
                best = t;
            }
        }
        return best < 0 ? OptionalInt.empty() : OptionalInt.of(begins(counts, best, still, after) - 1);
    }

    private static int begins(int[] counts, int best, int still, int after) {
        double before = mean(counts, best - still, best);
        double enough = before + BEGINS * (mean(counts, best, best + after) - before);
        int begins = best;
        while (begins > 1 && counts[begins - 1] > enough) {
            begins--;
        }
        while (begins < best + after && counts[begins] <= enough) {
            begins++;
        }
        return begins;
    }

    private static boolean[] lively(float[] changes, float[] restless) {
        double most = middle(changes) + CHANGE;
        boolean[] lively = new boolean[changes.length];
        for (int i = 0; i < changes.length; i++) {
            lively[i] = changes[i] > most + RESTLESS * restless[i];
        }
        return lively;
    }

    /** Mean change of each block, grey levels. */
    private static float[] changes(byte[] one, byte[] two) {
        int columns = WIDTH / BLOCK;
        float[] changes = new float[columns * (HEIGHT / BLOCK)];
        for (int y = 0; y < HEIGHT / BLOCK * BLOCK; y++) {
            for (int x = 0; x < WIDTH; x++) {
                int i = y * WIDTH + x;
                changes[y / BLOCK * columns + x / BLOCK] += Math.abs((one[i] & 255) - (two[i] & 255));
            }
        }
        for (int i = 0; i < changes.length; i++) {
            changes[i] /= BLOCK * BLOCK;
        }
        return changes;
    }

    private static double mean(int[] of, int from, int to) {
        return Arrays.stream(of, from, to).average().orElse(0);
    }

    /** What most of them stay under. */
    private static double upper(int[] of, int from, int to) {
        int[] sorted = Arrays.copyOfRange(of, from, to);
        Arrays.sort(sorted);
        return sorted[sorted.length * 3 / 4];
    }
}
