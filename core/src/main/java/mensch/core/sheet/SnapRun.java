package mensch.core.sheet;

import java.util.List;
import mensch.core.document.Worded;
import mensch.core.geometry.Side;
import mensch.core.sheet.Sheet.Spot;
import mensch.core.simulation.Fault;
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

    /** Something put in: whose, and the sentence. */
    public record FaultRow(String man, String said) {}

    /**
     * Something that can be put in.
     *
     * @param name as told of a man, before the amount
     * @param amount to begin with
     * @param step by how much it is changed at a time
     */
    public record KindRow(Fault.Kind id, String name, String unit, double amount, double step) {}

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
            CauseRow cause) {}

    /**
     * Something that happened.
     *
     * @param whom to whom it happened, or whom he looks at; null for nobody
     * @param main whether it is told without being asked for: not what each man sees and hears
     */
    public record EventRow(int tick, String man, @Nullable String whom, String said, Spot place, boolean main) {}

    /** Why it went so: the nearest link first. */
    public record CauseRow(String blame, List<LinkRow> links) {}

    /** @param man whom it is about, empty for nobody */
    public record LinkRow(int tick, String man, String said) {}

    /** What sort of play it is. */
    public enum Kind implements Worded {
        RUN,
        PASS,
        OPTION
    }

    /**
     * A play among all that the formation can run, as it comes out.
     *
     * @param holds share in which the call holds for this down
     * @param explosive share of twelve yards and more of a run, sixteen of a pass
     * @param why what a typical snap of it is put down to, and the first thing that is said of a man there
     */
    public record BeatsRow(
            String play, Kind kind, String name, Side side, double mean, double holds, double explosive, String why) {}

    /**
     * What changed on the mean, yards, with the interval that holds the difference 95 times of 100.
     *
     * @param said in a sentence
     */
    public record ChangeOfGain(double mean, double least, double most, String said) {}
}
