package mensch.core.report;

import java.util.List;
import java.util.function.Predicate;
import mensch.core.convention.Convention;
import mensch.core.convention.GradeFigures;
import mensch.core.grading.Rep;
import mensch.core.rubric.Rubric;

/**
 * What the grades of several men come to, one unit or all.
 *
 * @param plays that any of them was graded in, each once
 * @param eleven of all of them, whichever unit it is
 * @param reps men's plays, each once
 */
public record UnitSheet(
        int plays,
        int reps,
        List<Tallied> facets,
        List<ManSheet.Against> against,
        List<SeenFault> faults,
        List<Explosive> explosives,
        List<Trend> trends,
        Deeds deeds,
        Eleven eleven,
        List<Clip> best,
        List<Clip> worst) {

    /** @param men who belong to it */
    public static UnitSheet of(Graded all, Predicate<Rep> men, List<Rubric> rubrics, Convention convention) {
        GradeFigures figures = convention.grades();
        Graded unit = all.where(men);
        return new UnitSheet(
                unit.size(),
                (int) unit.reps().stream().map(r -> r.of()).distinct().count(),
                Tallied.facets(unit, figures.leastForShare()),
                ManSheet.against(unit, figures.leastForShare()),
                SeenFault.all(unit, rubrics, figures.learntAfter()),
                Explosive.all(all, convention.snap().details().outcome()).stream()
                        .filter(e -> concerns(e, unit))
                        .toList(),
                Trend.all(unit, rubrics, figures.leastForShare()),
                Deeds.of(unit),
                Eleven.of(all.occasions()),
                Clip.best(unit, rubrics, figures.clips()),
                Clip.worst(unit, rubrics, figures.clips()));
    }

    /** Of whom it is not told by whom it was given, it concerns everybody. */
    private static boolean concerns(Explosive explosive, Graded unit) {
        return explosive.lost().isEmpty()
                || unit.reps().stream().anyMatch(r -> explosive.lost().contains(r.man()));
    }
}
