package mensch.camera;

import java.util.List;
import java.util.Optional;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.simulation.Unfolding;

/**
 * One simulated snap: what the staff's log says of it, who really stood where, and the faults put in on purpose.
 *
 * @param formation id in the library
 * @param call id of the call the defence was given
 * @param spot code, hash, yards to goal, down and distance in the notation
 * @param ball where it is at each tick after the snap
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
        List<Point> ball,
        Run run,
        List<Fault> faults) {

    /**
     * What they ran, and what came of it.
     *
     * @param side to which it went
     * @param commits seconds after the snap at which the back commits, or nothing on a pass
     * @param thrown seconds after the snap at which the ball is thrown, or nothing
     * @param pressed who first presses the passer, or nothing
     * @param gain yards
     */
    public record Run(
            String play,
            Side side,
            Optional<Double> commits,
            Optional<Double> thrown,
            Optional<Press> pressed,
            double seconds,
            double gain,
            Unfolding.Ending ending) {}

    /** @param seconds after the snap */
    public record Press(String job, double seconds) {}

    /**
     * What a man does wrong on purpose.
     *
     * @param wider yards wider (outward) than asked
     * @param deeper yards deeper
     * @param does otherwise than told after the snap; nothing for who only stands wrong
     */
    public record Fault(
            String job, String words, double wider, double deeper, Optional<mensch.core.simulation.Fault> does) {}
}
