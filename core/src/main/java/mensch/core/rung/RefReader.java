package mensch.core.rung;

import java.util.List;

/** Reads men, sides, yards and depths: what every other reader needs. */
final class RefReader {
    private static final List<Where> ONE_SIDE = List.of(Where.MY, Where.OTHER, Where.CALL, Where.AWAY, Where.COVER);

    private final Tokens tokens;
    private final Vocabulary vocabulary;

    RefReader(Tokens tokens, Vocabulary vocabulary) {
        this.tokens = tokens;
        this.vocabulary = vocabulary;
    }

    Ref ref() {
        Ref found = offensive();
        return found != null ? found : defensive();
    }

    /** A man as a key may name him: also the ball, the quarterback, the near back. */
    Ref keyMan() {
        for (Ref.Kind kind : List.of(Ref.Kind.BALL, Ref.Kind.QUARTERBACK)) {
            if (tokens.accept(kind.words())) {
                return Ref.of(kind);
            }
        }
        return ref();
    }

    private Ref offensive() {
        String number = tokens.acceptWord(w -> w.matches("#[1-5]"), "#1 to #5");
        if (number != null) {
            boolean counting = tokens.accept("counting backs");
            return new Ref(Ref.Kind.NUMBER, number.charAt(1) - '0', counting, null, where());
        }
        for (Ref.Kind kind : Ref.Kind.values()) {
            boolean named = kind != Ref.Kind.NUMBER && kind != Ref.Kind.ROLE && kind != Ref.Kind.BALL;
            if (named && tokens.accept(kind.words())) {
                return new Ref(kind, 0, false, null, kind.sided() ? where() : Where.MY);
            }
        }
        return null;
    }

    private Ref defensive() {
        return new Ref(Ref.Kind.ROLE, 0, false, role(), where());
    }

    String role() {
        String role = tokens.acceptWord(
                w -> vocabulary.roles().isEmpty()
                        ? w.matches("[a-z]+(-[a-z]+)*")
                        : vocabulary.roles().contains(w),
                vocabulary.roles().isEmpty()
                        ? "a role"
                        : String.join(", ", vocabulary.roles().stream().sorted().toList()));
        if (role == null) {
            throw tokens.failure();
        }
        return role;
    }

    /** One side; left out it is my side. */
    Where where() {
        for (Where where : ONE_SIDE) {
            if (tokens.accept(where.words())) {
                return where;
            }
        }
        return Where.MY;
    }

    /** Any side word, "both" and "either" too; must stand. */
    Where anyWhere() {
        for (Where where : Where.values()) {
            if (tokens.accept(where.words())) {
                return where;
            }
        }
        throw tokens.failure();
    }

    double yards() {
        if (tokens.accept("half a man")) {
            return 1.0 / 3;
        }
        String word = tokens.acceptWord(w -> w.matches("\\d+(\\.\\d+)?"), "yards");
        if (word == null) {
            throw tokens.failure();
        }
        return Double.parseDouble(word);
    }

    Depth depth() {
        String word = tokens.acceptWord(w -> w.matches("\\d+(\\.\\d+)?(-\\d+(\\.\\d+)?)?"), "a depth in yards");
        if (word == null) {
            throw tokens.failure();
        }
        String[] ends = word.split("-");
        double min = Double.parseDouble(ends[0]);
        double max = ends.length == 2 ? Double.parseDouble(ends[1]) : min;
        if (max < min) {
            tokens.reset(tokens.mark() - 1);
            tokens.expect("a depth that runs from shallow to deep, as in 8-10");
            throw tokens.failure();
        }
        return new Depth(min, max);
    }

    Depth atDepth() {
        tokens.require("@");
        return depth();
    }
}
