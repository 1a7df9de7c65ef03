package mensch.core.play;

import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import mensch.core.document.RefusedException;
import mensch.core.formation.Answer;
import mensch.core.rung.Condition;
import mensch.core.rung.View;

/**
 * How the passer is protected, and who stays in besides the five linemen.
 *
 * @param scheme how the line counts
 * @param back whether a back stays
 * @param end whether an attached end stays
 * @param second whether the second back, or else the second end, stays as well
 */
public record Protection(
        String id, String name, Condition needs, Scheme scheme, boolean back, boolean end, boolean second) {

    /** How the line counts the rush (handbook 9, protections). */
    public enum Scheme {
        /** Three men take the gaps of one side, the two others a man each. */
        HALF_SLIDE("half slide"),
        /** Every lineman has the gap on one side of him; the other edge is for whoever stays in. */
        FULL_SLIDE("full slide"),
        /** Linemen on linemen, those left over and the backs on backers. */
        MAN("man"),
        /** The line goes away from the passer, who outruns the edge man on his side. */
        BOOT("boot"),
        /** The line goes with the passer, a back is on the edge, the far side hinges. */
        SPRINT("sprint");

        private final String words;

        Scheme(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** @throws RefusedException for words that name none */
        static Scheme of(String words) {
            return Stream.of(values())
                    .filter(s -> s.words.equals(words))
                    .findFirst()
                    .orElseThrow(() -> new RefusedException(
                            "\"" + words + "\" is no way to protect; say half slide, full slide, man, boot or sprint"));
        }
    }

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

    static Protection of(String id, String name, Condition needs, Scheme scheme, Set<Stays> stay) {
        return new Protection(
                id,
                name,
                needs,
                scheme,
                stay.contains(Stays.BACK),
                stay.contains(Stays.END),
                stay.contains(Stays.SECOND));
    }

    public Answer fits(View view) {
        return needs.in(view);
    }

    /** Men who block, the five linemen among them. */
    public int men() {
        return 5 + (back ? 1 : 0) + (end ? 1 : 0) + (second ? 1 : 0);
    }
}
