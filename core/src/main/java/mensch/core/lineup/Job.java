package mensch.core.lineup;

import java.util.List;
import java.util.Objects;
import mensch.core.coverage.CoverSeat;
import mensch.core.event.Event;
import mensch.core.front.Role;
import mensch.core.front.Sits;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.rung.Key;
import mensch.core.rung.Move;
import mensch.core.rung.Part;
import mensch.core.rung.Place;
import mensch.core.rung.Steps;
import mensch.core.rung.Task;
import org.jspecify.annotations.Nullable;

/**
 * One defender's whole job on one snap, each part with its reason. The type that everybody else reads.
 *
 * @param seat the side he sits on
 * @param cover the seat of the coverage he plays
 */
public record Job(Role role, Side seat, CoverSeat cover, Before before, After after) {

    /** What he does up to the snap. A {@code show} of value null is "none". */
    public record Before(Given<Place> show, Given<Place> align, Given<String> stance, Given<Key> key) {}

    /**
     * What he does from the snap on.
     *
     * @param reactions what changes it, his own rungs before the house's table, each man's message once
     */
    public record After(
            Given<Move> move,
            Given<String> reads,
            Given<Steps> run,
            Given<Steps> pass,
            Given<String> technique,
            List<Reaction> reactions) {}

    /** Equal jobs have equal places and tasks; the reasons behind them need not be hashed. */
    @Override
    public int hashCode() {
        return Objects.hash(
                role.id(), seat, feet(), after.run().orNull(), after.pass().orNull());
    }

    /** Unique in a line-up: the role, with its side when the role has two seats. */
    public String id() {
        return role.sits() == Sits.EACH_SIDE ? role.id() + "-" + seat.words() : role.id();
    }

    /** His {@link #id()} as coaches say it. */
    public String words() {
        return role.sits() == Sits.EACH_SIDE ? role.words() + " " + seat.words() : role.words();
    }

    /** Where he is to stand, or null when his alignment has no value: a man without a place stays in every list. */
    public @Nullable Point feet() {
        Place place = before.align().orNull();
        return place == null ? null : place.feet();
    }

    /**
     * Where he is to stand; {@code otherwise} when his alignment has no value, for a mark that must stand somewhere.
     */
    public Point feetOr(Point otherwise) {
        Point feet = feet();
        return feet == null ? otherwise : feet;
    }

    /**
     * His fit in the ledgers: what he does first, or, when he waits in the window, what he does once the quarterback
     * crosses.
     */
    public Task fit() {
        Steps steps = after.run().orNull();
        boolean waits = steps != null
                && steps.first() instanceof Task.None
                && steps.steps().get(0).until() == Event.Seen.QUARTERBACK_CROSSES;
        return steps != null && waits ? steps.steps().get(1).task() : runTask();
    }

    /** What he does first against the run; {@link Task.None} when nothing is given. */
    public Task runTask() {
        Steps steps = after.run().orNull();
        return steps == null ? new Task.None() : steps.first();
    }

    /** What becomes of his job when something happens; his orders stand on what he is not taught. */
    public Reaction on(Event event) {
        return after.reactions().stream()
                .filter(r -> r.on().equals(event))
                .findFirst()
                .orElseGet(() -> Reaction.notTaught(event));
    }

    public Task passTask() {
        Steps steps = after.pass().orNull();
        return steps == null ? new Task.None() : steps.first();
    }

    public Given<?> part(Part part) {
        return switch (part) {
            case SHOW -> before.show();
            case ALIGN -> before.align();
            case STANCE -> before.stance();
            case KEY -> before.key();
            case MOVE -> after.move();
            case READS -> after.reads();
            case RUN -> after.run();
            case PASS -> after.pass();
            case TECHNIQUE -> after.technique();
        };
    }

    /** The same job from elsewhere, yards to the offence's right and up the field. */
    Job moved(double right, double deep) {
        Given<Place> align = before.align() instanceof Given.By<Place> by
                ? new Given.By<>(by.value().moved(right, deep), by.chain())
                : before.align();
        return new Job(role, seat, cover, new Before(before.show(), align, before.stance(), before.key()), after);
    }

    /** The job of the man who stands there with left and right exchanged. */
    public Job mirror() {
        return new Job(
                role,
                seat.opposite(),
                cover,
                new Before(
                        Mirrored.place(before.show()),
                        Mirrored.place(before.align()),
                        Mirrored.of(before.stance()),
                        Mirrored.of(before.key())),
                new After(
                        Mirrored.of(after.move()),
                        Mirrored.of(after.reads()),
                        Mirrored.of(after.run()),
                        Mirrored.of(after.pass()),
                        Mirrored.of(after.technique()),
                        after.reactions()));
    }
}
