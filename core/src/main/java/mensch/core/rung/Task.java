package mensch.core.rung;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import org.jspecify.annotations.Nullable;

/** What a man does against the run or the pass, one thing at a time. */
public sealed interface Task {

    /** Normal form; reads back to an equal task. */
    String words();

    /**
     * Where it sends him, play frame: his gap on the line, his landmark, the man he covers or rushes as that man stands
     * in this view; none when it names no place, or a man who is not there.
     */
    default Optional<Point> aim(View view) {
        return Optional.empty();
    }

    record None() implements Task {
        @Override
        public String words() {
            return "none";
        }
    }

    /** A gap, a role, or both; at least one is not null. */
    record Fit(@Nullable GapWord gap, @Nullable FitRole role) implements Task {
        @Override
        public String words() {
            if (gap == null) {
                return Objects.requireNonNull(role).words();
            }
            return gap.words() + (role == null ? "" : ", " + role.words());
        }

        /** The side he plays it on: the gap's, else his own. */
        public Side side(View view) {
            return gap == null ? view.my() : view.side(gap.where());
        }

        @Override
        public Optional<Point> aim(View view) {
            return gap == null ? Optional.empty() : gap.middle(view);
        }
    }

    record TwoGap() implements Task {
        @Override
        public String words() {
            return "two-gap";
        }
    }

    /** The first gap from the ball out on my side that nobody else owns. */
    record OpenGap() implements Task {
        @Override
        public String words() {
            return "open gap";
        }
    }

    /** The gap the other man would have by his own rungs. */
    record Exchange(String role) implements Task {
        @Override
        public String words() {
            return "exchange with " + role;
        }
    }

    /**
     * A zone.
     *
     * @param where the side it lies on
     * @param drop how deep, when not at the area's own depth; else null
     * @param receiver the man to run with when he goes deep ({@code matched} false) or to play as his man once he
     *     enters, or null
     * @param trapped whom he takes instead when number two of his side is out before the exchange depth, or null
     *     (handbook 9, trap)
     */
    record Cover(
            Area area,
            Where where,
            @Nullable Drop drop,
            @Nullable Ref receiver,
            boolean matched,
            @Nullable Ref trapped) implements Task {
        public Cover(Area area) {
            this(area, Where.MY, null, null, false, null);
        }

        /** Where he aims, play frame. */
        public Point landmark(View view) {
            Side side = side(view);
            return drop == null ? area.landmark(view, side) : area.landmark(view, side, drop.yards(view));
        }

        /** The depth he is told, yards; near the goal the end line leaves him less. */
        public double wantedDepth(View view) {
            return drop == null ? area.depth(view) : drop.yards(view);
        }

        /** The side of the field his zone lies on. */
        public Side side(View view) {
            return view.side(where);
        }

        @Override
        public Optional<Point> aim(View view) {
            return Optional.of(landmark(view));
        }

        @Override
        public String words() {
            return area.words()
                    + where.suffix()
                    + (drop == null ? "" : drop.words())
                    + (receiver == null ? "" : (matched ? " match " : " carry ") + receiver.words())
                    + (trapped == null ? "" : " trap " + trapped.words());
        }
    }

    /** A depth of its own for a drop; {@code depth} null means keyed to the line to gain. */
    record Drop(@Nullable Depth depth) {
        double yards(View view) {
            return depth == null
                    ? Area.toGain(view.distance(), view.convention().drops())
                    : depth.aim();
        }

        String words() {
            return depth == null ? " at line to gain" : " @ " + depth.words();
        }
    }

    /** Receivers by name, wherever they run. */
    sealed interface OnMen extends Task {
        /** Whom he has, or of whom he has one; at least one. */
        List<Ref> men();

        /** The task when one of them is not there, if he is told one. */
        Optional<Task> instead();

        /** The words up to "else". */
        String first();

        @Override
        default String words() {
            return first() + instead().map(task -> " else " + task.words()).orElse("");
        }

        @Override
        default Optional<Point> aim(View view) {
            return view.feet(men().get(0));
        }
    }

    /** A man. */
    record ManOn(Ref man, @Nullable Task otherwise) implements OnMen {
        @Override
        public List<Ref> men() {
            return List.of(man);
        }

        @Override
        public String first() {
            return "man " + man.words();
        }

        @Override
        public Optional<Task> instead() {
            return Optional.ofNullable(otherwise);
        }
    }

    /**
     * One of two men on one receiver (handbook 9, bracket).
     *
     * @param inside whether he has what goes in and deep, else what stays short or goes out
     */
    record Bracket(Ref man, boolean inside, @Nullable Task otherwise) implements OnMen {
        @Override
        public List<Ref> men() {
            return List.of(man);
        }

        @Override
        public String first() {
            return "bracket " + man.words() + (inside ? " from inside" : " from outside");
        }

        @Override
        public Optional<Task> instead() {
            return Optional.ofNullable(otherwise);
        }
    }

    /**
     * One of two men on two receivers who stand close, whichever comes his way (handbook 9, banjo).
     *
     * @param out whether he has the first one out, else the first one in
     */
    record FirstOf(
            Ref one, Ref other, boolean out, @Nullable Task otherwise) implements OnMen {
        @Override
        public List<Ref> men() {
            return List.of(one, other);
        }

        @Override
        public String first() {
            return "man first " + (out ? "out" : "in") + " of " + one.words() + " and " + other.words();
        }

        @Override
        public Optional<Task> instead() {
            return Optional.ofNullable(otherwise);
        }
    }

    /** Take over the pass task of another role. */
    record Replace(String role) implements Task {
        @Override
        public String words() {
            return "replace " + role;
        }
    }

    /** Rush the passer, through a lane when one is named. */
    record Rush(boolean contain, @Nullable GapWord lane) implements Task {
        @Override
        public String words() {
            return contain ? "rush contain" : lane == null ? "rush" : "rush " + lane.words();
        }

        @Override
        public Optional<Point> aim(View view) {
            return lane == null ? Optional.empty() : lane.middle(view);
        }
    }

    record Spy() implements Task {
        @Override
        public String words() {
            return "spy quarterback";
        }

        @Override
        public Optional<Point> aim(View view) {
            return view.feet(Ref.of(Ref.Kind.QUARTERBACK));
        }
    }

    /** The free man low in the middle: first crosser. */
    record Hole() implements Task {
        @Override
        public String words() {
            return "hole";
        }
    }
}
