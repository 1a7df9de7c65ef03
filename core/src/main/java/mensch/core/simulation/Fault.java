package mensch.core.simulation;

import mensch.core.document.RefusedException;

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
        LATE("late"),
        /** His first step goes away from the play, so many yards. */
        FALSE_STEP("false step"),
        /** He acts on his key so many ticks later. */
        SLOW_READ("slow read");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
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
