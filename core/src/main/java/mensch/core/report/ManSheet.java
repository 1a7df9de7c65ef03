package mensch.core.report;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mensch.core.convention.Convention;
import mensch.core.convention.GradeFigures;
import mensch.core.grading.Outcomes;
import mensch.core.rubric.Rubric;
import org.jspecify.annotations.Nullable;

/**
 * What one man's grades come to.
 *
 * @param plays that he was graded in, each once
 * @param ended wins and losses in words, of the plays graded
 * @param against one row for each of their units that he played against
 */
public record ManSheet(
        String man,
        Snaps snaps,
        int plays,
        String ended,
        Score score,
        List<Tallied> facets,
        List<Against> against,
        List<SeenFault> faults,
        List<Trend> trends,
        List<Clip> best,
        List<Clip> worst,
        Deeds deeds,
        Effort effort,
        List<Chain> chains) {
    static final List<Optional<TheirUnit>> UNITS =
            List.of(Optional.of(TheirUnit.STARTERS), Optional.of(TheirUnit.BACKUPS), Optional.empty());

    /**
     * Against one of their units.
     *
     * @param unit null where the log does not say
     * @param ended wins and losses in words; empty where nobody said how his plays ended
     */
    public record Against(@Nullable TheirUnit unit, int plays, List<Tallied> facets, String ended) {}

    public static ManSheet of(String man, Graded all, List<Rubric> rubrics, Convention convention) {
        GradeFigures figures = convention.grades();
        Graded his = all.of(Set.of(man));
        return new ManSheet(
                man,
                Snaps.of(man, all.field()),
                his.size(),
                Outcomes.of(his.reps()).words(),
                Score.of(his, convention.house(), figures),
                Tallied.facets(his, figures.leastForShare()),
                against(his, figures.leastForShare()),
                SeenFault.all(his, rubrics, figures.learntAfter()),
                Trend.all(his, rubrics, figures.leastForShare()),
                Clip.best(his, rubrics, figures.clips()),
                Clip.worst(his, rubrics, figures.clips()),
                Deeds.of(his),
                Effort.of(man, all.ran(), figures.leastForShare()),
                Chain.all(his));
    }

    static List<Against> against(Graded graded, int leastForShare) {
        return UNITS.stream()
                .map(unit -> against(graded.against(unit), unit, leastForShare))
                .filter(a -> a.plays() > 0)
                .toList();
    }

    private static Against against(Graded theirs, Optional<TheirUnit> unit, int leastForShare) {
        return new Against(
                unit.orElse(null),
                theirs.size(),
                Tallied.facets(theirs, leastForShare),
                Outcomes.of(theirs.reps()).words());
    }
}
