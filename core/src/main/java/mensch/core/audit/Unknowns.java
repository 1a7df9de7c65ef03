package mensch.core.audit;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.core.formation.Feature;
import mensch.core.lineup.Given;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Part;

/** Jobs that hang on something nobody knows, and the rules that cannot be answered for want of them. */
final class Unknowns {
    /** The parts of a job that each rule reads; the load is counted from the call and is always known. */
    private static final Map<Rule, Set<Part>> READS = new EnumMap<>(Map.ofEntries(
            Map.entry(Rule.JOBS, EnumSet.noneOf(Part.class)),
            Map.entry(Rule.GAPS, EnumSet.of(Part.RUN, Part.MOVE)),
            Map.entry(Rule.EDGE, EnumSet.of(Part.RUN)),
            Map.entry(Rule.COUNT, EnumSet.of(Part.ALIGN)),
            Map.entry(Rule.COVERAGE, EnumSet.of(Part.PASS)),
            Map.entry(Rule.LEVERAGE, EnumSet.of(Part.ALIGN, Part.PASS)),
            Map.entry(Rule.CONFLICT, EnumSet.of(Part.RUN, Part.PASS)),
            Map.entry(Rule.PRESSURE, EnumSet.of(Part.PASS, Part.MOVE)),
            Map.entry(Rule.KEYS, EnumSet.of(Part.KEY, Part.ALIGN)),
            Map.entry(Rule.LEGALITY, EnumSet.of(Part.ALIGN)),
            Map.entry(Rule.TELLS, EnumSet.of(Part.SHOW, Part.ALIGN)),
            Map.entry(Rule.LOAD, EnumSet.noneOf(Part.class))));

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
                    READS.forEach((rule, parts) -> {
                        if (parts.contains(part)) {
                            missing.putIfAbsent(rule, words);
                        }
                    });
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
