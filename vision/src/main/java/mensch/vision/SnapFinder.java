package mensch.vision;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * The frame in which the ball moves, by the first movement of many: up to it a set offence stands, but for one man in
 * motion, and from it on nearly everybody moves. How much of a picture changes is counted in blocks, against what
 * changes in most of them: a camera that shakes or pans changes all.
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
    /** In so many more blocks something must move than before, or it is no snap. <em>Model.</em> */
    private static final double LEAST = 20;
    /** Movement begins where it first reaches this share of what it comes to. <em>Model.</em> */
    private static final double BEGINS = 0.02;

    private final double rate;
    /** For each frame in how many blocks somebody moved since the one before, and goes on moving. */
    private final List<Integer> moving = new ArrayList<>();

    private byte[] last = {};
    private boolean[] lively = {};

    /** @param rate frames a second */
    public SnapFinder(double rate) {
        this.rate = rate;
    }

    /**
     * The next frame of film. What the codec draws anew changes once: a block counts when it goes on changing.
     *
     * @param grey a byte a pixel of {@value #WIDTH} x {@value #HEIGHT}, row by row from the top left
     */
    public void next(byte[] grey) {
        if (last.length > 0) {
            boolean[] before = lively;
            boolean[] now = lively(changes(last, grey));
            moving.add(
                    before.length == 0
                            ? 0
                            : (int) IntStream.range(0, now.length)
                                    .filter(i -> before[i] && now[i])
                                    .count());
            lively = now;
        }
        last = grey.clone();
    }

    /** The last frame before anything moves, as the ball does in it, from 0; none where nothing begins. */
    public OptionalInt found() {
        int[] counts = moving.stream().mapToInt(i -> i).toArray();
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

    private static boolean[] lively(double[] changes) {
        double[] sorted = changes.clone();
        Arrays.sort(sorted);
        double most = sorted[sorted.length / 2] + CHANGE;
        boolean[] lively = new boolean[changes.length];
        for (int i = 0; i < changes.length; i++) {
            lively[i] = changes[i] > most;
        }
        return lively;
    }

    /** Mean change of each block, grey levels. */
    private static double[] changes(byte[] one, byte[] two) {
        int columns = WIDTH / BLOCK;
        double[] changes = new double[columns * (HEIGHT / BLOCK)];
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
