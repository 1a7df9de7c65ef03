package mensch.core.audit;

import java.util.EnumMap;
import java.util.Map;
import java.util.stream.Collectors;
import mensch.core.formation.Feature;
import mensch.core.lineup.Given;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Part;

/** Jobs that hang on something nobody knows, and the rules that cannot be answered for want of them. */
final class Unknowns {
    private Unknowns() {}

    /** What is missing, by rule; empty when every job is known. */
    static Map<Rule, String> of(Lineup lineup) {
        var missing = new EnumMap<Rule, String>(Rule.class);
        for (Job job : lineup.jobs()) {
            for (Part part : Part.values()) {
                if (job.part(part) instanceof Given.Undecided<?> undecided) {
                    String words = "the " + part.words() + " of " + job.words() + " hangs on "
                            + undecided.missing().stream().map(Feature::words).collect(Collectors.joining(", "))
                            + ", which nobody knows";
                    Audit.ids().stream()
                            .filter(id -> id.reads().contains(part))
                            .forEach(id -> missing.putIfAbsent(id.rule(), words));
                }
            }
        }
        return missing;
    }

    /** That nobody has something is no finding while a man's job is not known: it cannot be told. */
    static Finding told(Finding finding, Map<Rule, String> missing) {
        String words = missing.get(finding.check().rule());
        return words == null || !finding.evidence().absence()
                ? finding
                : new Finding(
                        finding.check(),
                        Severity.CANNOT_TELL,
                        finding.where(),
                        finding.who(),
                        new Evidence.Perhaps(finding.evidence(), words));
    }
}
