package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import mensch.core.formation.Man;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.FitRole;
import mensch.core.rung.Gap;
import mensch.core.rung.Numbers;
import mensch.core.rung.ReadTable;
import mensch.core.rung.Task;
import mensch.core.simulation.Cause.Blame;
import mensch.core.simulation.Cause.Link;
import mensch.core.simulation.Happening.What;

/** Walks back from where the ball got through: whose gap it was, whether he was told, knew, came and was free. */
final class Causes {
    private final Lineup lineup;
    private final Unfolding snap;
    private final List<Fault> faults;
    private final GapLedger gaps;
    private final List<Link> links = new ArrayList<>();

    private Causes(Lineup lineup, Unfolding snap, List<Fault> faults) {
        this.lineup = lineup;
        this.snap = snap;
        this.faults = faults;
        this.gaps = GapLedger.of(lineup);
    }

    /** @param held whether the play gained less than the down asks */
    static Cause of(Lineup lineup, Unfolding snap, List<Fault> faults, boolean held) {
        return new Causes(lineup, snap, faults).walk(held);
    }

    private Cause walk(boolean held) {
        Optional<Happening> crossing = first(What.LINE_CROSSED);
        if (crossing.isEmpty()) {
            return held(snap.tackler().orElse(""));
        }
        int tick = crossing.get().tick();
        Point at = crossing.get().place();
        Way way = lineup.flag() ? overTheLine(at.x()) : through(gap(at.x(), tick));
        add("", tick, "The ball goes " + way.where() + " at " + seconds(tick) + ".");
        if (held) {
            return held(snap.tackler().orElse(""));
        }
        List<Job> owners = way.owners();
        if (owners.isEmpty()) {
            add("", tick, "Nobody " + way.whom() + ".");
            return missedOr(Blame.CALL, "", tick);
        }
        List<Job> there =
                owners.stream().filter(j -> snap.men().contains(j.id())).toList();
        if (there.isEmpty()) {
            add("", tick, owners.get(0).words() + " has it, and his rules give him no place to stand.");
            return missedOr(Blame.CALL, "", tick);
        }
        Job owner = there.stream()
                .min(Comparator.comparingDouble(j -> distance(j.id(), at, tick)))
                .orElseThrow();
        add(
                owner.id(),
                tick,
                owner.words() + " " + way.job() + "; he is " + yards(distance(owner.id(), at, tick)) + " away then.");
        return owner(owner, tick);
    }

    /**
     * Where the ball went through.
     *
     * @param where in a sentence
     * @param whom what nobody does when it has no owner
     * @param job what its owner does there
     */
    private record Way(String where, String whom, String job, List<Job> owners) {}

    private Way through(Gap gap) {
        boolean outside = gap.index() >= Gap.count(flank(gap.side())) - 1;
        return outside
                ? new Way(
                        "outside everybody " + gap.side().words(),
                        "is force on that side",
                        "is force there",
                        owners(gap, true))
                : new Way("through the " + gap.words(), "has the " + gap.words(), "has it", owners(gap, false));
    }

    /** Without a line it is a zone that it comes to; where nobody has one, whoever is force on that side. */
    private Way overTheLine(double x) {
        double middle = lineup.features().shape().centre().x();
        Side side = x < middle ? Side.LEFT : Side.RIGHT;
        String where = "over the line " + yards(Math.abs(x - middle)) + " " + side.words() + " of the snapper";
        List<Job> zones = AreaLedger.of(lineup).rows().stream()
                .filter(r -> !r.area().deep()
                        && x >= r.extent().xMin()
                        && x <= r.extent().xMax())
                .map(AreaLedger.Row::owner)
                .toList();
        return zones.isEmpty()
                ? new Way(where, "has a zone or is force there", "is force there", forces(side))
                : new Way(where, "has a zone there", "has the zone there", zones);
    }

    private List<Job> forces(Side side) {
        return lineup.jobs().stream()
                .filter(j -> j.seat() == side && j.fit() instanceof Task.Fit fit && fit.role() == FitRole.FORCE)
                .toList();
    }

    private Cause owner(Job owner, int tick) {
        String fault = Fault.saidOf(owner.id(), faults);
        Optional<Happening> block = last(What.CONTACT, owner.id(), tick);
        block.ifPresent(b -> add(
                owner.id(),
                b.tick(),
                b.who() + " is on him at " + seconds(b.tick()) + " (" + b.said() + ")"
                        + (sealed(owner.id(), b.tick(), tick) ? " and gets to the ball's side of him." : ".")));
        boolean loose = block.isPresent()
                && snap.happenings().stream()
                        .anyMatch(h -> h.what() == What.SHED
                                && h.who().equals(owner.id())
                                && h.tick() >= block.get().tick()
                                && h.tick() <= tick);
        Optional<Happening> told = lastTold(owner.id(), tick);
        told.ifPresent(t -> add(owner.id(), t.tick(), "He acts on \"" + t.said() + "\" at " + seconds(t.tick()) + "."));
        if (!fault.isEmpty()) {
            add(owner.id(), 0, "Put in: he " + fault + ".");
            return new Cause(links, Blame.FAULT, owner.id());
        }
        if (block.isPresent() && !loose) {
            return missedOr(Blame.BLOCK, owner.id(), tick);
        }
        boolean missed = snap.happenings().stream()
                .anyMatch(h -> h.what() == What.MISSED && h.who().equals(owner.id()));
        if (missed) {
            return missedOr(Blame.TACKLE, owner.id(), tick);
        }
        boolean elsewhere = told.filter(t -> changes(owner, t.said())).isPresent();
        return missedOr(elsewhere ? Blame.READ : Blame.GEOMETRY, owner.id(), tick);
    }

    /** Whether what he was told last gave him another job: "his run job stands" sends nobody away from his gap. */
    private static boolean changes(Job owner, String message) {
        return owner.after().reactions().stream()
                .filter(r -> r.on().words().equals(message))
                .anyMatch(r -> !(r.orders() instanceof ReadTable.Stands));
    }

    /** Who could have stopped it past the line and did not is said as well; the first cause stays. */
    private Cause missedOr(Blame blame, String man, int tick) {
        List<Happening> missed =
                snap.happenings().stream().filter(h -> h.what() == What.MISSED).toList();
        missed.forEach(m -> add(
                m.who(),
                m.tick(),
                lineup.called(m.who()) + " misses him at " + seconds(m.tick()) + ", "
                        + yards(m.place().y()) + " down the field."));
        snap.tackler()
                .ifPresent(who -> add(
                        who,
                        snap.ticks() - 1,
                        lineup.called(who) + SnapWords.downs(lineup) + " after " + yards(snap.gain()) + "."));
        return new Cause(links, blame, man);
    }

    private Cause held(String tackler) {
        if (!tackler.isEmpty()) {
            boolean free =
                    !lineup.flag() && last(What.CONTACT, tackler, snap.ticks()).isEmpty();
            add(
                    tackler,
                    snap.ticks() - 1,
                    lineup.called(tackler) + SnapWords.downs(lineup) + " at " + seconds(snap.ticks() - 1) + " after "
                            + yards(snap.gain()) + (free ? "; nobody blocks him." : "."));
        } else {
            add("", snap.ticks() - 1, "The ball is out of bounds after " + yards(snap.gain()) + ".");
        }
        return new Cause(links, Blame.HELD, tackler);
    }

    private void add(String man, int tick, String said) {
        links.add(new Link(man, tick, said));
    }

    private Flank flank(Side side) {
        return lineup.features().shape().flank(side);
    }

    /** Between whom the ball crosses: men of the line who have not left it are counted from the middle out. */
    private Gap gap(double x, int tick) {
        double middle = at(lineup.features().shape().centre(), tick).x();
        Side side = x < middle ? Side.LEFT : Side.RIGHT;
        int inside = 0;
        var surface = new ArrayList<>(flank(side).surface());
        Man wing = flank(side).wing();
        if (wing != null) {
            surface.add(wing);
        }
        for (int i = 0; i < surface.size(); i++) {
            Man man = surface.get(i);
            Point now = at(man, tick);
            double his = now.y() < 4 && Math.abs(now.x() - man.x()) < 3 ? now.x() : man.x();
            if (side.sign() * his < side.sign() * x) {
                inside = i + 1;
            }
        }
        return new Gap(side, inside);
    }

    private List<Job> owners(Gap gap, boolean outside) {
        if (outside) {
            List<Job> forces = gaps.edges().stream()
                    .filter(e -> e.side() == gap.side())
                    .flatMap(e -> e.forces().stream())
                    .toList();
            if (!forces.isEmpty()) {
                return forces;
            }
        }
        return gaps.rows().stream()
                .filter(r -> r.gap().equals(gap))
                .flatMap(r -> r.owners().isEmpty() ? r.twoGappers().stream() : r.owners().stream())
                .collect(Collectors.toList());
    }

    private Point at(Man man, int tick) {
        return snap.at(snap.men().indexOf(man.name()), tick);
    }

    private double distance(String id, Point to, int tick) {
        return snap.at(snap.men().indexOf(id), tick).distance(to);
    }

    private Optional<Happening> first(What what) {
        return snap.happenings().stream().filter(h -> h.what() == what).findFirst();
    }

    /** The last time somebody was blocked before a tick. */
    private Optional<Happening> last(What what, String whom, int before) {
        return snap.happenings().stream()
                .filter(h -> h.what() == what && whom.equals(h.whom()) && h.tick() <= before)
                .reduce((a, b) -> b);
    }

    private Optional<Happening> lastTold(String who, int before) {
        return snap.happenings().stream()
                .filter(h -> h.what() == What.TOLD && h.who().equals(who) && h.tick() <= before)
                .reduce((a, b) -> b);
    }

    private boolean sealed(String who, int from, int to) {
        return snap.happenings().stream()
                .anyMatch(h -> h.what() == What.SEALED && h.who().equals(who) && h.tick() >= from && h.tick() <= to);
    }

    private static String seconds(int tick) {
        return Numbers.words(Clock.seconds(tick)) + " s";
    }

    private static String yards(double yards) {
        return Numbers.tenth(yards) + " yd";
    }
}
