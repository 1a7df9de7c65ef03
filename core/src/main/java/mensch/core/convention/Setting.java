package mensch.core.convention;

import java.util.List;

/**
 * One matter on which practitioners differ, and what a programme may choose.
 *
 * @param id neutral name, as rungs say it: {@code nose}
 * @param title the question in a coach's words
 * @param why what the choice changes
 * @param choices the first is the default
 */
public record Setting(String id, String title, String why, List<Choice> choices) {

    /** One school. */
    public record Choice(String id, String words) {}

    public Setting {
        choices = List.copyOf(choices);
        if (choices.size() < 2) {
            throw new IllegalArgumentException(
                    "the setting " + id + " has " + choices.size() + " choices; two are needed");
        }
    }

    boolean offers(String choice) {
        return choices.stream().anyMatch(c -> c.id().equals(choice));
    }
}
