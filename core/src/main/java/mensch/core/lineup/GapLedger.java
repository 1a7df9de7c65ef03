package mensch.core.lineup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.document.Worded;
import mensch.core.formation.Shape.Flank;
import mensch.core.front.Role;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.rung.FitRole;
import mensch.core.rung.Gap;
import mensch.core.rung.Task;

/** Who owns each gap, from the offence's left to right, and who is force on each side. */
public record GapLedger(List<Row> rows, List<Edge> edges, List<Job> beyond) {

    /** One gap: its owners by {@code run}, and the two-gappers who may take it. */
    public record Row(Gap gap, Point at, List<Job> owners, List<Job> twoGappers) {

        /**
         * The gap as it is said at the field: gaps count from the front's middle man, who is not at the ball when the
         * line is unbalanced, but no coach says left of a gap that lies right of the ball.
         */
        public String said() {
            boolean across = gap.side().sign() * at.x() < 0;
            return across
                    ? gap.letter() + " gap next to the ball, "
                            + gap.side().opposite().words()
                    : gap.words();
        }

        public Owned owned() {
            if (owners.isEmpty()) {
                return twoGappers.isEmpty() ? Owned.OPEN : Owned.TWO_GAPPED;
            }
            return owners.size() == 1 ? Owned.ONCE : Owned.TWICE;
        }
    }

    /** By whom a gap is owned. A two-gapped gap has somebody: it is never said to be open. */
    public enum Owned implements Worded {
        ONCE,
        TWICE,
        TWO_GAPPED,
        OPEN;

        @Override
        public String words() {
            return this == TWO_GAPPED ? "two-gapped" : Worded.super.words();
        }
    }

    /** One side's force players; sound when there is exactly one. */
    public record Edge(Side side, Point at, List<Job> forces) {}

    public static GapLedger of(Lineup lineup) {
        List<Optional<Gap>> owned =
                lineup.jobs().stream().map(j -> gap(lineup, j)).toList();
        var rows = new ArrayList<Row>();
        for (int i = Gap.count(flank(lineup, Side.LEFT)) - 1; i >= 0; i--) {
            rows.add(row(lineup, owned, new Gap(Side.LEFT, i)));
        }
        for (int i = 0; i < Gap.count(flank(lineup, Side.RIGHT)); i++) {
            rows.add(row(lineup, owned, new Gap(Side.RIGHT, i)));
        }
        var beyond = new ArrayList<Job>();
        for (int i = 0; i < owned.size(); i++) {
            if (owned.get(i)
                    .filter(g -> g.index() >= Gap.count(flank(lineup, g.side())))
                    .isPresent()) {
                beyond.add(lineup.jobs().get(i));
            }
        }
        return new GapLedger(
                List.copyOf(rows), List.of(edge(lineup, Side.LEFT), edge(lineup, Side.RIGHT)), List.copyOf(beyond));
    }

    private static Flank flank(Lineup lineup, Side side) {
        return lineup.features().shape().flank(side);
    }

    private static Row row(Lineup lineup, List<Optional<Gap>> owned, Gap gap) {
        var owners = new ArrayList<Job>();
        var twoGappers = new ArrayList<Job>();
        Point middle = gap.middle(flank(lineup, gap.side()));
        for (int i = 0; i < owned.size(); i++) {
            Job job = lineup.jobs().get(i);
            Point feet = job.feet();
            if (owned.get(i).filter(gap::equals).isPresent()) {
                owners.add(job);
            } else if (job.runTask() instanceof Task.TwoGap
                    && feet != null
                    && Math.abs(feet.x() - middle.x()) <= split(flank(lineup, gap.side()))) {
                twoGappers.add(job);
            }
        }
        return new Row(gap, middle, List.copyOf(owners), List.copyOf(twoGappers));
    }

    private static double split(Flank flank) {
        return Math.abs(flank.guard().x() - flank.middle().x());
    }

    private static Edge edge(Lineup lineup, Side side) {
        var forces = new ArrayList<Job>();
        for (Job job : lineup.jobs()) {
            if (job.fit() instanceof Task.Fit fit
                    && fit.role() == FitRole.FORCE
                    && fit.side(lineup.view(job)) == side) {
                forces.add(job);
            }
        }
        Flank flank = flank(lineup, side);
        return new Edge(side, new Point(flank.endMan().x() + 2 * side.sign(), 2), List.copyOf(forces));
    }

    /** The gap a job owns, if any. */
    public static Optional<Gap> gap(Lineup lineup, Job job) {
        return job.fit() instanceof Task.Fit fit && fit.gap() != null
                ? fit.gap().in(lineup.view(job))
                : Optional.empty();
    }

    /** Gaps inside the edges that the line leaves to the men behind it. */
    public List<Row> openToBackers() {
        return rows.stream()
                .filter(r -> !r.owners().isEmpty()
                        && r.owners().stream().allMatch(j -> j.role().body() == Role.Body.LB))
                .toList();
    }
}
