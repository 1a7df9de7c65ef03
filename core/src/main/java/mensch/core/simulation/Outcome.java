package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.LongPredicate;
import java.util.stream.Collectors;
import mensch.core.convention.SnapDetails;
import mensch.core.field.Situation;

/**
 * What comes of a play over many seeds: a range of the model, never one truth.
 *
 * @param gains yards of each seed, least first
 * @param seeds the seeds in the order of their gains
 * @param holds share of seeds in which the play gains less than the down asks
 * @param moves share in which it is a first down or a score
 * @param first who brings the ball down, the most frequent first, with his share
 * @param pass whether it is a pass
 * @param explosiveFrom yards from which on such a play is explosive, more than ten
 * @param ends how often a play ends so, of one
 */
public record Outcome(
        List<Double> gains,
        List<Long> seeds,
        double holds,
        double moves,
        Map<String, Double> first,
        boolean pass,
        int explosiveFrom,
        Map<Unfolding.Ending, Double> ends) {
    /** Of the normal distribution, for an interval that holds the mean 95 times of 100. */
    private static final double INTERVAL = 1.96;

    public Outcome {
        gains = List.copyOf(gains);
        seeds = List.copyOf(seeds);
        ends = Map.copyOf(ends);
    }

    private record Drawn(long seed, double gain) {}

    /** @param seeds at least one */
    public static Outcome of(Simulation simulation, int seeds) {
        var drawn = new ArrayList<Drawn>();
        int holds = 0;
        int moves = 0;
        var first = new LinkedHashMap<String, Double>();
        var ends = new EnumMap<Unfolding.Ending, Double>(Unfolding.Ending.class);
        Situation situation = simulation.situation();
        SnapDetails.Outcome figures = simulation.figures();
        for (int seed = 0; seed < seeds; seed++) {
            Unfolding snap = simulation.snap(seed);
            drawn.add(new Drawn(seed, snap.gain()));
            holds += held(figures, snap, situation, simulation.yardsToGoal()) ? 1 : 0;
            moves += snap.scores() || snap.gain() >= situation.distance() ? 1 : 0;
            ends.merge(snap.ending(), 1.0 / seeds, Double::sum);
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
                ordered,
                simulation.pass(),
                simulation.pass() ? figures.explosivePass() : figures.explosive(),
                ends);
    }

    /**
     * Whether a call has held: less than a part of the way on first down and on second, all of it later; at the goal no
     * score.
     */
    static boolean held(SnapDetails.Outcome figures, Unfolding snap, Situation situation, int yardsToGoal) {
        if (snap.scores()) {
            return false;
        }
        if (snap.ending() == Unfolding.Ending.INTERCEPTED) {
            return true;
        }
        return snap.gain() < asked(figures, situation, yardsToGoal);
    }

    /** Yards from which on a call has not held. */
    static double asked(SnapDetails.Outcome figures, Situation situation, int yardsToGoal) {
        double part = switch (situation.down()) {
            case 1 -> figures.firstDown();
            case 2 -> figures.secondDown();
            default -> 1;
        };
        return part * Math.min(situation.distance(), yardsToGoal);
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

    /** A part of the snaps, 0 to 1, as it is called. */
    public record Share(String words, double of) {}

    /** How often so much is gained; together they are one. A pass may also end before anybody has the ball. */
    public List<Share> shares() {
        if (!pass) {
            return List.of(
                    new Share("no gain", share(g -> g <= 0)),
                    new Share("1 to 3 yd", share(g -> g >= 1 && g <= 3)),
                    new Share("4 to 9 yd", share(g -> g >= 4 && g <= 9)),
                    fromTen(),
                    new Share(explosiveFrom + " yd and more", explosive()));
        }
        double sacks = ended(Unfolding.Ending.SACKED);
        double none = ended(Unfolding.Ending.THROWN_AWAY)
                + ended(Unfolding.Ending.INCOMPLETE)
                + ended(Unfolding.Ending.INTERCEPTED);
        double lost = share(g -> g < 1) - none - sacks;
        double small = share(g -> g >= 1 && g <= 3) + Math.max(0, lost);
        return List.of(
                new Share("sacked", sacks),
                new Share("thrown away", ended(Unfolding.Ending.THROWN_AWAY)),
                new Share("incomplete", ended(Unfolding.Ending.INCOMPLETE)),
                new Share("intercepted", ended(Unfolding.Ending.INTERCEPTED)),
                new Share("3 yd and less", small),
                new Share("4 to 9 yd", share(g -> g >= 4 && g <= 9)),
                fromTen(),
                new Share(explosiveFrom + " yd and more", explosive()));
    }

    /** Of ten yards and more what is not explosive. */
    private Share fromTen() {
        String words = switch (explosiveFrom) {
            case 11 -> "10 yd";
            case 12 -> "10 or 11 yd";
            default -> "10 to " + (explosiveFrom - 1) + " yd";
        };
        return new Share(words, share(g -> g >= 10 && g < explosiveFrom));
    }

    private double ended(Unfolding.Ending ending) {
        return ends.getOrDefault(ending, 0.0);
    }

    /** Share of no gain or a loss. */
    public double stuffed() {
        return share(g -> g <= 0);
    }

    /** Share of so many yards and more that such a play is explosive. */
    public double explosive() {
        return share(g -> g >= explosiveFrom);
    }

    /** Of gains as they are told, in whole yards. */
    private double share(LongPredicate such) {
        return (double) gains.stream().filter(g -> such.test(Math.round(g))).count() / gains.size();
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
