package mensch.core.rung;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Yards in a sentence: at most two decimals, no trailing zeros. */
public final class Numbers {
    private Numbers() {}

    public static String words(double yards) {
        BigDecimal rounded =
                BigDecimal.valueOf(yards).setScale(2, RoundingMode.HALF_UP).stripTrailingZeros();
        return rounded.scale() < 0
                ? rounded.setScale(0, RoundingMode.HALF_UP).toPlainString()
                : rounded.toPlainString();
    }

    /** To the tenth: nobody reads hundredths of a yard or a second. */
    public static String tenth(double value) {
        return words(Math.round(value * 10) / 10.0);
    }
}
