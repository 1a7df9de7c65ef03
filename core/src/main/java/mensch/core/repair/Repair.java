package mensch.core.repair;

import java.util.List;
import mensch.core.audit.Finding;
import org.jspecify.annotations.Nullable;

/**
 * A change that mends a finding.
 *
 * @param steps sentences to add
 * @param tag the movement or pressure they are, by name, or null
 * @param costs findings on this snap that were not there before
 * @param men jobs that are others now on this snap
 * @param parts parts of them that are others
 * @param rushersLost how many fewer rush
 * @param elsewhere what it costs against the formations the call is meant for
 */
public record Repair(
        List<Sentence> steps,
        @Nullable String tag,
        List<Finding> costs,
        int men,
        int parts,
        int rushersLost,
        Elsewhere elsewhere) {

    /**
     * Findings that come and go against other formations.
     *
     * @param formations how many were asked
     * @param jobs of them, those on which some job is another now
     */
    public record Elsewhere(int formations, int jobs, int newBusts, int newWeak, int mended) {}

    /** Repairs for one finding, best first, and how many changes were tried to find them. */
    public record Offer(List<Repair> repairs, int tried) {}
}
