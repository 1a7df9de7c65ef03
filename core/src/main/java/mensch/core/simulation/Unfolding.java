package mensch.core.simulation;

import java.util.List;
import java.util.Optional;
import mensch.core.geometry.Point;

/**
 * One play as it ran.
 *
 * @param men who they are, the offence first
 * @param tracks for each man x and y of every tick in turn, from the snap; play frame, yards
 * @param gain yards past the line of scrimmage, less than nothing behind it
 */
public record Unfolding(
        long seed, List<String> men, List<float[]> tracks, List<Happening> happenings, double gain, boolean scores) {
    /** The clock of tracks and happenings. */
    public static final double TICK_SECONDS = Clock.TICK;

    public int ticks() {
        return tracks.get(0).length / 2;
    }

    /** Who brought the ball down, if anybody did. */
    public Optional<String> tackler() {
        return happenings.stream()
                .filter(h -> h.what() == Happening.What.TACKLE)
                .map(Happening::who)
                .findFirst();
    }

    /** Where a man was at a tick. */
    public Point at(int man, int tick) {
        float[] track = tracks.get(man);
        return new Point(track[2 * tick], track[2 * tick + 1]);
    }
}
