package mensch.core.convention;

import java.util.List;
import mensch.core.document.RefusedException;

/**
 * A choice that the engine itself asks about. Rungs and rows may ask for any setting by its words; code asks only for
 * these, and a library that has lost one of them is refused.
 */
public enum School {
    /** A game and a stunt are called by one word. */
    ONE_WORD_FOR_MOVEMENT("movement-words", "one"),
    CURL_FLAT_AT_NUMBERS("curl-flat-landmark", "numbers"),
    HOOK_ON_THE_HASH("hook-landmark", "hash"),
    /** A hook landmark is counted from the hash, also beyond the ball. */
    HOOK_BEYOND_THE_BALL("hook-clamp", "free"),
    /** Men underneath keep their spots; else each slides one area toward the sideline. */
    ZONES_KEEP_SPOTS("zone-push", "spots"),
    FLAG_RUSH_LINE_AT_FIVE("flag-rush-line", "five"),
    FLAG_ONE_RUSHER("flag-rushers", "one"),
    FLAG_EVEN_MATCH_UPS("flag-match-ups", "even"),
    FLAG_YOUNG("flag-age", "young"),
    /** A play is worth up to three points: alignment, assignment, technique. */
    SCORE_IN_THREE_PARTS("grade-score", "three-part"),
    /** Every facet has a weight of its own. */
    SCORE_WEIGHTED("grade-score", "weighted");

    private final String setting;
    private final String choice;

    School(String setting, String choice) {
        this.setting = setting;
        this.choice = choice;
    }

    /** Whether it is in force; what no setting offers is not. */
    boolean in(House house) {
        return house.settings().stream().anyMatch(s -> s.id().equals(setting))
                && house.choice(setting).equals(choice);
    }

    /** @throws RefusedException when a library's settings do not offer it */
    void check(List<Setting> settings) {
        Setting found = settings.stream()
                .filter(s -> s.id().equals(setting))
                .findFirst()
                .orElseThrow(() -> new RefusedException("the library has no setting \"" + setting + "\""));
        if (!found.offers(choice)) {
            throw new RefusedException("the setting " + setting + " does not offer \"" + choice + "\"");
        }
    }
}
