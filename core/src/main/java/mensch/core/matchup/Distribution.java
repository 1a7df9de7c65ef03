package mensch.core.matchup;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.document.Worded;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.play.Pass;
import mensch.core.play.Route;
import org.jspecify.annotations.Nullable;

/**
 * A pass concept against a line-up: who has each route by rule (handbook 4, what must be computed; 9, passes).
 *
 * @param play the play side
 * @param rows routes that are told, play side first
 */
public record Distribution(Pass pass, Side play, List<Row> rows) {

    /** By what rule a man has a route. */
    public enum Having implements Worded {
        MAN,
        MATCH,
        AREA,
        PUSH,
        DEEP,
        HOLE
    }

    /**
     * One defender on a route.
     *
     * @param lateSeconds by how much the ball is there before him; 0 or less when he is in time, and for a man who runs
     *     with his man
     * @param late the ball is there clearly before him
     */
    public record Cover(Job job, Having by, double lateSeconds, boolean late) {}

    /** A leverage that the route breaks away from: what he gives, and where the route goes. */
    public record Lost(Job job, String leverage, boolean breaksOut) {}

    /** A receiver who stands in a defender's way to his man. */
    public record Rub(Job job, Man by, double yards, double seconds) {}

    /**
     * One route.
     *
     * @param number the receiver's number with its side, or "the back"
     * @param way points of his way from where he stands, play frame
     * @param caught where the ball meets him, play frame
     * @param seconds when, after the snap
     * @param covers who has him by rule and can be there by throw and flight, the nearest first; empty when nobody has
     * @param tooLate who is told so and cannot be there
     * @param lost a leverage that is lost, or null
     * @param rub traffic on the way, or null
     */
    public record Row(
            Man man,
            String number,
            Route route,
            List<Point> way,
            Point caught,
            double seconds,
            List<Cover> covers,
            List<Cover> tooLate,
            @Nullable Lost lost,
            @Nullable Rub rub) {
        public Row {
            way = List.copyOf(way);
            covers = List.copyOf(covers);
            tooLate = List.copyOf(tooLate);
        }

        /** Men who are told him as their own, whether or not they can be there. */
        public List<Cover> told() {
            return Stream.concat(covers.stream(), tooLate.stream())
                    .filter(c -> c.by() != Having.HOLE)
                    .toList();
        }

        /** Men who have him as their own, help not counted. */
        public List<Cover> owners() {
            for (Cover cover : covers) {
                if (cover.by() == Having.HOLE) {
                    return covers.stream().filter(c -> c.by() != Having.HOLE).toList();
                }
            }
            return covers;
        }

        /** The route and who runs it, as in "hitch by Z". */
        public String what() {
            return route.id().replace('-', ' ') + " by " + man.name();
        }

        /** Somebody is told the route, and nobody can be there. */
        public boolean late() {
            return covers.isEmpty() && !tooLate.isEmpty();
        }
    }

    /** A defender who has two routes or more at one time. */
    public record Overload(Job job, List<Row> rows) {}

    public Distribution {
        rows = List.copyOf(rows);
    }

    /** None when the formation cannot run it to that side. */
    public static Optional<Distribution> of(Lineup lineup, Pass pass, Side play) {
        return new Matchup(lineup).distribution(pass, play);
    }

    /** Routes that nobody has: told to nobody, or to men who cannot be there. */
    public List<Row> open() {
        return rows.stream().filter(r -> r.covers().isEmpty()).toList();
    }

    /** Zone men with more than one route of their own. A deep man with two is told as well: he can be on top of one. */
    public List<Overload> overloads() {
        Map<Job, List<Row>> alone = new LinkedHashMap<>();
        for (Row row : rows) {
            List<Cover> owners = row.owners();
            if (owners.size() == 1) {
                alone.computeIfAbsent(owners.get(0).job(), j -> new ArrayList<>())
                        .add(row);
            }
        }
        return alone.entrySet().stream()
                .filter(his -> his.getValue().size() > 1)
                .map(his -> new Overload(his.getKey(), List.copyOf(his.getValue())))
                .toList();
    }

    /** Routes that two men have although one is enough. */
    public List<Row> doubled() {
        return rows.stream().filter(r -> r.owners().size() > 1).toList();
    }

    /** How many routes have a man of their own: each defender counts once. */
    public int matched() {
        int surplus = overloads().stream().mapToInt(o -> o.rows().size() - 1).sum();
        return rows.size() - open().size() - surplus;
    }

    /**
     * The route this coverage gives: of those nobody has alone, or that are reached late, the shortest; none when each
     * is taken.
     */
    public Optional<Row> given() {
        var left = new ArrayList<>(open());
        overloads().forEach(o -> left.addAll(o.rows()));
        return left.stream()
                .min((a, b) -> Double.compare(a.caught().y(), b.caught().y()));
    }
}
