package mensch.core.play;

import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import mensch.core.document.RefusedException;
import mensch.core.formation.Answer;
import mensch.core.rung.Condition;
import mensch.core.rung.View;

/**
 * Who stays in besides the five linemen.
 *
 * @param back whether a back stays
 * @param end whether an attached end stays
 * @param second whether the second back, or else the second end, stays as well
 */
public record Protection(String id, String name, Condition needs, boolean back, boolean end, boolean second) {

    /** Who may stay in besides the five. */
    public enum Stays {
        BACK("a back"),
        END("an attached end"),
        SECOND("a second back, or else a second end");

        private final String words;

        Stays(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @throws RefusedException for a word that names none of them */
        static Stays of(String word) {
            return Stream.of(values())
                    .filter(s -> s.name().equalsIgnoreCase(word))
                    .findFirst()
                    .orElseThrow(
                            () -> new RefusedException("\"" + word + "\" stays in nowhere; say back, end or second"));
        }
    }

    static Protection of(String id, String name, Condition needs, Set<Stays> stay) {
        return new Protection(
                id, name, needs, stay.contains(Stays.BACK), stay.contains(Stays.END), stay.contains(Stays.SECOND));
    }

    public Answer fits(View view) {
        return needs.in(view);
    }

    /** Men who block, the five linemen among them. */
    public int men() {
        return 5 + (back ? 1 : 0) + (end ? 1 : 0) + (second ? 1 : 0);
    }
}
