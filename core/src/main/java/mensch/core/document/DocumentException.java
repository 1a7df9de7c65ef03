package mensch.core.document;

import java.util.List;
import java.util.stream.Collectors;

/** A document that cannot be used, with everything that is wrong with it. */
public final class DocumentException extends RefusedException {
    private static final long serialVersionUID = 1;

    /**
     * One fault.
     *
     * @param where path inside the document: seat/rung or key
     * @param at character of the sentence at fault, or -1
     * @param expected what may stand there; empty when that is not the point
     */
    public record Problem(String document, String where, String message, int at, List<String> expected) {
        public Problem {
            expected = List.copyOf(expected);
        }
    }

    private final List<Problem> problems;

    public DocumentException(List<Problem> problems) {
        super(problems.stream()
                .map(p -> p.document() + " " + p.where() + ": " + p.message())
                .collect(Collectors.joining("\n")));
        this.problems = List.copyOf(problems);
    }

    public static DocumentException of(String document, String where, String message) {
        return new DocumentException(List.of(new Problem(document, where, message, -1, List.of())));
    }

    public List<Problem> problems() {
        return problems;
    }
}
