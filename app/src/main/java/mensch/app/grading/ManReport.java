package mensch.app.grading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import mensch.app.game.PlayLog.Unit;
import mensch.app.grading.GradeReport.FacetTally;
import mensch.app.playbook.Playbook;
import mensch.core.grading.CriterionMark;
import mensch.core.grading.FacetMark;
import mensch.core.grading.GradeMark;
import mensch.core.grading.Outcomes;
import mensch.core.grading.Rep;
import mensch.core.grading.Tally;
import mensch.core.grading.Target;
import mensch.core.rubric.Criterion;
import mensch.core.rubric.Facet;
import mensch.core.rubric.Rubric;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What one man's grades come to: against whom, and which faults were seen most, each with the plays it was seen on. */
@Service
@Transactional(readOnly = true)
class ManReport {
    /** How often a fault must not have come back to count as learnt, plays in which it was looked at. */
    private static final int LEARNT_AFTER = 5;

    /** A play that a figure rests on. */
    record OnPlay(long game, int number) {
        static OnPlay of(PlacedRep placed) {
            return new OnPlay(placed.game().id(), placed.play().number());
        }
    }

    /**
     * Against one of their units.
     *
     * @param unit null where the log does not say
     * @param ended wins and losses in words; empty where nobody said how his plays ended
     */
    record Against(@Nullable Unit unit, int plays, List<FacetTally> facets, String ended) {}

    /**
     * A fault, the most frequent first.
     *
     * @param of facet or rubric it is of
     * @param leadsTo what it costs, by the rubric
     * @param below plays on which it was seen and is his own
     * @param told plays on which somebody looked
     * @param notAgreed plays that two coaches marked differently
     * @param learnt whether it has not come back on the last plays on which somebody looked
     * @param plays on which it was seen, the newest first
     */
    record SeenFault(
            String name,
            String of,
            String leadsTo,
            int below,
            int told,
            int notAgreed,
            boolean learnt,
            List<OnPlay> plays) {}

    /** @param ended wins and losses in words, of the plays graded */
    record ManSheet(String man, int plays, String ended, List<Against> against, List<SeenFault> faults) {}

    private final GradedReps reps;
    private final Playbook playbook;

    ManReport(GradedReps reps, Playbook playbook) {
        this.reps = reps;
        this.playbook = playbook;
    }

    ManSheet of(String man) {
        List<PlacedRep> all = reps.ofMan(man, Pageable.unpaged()).getContent();
        return new ManSheet(man, plays(all), Outcomes.of(reps(all)).words(), against(all), faults(all));
    }

    private static List<Rep> reps(List<PlacedRep> placed) {
        return placed.stream().map(p -> p.rep().rep()).toList();
    }

    private static int plays(List<PlacedRep> placed) {
        return (int) placed.stream().map(p -> p.rep().playId()).distinct().count();
    }

    private static List<Against> against(List<PlacedRep> all) {
        var rows = new ArrayList<Against>();
        for (Optional<Unit> unit :
                List.of(Optional.of(Unit.STARTERS), Optional.of(Unit.BACKUPS), Optional.<Unit>empty())) {
            List<PlacedRep> theirs = all.stream()
                    .filter(p -> Optional.ofNullable(p.play().log().unit()).equals(unit))
                    .toList();
            if (!theirs.isEmpty()) {
                Map<Facet, Tally> tallies = Tally.of(reps(theirs));
                rows.add(new Against(
                        unit.orElse(null),
                        plays(theirs),
                        tallies.entrySet().stream()
                                .map(t -> FacetTally.of(t.getKey(), t.getValue()))
                                .toList(),
                        Outcomes.of(reps(theirs)).words()));
            }
        }
        return rows;
    }

    private List<SeenFault> faults(List<PlacedRep> all) {
        List<Rubric> rubrics = playbook.library().rubrics();
        var rows = new ArrayList<SeenFault>();
        Tally.of(reps(all))
                .forEach((facet, tally) ->
                        rows.add(row(facet.meaning(), facet.words(), "", tally, all, rep -> marked(rep, facet))));
        Tally.ofCriteria(reps(all)).forEach((of, tally) -> {
            Optional<Rubric> rubric =
                    rubrics.stream().filter(r -> r.id().equals(of.rubric())).findFirst();
            Optional<Criterion> criterion = rubric.flatMap(r -> r.criterion(of.criterion()));
            rows.add(row(
                    criterion.map(c -> c.name() + ": " + c.fault()).orElse(of.criterion()),
                    rubric.map(Rubric::name).orElse(of.rubric()),
                    criterion.map(Criterion::leadsTo).orElse(""),
                    tally,
                    all,
                    rep -> rep.criteria().stream()
                            .filter(c -> c.rubric().equals(of.rubric())
                                    && c.criterion().equals(of.criterion()))
                            .map(CriterionMark::mark)
                            .findFirst()));
        });
        return rows.stream()
                .filter(r -> r.below() > 0)
                .sorted(Comparator.comparingInt(SeenFault::below).reversed().thenComparing(SeenFault::name))
                .toList();
    }

    private static Optional<GradeMark> marked(Rep rep, Facet facet) {
        return rep.mark(facet).map(FacetMark::mark);
    }

    private static SeenFault row(
            String name,
            String of,
            String leadsTo,
            Tally tally,
            List<PlacedRep> newestFirst,
            Function<Rep, Optional<GradeMark>> mark) {
        // the same plays that the tally counts: everybody who looked says below, and nobody lays it on the call
        Map<Long, List<PlacedRep>> looked = newestFirst.stream()
                .filter(p -> mark.apply(p.rep().rep())
                        .filter(m -> m != GradeMark.NOT_TOLD)
                        .isPresent())
                .collect(Collectors.groupingBy(p -> p.rep().playId(), LinkedHashMap::new, Collectors.toList()));
        Predicate<List<PlacedRep>> fault = said -> said.stream()
                .allMatch(p -> p.rep().rep().target() == Target.MAN
                        && mark.apply(p.rep().rep())
                                .filter(m -> m == GradeMark.BELOW)
                                .isPresent());
        long since = looked.values().stream()
                .takeWhile(said -> said.stream().noneMatch(p -> fault.test(List.of(p))))
                .count();
        return new SeenFault(
                name,
                of,
                leadsTo,
                tally.below(),
                tally.told(),
                tally.notAgreed(),
                since >= LEARNT_AFTER,
                looked.values().stream()
                        .filter(fault)
                        .map(said -> OnPlay.of(said.get(0)))
                        .toList());
    }
}
