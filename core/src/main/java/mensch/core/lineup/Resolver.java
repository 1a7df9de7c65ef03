package mensch.core.lineup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import mensch.core.call.Call;
import mensch.core.call.Layer;
import mensch.core.event.Whose;
import mensch.core.formation.Features;
import mensch.core.formation.Man;
import mensch.core.formation.Snap;
import mensch.core.front.Sits;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Given.By;
import mensch.core.lineup.Given.Nobody;
import mensch.core.lineup.Given.None;
import mensch.core.lineup.Given.Undefined;
import mensch.core.rung.FitRole;
import mensch.core.rung.Gives;
import mensch.core.rung.Key;
import mensch.core.rung.Move;
import mensch.core.rung.Part;
import mensch.core.rung.Phrase;
import mensch.core.rung.Place;
import mensch.core.rung.ReadTable;
import mensch.core.rung.Ref;
import mensch.core.rung.Steps;
import mensch.core.rung.Task;
import mensch.core.rung.View;
import mensch.core.rung.View.Binding;
import org.jspecify.annotations.Nullable;

/** Answers every part of every seat of one phase, in the fixed order: places, then run, then pass. */
final class Resolver {
    private final List<Seat> seats;
    private final List<Pick> picks = new ArrayList<>();
    private final List<View> views = new ArrayList<>();
    private final List<Given<Place>> aligns = new ArrayList<>();
    private final boolean[] placing;
    /** Stands in the list until a place is asked for. */
    private static final Given<Place> NOT_YET = new Undefined<>(Part.ALIGN);

    private final Call call;

    Resolver(Call call, Snap snap, Features features, Binding binding, List<Seat> seats) {
        this.call = call;
        this.seats = seats;
        this.placing = new boolean[seats.size()];
        var left = new View(features, snap, call.convention(), binding, Side.LEFT, this::feet);
        var right = new View(features, snap, call.convention(), binding, Side.RIGHT, this::feet);
        for (Seat seat : seats) {
            View view = seat.side() == Side.LEFT ? left : right;
            views.add(view);
            picks.add(new Pick(call.ladder(seat.role(), seat.cover()), view));
            aligns.add(NOT_YET);
        }
    }

    List<Job> jobs() {
        var run = new ArrayList<Given<Steps>>();
        var pass = new ArrayList<Given<Steps>>();
        for (int i = 0; i < seats.size(); i++) {
            align(i);
            run.add(value(i, Part.RUN, g -> ((Gives.Run) g).steps()));
            pass.add(value(i, Part.PASS, g -> ((Gives.Pass) g).steps()));
        }
        var tasks = new TaskResolver(seats, views, aligns);
        tasks.run(run);
        tasks.pass(pass);
        var jobs = new ArrayList<Job>();
        for (int i = 0; i < seats.size(); i++) {
            int seat = i;
            jobs.add(job(i, run.get(i), pass.get(i), alone(i, run), steps -> tasks.settled(seat, steps, run)));
        }
        return jobs;
    }

    /** Whether nobody outside him turns the run in on his side: of two force men the inner one may spill. */
    private boolean alone(int i, List<Given<Steps>> run) {
        for (int other = 0; other < seats.size(); other++) {
            Steps steps = run.get(other).orNull();
            if (other != i
                    && steps != null
                    && steps.first() instanceof Task.Fit fit
                    && fit.role() == FitRole.FORCE
                    && fit.side(views.get(other)) == seats.get(i).side()
                    && outside(other, i)) {
                return false;
            }
        }
        return true;
    }

    /** Wider than the other, or as wide and deeper. A man without a place may stand anywhere. */
    private boolean outside(int other, int i) {
        Place his = aligns.get(other).orNull();
        Place mine = aligns.get(i).orNull();
        if (his == null || mine == null) {
            return true;
        }
        int sign = seats.get(i).side().sign();
        double wider = sign * (his.feet().x() - mine.feet().x());
        double same = views.get(i).convention().thresholds().surface().sameLateral();
        return wider > same || wider >= -same && his.feet().y() > mine.feet().y();
    }

    private Job job(int i, Given<Steps> run, Given<Steps> pass, boolean alone, UnaryOperator<Steps> settle) {
        Given<String> reads = value(i, Part.READS, g -> ((Gives.ReadTable) g).id());
        ReadTable table =
                reads instanceof By<String> by ? call.readTable(by.value()).orElse(null) : null;
        var before = new Job.Before(
                place(i, Part.SHOW), aligns.get(i), value(i, Part.STANCE, g -> ((Gives.Stance) g).word()), key(i));
        var after = new Job.After(
                value(i, Part.MOVE, g -> ((Gives.Moves) g).move()),
                reads,
                run,
                pass,
                value(i, Part.TECHNIQUE, g -> ((Gives.Checklist) g).id()),
                Reactions.of(
                        run.orNull(),
                        pass.orNull(),
                        table == null
                                ? null
                                : taught(i, table, alone, before.key().orNull()),
                        settle));
        Seat seat = seats.get(i);
        return new Job(seat.role(), seat.side(), seat.cover(), before, after);
    }

    /** His table as it is for him: alone or not, and without the rows of a man he is told to ignore. */
    private ReadTable taught(int i, ReadTable table, boolean alone, @Nullable Key key) {
        ReadTable mine = alone ? table.whenAlone() : table;
        for (int k = 0; key != null && !key.ignore().isEmpty() && k < key.men().size(); k++) {
            Optional<Man> man = views.get(i).man(key.men().get(k));
            boolean ignored = man.isPresent()
                    && key.ignore().stream().anyMatch(r -> views.get(i).man(r).equals(man));
            if (ignored) {
                mine = mine.without(k == 0 ? Whose.KEY : Whose.SECOND);
            }
        }
        return mine;
    }

    private <P> Given<P> value(int i, Part part, Function<Gives, P> value) {
        return map(picks.get(i).part(part), value);
    }

    private static <P> Given<P> map(Given<Gives> given, Function<Gives, P> value) {
        if (given instanceof By<Gives> by) {
            return new By<>(value.apply(by.value()), by.chain());
        }
        return cast(given);
    }

    /** A given without a value holds nothing of its type. */
    @SuppressWarnings("unchecked")
    private static <P> Given<P> cast(Given<?> without) {
        return (Given<P>) without;
    }

    private Given<Key> key(int i) {
        Given<Key> given = value(i, Part.KEY, g -> ((Gives.Keys) g).key());
        if (given instanceof By<Key> by
                && views.get(i).feet(by.value().men().get(0)).isEmpty()) {
            return new Nobody<>(Part.KEY, by.value().men().get(0).words(), by.chain());
        }
        return given instanceof By<Key> by ? onTheMove(i, by) : given;
    }

    /** A lineman whom a movement sends somewhere reads the next man that way, and through him whom he read before. */
    private Given<Key> onTheMove(int i, By<Key> key) {
        Given<Move> given = value(i, Part.MOVE, g -> ((Gives.Moves) g).move());
        Place place = aligns.get(i).orNull();
        if (!seats.get(i).role().lineman()
                || place == null
                || !(given instanceof By<Move> move)
                || move.chain().get(0).layer() != Layer.Kind.MOVEMENT
                || key.chain().get(0).layer() == Layer.Kind.MOVEMENT) {
            return key;
        }
        Optional<Ref> next = move.value().next(views.get(i), place.feet());
        if (next.isEmpty()) {
            return key;
        }
        Ref first = next.get();
        List<Ref> men = Stream.concat(
                        Stream.of(first),
                        key.value().men().stream()
                                .filter(m ->
                                        !views.get(i).man(m).equals(views.get(i).man(first))))
                .limit(2)
                .toList();
        return new By<>(
                new Key(men, key.value().ignore()),
                Stream.concat(key.chain().stream(), move.chain().stream()).toList());
    }

    private Given<Place> align(int i) {
        if (aligns.get(i) == NOT_YET) {
            placing[i] = true;
            aligns.set(i, place(i, Part.ALIGN));
            placing[i] = false;
        }
        return aligns.get(i);
    }

    private Given<Place> place(int i, Part part) {
        Given<Gives> given = picks.get(i).part(part);
        if (!(given instanceof By<Gives> by)) {
            return cast(given);
        }
        Given<Phrase> phrase = below(i, part, by);
        if (!(phrase instanceof By<Phrase> found)) {
            return cast(phrase);
        }
        for (Ref ref : found.value().needs()) {
            if (views.get(i).feet(ref).isEmpty()) {
                return new Nobody<>(part, ref.words(), found.chain());
            }
        }
        return new By<>(found.value().place(views.get(i)), found.chain());
    }

    /** A phrase that changes what the ladder below gives takes that phrase in and names both rungs. */
    private Given<Phrase> below(int i, Part part, By<Gives> by) {
        Optional<Phrase> phrase = by.value().place();
        if (phrase.isEmpty()) {
            return new None<>(by.chain());
        }
        if (!(phrase.get() instanceof Phrase.Shifted shifted) || shifted.base() != null) {
            return new By<>(phrase.get(), by.chain());
        }
        Given<Gives> under = picks.get(i).part(part, picks.get(i).position(by.chain()) + 1);
        if (!(under instanceof By<Gives> next)) {
            return cast(under);
        }
        Given<Phrase> base = below(i, part, next);
        if (!(base instanceof By<Phrase> found)) {
            return base;
        }
        var chain = new ArrayList<>(by.chain());
        chain.addAll(found.chain());
        return new By<>(shifted.on(found.value()), List.copyOf(chain));
    }

    /** Feet of another defender; none when his own place leans on the one who asks, as in a circle. */
    private Optional<Point> feet(String role, Side side) {
        for (int i = 0; i < seats.size(); i++) {
            Seat seat = seats.get(i);
            boolean meant =
                    seat.role().id().equals(role) && (seat.role().sits() != Sits.EACH_SIDE || seat.side() == side);
            if (meant && !placing[i]) {
                return Optional.ofNullable(align(i).orNull()).map(Place::feet);
            }
        }
        return Optional.empty();
    }
}
