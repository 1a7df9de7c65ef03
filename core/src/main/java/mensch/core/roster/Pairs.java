package mensch.core.roster;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;
import mensch.core.front.Front;
import mensch.core.front.Role;
import mensch.core.front.Sits;

/** Pairs of roles of a front whose men may or may not have permission to change sides. */
public final class Pairs {
    private Pairs() {}

    /**
     * One man of a pair sits on the call side and the other away from it, both of one body: first those whose names say
     * so, then those of the same cover seats, then what is left over singly. A role with a man on each side is a pair
     * in itself. Written as by a call to the offence's right.
     */
    public static List<Staying> of(Front front) {
        var pairs = new ArrayList<Staying>();
        front.roles().stream()
                .filter(r -> r.sits() == Sits.EACH_SIDE)
                .forEach(r -> pairs.add(new Staying(r.id(), r.id())));
        List<Role> call = new ArrayList<>(
                front.roles().stream().filter(r -> r.sits() == Sits.CALL_SIDE).toList());
        List<Role> away = new ArrayList<>(
                front.roles().stream().filter(r -> r.sits() == Sits.AWAY_SIDE).toList());
        match(call, away, pairs, (a, b) -> a.id().replace("-call", "").equals(b.id().replace("-away", "")));
        match(
                call,
                away,
                pairs,
                (a, b) ->
                        a.body() == b.body() && !a.lineman() && a.seat() == b.seat() && a.otherwise() == b.otherwise());
        match(call, away, pairs, (a, b) -> a.body() == b.body() && single(call, a) && single(away, b));
        return List.copyOf(pairs);
    }

    private static boolean single(List<Role> among, Role role) {
        return among.stream().filter(r -> r.body() == role.body()).count() == 1;
    }

    private static void match(List<Role> call, List<Role> away, List<Staying> pairs, BiPredicate<Role, Role> together) {
        for (Role one : List.copyOf(call)) {
            List<Role> mates =
                    away.stream().filter(other -> together.test(one, other)).toList();
            if (mates.size() == 1) {
                pairs.add(new Staying(one.id(), mates.get(0).id()));
                call.remove(one);
                away.remove(mates.get(0));
            }
        }
    }
}
