package mensch.app.grading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import mensch.app.playbook.Playbook;
import mensch.app.roster.RosterBook;
import mensch.core.grading.Agreement;
import mensch.core.grading.GradeMark;
import mensch.core.grading.ManPlay;
import mensch.core.grading.Rep;
import mensch.core.grading.Topic;
import mensch.core.library.Library;
import mensch.core.report.Topics;
import mensch.core.roster.Player;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How far each two coaches agree, facet by facet and criterion by criterion, and where they do not. */
@Service
@Transactional(readOnly = true)
class AgreementReport {
    /**
     * One facet or criterion as two coaches marked it.
     *
     * @param both men's plays that both marked
     * @param kappa agreement beyond chance; null where chance explains all
     * @param weighted the same on the ladder from below to above standard
     */
    record TopicAgreement(
            Topic topic,
            String name,
            int both,
            int same,
            @Nullable Double kappa,
            @Nullable Double weighted) {
        static TopicAgreement of(Topic topic, String name, Agreement a) {
            return new TopicAgreement(topic, name, a.both(), a.same(), given(a.kappa()), given(a.weighted()));
        }

        private static @Nullable Double given(OptionalDouble value) {
            return value.isPresent() ? value.getAsDouble() : null;
        }
    }

    /**
     * A man's play that two coaches marked otherwise.
     *
     * @param settled which of the marks stands; null while nobody said
     */
    record Difference(
            long game,
            String opponent,
            long play,
            int number,
            String job,
            String man,
            Topic topic,
            String name,
            GradeMark firstMark,
            GradeMark secondMark,
            Settling.@Nullable SettledRow settled) {}

    /** Two coaches, what they agree on and where they do not. */
    record TwoCoaches(String first, String second, List<TopicAgreement> topics, List<Difference> differences) {}

    private final GradedPlays graded;
    private final Playbook playbook;
    private final RosterBook roster;

    AgreementReport(GradedPlays graded, Playbook playbook, RosterBook roster) {
        this.graded = graded;
        this.playbook = playbook;
        this.roster = roster;
    }

    /** Every two coaches who graded the same men on the same plays. */
    List<TwoCoaches> all() {
        List<GradedPlay> words = graded.words();
        Map<ManPlay, GradedPlay> plays =
                words.stream().collect(Collectors.toMap(p -> p.rep().of(), Function.identity(), (a, b) -> a));
        Map<String, List<Rep>> byGrader = words.stream()
                .map(GradedPlay::rep)
                .collect(Collectors.groupingBy(Rep::grader, TreeMap::new, Collectors.toList()));
        List<String> graders = List.copyOf(byGrader.keySet());
        var two = new ArrayList<TwoCoaches>();
        for (int i = 0; i < graders.size(); i++) {
            for (int j = i + 1; j < graders.size(); j++) {
                List<Agreement.Pair> pairs = Agreement.pairs(
                        byGrader.getOrDefault(graders.get(i), List.of()),
                        byGrader.getOrDefault(graders.get(j), List.of()));
                if (!pairs.isEmpty()) {
                    two.add(two(graders.get(i), graders.get(j), pairs, plays));
                }
            }
        }
        return two;
    }

    private TwoCoaches two(String first, String second, List<Agreement.Pair> pairs, Map<ManPlay, GradedPlay> plays) {
        Library library = playbook.library();
        Map<GradedPlays.SettledAt, Settling.SettledRow> settled = graded.settledRows();
        return new TwoCoaches(
                first,
                second,
                Agreement.of(pairs).entrySet().stream()
                        .map(a ->
                                TopicAgreement.of(a.getKey(), Topics.said(a.getKey(), library.rubrics()), a.getValue()))
                        .toList(),
                pairs.stream()
                        .filter(p -> !p.same())
                        .flatMap(p -> Optional.ofNullable(plays.get(p.of())).stream()
                                .map(at -> difference(p, at, library, settled)))
                        .toList());
    }

    private Difference difference(
            Agreement.Pair pair,
            GradedPlay at,
            Library library,
            Map<GradedPlays.SettledAt, Settling.SettledRow> settled) {
        String man = pair.of().man();
        return new Difference(
                at.at().game(),
                at.at().opponent(),
                at.play(),
                at.at().number(),
                at.words().job(),
                roster.player(man).map(Player::said).orElseGet(() -> library.said(man)),
                pair.topic(),
                Topics.said(pair.topic(), library.rubrics()),
                pair.firstMark(),
                pair.secondMark(),
                settled.get(new GradedPlays.SettledAt(at.play(), at.words().job(), pair.topic())));
    }
}
