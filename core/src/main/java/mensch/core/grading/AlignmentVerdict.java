package mensch.core.grading;

import java.util.Locale;
import mensch.core.document.Worded;
import mensch.core.film.Measured;
import mensch.core.grading.AxisVerdict.In;
import mensch.core.grading.AxisVerdict.Out;
import mensch.core.grading.AxisVerdict.TooClose;
import mensch.core.rung.Place;

/**
 * Where a man stood against where he was asked to stand (a region), each with its uncertainty.
 *
 * @param outcome out when either axis is out, in when both are, else too close to call
 */
public record AlignmentVerdict(Outcome outcome, AxisVerdict lateral, AxisVerdict depth) {

    public enum Outcome implements Worded {
        IN,
        OUT,
        TOO_CLOSE
    }

    /**
     * @param asked the place asked against the offence as it stood
     * @param referenceSigmaX lateral standard deviation of the men the place leans on, yards
     * @param referenceSigmaY the same in depth
     */
    public static AlignmentVerdict of(Place asked, Measured measured, double referenceSigmaX, double referenceSigmaY) {
        int sign = asked.feet().x() < 0 ? -1 : 1;
        double outward = sign * measured.feet().x();
        double a = sign * asked.region().xMin();
        double b = sign * asked.region().xMax();
        AxisVerdict lateral = AxisVerdict.of(
                outward,
                Math.min(a, b),
                Math.max(a, b),
                Math.hypot(measured.sigmaX(), referenceSigmaX),
                "tight",
                "wide");
        AxisVerdict depth = AxisVerdict.of(
                measured.feet().y(),
                asked.region().yMin(),
                asked.region().yMax(),
                Math.hypot(measured.sigmaY(), referenceSigmaY),
                "short",
                "deep");
        return new AlignmentVerdict(outcome(lateral, depth), lateral, depth);
    }

    private static Outcome outcome(AxisVerdict lateral, AxisVerdict depth) {
        if (lateral instanceof Out || depth instanceof Out) {
            return Outcome.OUT;
        }
        return lateral instanceof In && depth instanceof In ? Outcome.IN : Outcome.TOO_CLOSE;
    }

    /** "Out: 1.8 yd wide (+- 0.3)", "In", "Too close to call: 0.1 yd tight (+- 0.3)". */
    public String words() {
        return switch (outcome) {
            case IN -> "In";
            case OUT -> "Out: " + part(lateral, depth);
            case TOO_CLOSE -> "Too close to call: " + part(lateral, depth);
        };
    }

    private String part(AxisVerdict first, AxisVerdict second) {
        String a = axis(first);
        String b = axis(second);
        return a.isEmpty() || b.isEmpty() ? a + b : a + ", " + b;
    }

    private String axis(AxisVerdict axis) {
        if (axis instanceof Out out) {
            return String.format(
                    Locale.ROOT, "%.1f yd %s (\u00b1 %.1f)", out.yards(), out.direction(), out.uncertainty());
        }
        if (outcome == Outcome.TOO_CLOSE && axis instanceof TooClose close) {
            return String.format(Locale.ROOT, "%s edge, \u00b1 %.1f yd", close.direction(), close.uncertainty());
        }
        return "";
    }
}
