package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoublePredicate;
import java.util.stream.Collectors;
import mensch.core.field.Situation;

/**
 * What comes of a play over many seeds: a range of the model, never one truth.
 *
 * @param gains yards of each seed, least first
 * @param seeds the seeds in the order of their gains
 * @param holds share of seeds in which the play gains less than the down asks
 * @param moves share in which it is a first down or a score
 * @param first who brings the ball down, the most frequent first, with his share
 */
public record Outcome(List<Double> gains, List<Long> seeds, double holds, double moves, Map<String, Double> first) {
    /** A play is explosive from here on, yards. */
    private static final int EXPLOSIVE = 12;
    /** Of the normal distribution, for an interval that holds the mean 95 times of 100. */
    private static final double INTERVAL = 1.96;

    public Outcome {
        gains = List.copyOf(gains);
        seeds = List.copyOf(seeds);
    }

    private record Drawn(long seed, double gain) {}

    /** @param seeds at least one */
    public static Outcome of(Simulation simulation, int seeds) {
        var drawn = new ArrayList<Drawn>();
        int holds = 0;
        int moves = 0;
        var first = new LinkedHashMap<String, Double>();
        Situation situation = simulation.situation();
        for (int seed = 0; seed < seeds; seed++) {
            Unfolding snap = simulation.snap(seed);
            drawn.add(new Drawn(seed, snap.gain()));
            holds += held(snap, situation, simulation.yardsToGoal()) ? 1 : 0;
            moves += snap.scores() || snap.gain() >= situation.distance() ? 1 : 0;
            snap.tackler().ifPresent(who -> first.merge(who, 1.0 / seeds, Double::sum));
        }
        drawn.sort(Comparator.comparingDouble(Drawn::gain).thenComparingLong(Drawn::seed));
        Map<String, Double> ordered = first.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue(Comparator.reverseOrder())
                        .thenComparing(Map.Entry.comparingByKey()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (a, b) -> a, LinkedHashMap::new));
        return new Outcome(
                drawn.stream().map(Drawn::gain).toList(),
                drawn.stream().map(Drawn::seed).toList(),
                (double) holds / seeds,
                (double) moves / seeds,
                ordered);
    }

    /**
     * Whether a call has held (<em>model</em>): less than 40 % of the way on first down, 60 % on second, all of it
     * later; at the goal no score.
     */
    static boolean held(Unfolding snap, Situation situation, int yardsToGoal) {
        if (snap.scores()) {
            return false;
        }
        int asked = Math.min(situation.distance(), yardsToGoal);
        double part = situation.down() == 1 ? 0.4 : situation.down() == 2 ? 0.6 : 1;
        return snap.gain() < part * asked;
    }

    /** Yards on the average. */
    public double mean() {
        return gains.stream().mapToDouble(g -> g).average().orElseThrow();
    }

    /** Yards that a part of the seeds does not reach; the median at 0.5. */
    public double quantile(double part) {
        return gains.get((int) Math.min(gains.size() - 1, Math.floor(part * gains.size())));
    }

    /** A snap that is like most: half of the others gain less. */
    public long typical() {
        return seeds.get(seeds.size() / 2);
    }

    /** The snap on which the offence gains most. */
    public long most() {
        return seeds.get(seeds.size() - 1);
    }

    public long least() {
        return seeds.get(0);
    }

    /** Share of no gain or a loss. */
    public double stuffed() {
        return share(g -> Math.round(g) <= 0);
    }

    public double short1to3() {
        return share(g -> Math.round(g) >= 1 && Math.round(g) <= 3);
    }

    public double middle4to9() {
        return share(g -> Math.round(g) >= 4 && Math.round(g) <= 9);
    }

    public double long10to11() {
        return share(g -> Math.round(g) >= 10 && Math.round(g) < EXPLOSIVE);
    }

    /** Share of twelve yards and more. */
    public double explosive() {
        return share(g -> Math.round(g) >= EXPLOSIVE);
    }

    private double share(DoublePredicate such) {
        return (double) gains.stream().filter(g -> such.test(g)).count() / gains.size();
    }

    /**
     * How two means differ, with the interval that holds the difference 95 times of 100, yards.
     *
     * @param less where the interval begins
     * @param more where it ends
     */
    public record Difference(double mean, double less, double more) {
        /** Whether the first gains more, beyond chance. */
        public boolean clear() {
            return less > 0;
        }
    }

    /** By how much this one gains more than another. */
    public Difference over(Outcome other) {
        double mean = mean() - other.mean();
        double wide = INTERVAL * Math.sqrt(variance() / gains.size() + other.variance() / other.gains.size());
        return new Difference(mean, mean - wide, mean + wide);
    }

    private double variance() {
        double mean = mean();
        return gains.stream().mapToDouble(g -> (g - mean) * (g - mean)).sum() / Math.max(1, gains.size() - 1);
    }
}
