package mensch.core.lineup;

import java.util.List;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.rung.Condition;
import mensch.core.rung.FeatureFact;
import mensch.core.rung.View;

/**
 * A check or an answer to motion that nobody can decide.
 *
 * @param words as it stands in the call
 * @param missing what is not known of the snap
 */
public record Open(String words, List<Feature> missing) {

    static Open of(String words, Condition when, View view) {
        return new Open(
                words,
                when.facts(view).stream()
                        .filter(f -> f.answer() == Answer.UNKNOWN)
                        .map(FeatureFact::feature)
                        .distinct()
                        .toList());
    }
}
