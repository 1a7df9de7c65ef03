package mensch.core.film;

import java.util.List;

/**
 * Moves points to their middle and scales them to a mean distance of sqrt 2, so that the equations of a fit are well
 * conditioned. p' = (p - middle) * scale.
 */
record Normalisation(double x, double y, double scale) {

    /** @param points pairs; not all equal */
    static Normalisation of(List<double[]> points) {
        double x = points.stream().mapToDouble(p -> p[0]).average().orElseThrow();
        double y = points.stream().mapToDouble(p -> p[1]).average().orElseThrow();
        double distance = points.stream()
                .mapToDouble(p -> Math.hypot(p[0] - x, p[1] - y))
                .average()
                .orElseThrow();
        return new Normalisation(x, y, Math.sqrt(2) / distance);
    }

    double[] apply(double[] p) {
        return new double[] {(p[0] - x) * scale, (p[1] - y) * scale};
    }

    /** As a 3 x 3 matrix, row-major. */
    double[][] matrix() {
        return new double[][] {{scale, 0, -scale * x}, {0, scale, -scale * y}, {0, 0, 1}};
    }

    double[][] inverse() {
        return new double[][] {{1 / scale, 0, x}, {0, 1 / scale, y}, {0, 0, 1}};
    }
}
