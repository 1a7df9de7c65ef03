package mensch.core.grading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import mensch.core.document.RefusedException;
import mensch.core.film.Measured;
import mensch.core.film.Places;
import mensch.core.formation.Formation;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import org.jgrapht.alg.matching.KuhnMunkresMinimalWeightBipartitePerfectMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;

/**
 * Which formation the offence stood in, read off the places where its men were measured, whatever they were logged as.
 * Each man of the log is taken for one of the other formation, so that all together stand as near as can be (Kuhn and
 * Munkres); splits are wishes, so the farther out one stands the farther he may be from the sheet.
 */
public final class StoodAs {
    /**
     * One standard deviation of a man's depth from the sheet's, and of his width beside the ball, yards.
     * <em>Model.</em>
     */
    private static final double FREE = 0.7;
    /** So much of his width more. <em>Model.</em> */
    private static final double SPLIT = 0.15;
    /**
     * Of two formations the nearer one is told when it is nearer by so much, summed squares of deviations.
     * <em>Model.</em>
     */
    private static final double CLEAR = 6;
    /** A man farther off than this, standard deviations, stands in no such formation. <em>Model.</em> */
    private static final double MOST_SIGMAS = 3;
    /** Side by side these weigh the same. */
    private static final double SAME = 1e-6;

    /**
     * A formation that may have been it.
     *
     * @param mirrored strong side to the left
     */
    public record Candidate(String id, boolean mirrored, Formation formation) {}

    /**
     * How far the measured men are from a formation.
     *
     * @param names whom of it each man of the log is
     * @param farthest who of it stands farthest from where it has him, for how free he is
     * @param yards how far that is
     * @param fits whether nobody stands elsewhere
     */
    public record Fit(
            Candidate as, Map<String, String> names, double squares, String farthest, double yards, boolean fits) {}

    private final Formation logged;
    private final Map<String, Measured> measured;

    private StoodAs(Formation logged, Map<String, Measured> measured) {
        this.logged = logged;
        this.measured = measured;
    }

    /** Who of the logged offence must be measured before its formation can be read: all but the five of the line. */
    public static List<String> missing(Formation logged, Places places) {
        return logged.men().stream()
                .filter(man -> !man.interior())
                .map(Man::name)
                .filter(name -> places.fromBall(name).isEmpty())
                .toList();
    }

    /**
     * Formations that the men may have stood in, the nearest first, when it is not the one that was logged: one where
     * it is clearly nearest, more where they are not told apart. None while somebody of {@link #missing} is, when the
     * logged one is as near, or nobody of the library stands so.
     *
     * @param logged men as they are named on the film, where the log has them
     * @param as side of the log and id: of its own turned way nothing is told where both are the same
     */
    public static List<Fit> told(Formation logged, Candidate as, Places places, List<Candidate> candidates) {
        if (!missing(logged, places).isEmpty()) {
            return List.of();
        }
        double here = fit(logged, as, places).squares();
        List<Fit> fits = candidates.stream()
                .filter(c -> c.formation().men().size() == logged.men().size())
                .map(c -> fit(logged, c, places))
                .sorted(Comparator.comparingDouble(Fit::squares).thenComparing(f -> f.as().mirrored() != as.mirrored()))
                .toList();
        double nearest = fits.isEmpty() ? here : fits.get(0).squares();
        if (here - nearest <= CLEAR) {
            return List.of();
        }
        var told = new ArrayList<Fit>();
        fits.stream()
                .filter(f -> f.fits() && f.squares() - nearest <= CLEAR)
                .filter(f -> told.stream().noneMatch(t -> sameMen(f, t)))
                .forEach(told::add);
        return List.copyOf(told);
    }

    /** Both ways of a formation that is its own mirror are one. */
    private static boolean sameMen(Fit one, Fit other) {
        return one.as().id().equals(other.as().id()) && Math.abs(one.squares() - other.squares()) < SAME;
    }

    /**
     * Which man of the log is which of another formation.
     *
     * @throws RefusedException when it has more or fewer men, or none of those of the log is measured
     */
    public static Fit fit(Formation logged, Candidate as, Places places) {
        if (as.formation().men().size() != logged.men().size()) {
            throw new RefusedException(as.formation().name() + " has "
                    + as.formation().men().size() + " men and the play "
                    + logged.men().size() + "; choose a formation of as many");
        }
        var measured = new LinkedHashMap<String, Measured>();
        logged.men().forEach(man -> places.fromBall(man.name()).ifPresent(at -> measured.put(man.name(), at)));
        if (measured.isEmpty()) {
            throw new RefusedException("nobody of the offence is measured on this play; mark their feet first");
        }
        return new StoodAs(logged, measured).of(as);
    }

    private Fit of(Candidate as) {
        List<Man> men = logged.men();
        List<Man> his = as.formation().men();
        int size = men.size();
        var graph = new SimpleWeightedGraph<Integer, DefaultWeightedEdge>(DefaultWeightedEdge.class);
        var left = new LinkedHashSet<>(IntStream.range(0, size).boxed().toList());
        var right = new LinkedHashSet<>(IntStream.range(size, 2 * size).boxed().toList());
        left.forEach(graph::addVertex);
        right.forEach(graph::addVertex);
        for (int i : left) {
            for (int j : right) {
                graph.setEdgeWeight(graph.addEdge(i, j), squares(men.get(i), his.get(j - size)));
            }
        }
        var names = new LinkedHashMap<String, String>();
        var pairs = new ArrayList<Man[]>();
        for (DefaultWeightedEdge edge :
                new KuhnMunkresMinimalWeightBipartitePerfectMatching<>(graph, left, right).getMatching()) {
            Man man = men.get(graph.getEdgeSource(edge));
            Man is = his.get(graph.getEdgeTarget(edge) - size);
            names.put(man.name(), is.name());
            if (measured.containsKey(man.name())) {
                pairs.add(new Man[] {man, is});
            }
        }
        Man[] farthest = pairs.stream()
                .max(Comparator.comparingDouble(p -> squares(p[0], p[1])))
                .orElseThrow();
        return new Fit(
                as,
                names,
                pairs.stream().mapToDouble(p -> squares(p[0], p[1])).sum(),
                farthest[1].name(),
                at(farthest[0]).distance(farthest[1].feet()),
                squares(farthest[0], farthest[1]) <= MOST_SIGMAS * MOST_SIGMAS);
    }

    private Point at(Man man) {
        return Optional.ofNullable(measured.get(man.name())).map(Measured::feet).orElse(man.feet());
    }

    /**
     * Squared deviations of a man from where another formation has one, by how free that is and how sure he is seen.
     */
    private double squares(Man man, Man is) {
        Point at = at(man);
        Optional<Measured> seen = Optional.ofNullable(measured.get(man.name()));
        double x = Math.hypot(
                FREE + SPLIT * Math.abs(is.x()), seen.map(Measured::sigmaX).orElse(0.0));
        double y = Math.hypot(FREE, seen.map(Measured::sigmaY).orElse(0.0));
        return Math.pow((at.x() - is.x()) / x, 2) + Math.pow((at.y() - is.feet().y()) / y, 2);
    }
}
