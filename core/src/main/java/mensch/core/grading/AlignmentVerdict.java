package mensch.core.grading;

import java.util.Locale;
import mensch.core.convention.FilmLimits;
import mensch.core.document.Worded;
import mensch.core.film.Measured;
import mensch.core.grading.AxisVerdict.In;
import mensch.core.grading.AxisVerdict.Out;
import mensch.core.grading.AxisVerdict.TooClose;
import mensch.core.rung.Phrase;
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
     * @param measured from the ball
     * @param sigmaX one standard deviation of how wide he is of what the place leans on, yards
     */
    public static AlignmentVerdict of(Place asked, Measured measured, double sigmaX, FilmLimits limits) {
        int sign = asked.feet().x() < 0 ? -1 : 1;
        double outward = sign * measured.feet().x();
        double a = sign * asked.region().xMin();
        double b = sign * asked.region().xMax();
        AxisVerdict lateral = AxisVerdict.of(outward, Math.min(a, b), Math.max(a, b), sigmaX, "tight", "wide");
        AxisVerdict depth = AxisVerdict.of(
                measured.feet().y(),
                // as close as the neutral zone allows is right for a man of the line
                onLine(asked) ? 0 : asked.region().yMin(),
                onLine(asked)
                        ? asked.region().yMin() + limits.lineDepth()
                        : asked.region().yMax(),
                measured.sigmaY(),
                "short",
                "deep");
        return new AlignmentVerdict(outcome(lateral, depth), lateral, depth);
    }

    private static boolean onLine(Place asked) {
        return asked.phrase() instanceof Phrase.Technique;
    }

    private static Outcome outcome(AxisVerdict lateral, AxisVerdict depth) {
        if (lateral instanceof Out || depth instanceof Out) {
            return Outcome.OUT;
        }
        return lateral instanceof In && depth instanceof In ? Outcome.IN : Outcome.TOO_CLOSE;
    }

    /** "Out: 1.8 yd wide (+- 0.3)", "In", "Width in; depth not told: deep edge, +- 0.9 yd". */
    public String words() {
        return switch (outcome) {
            case IN -> "In";
            case OUT -> "Out: " + joined(out(lateral), out(depth), ", ");
            case TOO_CLOSE ->
                lateral instanceof In || depth instanceof In
                        ? (lateral instanceof In ? "Width in; depth" : "Depth in; width") + " not told: "
                                + close(lateral instanceof In ? depth : lateral)
                        : "Not told: " + joined(close(lateral), close(depth), "; ");
        };
    }

    private static String joined(String a, String b, String between) {
        return a.isEmpty() || b.isEmpty() ? a + b : a + between + b;
    }

    private static String out(AxisVerdict axis) {
        return axis instanceof Out out
                ? String.format(
                        Locale.ROOT, "%.1f yd %s (\u00b1 %.1f)", out.yards(), out.direction(), out.uncertainty())
                : "";
    }

    private static String close(AxisVerdict axis) {
        if (!(axis instanceof TooClose close)) {
            return "";
        }
        // likely enough for a coach to look, not to hold it against a man
        return close.yards() > close.uncertainty()
                ? String.format(
                        Locale.ROOT,
                        "likely %.1f yd %s (\u00b1 %.1f)",
                        close.yards(),
                        close.direction(),
                        close.uncertainty())
                : String.format(Locale.ROOT, "%s edge, \u00b1 %.1f yd", close.direction(), close.uncertainty());
    }
}
