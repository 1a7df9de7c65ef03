package mensch.vision;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;

/**
 * The frame in which the ball moves, by the first movement of many: up to it a set offence stands, but for one man in
 * motion, and from it on nearly everybody moves. How much of a picture changes is counted in blocks, against what changes
 * in most of them: a camera that shakes or pans changes all.
 */
public final class SnapFinder {
    private static final int BLOCK = 8;
    /** How long it is still before, and lively after, seconds. */
    private static final double STILL = 0.5;

    private static final double LIVELY = 0.5;
    /** A block that changes by so many grey levels more than most is one in which somebody moves. */
    private static final double CHANGE = 2.5;
    /** So many blocks more must move than before, or it is no snap. */
    private static final double LEAST = 6;
    /** Movement begins where it first reaches this share of what it comes to. */
    private static final double BEGINS = 0.12;

    private SnapFinder() {}

    /** A frame of film in grey: a byte a pixel, row by row from the top left. */
    public record Grey(byte[] pixels, int width, int height) {}

    /**
     * Which of these is the first in which the ball has moved; none where nothing begins.
     *
     * @param rate frames a second
     */
    public static OptionalInt of(List<Grey> frames, double rate) {
        double[] moving = moving(frames);
        int still = (int) Math.round(STILL * rate);
        int lively = (int) Math.round(LIVELY * rate);
        int best = -1;
        double most = LEAST;
        for (int t = still; t + lively <= moving.length; t++) {
            double rise = mean(moving, t, t + lively) - upper(moving, t - still, t);
            if (rise > most) {
                most = rise;
                best = t;
            }
        }
        if (best < 0) {
            return OptionalInt.empty();
        }
        double before = mean(moving, best - still, best);
        double after = mean(moving, best, best + lively);
        int begins = best;
        while (begins > 1 && moving[begins - 1] > before + BEGINS * (after - before)) {
            begins--;
        }
        while (begins < best + lively && moving[begins] <= before + BEGINS * (after - before)) {
            begins++;
        }
        return OptionalInt.of(begins);
    }

    /** For each frame in how many blocks somebody moved since the one before; 0 for the first. */
    private static double[] moving(List<Grey> frames) {
        double[] moving = new double[frames.size()];
        for (int t = 1; t < moving.length; t++) {
            double[] changes = changes(frames.get(t - 1), frames.get(t));
            double[] sorted = changes.clone();
            Arrays.sort(sorted);
            double common = sorted[sorted.length / 2];
            moving[t] = Arrays.stream(changes).filter(c -> c > common + CHANGE).count();
        }
        // a frame that the codec draws anew changes everywhere, once
        double[] steady = moving.clone();
        for (int t = 1; t + 1 < moving.length; t++) {
            double[] three = {moving[t - 1], moving[t], moving[t + 1]};
            Arrays.sort(three);
            steady[t] = three[1];
        }
        return steady;
    }

    private static double[] changes(Grey one, Grey two) {
        int columns = one.width() / BLOCK;
        int rows = one.height() / BLOCK;
        double[] changes = new double[columns * rows];
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                int sum = 0;
                for (int y = r * BLOCK; y < (r + 1) * BLOCK; y++) {
                    int row = y * one.width();
                    for (int x = c * BLOCK; x < (c + 1) * BLOCK; x++) {
                        sum += Math.abs((one.pixels()[row + x] & 255) - (two.pixels()[row + x] & 255));
                    }
                }
                changes[r * columns + c] = (double) sum / (BLOCK * BLOCK);
            }
        }
        return changes;
    }

    private static double mean(double[] of, int from, int to) {
        return Arrays.stream(of, from, to).average().orElse(0);
    }

    /** What nearly all of them stay under. */
    private static double upper(double[] of, int from, int to) {
        double[] sorted = Arrays.copyOfRange(of, from, to);
        Arrays.sort(sorted);
        return sorted[sorted.length * 3 / 4];
    }
}
