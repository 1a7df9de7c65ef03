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
import mensch.core.grading.Rep;
import mensch.core.roster.Player;
import mensch.core.rubric.Facet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How far each two coaches agree, facet by facet, and where they do not. */
@Service
@Transactional(readOnly = true)
class AgreementReport {
    /**
     * One facet as two coaches marked it.
     *
     * @param both men's plays that both marked
     * @param kappa agreement beyond chance; null where chance explains all
     * @param weighted the same on the ladder from below to above standard
     */
    record FacetAgreement(
            Facet facet,
            int both,
            int same,
            @Nullable Double kappa,
            @Nullable Double weighted) {
        static FacetAgreement of(Facet facet, Agreement a) {
            return new FacetAgreement(facet, a.both(), a.same(), given(a.kappa()), given(a.weighted()));
        }

        private static @Nullable Double given(OptionalDouble value) {
            return value.isPresent() ? value.getAsDouble() : null;
        }
    }

    /** A man's play that two coaches marked otherwise. */
    record Difference(
            long game,
            String opponent,
            long play,
            int number,
            String man,
            Facet facet,
            GradeMark firstMark,
            GradeMark secondMark) {}

    /** Two coaches, what they agree on and where they do not. */
    record TwoCoaches(String first, String second, List<FacetAgreement> facets, List<Difference> differences) {}

    private final GradedReps reps;
    private final Playbook playbook;
    private final RosterBook roster;

    AgreementReport(GradedReps reps, Playbook playbook, RosterBook roster) {
        this.reps = reps;
        this.playbook = playbook;
        this.roster = roster;
    }

    /** Every two coaches who graded the same men on the same plays. */
    List<TwoCoaches> all() {
        List<PlacedRep> placed = reps.all();
        Map<Long, PlacedRep> plays =
                placed.stream().collect(Collectors.toMap(p -> p.play().id(), Function.identity(), (a, b) -> a));
        Map<String, List<Rep>> byGrader = placed.stream()
                .map(p -> p.rep().rep())
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

    private TwoCoaches two(String first, String second, List<Agreement.Pair> pairs, Map<Long, PlacedRep> plays) {
        return new TwoCoaches(
                first,
                second,
                Agreement.of(pairs).entrySet().stream()
                        .map(a -> FacetAgreement.of(a.getKey(), a.getValue()))
                        .toList(),
                pairs.stream()
                        .filter(p -> !p.same())
                        .flatMap(p -> Optional.ofNullable(plays.get(p.first().play())).stream()
                                .map(at -> difference(p, at)))
                        .toList());
    }

    private Difference difference(Agreement.Pair pair, PlacedRep at) {
        String man = pair.first().man();
        return new Difference(
                at.game().id(),
                at.game().opponent(),
                at.play().id(),
                at.play().number(),
                roster.player(man)
                        .map(Player::said)
                        .orElseGet(() -> playbook.library().said(man)),
                pair.facet(),
                pair.firstMark(),
                pair.secondMark());
    }
}
