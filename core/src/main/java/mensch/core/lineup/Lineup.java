package mensch.core.lineup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import mensch.core.call.Call;
import mensch.core.call.MotionAnswer;
import mensch.core.convention.Convention;
import mensch.core.document.DocumentRef;
import mensch.core.formation.Decided;
import mensch.core.formation.Features;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.rung.View;
import mensch.core.rung.View.Binding;

/** Eleven jobs in the order the men stand, offence's left to right: the answer key of one call against one snap. */
public final class Lineup {
    private static final Comparator<Job> FIELD_ORDER = Comparator.comparingDouble((Job j) -> j.feet() == null ? Double.MAX_VALUE : j.feet().x())
        .thenComparingDouble(j -> j.feet() == null ? 0 : j.feet().y()).thenComparing(Job::id);

    private final Snap snap;
    private final DocumentRef call;
    private final Binding sides;
    private final List<Job> jobs;
    private final Features features;
    private final MotionAnswer answer;
    private final View left;
    private final View right;

    private Lineup(Snap snap, DocumentRef call, Binding sides, List<Job> jobs, Features features, MotionAnswer answer) {
        var ordered = new ArrayList<>(jobs);
        ordered.sort(FIELD_ORDER);
        this.snap = snap;
        this.call = call;
        this.sides = sides;
        this.jobs = List.copyOf(ordered);
        this.features = features;
        this.answer = answer;
        this.left = new View(features, snap.field(), Convention.standard(), sides, Side.LEFT, this::feet);
        this.right = new View(features, snap.field(), Convention.standard(), sides, Side.RIGHT, this::feet);
    }

    /** The jobs of a call against the snap's last phase; seats carry over from phase to phase as the call's motion answers say. */
    public static Lineup of(Call call, Snap snap) {
        return snap.moved() ? after(call, snap, of(call, snap.before())) : asSet(call, snap);
    }

    private static Lineup asSet(Call call, Snap snap) {
        Features features = Features.of(snap, Convention.standard());
        Binding binding = Seating.binding(call, features);
        List<Seat> seats = Seating.asSet(call, binding);
        return new Lineup(snap, call.ref(), binding, new Resolver(call, snap, features, binding, seats).jobs(), features, null);
    }

    private static Lineup after(Call call, Snap snap, Lineup before) {
        Features features = Features.of(snap, Convention.standard());
        Binding binding = Seating.binding(call, features);
        MotionAnswer answer = Seating.answer(call, features, snap, binding);
        if (answer.kind() == MotionAnswer.Kind.STAY) {
            return new Lineup(snap, call.ref(), binding, before.jobs, features, answer);
        }
        List<Seat> held = before.jobs.stream().map(j -> new Seat(j.role(), j.seat())).sorted(Comparator.comparing((Seat s) -> s.role().id()).thenComparing(Seat::side)).toList();
        List<Seat> seats = Seating.after(answer, held, features, binding);
        return new Lineup(snap, call.ref(), binding, new Resolver(call, snap, features, binding, seats).jobs(), features, answer);
    }

    public Lineup mirror() {
        Snap turned = snap.mirror();
        var binding = new Binding(mirror(sides.call()), mirror(sides.cover()));
        return new Lineup(turned, call, binding, jobs.stream().map(Job::mirror).toList(), Features.of(turned, Convention.standard()), answer);
    }

    private static Decided mirror(Decided decided) {
        return new Decided(decided.side().opposite(), decided.by(), decided.fellBack());
    }

    /** The job of a role; for a role with two seats the one on a side. */
    public Job job(String role, Side side) {
        return jobs.stream().filter(j -> j.role().id().equals(role) && j.seat() == side).findFirst().orElse(null);
    }

    /** A job by {@link Job#id()}, or null. */
    public Job job(String id) {
        return jobs.stream().filter(j -> j.id().equals(id)).findFirst().orElse(null);
    }

    /** Features and geometry as this job's seat sees them. */
    public View view(Job job) {
        return job.seat() == Side.LEFT ? left : right;
    }

    private Point feet(String role, Side side) {
        for (Job job : jobs) {
            if (job.role().id().equals(role) && (job.seat() == side || job.id().equals(role))) {
                return job.feet();
            }
        }
        return null;
    }

    public Snap snap() {
        return snap;
    }

    public DocumentRef call() {
        return call;
    }

    /** Call side and cover side as decided for this phase. */
    public Binding sides() {
        return sides;
    }

    public List<Job> jobs() {
        return jobs;
    }

    public Features features() {
        return features;
    }

    /** What the call answered to the last motion step; null when nothing moved. */
    public MotionAnswer answer() {
        return answer;
    }

    @Override public boolean equals(Object other) {
        return other instanceof Lineup that && snap.equals(that.snap) && call.equals(that.call) && sides.equals(that.sides) && jobs.equals(that.jobs);
    }

    @Override public int hashCode() {
        return Objects.hash(snap, call, sides, jobs);
    }

    @Override public String toString() {
        return call.id() + " " + jobs;
    }
}
