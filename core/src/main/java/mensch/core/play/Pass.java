package mensch.core.play;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.document.RefusedException;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.formation.Man;
import mensch.core.rung.Condition;
import mensch.core.rung.View;
import org.jspecify.annotations.Nullable;

/**
 * A pass concept.
 *
 * @param needs what the formation must have, seen from the play side
 * @param throwSeconds when the ball leaves the hand, seconds after the snap
 * @param told the route of each man named; men not named stay in or clear out and are not asked for
 * @param delivery how the ball comes out
 * @param attacks whom it is made to hurt, in words; null for one that is only the pass of an option
 */
public record Pass(
        String id,
        String name,
        Condition needs,
        double throwSeconds,
        List<Told> told,
        Delivery delivery,
        @Nullable String attacks) {

    /** A man and his route. */
    public record Told(Who who, Route route) {}

    public Pass {
        told = List.copyOf(told);
    }

    /**
     * The same with another route for one man.
     *
     * @throws RefusedException when he has none here
     */
    public Pass running(@Nullable Man man, Route route, View view) {
        if (told.stream().noneMatch(t -> runs(t, man, view))) {
            throw new RefusedException((man == null ? "he" : man.name()) + " has no route in " + name + "; "
                    + told.stream()
                            .flatMap(t -> t.who().in(view).stream())
                            .map(Man::name)
                            .collect(Collectors.joining(", "))
                    + " have one");
        }
        return new Pass(
                id,
                name,
                needs,
                throwSeconds,
                told.stream()
                        .map(t -> runs(t, man, view) ? new Told(t.who(), route) : t)
                        .toList(),
                delivery,
                attacks);
    }

    private static boolean runs(Told told, @Nullable Man man, View view) {
        return told.who().in(view).filter(m -> m.equals(man)).isPresent();
    }

    /** Whether every break is in front of the end line; a route without a break only ends there. */
    public boolean hasRoom(View view) {
        double most = view.field().endLineDepth() - view.convention().drops().endLineMargin();
        return told.stream()
                .allMatch(t -> t.who().in(view).stream()
                        .map(man -> t.route().points(man.feet(), t.who().side(view), view.field()))
                        .allMatch(points -> points.size() < 3 || points.get(1).y() <= most));
    }

    /** Whether this formation can run it to the view's side; small-sided football has plays of its own. */
    public Answer fits(View view) {
        boolean small = needs.features().contains(Feature.SMALL_SIDED);
        return view.field().code().flag() == small ? needs.in(view) : Answer.NO;
    }
}
