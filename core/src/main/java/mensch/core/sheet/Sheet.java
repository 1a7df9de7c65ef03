package mensch.core.sheet;

import java.util.List;
import mensch.core.audit.Severity;
import mensch.core.formation.Answer;
import mensch.core.formation.Man;
import mensch.core.front.Role;
import mensch.core.geometry.Side;
import mensch.core.lineup.GapLedger.Owned;
import mensch.core.lineup.Given;
import mensch.core.rung.Leverage;
import mensch.core.rung.Part;
import org.jspecify.annotations.Nullable;

/**
 * One phase of one call against one snap.
 *
 * @param notation the snap in one line
 * @param facts strengths and what decided them, in words
 * @param movedIn receivers the sideline pushed in, in words
 * @param answer what the call answered to motion, or null
 * @param gapCount how many gaps are owned once, two-gapped, doubled and open, in words
 */
public record Sheet(
        String notation,
        List<String> facts,
        List<String> movedIn,
        @Nullable String answer,
        List<ManRow> offence,
        List<JobRow> jobs,
        List<GapRow> gaps,
        String gapCount,
        List<EdgeRow> edges,
        String box,
        List<AreaRow> areas,
        List<EligibleRow> eligibles,
        List<ConeRow> cones,
        List<FindingRow> findings) {

    /** A cone on a border between two areas, small-sided football: yards from the left sideline and off the line. */
    public record ConeRow(Spot at, double fromLeft, double depth) {}

    /** A place on the field, play frame yards. */
    public record Spot(double x, double y) {}

    /** Corners of a rectangle, play frame yards. */
    public record Box(double xMin, double xMax, double yMin, double yMax) {}

    /** One man of the offence; {@code number} is null for linemen, quarterback and backs. */
    public record ManRow(
            String name, Man.Post post, Spot feet, @Nullable String number) {}

    /** A fact that a rung asked for: what, and whether it is so. */
    public record FactRow(String fact, Answer answer) {}

    /** A rung that spoke: its id, layer, sentence, and the facts it asked with their answers. */
    public record Reason(String rung, String layer, String sentence, List<FactRow> facts) {}

    /**
     * One part of a job.
     *
     * @param given whether the ladders have an answer
     * @param words as the language says it
     * @param shown the same for this snap, with side and figures
     */
    public record PartRow(Part part, Given.State given, String words, String shown, List<Reason> because) {}

    /**
     * One defender, in field order.
     *
     * @param name his id as coaches say it
     * @param onCoverSide whether his side is the cover side
     * @param feet asked place, or null
     * @param show where he stands before the snap when he disguises, or null
     * @param region where he may stand and be right, or null
     * @param key where his first key stands, or null
     * @param man where the man he covers stands, or null
     * @param leverage on the man he lines up on, or null
     * @param force whether he turns the run in
     * @param from men of the offence his place leans on
     * @param goal where his movement takes him first, or null
     * @param player who plays it, or null when the programme keeps no roster
     * @param reads his read table, in the order it is taught
     * @param taught what he is taught by: his technique, and how his pass job is played
     */
    public record JobRow(
            String id,
            String name,
            String role,
            String label,
            Role.Body body,
            Side side,
            boolean onCoverSide,
            PassKind kind,
            @Nullable Spot feet,
            @Nullable Spot show,
            @Nullable Box region,
            @Nullable Spot key,
            @Nullable Spot man,
            @Nullable Leverage leverage,
            boolean force,
            List<String> from,
            @Nullable Spot goal,
            @Nullable ManningRow player,
            List<ReadRow> reads,
            List<TaughtRow> taught,
            List<PartRow> parts) {}

    /** A technique by its title and its points. */
    public record TaughtRow(String title, List<String> points) {}

    /**
     * A row of his read table: a message of his key, and what he is told to do on it.
     *
     * @param of the man whose movement it reads
     * @param does what it makes of his job, in the rung language
     */
    public record ReadRow(String of, String message, String words, String does) {}

    /**
     * The man on a job.
     *
     * @param id his id on the roster; empty when nobody is left on the chart
     * @param said number and name; empty when nobody is left on the chart
     * @param measured size and quickness as far as taken
     * @param notes what a coach should know of him here
     */
    public record ManningRow(String id, String said, String measured, List<String> notes) {}

    /**
     * A gap and who has it.
     *
     * @param owners by job id: who owns it, or, when nobody does, the two-gappers who take it
     * @param said what stands under it on the field: labels of its owners, or open
     */
    public record GapRow(
            String words, String letter, Side side, Spot at, List<String> owners, String said, Owned owned) {}

    public record EdgeRow(Side side, Spot at, List<String> forces) {}

    public record AreaRow(
            String owner,
            String words,
            boolean deep,
            Spot landmark,
            Box extent,
            double widthYards,
            double travelYards) {}

    public record EligibleRow(String man, String number, List<String> byMan, List<String> byZone) {}

    /**
     * A finding, in the order of its report: the worst first.
     *
     * @param key what makes it the same finding in another report; what a coach says of it is kept under it
     * @param mendable whether changes that mend it are looked for
     */
    public record FindingRow(
            String key,
            String check,
            Severity severity,
            boolean mendable,
            Spot where,
            List<String> who,
            String title,
            String reason) {}
}
