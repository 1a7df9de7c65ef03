package mensch.core.matchup;

import java.util.ArrayList;
import java.util.List;
import mensch.core.convention.SightLimits;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Key;
import mensch.core.rung.Ref;

/**
 * What defenders look at: whether a man stands in the way of it, and which threats nobody looks at.
 *
 * @param hidden keys behind somebody who stands upright; linemen in their stance hide nobody
 * @param unread backs and attached ends that no key names, and guards whom neither a key nor a man over them reads
 */
public record Sights(List<Hidden> hidden, List<Man> unread) {
    /** A key that another man stands before. */
    public record Hidden(Job job, Man key, Man before, boolean only) {}

    public Sights {
        hidden = List.copyOf(hidden);
        unread = List.copyOf(unread);
    }

    public static Sights of(Lineup lineup) {
        var hidden = new ArrayList<Hidden>();
        var read = new ArrayList<Man>();
        for (Job job : lineup.jobs()) {
            Key key = job.before().key().orNull();
            if (key == null) {
                continue;
            }
            for (Ref ref : key.men()) {
                Man man = lineup.view(job).man(ref);
                if (man != null) {
                    read.add(man);
                }
            }
            Man first = lineup.view(job).man(key.men().get(0));
            Man before = first == null || job.feet() == null || job.role().lineman()
                    ? null
                    : before(lineup, job.feet(), first);
            if (before != null) {
                hidden.add(new Hidden(job, first, before, key.men().size() == 1));
            }
        }
        return new Sights(hidden, unread(lineup, read));
    }

    private static Man before(Lineup lineup, Point eyes, Man key) {
        SightLimits limits = lineup.convention().sights();
        for (Man man : lineup.snap().formation().men()) {
            boolean upright = !man.interior() && man.depth() > limits.upright();
            if (upright
                    && !man.equals(key)
                    && fromLine(eyes, key.feet(), man.feet()) <= limits.body()
                    && eyes.distance(man.feet()) < eyes.distance(key.feet())) {
                return man;
            }
        }
        return null;
    }

    private static double fromLine(Point a, Point b, Point p) {
        double length = a.distance(b);
        double along = ((p.x() - a.x()) * (b.x() - a.x()) + (p.y() - a.y()) * (b.y() - a.y())) / length;
        boolean between = along > 0 && along < length;
        return between
                ? Math.abs((p.x() - a.x()) * (b.y() - a.y()) - (p.y() - a.y()) * (b.x() - a.x())) / length
                : Double.POSITIVE_INFINITY;
    }

    private static List<Man> unread(Lineup lineup, List<Man> read) {
        Shape shape = lineup.features().shape();
        var threats = new ArrayList<>(shape.backs());
        for (Side side : Side.values()) {
            if (shape.flank(side).tightEnd() != null) {
                threats.add(shape.flank(side).tightEnd());
            }
            if (!shape.flank(side).surface().isEmpty()) {
                threats.add(shape.flank(side).guard());
            }
        }
        return threats.stream()
                .filter(t -> !read.contains(t) && !stoodOn(lineup, t))
                .toList();
    }

    private static boolean stoodOn(Lineup lineup, Man man) {
        return !lineup.features().shape().backs().contains(man)
                && lineup.jobs().stream()
                        .anyMatch(j -> j.role().lineman()
                                && j.feet() != null
                                && Math.abs(j.feet().x() - man.x())
                                        <= lineup.convention().sights().over());
    }
}
