package mensch.core.matchup;

import java.util.List;
import java.util.Optional;
import mensch.core.document.Worded;
import mensch.core.formation.Answer;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.play.Block;
import mensch.core.play.Run;
import org.jspecify.annotations.Nullable;

/**
 * A run against a line-up: who blocks whom, who is left, and where the point is won.
 *
 * @param play the side the run goes to
 * @param rows blocked men, the play side first
 * @param read men left unblocked to be read
 * @param free men nobody blocks, the first at the point first
 * @param doings what each of the eleven does, from the play side
 * @param point where the ball crosses the line, play frame
 * @param ballSeconds when the carrier is there, seconds after the snap
 * @param fit gaps against men on the play side
 */
public record Blocking(
        Run run,
        Side play,
        List<Row> rows,
        List<Job> read,
        List<Free> free,
        List<Doing> doings,
        Point point,
        double ballSeconds,
        FitCount fit) {

    /** What a man of the offence does besides blocking. */
    public enum Does implements Worded {
        CARRIES,
        HANDS_OFF,
        READS,
        PITCH_MAN,
        BLOCKS,
        CLIMBS,
        FAKES,
        CLEARS_OUT
    }

    /**
     * The whole of one man's play: nobody is left without.
     *
     * @param block what he is told; null when he blocks nobody
     * @param on whom he has, or null: he is told a block and finds nobody, or blocks nobody
     * @param then whom he goes on to, or null
     */
    public record Doing(
            Man man,
            Does does,
            @Nullable Block block,
            @Nullable Job on,
            @Nullable Job then) {}

    /**
     * One defender and who blocks him.
     *
     * @param blockers one man, or two who double him, the one who stays first
     * @param how what the blocker was told
     * @param then the man one of them climbs to, or null: a two-level block
     * @param atPoint close enough to the point to decide the run
     */
    public record Row(
            List<Man> blockers,
            Block how,
            Job defender,
            @Nullable Job then,
            Difficulty difficulty,
            boolean atPoint) {
        public Row {
            blockers = List.copyOf(blockers);
        }
    }

    /** What holds a free man back. */
    public enum Delay implements Worded {
        NONE,
        BOOT,
        MOTION
    }

    /**
     * A man nobody blocks.
     *
     * @param seconds when he is at the point, with what delays him
     */
    public record Free(Job job, double seconds, Delay delay) {}

    /** Who wins where the ball goes. */
    public enum Outcome implements Worded {
        OFFENCE,
        EVEN,
        DEFENCE
    }

    public Blocking {
        rows = List.copyOf(rows);
        read = List.copyOf(read);
        free = List.copyOf(free);
        doings = List.copyOf(doings);
    }

    /**
     * None when the formation cannot run it to that side, or a man it must leave is not there; {@link #missing} says
     * what.
     */
    public static Optional<Blocking> of(Lineup lineup, Run run, Side play) {
        return new Matchup(lineup).blocking(run, play);
    }

    /** Why a run is not in this ledger, in the words of its needs. */
    public static String missing(Lineup lineup, Run run, Side play) {
        return run.fits(lineup.viewFrom(play)) == Answer.YES
                ? "the man it leaves to be read is not there"
                : "needs " + run.needs().words();
    }

    /** Free men at the point before the ball is past it. */
    public List<Free> hitters() {
        return free.stream().filter(f -> f.seconds() <= ballSeconds).toList();
    }

    /** Blocks close enough to the point to decide the run. */
    public List<Row> atPoint() {
        return rows.stream().filter(Row::atPoint).toList();
    }

    /**
     * The defence wins with a free hitter or a block that is hard at the point; the offence with none of either and
     * every block easy.
     */
    public Outcome outcome() {
        List<Row> near = atPoint();
        if (!hitters().isEmpty() || near.stream().anyMatch(r -> r.difficulty().grade() == Difficulty.Grade.HARD)) {
            return Outcome.DEFENCE;
        }
        if (rows.isEmpty() && !free.isEmpty()) {
            // nobody blocks anybody: somebody who is late is there all the same
            return Outcome.EVEN;
        }
        return near.stream().allMatch(r -> r.difficulty().grade() == Difficulty.Grade.EASY)
                ? Outcome.OFFENCE
                : Outcome.EVEN;
    }

    /** Men the play brings to the point who do not stand there: pullers, the fullback, a wing who moves. */
    public List<Man> inserted() {
        return fit.inserted();
    }
}
