package mensch.core.simulation;

import mensch.core.document.RefusedException;
import mensch.core.rung.Numbers;

/**
 * Something one man does wrong, put in to see what it costs.
 *
 * @param man a defender's job or a man of the offence by name
 * @param amount ticks for a late start, yards for a false step
 */
public record Fault(String man, Kind kind, double amount) {
    /** What can go wrong. */
    public enum Kind {
        /** He moves so many ticks of 0.05 s after he should. */
        LATE("late", "is off late by", TICKS, 3, 1),
        /** His first step goes away from the play, so many yards. */
        FALSE_STEP("false step", "takes a false step of", "yd", 1, 0.5),
        /** He acts on his key so many ticks later. */
        SLOW_READ("slow read", "reads late by", TICKS, 3, 1);

        private final String words;
        private final String does;
        private final String unit;
        private final double usual;
        private final double step;

        Kind(String words, String does, String unit, double usual, double step) {
            this.words = words;
            this.does = does;
            this.unit = unit;
            this.usual = usual;
            this.step = step;
        }

        public String words() {
            return words;
        }

        /** As told of a man, before the amount. */
        public String does() {
            return does;
        }

        public String unit() {
            return unit;
        }

        /** An amount to begin with. */
        public double usual() {
            return usual;
        }

        /** By how much an amount is changed at a time. */
        public double step() {
            return step;
        }
    }

    private static final String TICKS = "ticks of 0.05 s";

    /** As told of him: "is off late by 3 ticks of 0.05 s". */
    public String said() {
        return kind.does + " " + Numbers.words(amount) + " " + kind.unit;
    }

    /**
     * Read from {@code man:kind:amount}, as in {@code will:late:3}.
     *
     * @throws RefusedException saying what is expected
     */
    public static Fault of(String words) {
        String[] parts = words.split(":");
        for (Kind kind : Kind.values()) {
            if (parts.length == 3 && parts[1].equals(kind.words)) {
                try {
                    return new Fault(parts[0], kind, Double.parseDouble(parts[2]));
                } catch (NumberFormatException e) {
                    throw new RefusedException("\"" + parts[2] + "\" is no number; write will:late:3");
                }
            }
        }
        throw new RefusedException("\"" + words
                + "\" is no fault; write man:kind:amount, as in will:late:3; kinds are late and slow read (ticks of"
                + " 0.05 s) and false step (yards)");
    }
}
