package mensch.core.audit;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import mensch.core.lineup.Job;

/** How several are told in one sentence, everywhere in the same way. */
public final class Said {
    /** Past this many a list says how many more there are. */
    private static final int LISTED = 6;

    private static final int SEVERAL = 2;

    private static final List<String> COUNTS =
            List.of("no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven");

    private Said() {}

    /** The first few, and how many more. */
    static String few(List<String> all) {
        return few(all, 1);
    }

    /** @param lists how many such lists the sentence has: of several two each are enough */
    static String few(List<String> all, int lists) {
        int most = lists > 1 ? SEVERAL : LISTED;
        List<String> distinct = all.stream().distinct().toList();
        return distinct.size() > most
                ? String.join(", ", distinct.subList(0, most)) + " and " + (distinct.size() - most) + " more"
                : and(distinct);
    }

    /** As a coach lists: one, two and three. */
    public static String and(List<String> words) {
        return words.size() < 2
                ? String.join("", words)
                : String.join(", ", words.subList(0, words.size() - 1)) + " and " + words.get(words.size() - 1);
    }

    /** At the head of a line or a sentence. */
    public static String capital(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** How many men, as it is said; 0 to 11. */
    public static String count(int men) {
        return COUNTS.get(men);
    }

    static String name(Job job) {
        return names(List.of(job));
    }

    public static String names(List<Job> jobs) {
        return and(jobs.stream().map(Job::words).distinct().toList());
    }

    /** What holds of each, one after the other. */
    static <T> String each(List<T> all, Function<T, String> words) {
        return all.stream().map(words).collect(Collectors.joining("; "));
    }
}
