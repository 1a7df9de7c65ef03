package mensch.core.simulation;

import mensch.core.convention.SnapDetails;
import mensch.core.geometry.Point;

/**
 * What a quarterback makes of the man the play leaves to be read: who comes down on the back leaves the edge to the
 * quarterback, who stays or widens leaves the line to the back.
 */
final class OptionRead {

    private final Ground ground;
    private final SnapDetails.OptionRead figures;
    private final Luck luck;
    private final double misreads;
    private final Actor quarterback;
    private final Actor read;

    /** @param misreads how often he reads the man wrong, of one */
    OptionRead(
            SnapDetails.OptionRead figures, Ground ground, Luck luck, double misreads, Actor quarterback, Actor read) {
        this.figures = figures;
        this.ground = ground;
        this.luck = luck;
        this.misreads = misreads;
        this.quarterback = quarterback;
        this.read = read;
    }

    /** Whom he reads. */
    int man() {
        return read.index();
    }

    /** Whether he keeps the ball, for what that man does now; the back goes from the mesh to the point. */
    boolean keeps(Point mesh, Point point) {
        double x = ground.x[read.index()];
        double y = ground.y[read.index()];
        double toX = (mesh.x() + point.x()) / 2 - x;
        double toY = (mesh.y() + point.y()) / 2 - y;
        double away = Math.max(1e-6, Math.sqrt(toX * toX + toY * toY));
        double comes = (toX * ground.vx[read.index()] + toY * ground.vy[read.index()]) / away;
        double speed = ground.speed(read.index());
        return (speed > figures.sits() && comes > figures.down() * speed) != misreads();
    }

    /** Whether he takes him for the opposite of what he does. */
    boolean misreads() {
        return luck.of(quarterback.luck(), Luck.What.READS, 0) < misreads;
    }

    /** What is told of his reading: nothing when he is right. */
    String said() {
        return misreads() ? "misread" : "";
    }

    /** Where he goes through when he keeps it, across. */
    double lane() {
        return read.start().x() + Math.signum(read.start().x()) * figures.outside();
    }
}
