package mensch.core.simulation;

import java.util.List;
import java.util.Optional;
import mensch.core.document.Worded;
import mensch.core.geometry.Point;
import mensch.core.rung.Gap;

/**
 * One play as it ran.
 *
 * @param men who they are, the offence first
 * @param tracks for each man x and y of every tick in turn, from the snap; play frame, yards
 * @param ball x and y of the ball at every tick in turn
 * @param windows when which receiver was open, as the passer measures it, while the ball was in his hand; only of a
 *     snap that is watched
 * @param gaps where the gaps of a run are and who has them; only of a snap that is watched
 * @param gain yards past the line of scrimmage, less than nothing behind it; 0 for a ball that is not caught
 */
public record Unfolding(
        long seed,
        List<String> men,
        List<float[]> tracks,
        float[] ball,
        List<Happening> happenings,
        double gain,
        Ending ending,
        List<Span> windows,
        List<GapNow> gaps) {
    /** Something is true of a man from one tick to another. */
    public record Span(String man, int from, int to) {}

    /**
     * A gap of the line while it moves.
     *
     * @param x where its middle is at every tick, across, yards
     */
    public record GapNow(Gap gap, List<Float> x, List<Span> held) {
        public GapNow {
            x = List.copyOf(x);
            held = List.copyOf(held);
        }
    }

    /** How a play ends. */
    public enum Ending implements Worded {
        TACKLED,
        OUT_OF_BOUNDS,
        SCORED,
        SACKED,
        THROWN_AWAY,
        INCOMPLETE,
        INTERCEPTED
    }

    /** The clock of tracks and happenings. */
    public static final double TICK_SECONDS = Clock.TICK;

    public boolean scores() {
        return ending == Ending.SCORED;
    }

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
