package mensch.core.audit;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.lineup.Job;

/**
 * What a finding is about.
 *
 * @param what which of the things that its check finds
 * @param subjects men, gaps, areas, sides it concerns: job ids and the words of places, in a fixed order
 */
public record About(String what, List<String> subjects) {
    public About {
        subjects = List.copyOf(subjects);
    }

    static About of(String what, String... subjects) {
        return new About(what, List.of(subjects));
    }

    /** Men as one subject, whoever is named first. */
    static String men(List<Job> men) {
        return men.stream().map(Job::id).sorted().collect(Collectors.joining("+"));
    }
}
