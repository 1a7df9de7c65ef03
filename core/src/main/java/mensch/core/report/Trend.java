package mensch.core.report;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import mensch.core.grading.Counted;
import mensch.core.grading.Counts;
import mensch.core.grading.Tally;
import mensch.core.grading.Topic;
import mensch.core.rubric.Rubric;
import org.hipparchus.stat.interval.BinomialProportion;
import org.hipparchus.stat.interval.ConfidenceInterval;
import org.jspecify.annotations.Nullable;

/**
 * One topic from game to game, against one of their units only and of the same men only: a game against starters and
 * one against backups say nothing of each other, nor do two games of different men.
 *
 * @param name of the topic, in words
 * @param unit null where the log does not say
 * @param points the earliest game first
 * @param change 1 better, -1 worse, 0 not told
 * @param claim what the last two games say, with its reason
 */
public record Trend(Topic topic, String name, @Nullable TheirUnit unit, List<InGame> points, int change, String claim) {
    private static final double CONFIDENCE = 0.95;

    /**
     * A game; with fewer plays than a share may be named of, only its counts.
     *
     * @param low percent that the share is not below, with 95 % confidence (Wilson)
     * @param high and not above
     */
    public record InGame(
            long game,
            String opponent,
            int done,
            int told,
            @Nullable Integer percent,
            @Nullable Integer low,
            @Nullable Integer high,
            List<OnPlay> plays) {}

    /** Of every topic with plays that were told in two games or more, against the same unit. */
    static List<Trend> all(Graded graded, List<Rubric> rubrics, int leastForShare) {
        var trends = new ArrayList<Trend>();
        for (Optional<TheirUnit> unit : ManSheet.UNITS) {
            Graded theirs = graded.against(unit);
            theirs.counts().forEach((topic, plays) -> {
                List<InGame> points = points(plays, theirs, leastForShare);
                if (points.size() > 1) {
                    int change = change(points, leastForShare);
                    trends.add(new Trend(
                            topic,
                            Topics.said(topic, rubrics),
                            unit.orElse(null),
                            points,
                            change,
                            claim(points, change, leastForShare)));
                }
            });
        }
        // what changed comes first, then what is below standard most
        trends.sort(Comparator.comparing((Trend t) -> t.change == 0)
                .thenComparing(Comparator.comparingInt(Trend::below).reversed()));
        return trends;
    }

    /** Games are compared by the men who were graded in both of the last two: others would be other men's game. */
    private static List<InGame> points(List<Counts.Play> newestFirst, Graded graded, int leastForShare) {
        Map<Long, List<Counts.Play>> games = new LinkedHashMap<>();
        for (Counts.Play play : newestFirst) {
            if (play.as().told()) {
                games.computeIfAbsent(graded.on(play.of().play()).at().game(), g -> new ArrayList<>())
                        .add(play);
            }
        }
        Set<String> same = games.values().stream()
                .limit(2)
                .map(Trend::men)
                .reduce((last, before) -> {
                    last.retainAll(before);
                    return last;
                })
                .orElse(Set.of());
        var points = new ArrayList<InGame>();
        games.forEach((game, plays) -> {
            List<Counts.Play> theirs =
                    plays.stream().filter(p -> same.contains(p.of().man())).toList();
            if (!theirs.isEmpty()) {
                points.add(0, point(game, theirs, graded, leastForShare));
            }
        });
        return points;
    }

    private static Set<String> men(List<Counts.Play> plays) {
        return plays.stream().map(p -> p.of().man()).collect(Collectors.toCollection(TreeSet::new));
    }

    private static InGame point(long game, List<Counts.Play> plays, Graded graded, int leastForShare) {
        List<Counted> counted = plays.stream().map(Counts.Play::as).toList();
        Tally tally = Tally.of(counted);
        Optional<ConfidenceInterval> share =
                tally.told() < leastForShare ? Optional.empty() : Optional.of(share(tally.done(), tally.told()));
        return new InGame(
                game,
                graded.on(plays.get(0).of().play()).at().opponent(),
                tally.done(),
                tally.told(),
                Tallied.percent(tally.done(), tally.told(), leastForShare).orElse(null),
                share.map(s -> percent(s.getLowerBound())).orElse(null),
                share.map(s -> percent(s.getUpperBound())).orElse(null),
                graded.at(plays.stream().map(Counts.Play::of)));
    }

    private static int percent(double share) {
        return (int) Math.round(100 * share);
    }

    private static ConfidenceInterval share(int done, int told) {
        return BinomialProportion.getWilsonScoreInterval(told, (double) done / told, CONFIDENCE);
    }

    private int below() {
        return points.stream().mapToInt(p -> p.told() - p.done()).sum();
    }

    private static int change(List<InGame> points, int leastForShare) {
        InGame before = points.get(points.size() - 2);
        InGame last = points.get(points.size() - 1);
        return Math.min(before.told(), last.told()) < leastForShare ? 0 : differs(before, last);
    }

    private static String claim(List<InGame> points, int change, int leastForShare) {
        InGame before = points.get(points.size() - 2);
        InGame last = points.get(points.size() - 1);
        String counts = before.done() + " of " + before.told() + ", then " + last.done() + " of " + last.told();
        if (Math.min(before.told(), last.told()) < leastForShare) {
            return "too few to compare: " + counts + "; " + leastForShare + " plays in each are needed";
        }
        return (change == 0 ? "no difference told" : change > 0 ? "better" : "worse") + ": " + counts;
    }

    /**
     * 1 better, -1 worse, 0 not told: whether 95 % of the difference of two shares lies on one side of none (Newcombe's
     * interval, of both shares' Wilson intervals).
     */
    private static int differs(InGame before, InGame last) {
        double p1 = (double) before.done() / before.told();
        double p2 = (double) last.done() / last.told();
        ConfidenceInterval i1 = share(before.done(), before.told());
        ConfidenceInterval i2 = share(last.done(), last.told());
        double low = p2 - p1 - Math.hypot(p2 - i2.getLowerBound(), i1.getUpperBound() - p1);
        double high = p2 - p1 + Math.hypot(i2.getUpperBound() - p2, p1 - i1.getLowerBound());
        return low > 0 ? 1 : high < 0 ? -1 : 0;
    }
}
