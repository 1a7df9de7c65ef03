package mensch.core.rung;

import java.util.List;
import mensch.core.document.RefusedException;

/** A sentence that cannot be read: where it stopped making sense and what may stand there. */
public final class SentenceException extends RefusedException {
    private static final long serialVersionUID = 1;
    private final String sentence;
    private final int at;
    private final String word;
    private final List<String> expected;

    public SentenceException(String sentence, int at, String word, List<String> expected) {
        super("\"" + (word.isEmpty() ? "the end" : word) + "\" at character " + (at + 1)
                + " cannot stand there; may follow: " + String.join(", ", expected));
        this.sentence = sentence;
        this.at = at;
        this.word = word;
        this.expected = List.copyOf(expected);
    }

    public String sentence() {
        return sentence;
    }

    /** Offset of the word in the sentence, 0-based. */
    public int at() {
        return at;
    }

    /** The word at fault; empty when the sentence ended too soon. */
    public String word() {
        return word;
    }

    /** What the reader would have taken there. */
    public List<String> expected() {
        return expected;
    }
}
