package mensch.core.report;

import java.util.List;
import mensch.core.grading.Topic;
import mensch.core.rubric.Criterion;
import mensch.core.rubric.Facet;
import mensch.core.rubric.Rubric;

/** What is marked, in words. */
public final class Topics {
    private Topics() {}

    /** "KEY, read"; "Pads, Linebacker against a block"; its id where the rubric is no more. */
    public static String said(Topic topic, List<Rubric> rubrics) {
        return topic.ofFacet() ? topic.what() + ", " + meaning(topic) : criterion(topic, rubrics);
    }

    private static String criterion(Topic topic, List<Rubric> rubrics) {
        return rubrics.stream()
                .filter(r -> r.id().equals(topic.of()))
                .findFirst()
                .map(r -> r.criterion(topic.what()).map(Criterion::name).orElse(topic.what()) + ", " + r.name())
                .orElse(topic.what() + ", " + topic.of());
    }

    private static String meaning(Topic topic) {
        return List.of(Facet.values()).stream()
                .filter(topic::is)
                .map(Facet::meaning)
                .findFirst()
                .orElse(topic.what());
    }
}
