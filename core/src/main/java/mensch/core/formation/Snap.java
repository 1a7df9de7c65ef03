package mensch.core.formation;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import mensch.core.convention.Convention;
import mensch.core.field.Field;
import mensch.core.field.Situation;
import mensch.core.geometry.Side;
import mensch.core.geometry.Vector;

/**
 * One snap as the defence must line up to it: a phase is just another formation.
 *
 * @param phases the formation as set, then after each step of the motion; at least one
 * @param declared the side the coach declares when nothing else decides
 * @param shift whether everybody is set again after the last step; otherwise its men are still moving at the snap
 * @param pace yards a second at which its men move until the snap; 0 as fast as the model has it
 * @param unknown features that nobody knows (men not marked on film); a rule that needs one is undecided
 */
public record Snap(
        List<Formation> phases,
        Field field,
        Situation situation,
        Side declared,
        boolean shift,
        double pace,
        Set<Feature> unknown) {
    public Snap {
        if (phases.isEmpty()) {
            throw new IllegalArgumentException("a snap needs a formation");
        }
        phases = List.copyOf(phases);
        unknown = Set.copyOf(unknown);
    }

    /** A snap from wished splits: every phase is fitted into the field. */
    public static Snap of(List<Formation> wished, Field field, Situation situation, Side declared) {
        return new Snap(
                wished.stream()
                        .map(f -> f.fit(field, Convention.standard().bodies()))
                        .toList(),
                field,
                situation,
                declared,
                false,
                0,
                Set.of());
    }

    /** The same spot, situation and knowledge with other phases. */
    public Snap with(List<Formation> other) {
        return new Snap(other, field, situation, declared, shift, pace, unknown);
    }

    /** The same with the ball elsewhere on the paint than it was called, yards. */
    public Snap lying(Vector off) {
        return new Snap(phases, field.lying(off), situation, declared, shift, pace, unknown);
    }

    /** The same with its men moving at another speed, yards a second. */
    public Snap moving(double speed) {
        return new Snap(phases, field, situation, declared, shift, speed, unknown);
    }

    /** The same with everybody set again after the last step. */
    public Snap shifted() {
        return new Snap(phases, field, situation, declared, true, pace, unknown);
    }

    public Formation formation() {
        return phases.get(phases.size() - 1);
    }

    /** The same snap before its last motion step; only for a snap that has one. */
    public Snap before() {
        return with(phases.subList(0, phases.size() - 1));
    }

    public boolean moved() {
        return phases.size() > 1;
    }

    public Snap then(Formation next) {
        var more = new ArrayList<>(phases);
        more.add(next.fit(field, Convention.standard().bodies()));
        return with(more);
    }

    public Snap notKnowing(Set<Feature> features) {
        return new Snap(phases, field, situation, declared, shift, pace, features);
    }

    public Snap mirror() {
        return new Snap(
                phases.stream().map(Formation::mirror).toList(),
                field.mirror(),
                situation,
                declared.opposite(),
                shift,
                pace,
                unknown);
    }
}
