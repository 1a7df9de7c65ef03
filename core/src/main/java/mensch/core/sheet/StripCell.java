package mensch.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.audit.Audit;
import mensch.core.audit.Severity;
import mensch.core.call.Call;
import mensch.core.formation.Legality;
import mensch.core.geometry.Side;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Given;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Part;
import mensch.core.sheet.Sheet.Spot;
import org.jspecify.annotations.Nullable;

/**
 * One formation of the strip beside the rung editor: which rung speaks for one man there.
 *
 * @param fired a rung for each part that has a value, in the order of the parts
 * @param silent parts without a value, with why
 * @param illegal what the rules have against the formation, in words
 * @param busts findings of severity bust of the whole line-up
 * @param meant whether the call says it is meant for this formation
 */
public record StripCell(
        String formation,
        String name,
        String family,
        Sketch sketch,
        @Nullable Spot man,
        List<Fired> fired,
        List<String> silent,
        List<String> illegal,
        int busts,
        boolean meant) {

    /** The rung that gives a part. */
    public record Fired(Part part, String rung) {}

    /**
     * A role of a call against one formation.
     *
     * @param onCoverSide of two men of one role the one on the cover side
     */
    public static StripCell of(Call call, String role, boolean onCoverSide, LibraryFormation formation, String spot) {
        Lineup lineup = Lineup.of(call, formation.snap(null, false, spot));
        Optional<Job> job = job(lineup, role, onCoverSide);
        var fired = new ArrayList<Fired>();
        var silent = new ArrayList<String>();
        if (job.isEmpty()) {
            silent.add("checked to " + lineup.inForce().name() + ", which has no " + role);
        } else {
            for (Part part : Part.values()) {
                Given<?> given = job.get().part(part);
                if (given.state() == Given.State.VALUE) {
                    fired.add(new Fired(part, given.chain().get(0).rung().words()));
                } else {
                    silent.add(part.words() + ": " + JobRows.missing(given));
                }
            }
        }
        int busts = (int) Audit.of(lineup).stream()
                .filter(f -> f.severity() == Severity.BUST)
                .count();
        boolean meant = call.meantFor(formation.id());
        return new StripCell(
                formation.id(),
                formation.name(),
                formation.family(),
                Sketch.of(lineup),
                job.flatMap(j -> Optional.ofNullable(j.feet())).map(Words::spot).orElse(null),
                List.copyOf(fired),
                List.copyOf(silent),
                Legality.problems(lineup.snap(), lineup.convention().thresholds()),
                busts,
                meant);
    }

    private static Optional<Job> job(Lineup lineup, String role, boolean onCoverSide) {
        Side cover = lineup.sides().cover().side();
        return lineup.jobs().stream()
                .filter(j -> j.role().id().equals(role))
                .reduce((one, other) -> (other.seat() == cover) == onCoverSide ? other : one);
    }
}
