package mensch.core.rung;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A sentence as words with their places; remembers what would have been taken at the farthest word reached. */
final class Tokens {
    private static final Pattern WORD =
            Pattern.compile("(?<=\\d)x(?=\\d)|[;:,()@]|\\d+(?:\\.\\d+)?(?:-\\d+(?:\\.\\d+)?)?(?=x\\d)|[^\\s;:,()@]+");
    private static final Set<String> ARTICLES = Set.of("the", "an");

    private record Token(String text, int at) {}

    private final String sentence;
    private final List<Token> tokens = new ArrayList<>();
    private final Set<String> expected = new LinkedHashSet<>();
    private int next;
    private int farthest;

    Tokens(String sentence) {
        this.sentence = sentence;
        Matcher words = WORD.matcher(sentence);
        while (words.find()) {
            String word = words.group().toLowerCase(Locale.ROOT);
            if (!ARTICLES.contains(word)) {
                tokens.add(new Token(word, words.start()));
            }
        }
    }

    /** Takes a phrase of one or more words if it stands here; articles are read over on both sides. */
    boolean accept(String phrase) {
        String[] words = Arrays.stream(phrase.split(" "))
                .filter(w -> !ARTICLES.contains(w))
                .toArray(String[]::new);
        for (int i = 0; i < words.length; i++) {
            if (!peek(i).equalsIgnoreCase(words[i])) {
                expect(next + i, String.join(" ", List.of(words).subList(i, words.length)));
                return false;
            }
        }
        next += words.length;
        return true;
    }

    void require(String phrase) {
        if (!accept(phrase)) {
            throw failure();
        }
    }

    /** Takes one word that satisfies a test; {@code name} is what to call it when it does not stand here. */
    Optional<String> acceptWord(Predicate<String> test, String name) {
        String word = peek(0);
        if (word.isEmpty() || !test.test(word)) {
            expect(name);
            return Optional.empty();
        }
        next++;
        return Optional.of(word);
    }

    /** As {@link #acceptWord}, where nothing else may stand. */
    String requireWord(Predicate<String> test, String name) {
        return acceptWord(test, name).orElseThrow(this::failure);
    }

    String peek(int ahead) {
        return next + ahead < tokens.size() ? tokens.get(next + ahead).text() : "";
    }

    boolean atEnd() {
        return next == tokens.size();
    }

    int mark() {
        return next;
    }

    void reset(int mark) {
        next = mark;
    }

    void expect(String phrase) {
        expect(next, phrase);
    }

    private void expect(int at, String phrase) {
        if (at > farthest) {
            farthest = at;
            expected.clear();
        }
        if (at == farthest) {
            expected.add(phrase);
        }
    }

    SentenceException failure() {
        int at = farthest < tokens.size() ? tokens.get(farthest).at() : sentence.length();
        String word = farthest < tokens.size() ? tokens.get(farthest).text() : "";
        return new SentenceException(sentence, at, word, List.copyOf(expected));
    }
}
