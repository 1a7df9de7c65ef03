package mensch.core.lineup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.call.Call;
import mensch.core.call.CallCheck;
import mensch.core.call.MotionAnswer;
import mensch.core.coverage.CoverSeat;
import mensch.core.formation.Answer;
import mensch.core.formation.Features;
import mensch.core.formation.SideWord;
import mensch.core.formation.Snap;
import mensch.core.front.Role;
import mensch.core.front.Sits;
import mensch.core.geometry.Side;
import mensch.core.rung.Condition;
import mensch.core.rung.View;
import mensch.core.rung.View.Binding;

/** Which side each role sits on: asked when the offence is set, then changed only by the call's answers to motion. */
final class Seating {
    private Seating() {}

    static Binding binding(Call call, Features features) {
        return new Binding(features.decided(call.callSide()), features.decided(call.coverSide()));
    }

    /**
     * After a motion: a strength that only a back, the field or the declared side decides is no reason to move, so the
     * side that was called stands.
     */
    static Binding after(Call call, Features features, Binding held) {
        return new Binding(
                features.even(call.callSide()) ? held.call() : features.decided(call.callSide()),
                features.even(call.coverSide()) ? held.cover() : features.decided(call.coverSide()));
    }

    /** The front's words stand with its men: the call side changes only when men who sit by it change sides. */
    static Binding settled(MotionAnswer answer, Call call, Binding fresh, Binding held) {
        boolean flips = answer.kind() == MotionAnswer.Kind.RESEAT
                && answer.roles().stream()
                        .flatMap(r -> call.front().role(r).stream())
                        .anyMatch(r -> r.sits() == Sits.CALL_SIDE || r.sits() == Sits.AWAY_SIDE);
        return flips ? fresh : new Binding(held.call(), fresh.cover());
    }

    static List<Seat> asSet(Call call, Binding binding) {
        var seats = new ArrayList<Seat>();
        Side cover = binding.cover().side();
        for (Role role : call.front().roles()) {
            if (role.sits() == Sits.EACH_SIDE) {
                seats.add(Seat.of(role, Side.LEFT, cover));
                seats.add(Seat.of(role, Side.RIGHT, cover));
            } else {
                seats.add(Seat.of(role, side(role.sits(), binding), cover));
            }
        }
        return seats;
    }

    private static Side side(Sits sits, Binding binding) {
        return switch (sits) {
            case CALL_SIDE, EACH_SIDE -> binding.call().side();
            case AWAY_SIDE -> binding.call().side().opposite();
            case COVER_SIDE -> binding.cover().side();
            case AWAY_FROM_COVER -> binding.cover().side().opposite();
        };
    }

    /**
     * The first answer whose condition holds after the motion; none given means bump, unless three receivers have come
     * together on the other side: then the coverage goes with them. What is asked of something nobody knows ends the
     * search as well, with bump, and is told.
     */
    static MotionAnswer answer(
            Lineup before, Call call, Snap snap, Features features, Binding binding, List<Open> open) {
        View view = neutral(call, features, snap, binding);
        for (MotionAnswer answer : call.motion()) {
            Answer holds = answer.when().in(view);
            if (holds == Answer.UNKNOWN) {
                open.add(Open.of(answer.words(), answer.when(), view));
                return MotionAnswer.BUMP;
            }
            if (holds == Answer.YES) {
                return answer;
            }
        }
        Side cover = binding.cover().side();
        boolean threeCameOver = cover != before.sides().cover().side()
                && features.shape().flank(cover).receivers().size() >= 3
                && features.shape().flank(cover.opposite()).receivers().size() <= 1;
        return threeCameOver ? withTheReceivers(call) : MotionAnswer.BUMP;
    }

    private static MotionAnswer withTheReceivers(Call call) {
        List<String> roles = call.front().roles().stream()
                .filter(r -> r.sits() == Sits.COVER_SIDE || r.sits() == Sits.AWAY_FROM_COVER || safety(r))
                .map(Role::id)
                .toList();
        return new MotionAnswer(new Condition.Always(), MotionAnswer.Kind.RESEAT, roles);
    }

    /**
     * The first check whose condition holds; as with a rung, one that asks for something nobody knows ends the search,
     * and is told.
     */
    static Optional<CallCheck> check(Call call, Features features, Snap snap, List<Open> open) {
        if (call.checks().isEmpty()) {
            return Optional.empty();
        }
        View view = neutral(call, features, snap, binding(call, features));
        for (CallCheck check : call.checks()) {
            Answer holds = check.when().in(view);
            if (holds == Answer.UNKNOWN) {
                open.add(Open.of(check.words(), check.when(), view));
                return Optional.empty();
            }
            if (holds == Answer.YES) {
                return Optional.of(check);
            }
        }
        return Optional.empty();
    }

    /** A view of the whole picture: "my side" is the call side. */
    private static View neutral(Call call, Features features, Snap snap, Binding binding) {
        return new View(
                features, snap, call.convention(), binding, binding.call().side(), (role, side) -> Optional.empty());
    }

    static List<Seat> after(MotionAnswer answer, List<Seat> before, Features features, Binding binding) {
        return before.stream()
                .map(seat -> after(answer, seat, features, binding))
                .toList();
    }

    private static Seat after(MotionAnswer answer, Seat seat, Features features, Binding binding) {
        Side cover = binding.cover().side();
        boolean travels = answer.kind() == MotionAnswer.Kind.TRAVEL
                && answer.roles().contains(seat.role().id());
        if (safety(seat.role()) && travels) {
            return new Seat(seat.role(), features.decided(SideWord.MOTION).side(), seat.cover());
        }
        if (safety(seat.role())) {
            return rotates(answer, seat.role()) ? Seat.of(seat.role(), seat.side(), cover) : seat;
        }
        return Seat.of(seat.role(), side(answer, seat, features, binding), cover);
    }

    /** Safeties stay on their side of the field: told to, they take the deep seat of the side they stand on. */
    private static boolean rotates(MotionAnswer answer, Role role) {
        return answer.kind() == MotionAnswer.Kind.ROTATE
                || answer.kind() == MotionAnswer.Kind.RESEAT && answer.roles().contains(role.id());
    }

    private static Side side(MotionAnswer answer, Seat seat, Features features, Binding binding) {
        Role role = seat.role();
        if (role.sits() == Sits.EACH_SIDE) {
            return seat.side();
        }
        boolean named = answer.roles().contains(role.id());
        return switch (answer.kind()) {
            case RESEAT -> named ? side(role.sits(), binding) : seat.side();
            case TRAVEL -> named ? features.decided(SideWord.MOTION).side() : seat.side();
            case ROTATE, BUMP, STAY, CHECK -> seat.side();
        };
    }

    /** One of two deep men who may play either deep seat. */
    private static boolean safety(Role role) {
        return role.seat() != role.otherwise() && deep(role.seat()) && deep(role.otherwise());
    }

    private static boolean deep(CoverSeat seat) {
        return seat == CoverSeat.DEEP_STRONG || seat == CoverSeat.DEEP_WEAK;
    }
}
