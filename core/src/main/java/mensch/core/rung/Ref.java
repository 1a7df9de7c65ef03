package mensch.core.rung;

import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A man as a sentence names him.
 *
 * @param number 1.. for {@code #n}, else 0
 * @param countingBacks whether an offset back may be that number
 * @param role the defensive role for {@link Kind#ROLE}, else null
 */
public record Ref(
        Kind kind,
        int number,
        boolean countingBacks,
        @Nullable String role,
        Where where) {

    public enum Kind {
        NUMBER("#"),
        END_MAN("end man"),
        TIGHT_END("tight end"),
        WING("wing"),
        TACKLE("tackle"),
        GUARD("guard"),
        CENTRE("centre"),
        H_BACK("H-back"),
        DEEPEST_BACK("deepest back"),
        NEAR_BACK("near back"),
        FAR_BACK("far back"),
        BACK("back"),
        FULLBACK("fullback"),
        TAILBACK("tailback"),
        BALL("ball"),
        QUARTERBACK("quarterback"),
        ROLE("a role");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Men of whom there is one per side; the others take no side. */
        boolean sided() {
            return this == NUMBER
                    || this == END_MAN
                    || this == TIGHT_END
                    || this == WING
                    || this == TACKLE
                    || this == GUARD
                    || this == H_BACK
                    || this == NEAR_BACK
                    || this == FAR_BACK
                    || this == ROLE;
        }
    }

    public static Ref of(Kind kind) {
        return of(kind, Where.MY);
    }

    public static Ref of(Kind kind, Where where) {
        return new Ref(kind, 0, false, null, where);
    }

    public static Ref number(int n) {
        return number(n, Where.MY);
    }

    static Ref number(int n, Where where) {
        return new Ref(Kind.NUMBER, n, false, null, where);
    }

    public boolean receiver() {
        return kind == Kind.NUMBER;
    }

    public String words() {
        String base = switch (kind) {
            case NUMBER -> "#" + number + (countingBacks ? " counting backs" : "");
            case ROLE -> Objects.requireNonNull(role);
            default -> kind.words();
        };
        return base + where.suffix();
    }
}
