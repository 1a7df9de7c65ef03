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
import mensch.core.rung.View;
import mensch.core.rung.View.Binding;

/** Which side each role sits on: asked when the offence is set, then changed only by the call's answers to motion. */
final class Seating {
    private Seating() {}

    static Binding binding(Call call, Features features) {
        return new Binding(features.decided(call.callSide()), features.decided(call.coverSide()));
    }

    static List<Seat> asSet(Call call, Binding binding) {
        var seats = new ArrayList<Seat>();
        for (Role role : call.front().roles()) {
            if (role.sits() == Sits.EACH_SIDE) {
                seats.add(new Seat(role, Side.LEFT));
                seats.add(new Seat(role, Side.RIGHT));
            } else {
                seats.add(new Seat(role, side(role.sits(), binding)));
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
     * The first answer whose condition holds after the motion; none given means bump. What is asked of something nobody
     * knows ends the search as well, with bump, and is told.
     */
    static MotionAnswer answer(Call call, Features features, Snap snap, Binding binding, List<Open> open) {
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
        return MotionAnswer.BUMP;
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
                .map(seat -> new Seat(seat.role(), side(answer, seat, features, binding)))
                .toList();
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
            case ROTATE -> deep(role) ? seat.side().opposite() : seat.side();
            case BUMP, STAY, CHECK -> seat.side();
        };
    }

    private static boolean deep(Role role) {
        return role.seat() == role.otherwise()
                && (role.seat() == CoverSeat.DEEP_STRONG || role.seat() == CoverSeat.DEEP_WEAK);
    }
}
