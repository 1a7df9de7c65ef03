package mensch.core.rung;

import java.util.List;
import java.util.Optional;

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
        return offensive().orElseGet(this::defensive);
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

    private Optional<Ref> offensive() {
        Optional<String> number = tokens.acceptWord(w -> w.matches("#[1-5]"), "#1 to #5");
        if (number.isPresent()) {
            boolean counting = tokens.accept("counting backs");
            return Optional.of(new Ref(Ref.Kind.NUMBER, number.get().charAt(1) - '0', counting, null, where()));
        }
        for (Ref.Kind kind : Ref.Kind.values()) {
            boolean named = kind != Ref.Kind.NUMBER && kind != Ref.Kind.ROLE && kind != Ref.Kind.BALL;
            if (named && tokens.accept(kind.words())) {
                return Optional.of(Ref.of(kind, kind.sided() ? where() : Where.MY));
            }
        }
        return Optional.empty();
    }

    private Ref defensive() {
        return new Ref(Ref.Kind.ROLE, 0, false, role(), where());
    }

    String role() {
        return tokens.requireWord(
                w -> vocabulary.roles().isEmpty()
                        ? w.matches("[a-z]+(-[a-z]+)*")
                        : vocabulary.roles().contains(w),
                vocabulary.roles().isEmpty()
                        ? "a role"
                        : String.join(", ", vocabulary.roles().stream().sorted().toList()));
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
        return Double.parseDouble(tokens.requireWord(w -> w.matches("\\d+(\\.\\d+)?"), "yards"));
    }

    Depth depth() {
        String word = tokens.requireWord(w -> w.matches("\\d+(\\.\\d+)?(-\\d+(\\.\\d+)?)?"), "a depth in yards");
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
