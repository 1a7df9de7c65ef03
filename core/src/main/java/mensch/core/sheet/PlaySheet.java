package mensch.core.sheet;

import java.util.List;
import mensch.core.audit.Severity;
import mensch.core.document.Worded;
import mensch.core.geometry.Side;
import mensch.core.matchup.Blocking.Delay;
import mensch.core.matchup.Blocking.Outcome;
import mensch.core.matchup.Conflict.Asks;
import mensch.core.matchup.Difficulty.Grade;
import mensch.core.matchup.Distribution.Having;
import mensch.core.sheet.Sheet.FindingRow;
import mensch.core.sheet.Sheet.Spot;
import org.jspecify.annotations.Nullable;

/**
 * One line-up against everything the offence runs, and beside the other calls of the plan.
 *
 * @param verdicts the answer to each rule of the audit, in their order
 * @param findings everything found, worst first
 * @param unfit what this formation cannot run, or not to both sides
 */
public record PlaySheet(
        List<RuleAnswer> verdicts,
        List<FindingRow> findings,
        List<RunLine> runs,
        List<PassLine> passes,
        List<OptionLine> options,
        List<UnfitLine> unfit,
        List<ProtectionRow> protections,
        List<TravelRow> travels,
        List<TellRow> pairs) {

    /** What a rule of the audit says of a line-up. */
    public enum Answered implements Worded {
        HOLDS,
        BREAKS,
        CANNOT_TELL
    }

    /** A rule of the audit, its answer, the worst severity when it breaks, and why. */
    public record RuleAnswer(
            String rule,
            String title,
            Answered answer,
            @Nullable Severity severity,
            String reason) {}

    /**
     * A run to one side: who wins at the point, free men there in time, gaps nobody fits.
     *
     * @param hurts whether the offence wins the point or a gap is nobody's
     */
    public record RunLine(
            String id, String name, Side side, Outcome outcome, int shortBy, List<String> hitters, boolean hurts) {}

    /**
     * A pass concept to one side: routes that can be had at once of all, and the one that is given.
     *
     * @param hurts whether not all can be had at once
     */
    public record PassLine(
            String id,
            String name,
            Side side,
            int matched,
            int routes,
            @Nullable String given,
            boolean hurts) {}

    /**
     * A run-pass option to one side.
     *
     * @param key the man it reads, or null when nobody stands where it looks
     * @param run what the run asks of him, or null; with the seconds from and to
     * @param pass likewise the throw
     * @param both seconds during which he is asked both, 0 when never
     * @param asks what that is to him, as the audit says it
     * @param hurts whether it asks two things of him at one time
     */
    public record OptionLine(
            String id,
            String name,
            Side side,
            @Nullable String key,
            @Nullable AskedRow run,
            @Nullable AskedRow pass,
            double both,
            Asks asks,
            boolean hurts) {}

    /** A play that this formation cannot run to these sides, and which of its needs is not met. */
    public record UnfitLine(String id, String name, List<Side> sides, String why) {}

    /** What a play asks of a man, seconds after the snap. */
    public record AskedRow(String job, double from, double to) {}

    /** A run-pass option in full: its blocks, with what every key shows on it, and its routes. */
    public record OptionSheet(OptionLine line, RunSheet run, PassSheet pass) {}

    /**
     * Rushers against a protection; seconds until the first is at a gun quarterback.
     *
     * @param overloaded the side from which more come than block there, or null
     * @param pickups who has whom, in the order the rushers are counted
     */
    public record ProtectionRow(
            String name,
            int men,
            int rushers,
            List<String> free,
            @Nullable Side overloaded,
            List<PickupRow> pickups,
            int oneOnOne,
            double seconds,
            List<Side> contain,
            List<String> windows,
            Side slide) {}

    /** What one man does in a protection: whom he has, or nobody and he helps; what he was told; what a twist asks. */
    public record PickupRow(String blocker, @Nullable String rusher, String how, String twist) {}

    /**
     * A pass behind its protection: whether a free man is there before the ball is out, and what becomes of the throw.
     */
    public record PassRushRow(String protection, List<PickupRow> pickups, boolean beaten, String said) {}

    /** A man who shows one place and plays another. */
    public record TravelRow(String job, double yards, double seconds) {}

    /** Another call of the plan that can be told from this one. */
    public record TellRow(
            String call,
            @Nullable String by,
            double yards,
            int men,
            @Nullable String stance) {}

    /** The blocks of one run, and the corners of the ball's way. */
    public record RunSheet(
            String id,
            String name,
            Side side,
            Spot point,
            List<Spot> ball,
            double ballSeconds,
            Outcome outcome,
            List<BlockRow> blocks,
            List<String> read,
            List<FreeRow> free,
            FitRow fit,
            List<DoingRow> doings,
            List<KeyRow> keys) {}

    /** What one man of the offence does on a run, in words. */
    public record DoingRow(String man, String does) {}

    /**
     * What a defender's key tells him on a play, and what he is taught to do on it.
     *
     * @param whose which of those he reads
     * @param key the man who tells it
     * @param seconds when it can be seen, after the snap (model)
     */
    public record KeyRow(String job, String whose, String key, String message, double seconds, String answer) {}

    /**
     * One block: who, what he was told, on whom, whom one of two climbs to, how hard and why; the corners of the way
     * onto him, none when nobody says where he stands.
     */
    public record BlockRow(
            List<String> blockers,
            String how,
            String defender,
            @Nullable String then,
            Grade grade,
            String why,
            boolean atPoint,
            List<Spot> way) {}

    /** A man nobody blocks and when he is at the point. */
    public record FreeRow(String job, double seconds, Delay delay, boolean inTime) {}

    /** Gaps and men on the play side once the blockers have arrived. */
    public record FitRow(
            int gaps, List<String> inserted, List<String> left, List<String> men, List<String> exchange, int shortBy) {}

    /** The routes of one pass concept. */
    public record PassSheet(
            String id,
            String name,
            Side side,
            double throwSeconds,
            Spot from,
            @Nullable FakeRow fake,
            @Nullable String attacks,
            int matched,
            @Nullable String given,
            List<RouteRow> routes,
            @Nullable PassRushRow rush,
            List<KeyRow> keys) {}

    /** The run a pass looks like first, and until when, seconds after the snap. */
    public record FakeRow(String run, double until) {}

    /** Who has a route: one man, two, one who has another route too, one who is late, nobody. */
    public enum Had implements Worded {
        ONE,
        TWO,
        SHARED,
        LATE,
        NOBODY
    }

    /** One route. */
    public record RouteRow(
            String man,
            String number,
            String route,
            List<Spot> way,
            Spot caught,
            double seconds,
            List<CoverRow> covers,
            Had had,
            @Nullable String lost,
            @Nullable String rub) {}

    /**
     * A defender on a route, by what rule, and by how many seconds the ball is there before him; 0 when he is in time.
     */
    public record CoverRow(String job, Having by, double lateSeconds) {}
}
