package mensch.core.sheet;

import java.util.List;
import mensch.core.geometry.Side;
import mensch.core.sheet.Sheet.Spot;
import mensch.core.simulation.Fault;
import mensch.core.simulation.Happening;
import mensch.core.simulation.Playable;
import org.jspecify.annotations.Nullable;

/**
 * A play as it ran: what comes of it over many seeds, and one snap of them to be watched.
 *
 * @param said the outcome in a sentence
 * @param watch snaps worth watching
 * @param faults what was put in, each as it is said
 * @param kinds what can be put in
 * @param without what the faults put in change; null when none are
 */
public record SnapRun(
        String play,
        String name,
        Side side,
        OutcomeRow outcome,
        String said,
        List<WatchRow> watch,
        SnapRow snap,
        List<FaultRow> faults,
        List<KindRow> kinds,
        @Nullable ChangeOfGain without) {

    /** Something put in: whose, what, and the sentence. */
    public record FaultRow(String man, Fault.Kind kind, String said) {}

    /**
     * Something that can be put in.
     *
     * @param name as told of a man, before the amount
     * @param amount to begin with
     * @param step by how much it is changed at a time
     * @param signed whether it can be less than nothing
     * @param men defenders who can do it
     * @param routes what can be chosen instead of an amount; empty where an amount is
     */
    public record KindRow(
            Fault.Kind id,
            Fault.Whose whose,
            String name,
            String unit,
            double amount,
            double step,
            boolean signed,
            List<String> men,
            List<String> routes) {}

    /**
     * Yards over the seeds; all <em>model</em>.
     *
     * @param low a quarter gains less
     * @param high a quarter gains more
     * @param shares how often so much, in their order
     * @param holds share in which the call holds for this down
     * @param moves share of a first down or a score
     */
    public record OutcomeRow(
            int seeds,
            double mean,
            double median,
            double low,
            double high,
            List<ShareRow> shares,
            double holds,
            double moves) {}

    /** A part of the seeds, 0 to 1. */
    public record ShareRow(String words, double share) {}

    /** A seed with what makes it worth watching. */
    public record WatchRow(long seed, String words, double gain) {}

    /**
     * One snap.
     *
     * @param secondsPerTick the clock of its tracks and events
     * @param men ids as the line-up has them, offence first
     * @param tracks for each man x and y of every tick in turn, yards
     * @param ball x and y of it at every tick in turn, yards
     * @param windows when which receiver could be thrown to while the passer had the ball
     * @param gaps of a run where the gaps are and who has them; empty for a pass
     * @param own the snap as each defender has it
     * @param rush how far the nearest defender is from the passer at every tick while he has the ball to throw, yards
     */
    public record SnapRow(
            long seed,
            double gain,
            int ticks,
            double secondsPerTick,
            List<String> men,
            List<List<Float>> tracks,
            List<Float> ball,
            List<EventRow> events,
            List<WindowRow> windows,
            List<Float> rush,
            List<GapNowRow> gaps,
            List<OwnRow> own,
            CauseRow cause) {}

    /**
     * The snap as one defender has it.
     *
     * @param looksAt whom he is told to watch first; null for the ball
     * @param acts the tick at which he first acts on what he sees or is blocked; the last when neither ever is
     */
    public record OwnRow(String man, @Nullable String looksAt, int acts) {}

    /**
     * A gap of the line while it moves.
     *
     * @param letter A from the ball out
     * @param x where its middle is at every tick, across, yards
     * @param held who has it from when to when
     */
    public record GapNowRow(String name, String letter, List<Float> x, List<WindowRow> held) {}

    /** A receiver was open, or a man had a gap, from one tick to another. */
    public record WindowRow(String man, int from, int to) {}

    /**
     * Something that happened.
     *
     * @param what its kind
     * @param whom to whom it happened, or whom he looks at; null for nobody
     * @param main whether it is told without being asked for: not what each man sees and hears
     */
    public record EventRow(
            int tick,
            Happening.What what,
            String man,
            @Nullable String whom,
            String said,
            Spot place,
            boolean main) {}

    /** Why it went so: the nearest link first. */
    public record CauseRow(String blame, List<LinkRow> links) {}

    /** @param man whom it is about, empty for nobody */
    public record LinkRow(int tick, String man, String said) {}

    /**
     * A play among all that the formation can run, as it comes out.
     *
     * @param holds share in which the call holds for this down
     * @param explosive share of so many yards and more that such a play is explosive
     * @param why what a typical snap of it is put down to, and the first thing that is said of a man there
     */
    public record BeatsRow(
            String play,
            Playable.Kind kind,
            String name,
            Side side,
            double mean,
            double holds,
            double explosive,
            String why) {}

    /**
     * What changed on the mean, yards, with the interval that holds the difference 95 times of 100.
     *
     * @param said in a sentence
     */
    public record ChangeOfGain(double mean, double least, double most, String said) {}

    /**
     * The same play at another call, in step with the first: with the same luck.
     *
     * @param snap of the same seed
     * @param difference by how much the offence gains more at the first call than at this one
     */
    public record BesideRow(String call, OutcomeRow outcome, String said, SnapRow snap, ChangeOfGain difference) {}

    /**
     * What comes of the play at one of several calls.
     *
     * @param holds share in which the call holds for this down
     * @param why what a typical snap is put down to
     */
    public record AtCallRow(String call, double mean, double holds, double explosive, String why) {}

    /**
     * A change with which the call holds the play better.
     *
     * @param said how much better, in a sentence
     */
    public record MendRow(double mean, double holds, String said) {}
}
