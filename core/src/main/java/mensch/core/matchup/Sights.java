package mensch.core.matchup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.convention.SightLimits;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.geometry.Point;
import mensch.core.geometry.Segment;
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
    public record Hidden(Job job, Point eyes, Man key, Man before, boolean only) {}

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
                lineup.view(job).man(ref).ifPresent(read::add);
            }
            Point eyes = job.feet();
            if (eyes != null && !job.role().lineman()) {
                lineup.view(job)
                        .man(key.men().get(0))
                        .ifPresent(first -> before(lineup, eyes, first)
                                .ifPresent(b -> hidden.add(new Hidden(
                                        job, eyes, first, b, key.men().size() == 1))));
            }
        }
        return new Sights(hidden, unread(lineup, read));
    }

    private static Optional<Man> before(Lineup lineup, Point eyes, Man key) {
        SightLimits limits = lineup.convention().sights();
        var sight = new Segment(eyes, key.feet());
        for (Man man : lineup.snap().formation().men()) {
            boolean upright = !man.interior() && man.depth() > limits.upright();
            if (upright
                    && !man.equals(key)
                    && sight.beside(man.feet()) <= limits.body()
                    && eyes.distance(man.feet()) < eyes.distance(key.feet())) {
                return Optional.of(man);
            }
        }
        return Optional.empty();
    }

    private static List<Man> unread(Lineup lineup, List<Man> read) {
        Shape shape = lineup.features().shape();
        var threats = new ArrayList<>(shape.backs());
        for (Side side : Side.values()) {
            Stream.ofNullable(shape.flank(side).tightEnd()).forEach(threats::add);
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
                && lineup.placed().stream()
                        .anyMatch(p -> p.job().role().lineman()
                                && Math.abs(p.feet().x() - man.x())
                                        <= lineup.convention().sights().over());
    }
}
