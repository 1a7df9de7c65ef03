package mensch.core.lineup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mensch.core.call.Call;
import mensch.core.call.CallCheck;
import mensch.core.call.LayeredRung;
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
import org.jspecify.annotations.Nullable;

/** Eleven jobs in the order the men stand, offence's left to right: the answer key of one call against one snap. */
public final class Lineup {
    private static final Comparator<Job> FIELD_ORDER = Comparator.comparingDouble(
                    (Job j) -> j.feet() == null ? Double.MAX_VALUE : j.feet().x())
            .thenComparingDouble(j -> j.feet() == null ? 0 : j.feet().y())
            .thenComparing(Job::id);

    private final Snap snap;
    private final Call asked;
    private final Call call;
    private final @Nullable CallCheck check;
    private final Binding sides;
    private final List<Job> jobs;
    private final Features features;
    private final @Nullable MotionAnswer answer;
    private final List<Open> open;
    private final @Nullable Lineup before;
    private final View left;
    private final View right;

    private Lineup(Snap snap, Asked asked, Binding sides, List<Job> jobs, Features features) {
        var ordered = new ArrayList<>(jobs);
        ordered.sort(FIELD_ORDER);
        this.snap = snap;
        this.asked = asked.of();
        this.call = asked.call();
        this.check = asked.check();
        this.sides = sides;
        this.jobs = List.copyOf(ordered);
        this.features = features;
        this.answer = asked.answer();
        this.open = List.copyOf(asked.open());
        this.before = asked.before();
        this.left = new View(features, snap, call.convention(), sides, Side.LEFT, this::feet);
        this.right = new View(features, snap, call.convention(), sides, Side.RIGHT, this::feet);
    }

    /**
     * Which call was asked for and which is in force, the check that led to it and the answer to the last motion step;
     * both may be null. What could not be decided is open.
     */
    private record Asked(
            Call of,
            Call call,
            @Nullable CallCheck check,
            @Nullable MotionAnswer answer,
            List<Open> open,
            @Nullable Lineup before) {}

    /**
     * The jobs of a call against the snap's last phase; seats carry over from phase to phase as the call's motion
     * answers say.
     */
    public static Lineup of(Call call, Snap snap) {
        Features features = Features.of(snap, call.convention());
        var open = new ArrayList<Open>();
        CallCheck check = Seating.check(call, features, snap, open).orElse(null);
        if (!snap.moved()) {
            Call inForce = check == null ? call : call.checked(check.call());
            return asSet(new Asked(call, inForce, check, null, open, null), snap, features);
        }
        Lineup before = of(call, snap.before());
        if (check == null || check.equals(before.check)) {
            return after(before, snap, features, open);
        }
        return checked(new Asked(call, call.checked(check.call()), check, null, open, before), snap, features);
    }

    private static Lineup asSet(Asked asked, Snap snap, Features features) {
        Call call = asked.call();
        Binding binding = Seating.binding(call, features);
        return new Lineup(
                snap,
                asked,
                binding,
                new Resolver(call, snap, features, binding, Seating.asSet(call, binding)).jobs(),
                features);
    }

    private static Lineup after(Lineup before, Snap snap, Features features, List<Open> open) {
        Call call = before.call;
        Binding binding = Seating.after(call, features, before.sides);
        MotionAnswer answer = Seating.answer(before, call, snap, features, binding, open);
        if (answer.kind() == MotionAnswer.Kind.CHECK) {
            Call other = call.checked(answer.roles().get(0));
            return checked(new Asked(before.asked, other, null, answer, open, before), snap, features);
        }
        var asked = new Asked(before.asked, call, before.check, answer, open, before);
        if (answer.kind() == MotionAnswer.Kind.STAY) {
            return new Lineup(snap, asked, before.sides, before.jobs, features);
        }
        return seated(asked, answer, Seating.settled(answer, call, binding, before.sides), snap, features);
    }

    /** Another call on the picture after the motion: where its front is the same, men stay where they stand. */
    private static Lineup checked(Asked asked, Snap snap, Features features) {
        Lineup before = Objects.requireNonNull(asked.before());
        Call call = asked.call();
        if (!call.front().roles().equals(before.call.front().roles())) {
            return asSet(asked, snap, features);
        }
        Binding binding = Seating.after(call, features, before.sides);
        MotionAnswer seats = Seating.answer(before, call, snap, features, binding, asked.open());
        return seated(asked, seats, Seating.settled(seats, call, binding, before.sides), snap, features);
    }

    private static Lineup seated(Asked asked, MotionAnswer answer, Binding binding, Snap snap, Features features) {
        List<Seat> held = Objects.requireNonNull(asked.before()).held();
        List<Seat> seats = Seating.after(answer, held, features, binding);
        return new Lineup(
                snap, asked, binding, new Resolver(asked.call(), snap, features, binding, seats).jobs(), features);
    }

    private List<Seat> held() {
        return jobs.stream()
                .map(j -> new Seat(j.role(), j.seat(), j.cover()))
                .sorted(Comparator.comparing((Seat s) -> s.role().id()).thenComparing(Seat::side))
                .toList();
    }

    /**
     * The same line-up with one man elsewhere than his rules say; what he has to do stays.
     *
     * @param id {@link Job#id()}
     * @param right yards to the offence's right
     * @param deep yards up the field
     */
    public Lineup moved(String id, double right, double deep) {
        return new Lineup(
                snap,
                new Asked(asked, call, check, answer, open, before),
                sides,
                jobs.stream()
                        .map(j -> j.id().equals(id) ? j.moved(right, deep) : j)
                        .toList(),
                features);
    }

    public Lineup mirror() {
        Snap turned = snap.mirror();
        var binding = new Binding(mirror(sides.call()), mirror(sides.cover()));
        return new Lineup(
                turned,
                new Asked(asked, call, check, answer, open, before == null ? null : before.mirror()),
                binding,
                jobs.stream().map(Job::mirror).toList(),
                Features.of(turned, call.convention()));
    }

    private static Decided mirror(Decided decided) {
        return new Decided(decided.side().opposite(), decided.by(), decided.fellBack());
    }

    /** A job with the place it has. */
    public record Placed(Job job, Point feet) {}

    /** The jobs that have a place, in field order. */
    public List<Placed> placed() {
        var placed = new ArrayList<Placed>();
        for (Job job : jobs) {
            Point feet = job.feet();
            if (feet != null) {
                placed.add(new Placed(job, feet));
            }
        }
        return placed;
    }

    /**
     * The job of a role; for a role with two seats the one on a side. @throws java.util.NoSuchElementException when
     * there is none
     */
    public Job job(String role, Side side) {
        return jobs.stream()
                .filter(j -> j.role().id().equals(role) && j.seat() == side)
                .findFirst()
                .orElseThrow();
    }

    /** A job by {@link Job#id()}; null when nobody is called so, as after a change of personnel. */
    public @Nullable Job job(String id) {
        return jobs.stream().filter(j -> j.id().equals(id)).findFirst().orElse(null);
    }

    /** A man by {@link Job#id()} or by his name in the formation, as he is said: a defender in words. */
    public String called(String id) {
        Job job = job(id);
        return job == null ? id : job.words();
    }

    /** Features and geometry as this job's seat sees them. */
    public View view(Job job) {
        return job.seat() == Side.LEFT ? left : right;
    }

    /** Features and geometry seen from a side of the ball. */
    public View viewFrom(Side side) {
        return side == Side.LEFT ? left : right;
    }

    /** The rungs that were asked for this job, all layers, top first. */
    public List<LayeredRung> ladder(Job job) {
        return call.ladder(job.role(), job.cover()).rungs();
    }

    private Optional<Point> feet(String role, Side side) {
        return jobs.stream()
                .filter(j -> j.role().id().equals(role) && (j.seat() == side || j.id().equals(role)))
                .findFirst()
                .flatMap(j -> Optional.ofNullable(j.feet()));
    }

    public Snap snap() {
        return snap;
    }

    /** Whether it is small-sided flag. */
    public boolean flag() {
        return snap.field().code().flag();
    }

    /** The document that was in force: the call asked for, or the one it checked to. */
    public DocumentRef call() {
        return call.ref();
    }

    /** The call asked for, whether it is in force or has checked to another. */
    public Call asked() {
        return asked;
    }

    /** The call in force. */
    public Call inForce() {
        return call;
    }

    /** The check that put this call in force; null when none did. */
    public @Nullable CallCheck check() {
        return check;
    }

    public Convention convention() {
        return call.convention();
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
    public @Nullable MotionAnswer answer() {
        return answer;
    }

    /** The same call before the last step of the motion; none when nothing moved or the check was made at the line. */
    public Optional<Lineup> before() {
        return Optional.ofNullable(before);
    }

    /** Checks and answers to motion that hang on something nobody knows. */
    public List<Open> open() {
        return open;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Lineup that
                && snap.equals(that.snap)
                && call.ref().equals(that.call.ref())
                && sides.equals(that.sides)
                && jobs.equals(that.jobs);
    }

    @Override
    public int hashCode() {
        return Objects.hash(snap, call.ref(), sides, jobs);
    }

    @Override
    public String toString() {
        return call.ref().id() + " " + jobs;
    }
}
