package mensch.vision;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import mensch.core.geometry.Point;
import org.jgrapht.alg.matching.KuhnMunkresMinimalWeightBipartitePerfectMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;

/**
 * Who of the men that are asked for those in a picture are: so that all of them together stand as near as can be to
 * where they are asked. Nobody is taken for one of the other side, whichever shirt is whose.
 */
public final class Matching {
    /** Farther off than this from where he is asked, yards, nobody is taken for a man. <em>Model.</em> */
    static final double FARTHEST = 6;
    /** Where two could as well have changed places but for so many yards, neither is sure. <em>Model.</em> */
    private static final double CLEAR = 1;

    private final List<ManSeen> men;
    private final List<Asked> asked;
    private final int defence;
    /** Which man each of the asked is; -1 for nobody. */
    private final int[] who;

    /** Where a man is asked to stand, play frame yards. */
    public record Asked(String name, Point at, boolean defence) {}

    /** @param clear whether no other of his side could as well be he */
    public record Told(String name, ManSeen man, boolean clear) {}

    private Matching(List<ManSeen> men, List<Asked> asked, int defence) {
        this.men = men;
        this.asked = asked;
        this.defence = defence;
        this.who = who();
    }

    /**
     * Whom each of the men that were found is taken for; who is nobody's, and who is not found, is left out.
     *
     * @param asked both sides: who of the offence stands near is not taken for a defender
     */
    public static List<Told> of(List<ManSeen> men, List<Asked> asked) {
        var one = new Matching(men, asked, 0);
        var other = new Matching(men, asked, 1);
        return (one.yards() <= other.yards() ? one : other).told();
    }

    private double yards() {
        return IntStream.range(0, asked.size())
                .mapToDouble(j -> yards(who[j], j))
                .sum();
    }

    /** How far a man stands from where one is asked. */
    private double yards(int man, int j) {
        if (man < 0 || man >= men.size()) {
            return FARTHEST;
        }
        int shirt = men.get(man).shirt();
        boolean sided = shirt < 0 || (shirt == defence) == asked.get(j).defence();
        return sided
                ? Math.min(FARTHEST, men.get(man).at().distance(asked.get(j).at()))
                : FARTHEST;
    }

    /** Least cost of all together (Kuhn and Munkres); who is paired at the farthest is nobody. */
    private int[] who() {
        int size = Math.max(men.size(), asked.size());
        var graph = new SimpleWeightedGraph<Integer, DefaultWeightedEdge>(DefaultWeightedEdge.class);
        List<Integer> left = IntStream.range(0, size).boxed().toList();
        List<Integer> right = IntStream.range(size, 2 * size).boxed().toList();
        left.forEach(graph::addVertex);
        right.forEach(graph::addVertex);
        for (int man : left) {
            for (int j : right) {
                graph.setEdgeWeight(graph.addEdge(man, j), j - size < asked.size() ? yards(man, j - size) : 0);
            }
        }
        int[] paired = new int[asked.size()];
        var matching = new KuhnMunkresMinimalWeightBipartitePerfectMatching<>(graph, vertices(left), vertices(right))
                .getMatching();
        for (DefaultWeightedEdge edge : matching) {
            int j = graph.getEdgeTarget(edge) - size;
            int man = graph.getEdgeSource(edge);
            if (j < asked.size()) {
                paired[j] = yards(man, j) < FARTHEST ? man : -1;
            }
        }
        return paired;
    }

    private static Set<Integer> vertices(List<Integer> of) {
        return new LinkedHashSet<>(of);
    }

    private List<Told> told() {
        var told = new ArrayList<Told>();
        for (int j = 0; j < who.length; j++) {
            if (who[j] >= 0) {
                told.add(new Told(asked.get(j).name(), men.get(who[j]), clear(j)));
            }
        }
        return List.copyOf(told);
    }

    /** Whether it costs more than a little when he changes places with any other. */
    private boolean clear(int j) {
        double now = yards(who[j], j);
        return IntStream.range(0, who.length)
                .filter(k -> k != j && asked.get(k).defence() == asked.get(j).defence())
                .mapToDouble(k -> yards(who[j], k) + yards(who[k], j) - now - yards(who[k], k))
                .noneMatch(more -> more < CLEAR);
    }
}
