package mensch.vision;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.struct.ConnectRule;
import boofcv.struct.image.GrayS32;
import boofcv.struct.image.GrayU8;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Pixels that hang together.
 *
 * @param pixels rising: the first is the highest, the last the lowest
 */
record Blob(int[] pixels, int width) {

    /** All of a mask that have at least so many pixels. */
    static List<Blob> of(GrayU8 mask, int least) {
        var labels = new GrayS32(mask.width, mask.height);
        int found = BinaryImageOps.contour(mask, ConnectRule.FOUR, labels).size();
        int[] sizes = new int[found + 1];
        for (int label : labels.data) {
            sizes[label]++;
        }
        var pixels = new ArrayList<int[]>();
        for (int label = 0; label <= found; label++) {
            pixels.add(new int[label > 0 && sizes[label] >= least ? sizes[label] : 0]);
        }
        int[] next = new int[found + 1];
        for (int i = 0; i < labels.data.length; i++) {
            int label = labels.data[i];
            if (pixels.get(label).length > 0) {
                pixels.get(label)[next[label]++] = i;
            }
        }
        return pixels.stream()
                .filter(p -> p.length > 0)
                .map(p -> new Blob(p, mask.width))
                .toList();
    }

    int top() {
        return pixels[0] / width;
    }

    int bottom() {
        return pixels[pixels.length - 1] / width;
    }

    int left() {
        return columns().min().orElseThrow();
    }

    int right() {
        return columns().max().orElseThrow();
    }

    private IntStream columns() {
        return IntStream.of(pixels).map(i -> i % width);
    }

    double column() {
        return columns().average().orElseThrow();
    }
}
