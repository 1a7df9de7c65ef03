package mensch.core.stress;

import java.util.ArrayList;
import java.util.List;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.Severity;
import mensch.core.audit.Subject;
import mensch.core.call.Call;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Lineup;
import mensch.core.play.Plays;
import org.jspecify.annotations.Nullable;

/** One call against formations, set and after each motion: the worst that is found in each. */
public final class PlanAudit {
    private PlanAudit() {}

    /**
     * A call against one formation.
     *
     * @param formation id
     * @param motion id of the motion after which the worst is found, or null when it is there as set or nothing is
     *     found
     * @param worst the worst finding that is not a note, or null
     * @param busts busts in that phase
     * @param weak weak findings in that phase
     * @param asked phases that were audited
     * @param meant whether the call says it is meant for this formation
     */
    public record Cell(
            String formation,
            Standing standing,
            @Nullable String motion,
            @Nullable Finding worst,
            int busts,
            int weak,
            int asked,
            boolean meant) {
        /** A bust is worth so many weak findings, and what is found where the call is meant so much of what is not. */
        private static final int TIMES = 10;

        /**
         * What the cell costs a plan, to put the worst first; 0 when nothing worse than a note is found. Source: ours.
         * A thing that cannot be told counts as a weak one.
         */
        public int cost() {
            int found = TIMES * busts + weak + (standing == Standing.UNKNOWN ? 1 : 0);
            return meant ? TIMES * found : found;
        }
    }

    /** Which motions of a formation are run at the call. */
    public enum Motions {
        NONE,
        ALL
    }

    /**
     * Cells in the order of the formations.
     *
     * @param spot code of rules, hash, yards to goal, down and distance in the one-line notation: {@code hs m 50 1&10}
     */
    public static List<Cell> row(Call call, List<LibraryFormation> formations, String spot, Motions motions) {
        return row(call, formations, spot, motions, Plays.NONE);
    }

    /**
     * The same, each phase met by the offence's plays as well.
     *
     * @param plays none: only what the line-up shows by itself
     */
    public static List<Cell> row(
            Call call, List<LibraryFormation> formations, String spot, Motions motions, Plays plays) {
        // cells share nothing; with every play a row is worth both cores
        return formations.parallelStream()
                .map(f -> cell(call, f, spot, motions, plays))
                .toList();
    }

    private static Cell cell(Call call, LibraryFormation formation, String spot, Motions motions, Plays plays) {
        var asked = new ArrayList<@Nullable String>();
        asked.add(null);
        if (motions == Motions.ALL) {
            formation.motions().forEach(m -> asked.add(m.id()));
        }
        return asked.stream()
                .map(motion -> phase(call, formation, spot, motion, plays, asked.size()))
                .reduce((worst, next) -> worse(next, worst) ? next : worst)
                .orElseThrow();
    }

    private static Cell phase(
            Call call, LibraryFormation formation, String spot, @Nullable String motion, Plays plays, int asked) {
        Lineup lineup = Lineup.of(call, formation.snap(motion, false, spot));
        List<Finding> findings =
                plays == Plays.NONE ? Audit.of(lineup) : Audit.of(new Subject(lineup, plays, List.of()));
        return new Cell(
                formation.id(),
                Standing.of(findings),
                motion,
                findings.stream()
                        .filter(f -> f.severity().compareTo(Severity.NOTE) < 0)
                        .findFirst()
                        .orElse(null),
                count(findings, Severity.BUST),
                count(findings, Severity.WEAK),
                asked,
                call.meantFor(formation.id()));
    }

    private static boolean worse(Cell cell, Cell than) {
        return cell.busts() != than.busts()
                ? cell.busts() > than.busts()
                : cell.standing() != than.standing()
                        ? cell.standing().compareTo(than.standing()) > 0
                        : cell.weak() > than.weak();
    }

    private static int count(List<Finding> findings, Severity severity) {
        return (int) findings.stream().filter(f -> f.severity() == severity).count();
    }
}
