package mensch.core.play;

import java.util.Locale;
import mensch.core.formation.Answer;
import mensch.core.rung.Condition;
import mensch.core.rung.View;
import mensch.core.rung.Where;

/**
 * A run-pass option: a run and a pass on one snap, decided by one man of the defence.
 *
 * @param reads what that man is: overhang, corner, edge or inside backer
 * @param on the side he plays on
 * @param pass the routes, thrown at its time
 */
public record RunPass(String id, String name, Condition needs, Run run, Read reads, Where on, Pass pass) {

    /** Places of a read man. */
    public enum Read {
        OVERHANG,
        CORNER,
        EDGE,
        BACKER;

        public String words() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Whether this formation can run it to the view's side: both the option's own needs and the run's. */
    public Answer fits(View view) {
        return needs.in(view).and(run.fits(view));
    }
}
