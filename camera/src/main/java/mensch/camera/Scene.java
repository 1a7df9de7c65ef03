package mensch.camera;

import java.util.List;
import mensch.core.formation.Snap;

/**
 * One simulated snap: what the staff's log says of it, who really stood where, and the faults put in on purpose.
 *
 * @param formation id in the library
 * @param call id of the call the defence was given
 * @param spot code, hash, yards to goal, down and distance in the notation
 * @param faults job id and what he does wrong, in words
 */
public record Scene(
        int number,
        String formation,
        boolean mirrored,
        String call,
        String spot,
        Snap snap,
        List<Body> bodies,
        List<Fault> faults) {

    /** Yards wider (outward) and deeper than asked. */
    public record Fault(String job, String words, double wider, double deeper) {}
}
