package mensch.core.simulation;

import mensch.core.convention.SnapModel.Spread;

/**
 * Chance by counting, not by order: the same seed, man and question always get the same answer, whoever asks first. The
 * call has no part in it, so that two calls against one play share their luck.
 */
record Luck(long seed) {
    /** What is left to chance. */
    enum What {
        STARTS,
        REACTS,
        MEETS,
        REACHES,
        HOLDS,
        READS,
        TACKLES,
        FALLS,
        PROTECTS,
        WINS,
        PASSES_OFF,
        PRESSES,
        SCATTERS,
        CATCHES,
        DROPS,
        TIPS,
        PICKS
    }

    private static final long STEP = 0x9E3779B97F4A7C15L;

    /** Evenly between 0 and 1, never 1. */
    double of(long man, What what, int count) {
        long mixed = mix(seed * STEP + mix(man * STEP + mix(what.ordinal() * 977L + count)));
        return (mixed >>> 11) * 0x1.0p-53;
    }

    /** A value of a spread: half of the draws below its median, straight to both ends. */
    double of(Spread spread, long man, What what, int count) {
        double drawn = of(man, what, count);
        return drawn < 0.5
                ? spread.least() + (spread.median() - spread.least()) * drawn * 2
                : spread.median() + (spread.most() - spread.median()) * (drawn - 0.5) * 2;
    }

    /** Evenly between so much less and so much more than nothing. */
    double about(double most, long man, What what, int count) {
        return (2 * of(man, what, count) - 1) * most;
    }

    private static long mix(long bits) {
        long z = (bits ^ bits >>> 30) * 0xBF58476D1CE4E5B9L;
        z = (z ^ z >>> 27) * 0x94D049BB133111EBL;
        return z ^ z >>> 31;
    }
}
